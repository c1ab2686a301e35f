import { curled } from '@/visit/curled';

/** A hair of a dog's lock on the day: combed to where one day in ten ends, curled beyond its promise. */
export interface Hair {
  y: number;
  from: number;
  to: number;
  /** Where it curls on to, past the promise; null: it ends before. */
  curl: string | null;
}

/**
 * Ten hairs from where the dog comes, each to where one day in ten ends.
 *
 * @param tenths where each ends, rising; null: not on that day, drawn to the end of the strand
 */
export function lockHairs(from: number, tenths: readonly (number | null)[], promised: number | null, end: number, height: number): Hair[] {
  const lane = height / tenths.length;
  // The longest in the middle, so that a lock tapers like hair.
  const order = [0, 2, 4, 6, 8, 9, 7, 5, 3, 1];
  return tenths.map((_, index) => {
    const to = Math.max(from, Math.min(end, tenths[order[index] ?? index] ?? end));
    const y = lane * (index + 0.5);
    const straight = promised === null ? to : Math.max(from, Math.min(to, promised));
    return { y, from, to: straight, curl: to > straight + 0.5 ? curled(straight, to, y, 1.8) : null };
  });
}
