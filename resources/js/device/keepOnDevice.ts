import { deviceStore } from './store';
import { update } from './update';

/** The application stays on the device and opens without network; what is too old to mean anything goes. */
export function keepOnDevice(): void {
  void deviceStore.forgetOld();
  // A client's phone, which opens one page once, keeps nothing.
  const isClients = window.location.pathname.startsWith('/answer/');
  if ('serviceWorker' in navigator && import.meta.env.PROD && !isClients) {
    update.watch('/service-worker.js');
  }
  // A new version was put in place while this page was open, and the file it wants is gone. Nothing is loaded anew under
  // somebody's hands: it is said, and they choose when.
  window.addEventListener('vite:preloadError', (event) => {
    event.preventDefault();
    update.announce();
  });
}
