import { onScopeDispose, ref, type Ref, shallowRef } from 'vue';
import { Refused, Unreachable } from '@/api/client';
import { useOutbox } from './useOutbox';
import { useSession } from './useSession';

/** Why what is shown is not fresh, or not there: each has its words and its way out. */
export type Trouble = 'no_network' | 'server' | 'missing' | 'refused';

const FIRST_RETRY_MS = 2000;
const LAST_RETRY_MS = 15_000;

interface Options<T> {
  /** Asks the server; null: nothing has changed. Whatever it throws that is no answer of ours is a fault and not caught. */
  ask: () => Promise<T | null>;
  /** Done in the same moment in which what came is shown; without a change too. */
  after?: (value: T | null) => void;
  /** What this device kept of it, for when there is no network. */
  kept?: () => Promise<{ at: number; answer: T } | undefined>;
  /** Asked anew so often while the page is looked at. */
  everyMs?: number;
}

/**
 * One way to have something of the server's on the screen: fetched, fetched anew, and told plainly when that does not
 * work. What cannot be had is tried again by itself.
 */
export function useLoader<T>({ ask, after, kept, everyMs }: Options<T>) {
  const outbox = useOutbox();
  const value: Ref<T | null> = shallowRef(null);
  const trouble = ref<Trouble | null>(null);
  /** The server's words, where it has some. */
  const words = ref('');
  /** What is shown was kept on this device at that time; null: it is the server's. */
  const seenAt = ref<number | null>(null);
  let asking: Promise<void> | null = null;
  let askAgain = false;
  let retryMs = FIRST_RETRY_MS;
  let timer: ReturnType<typeof setTimeout> | undefined;

  function failed(why: Trouble, said = ''): void {
    trouble.value = why;
    words.value = said;
    if (everyMs === undefined && (why === 'no_network' || why === 'server')) {
      timer = setTimeout(() => void refresh(), retryMs);
      retryMs = Math.min(retryMs * 2, LAST_RETRY_MS);
    }
  }

  async function onFailure(failure: unknown): Promise<void> {
    if (useSession().endsBy(failure)) {
      return;
    }
    if (failure instanceof Unreachable) {
      outbox.lost();
      const here = value.value === null ? await kept?.() : undefined;
      if (here) {
        value.value = here.answer;
        seenAt.value = here.at;
      }
      failed('no_network');
    } else if (failure instanceof Refused && failure.status === 404) {
      failed('missing', failure.message);
    } else if (failure instanceof Refused) {
      failed(failure.status >= 500 || failure.status === 429 ? 'server' : 'refused', failure.message);
    } else {
      throw failure;
    }
  }

  /** What came, asked for here or as the answer to something else; null: nothing has changed. */
  function came(answer: T | null): void {
    if (answer !== null) {
      value.value = answer;
    }
    after?.(value.value);
    seenAt.value = null;
    trouble.value = null;
    retryMs = FIRST_RETRY_MS;
  }

  async function askOnce(): Promise<void> {
    try {
      came(await ask());
      outbox.reached();
    } catch (failure) {
      await onFailure(failure);
    }
  }

  /** Asks once more when something came in while an answer was under way. */
  async function refresh(): Promise<void> {
    clearTimeout(timer);
    if (asking) {
      askAgain = true;
      return asking;
    }
    asking = (async () => {
      do {
        askAgain = false;
        await askOnce();
      } while (askAgain);
    })().finally(() => (asking = null));
    return asking;
  }

  const poll = everyMs === undefined ? undefined : setInterval(() => document.visibilityState === 'visible' && void refresh(), everyMs);
  onScopeDispose(() => {
    clearInterval(poll);
    clearTimeout(timer);
  });

  return { value, trouble, words, seenAt, refresh, came };
}

export type Loaded = Pick<ReturnType<typeof useLoader>, 'trouble' | 'words' | 'seenAt' | 'refresh'>;
