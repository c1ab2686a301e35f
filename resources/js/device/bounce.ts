import { onScopeDispose, ref } from 'vue';
import { sound, useCueLevel } from './useCue';
import { whileOpen } from './whileOpen';

/** A wet finger that leaves the glass and touches it again within so many ms has answered once. */
export const BOUNCE_MS = 400;
const SAID_MS = 2500;

/** When the hand did what is being answered: the event's own time, however late the page comes to it. */
export const hand = { now: (): number => window.event?.timeStamp ?? performance.now() };

/**
 * One touch answers one place: an answer to another place within 400 ms of the last is a bounce, by finger, mouse or key. It is
 * judged here, before a mark is made; the place stays open, and that is said and heard. Signals, Undo and *Stop now* never come here.
 */
export const useBounce = whileOpen(() => {
  const last = { place: '', at: -Infinity };
  /** A touch was not taken, a moment ago. */
  const said = ref(false);
  const level = useCueLevel();
  let timer: ReturnType<typeof setTimeout> | undefined;
  onScopeDispose(() => clearTimeout(timer));

  return {
    said,
    /** Whether an answer to this place counts: it is not the bounce of the one before it. */
    takes(place: string): boolean {
      const at = hand.now();
      if (place !== last.place && at - last.at < BOUNCE_MS) {
        said.value = true;
        sound(level.value);
        clearTimeout(timer);
        timer = setTimeout(() => (said.value = false), SAID_MS);
        return false;
      }
      last.place = place;
      last.at = at;
      return true;
    },
  };
});
