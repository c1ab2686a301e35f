import { deviceStore } from './device/store';

/** The application stays on the device and opens without network; what is too old to mean anything goes. */
export function keepOnDevice(): void {
  void deviceStore.forgetOld();
  // A client's phone, which opens one page once, keeps nothing.
  const isClients = window.location.pathname.startsWith('/answer/');
  if ('serviceWorker' in navigator && import.meta.env.PROD && !isClients) {
    void navigator.serviceWorker.register('/service-worker.js').catch(() => undefined);
  }
  // A new version was put in place while this page was open, and the file it wants is gone: load the page anew.
  window.addEventListener('vite:preloadError', (event) => {
    if (navigator.onLine) {
      event.preventDefault();
      window.location.reload();
    }
  });
}
