import 'fake-indexeddb/auto';
import { IDBFactory } from 'fake-indexeddb';
import { readdirSync } from 'node:fs';
import { hand } from '@/device/bounce';
import { orNothing } from '@/device/database';
import { closePage } from '@/device/whileOpen';
import { speak, type Chapter, type Language } from '@/messages/words';

/** The application fetches the chapters of a screen; here every one is there before a test begins. */
export async function speakAll(language: Language = 'en'): Promise<void> {
  await speak(
    language,
    readdirSync('lang/en')
      .map((file) => file.replace('.json', '') as Chapter)
      .filter((chapter) => (chapter as string) !== 'server'),
  );
}

/** Hands in these tests are calm: each answer comes half a second after the one before, unless a test is about those that do not. */
let calm = 0;
hand.now = () => (calm += 500);

/** A page that has just been opened: what the one before kept is gone. */
export const openAnew = closePage;

/** Clocks that a test sets on; what the disk of the device does goes on by itself. */
export const heldClocks = {
  shouldAdvanceTime: true,
  toFake: ['setTimeout' as const, 'clearTimeout' as const, 'setInterval' as const, 'clearInterval' as const, 'Date' as const],
};

/** What lies on the disk of the device under a name, such as `marks`. */
export async function onDisk<T>(name: 'marks' | 'refused' | 'unreadable'): Promise<T[]> {
  return ((await orNothing((store) => store.getAll(name))) ?? []) as T[];
}

/** Pages of one device hear one another; here each test has a device of its own, and pages that the one before left are not heard. */
export const Channel = globalThis.BroadcastChannel;
Reflect.deleteProperty(globalThis, 'BroadcastChannel');

/** A device on which nothing was kept yet. */
export async function freshDevice(): Promise<void> {
  // What the page before was still writing is on its disk, not on this one's.
  await new Promise((written) => setTimeout(written, 10));
  openAnew();
  localStorage.clear();
  globalThis.indexedDB = new IDBFactory();
}

await speakAll();
