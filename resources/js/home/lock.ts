import type { NextVisit } from '@/api/types';

type Interval = Pick<NextVisit['intervals'][number], 'weeks' | 'tangles' | 'mats'>;
export interface Strand {
  d: string;
  /** Tone of the grades, 0–3, by how tangled the coat is there. */
  tone: 0 | 1 | 2 | 3;
}

export const WEEKS = 12;
const SECTIONS = 30;
/** Part of the places that tangle, from which hair takes the next tone. */
const TONES = [0.06, 0.18, 0.34] as const;
/** Steps of a week in which hair is drawn. */
const STEP = 0.125;

/** Expected places between the intervals that are known: none today, and straight from one to the next. */
export function between(intervals: readonly Interval[], weeks: number, of: 'tangles' | 'mats'): number {
  let [fromWeeks, from] = [0, 0];
  for (const interval of intervals) {
    if (weeks <= interval.weeks) {
      return from + ((interval[of] - from) * (weeks - fromWeeks)) / (interval.weeks - fromWeeks);
    }
    [fromWeeks, from] = [interval.weeks, interval[of]];
  }
  return from;
}

/** The same picture for the same dog, each time: no chance, only waves that do not repeat. */
function wave(strand: number, weeks: number): number {
  return Math.sin(weeks * (2.1 + 0.37 * (strand % 5)) + strand * 2.4) * 0.6 + Math.sin(weeks * (4.3 + 0.29 * (strand % 3)) + strand) * 0.4;
}

/** Hair from today to twelve weeks: combed at the left, out of its lane as far as places tangle. */
export function strands(intervals: readonly Interval[], count: number, width: number, height: number): Strand[] {
  const lane = height / count;
  const drawn: Strand[] = [];
  for (let strand = 0; strand < count; strand++) {
    const middle = lane * (strand + 0.5);
    let path = `M0 ${middle.toFixed(1)}`;
    let tone: Strand['tone'] = 0;
    for (let weeks = STEP; weeks <= WEEKS + 1e-9; weeks += STEP) {
      const part = between(intervals, weeks, 'tangles') / SECTIONS;
      const leaves = Math.min(lane * 2.2, lane * (0.12 + 6 * part));
      const point = `${((weeks / WEEKS) * width).toFixed(1)} ${Math.min(height - 1, Math.max(1, middle + leaves * wave(strand, weeks))).toFixed(1)}`;
      path += `L${point}`;
      const next = ((TONES.findIndex((from) => part < from) + 4) % 4) as Strand['tone'];
      if (next !== tone) {
        drawn.push({ d: path, tone });
        path = `M${point}`;
        tone = next;
      }
    }
    drawn.push({ d: path, tone });
  }
  return drawn;
}

/** One knot for each mat to expect, beside its interval. */
export function knots(intervals: readonly Interval[], width: number, height: number): { x: number; y: number }[] {
  return intervals.flatMap((interval) =>
    Array.from({ length: Math.min(12, Math.round(interval.mats)) }, (_, index) => ({
      x: (interval.weeks / WEEKS) * width + ((index * 7) % 5) * 3.5 - 9,
      y: 8 + ((interval.weeks * 37 + index * 53) % Math.max(1, height - 16)),
    })),
  );
}
