import { readonly, ref } from 'vue';
import { Workbox } from 'workbox-window';

/** A tablet stays open for weeks: so often it asks the server whether there is another version. */
const ASK_EVERY_MS = 30 * 60_000;

/** A worker that is just at work is not replaced at once, in Chromium for up to minutes: a page that goes lets go of it. */
const LONGEST_WAIT_MS = 3000;

const ready = ref(false);
let workbox: Workbox | null = null;

/**
 * A new version of the application: announced, and put in place only when somebody says so. Until then the page goes on
 * with all the files that it began with.
 */
export const update = {
  /** Another version is there. */
  ready: readonly(ready),

  /** Keeps the application on this device, so that it opens without network, and looks for other versions. */
  watch(address: string): void {
    workbox = new Workbox(address);
    workbox.addEventListener('waiting', () => (ready.value = true));
    void workbox.register().catch(() => undefined);
    const ask = (): void => void workbox?.update().catch(() => undefined);
    setInterval(ask, ASK_EVERY_MS);
    document.addEventListener('visibilitychange', () => document.visibilityState === 'visible' && ask());
  },

  /** Where the application is not kept on the device, a file of the old version can be gone from the server. */
  announce: (): void => void (ready.value = true),

  /** Puts the new version in place and opens the page anew. */
  apply(): void {
    const open = (): void => window.location.reload();
    if (!workbox) {
      return open();
    }
    workbox.addEventListener('controlling', open);
    workbox.messageSkipWaiting();
    setTimeout(open, LONGEST_WAIT_MS);
    // Without a worker that waits there is nobody to answer.
    void navigator.serviceWorker.getRegistration().then((known) => known?.waiting ?? open());
  },
};
