import { onScopeDispose } from 'vue';

/** What sends a queue: one at a time over all pages of this device, tried again at growing intervals. */
export interface Sender {
  /** Sends what waits. Resolves when nothing can be sent any more for now. */
  flush: () => Promise<void>;
}

const FIRST_RETRY_MS = 1000;
const LAST_RETRY_MS = 15_000;

/**
 * @param name of the lock that the pages of this device share
 * @param sendAll sends until nothing waits; says `got` whenever the server has answered
 * @param isWorthRetrying what a failure means, and whether to try again by itself
 */
export function makeSender(
  name: string,
  sendAll: (got: () => void) => Promise<void>,
  isWorthRetrying: (failure: unknown) => boolean,
): Sender {
  let sending: Promise<void> | null = null;
  let again = false;
  let retryMs = FIRST_RETRY_MS;
  let timer: ReturnType<typeof setTimeout> | undefined;
  const got = (): void => void (retryMs = FIRST_RETRY_MS);

  function onFailure(failure: unknown): void {
    if (isWorthRetrying(failure)) {
      timer = setTimeout(() => void flush(), retryMs);
      retryMs = Math.min(retryMs * 2, LAST_RETRY_MS);
    }
  }

  async function keepSending(): Promise<void> {
    try {
      do {
        again = false;
        await onlyOne(name, () => sendAll(got)).catch(onFailure);
        // Something may have been recorded when the last look at what waits was already done.
      } while (again);
    } finally {
      sending = null;
    }
  }

  function flush(): Promise<void> {
    clearTimeout(timer);
    again = sending !== null;
    sending ??= keepSending();
    return sending;
  }

  onScopeDispose(() => clearTimeout(timer));
  return { flush };
}

/** Without HTTPS the browser has no locks: then one at a time is over this page only, and what is sent twice is stored once. */
function onlyOne(name: string, what: () => Promise<void>): Promise<void> {
  const locks: LockManager | null | undefined = navigator.locks;
  return locks ? locks.request(`hound-check.${name}`, what) : what();
}
