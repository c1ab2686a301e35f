/**
 * Keeps the application itself on the device, so that a page opens without network. It holds no data of the salon:
 * that is in `device/store.ts`, under the person who is signed in.
 */
import { clientsClaim } from 'workbox-core';
import { cleanupOutdatedCaches, createHandlerBoundToURL, precacheAndRoute } from 'workbox-precaching';
import { NavigationRoute, registerRoute } from 'workbox-routing';

/** Files of the build and the page that loads them; written in by `vite.worker.config.ts`. */
declare const SHELL: { url: string; revision: string | null }[];

const worker = self as unknown as { skipWaiting(): Promise<void> };
// A page that is open keeps the files it began with; the new version takes over when somebody there says so.
self.addEventListener('message', (event) => {
  if ((event.data as { type?: string } | null)?.type === 'SKIP_WAITING') {
    void worker.skipWaiting();
  }
});
clientsClaim();
cleanupOutdatedCaches();
precacheAndRoute(SHELL);
registerRoute(new NavigationRoute(createHandlerBoundToURL('/'), { denylist: [/^\/api\//] }));
