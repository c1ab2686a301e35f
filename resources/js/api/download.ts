import { api, Refused } from './client';

/** A file that asks for the password again: that comes first, then the browser fetches it as from any link. */
export async function download(address: string): Promise<void> {
  try {
    await api('get', '/api/session/password-again');
  } catch (failure) {
    // Somebody left it. Without network the browser says so itself.
    if (failure instanceof Refused) {
      return;
    }
  }
  const link = Object.assign(document.createElement('a'), { href: address, download: '' });
  document.body.append(link);
  link.click();
  link.remove();
}
