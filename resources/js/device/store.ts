import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { PhotoMoment, SectionId } from '@/api/types';
import { whileOpen } from './whileOpen';

/** A photo that waits on this device for the server, or that the server did not take. */
export interface WaitingPhoto {
  id: string;
  visit: string;
  dog?: string;
  by: { id: string; name: string } | null;
  section: SectionId | null;
  findingId: string | null;
  moment: PhotoMoment;
  at: string;
  picture: Blob;
  /** Why the server did not take it; it stays here until somebody has seen to it. */
  refused?: string;
}

interface Schema extends DBSchema {
  /** What the server last answered, so that a page can open without network. */
  kept: { key: string; value: { at: number; answer: unknown } };
  photos: { key: string; value: WaitingPhoto };
}

const DAYS_KEPT = 3;
const here = whileOpen(() => ({
  database: null as Promise<IDBPDatabase<Schema>> | null,
  /** After signing out nothing of the salon is written here, not even by an answer that was still on its way. */
  isOpen: true,
}));

function open(): Promise<IDBPDatabase<Schema>> {
  const page = here();
  const forget = (): void => void (page.database = null);
  page.database ??= openDB<Schema>('hound-check', 1, {
    upgrade(store) {
      store.createObjectStore('kept');
      store.createObjectStore('photos', { keyPath: 'id' });
    },
    blocking(_have, _want, event) {
      (event.target as IDBDatabase).close();
      forget();
    },
    terminated: forget,
  });
  page.database.catch(forget);
  return page.database;
}

/** A browser closes a database under a page that slept long: then it is opened again, once. */
async function use<T>(what: (store: IDBPDatabase<Schema>) => Promise<T>): Promise<T> {
  try {
    return await what(await open());
  } catch (failure) {
    if (!(failure instanceof DOMException) || failure.name !== 'InvalidStateError') {
      throw failure;
    }
    here().database = null;
    return what(await open());
  }
}

/** A browser that keeps nothing (a private window, a full disk) still works as long as there is network. */
async function orNothing<T>(what: (store: IDBPDatabase<Schema>) => Promise<T>): Promise<T | undefined> {
  try {
    return await use(what);
  } catch {
    return undefined;
  }
}

export const deviceStore = {
  /** Somebody is signed in: answers may be kept, and the browser is asked not to clear them by itself. */
  openFor(): void {
    here().isOpen = true;
    void navigator.storage?.persist?.().catch(() => undefined);
  },

  async keep(key: string, answer: unknown): Promise<void> {
    await orNothing(async (store) => (here().isOpen ? store.put('kept', { at: Date.now(), answer }, key) : undefined));
  },

  /** What was kept under the key and when, as long as it is not too old to mean anything. */
  async keptAt<T>(key: string): Promise<{ at: number; answer: T } | undefined> {
    const found = await orNothing((store) => store.get('kept', key));
    return found && Date.now() - found.at < DAYS_KEPT * 86_400_000 ? { at: found.at, answer: found.answer as T } : undefined;
  },

  async kept<T>(key: string): Promise<T | undefined> {
    return (await deviceStore.keptAt<T>(key))?.answer;
  },

  /** Whoever signed out leaves nothing to read behind; photos that still wait for the server stay. */
  async forgetAll(): Promise<void> {
    here().isOpen = false;
    await orNothing((store) => store.clear('kept'));
  },

  async forgetOld(): Promise<void> {
    await orNothing(async (database) => {
      const store = database.transaction('kept', 'readwrite').store;
      for (let cursor = await store.openCursor(); cursor; cursor = await cursor.continue()) {
        if (Date.now() - cursor.value.at >= DAYS_KEPT * 86_400_000) {
          await cursor.delete();
        }
      }
    });
  },

  async photos(): Promise<WaitingPhoto[]> {
    return (await orNothing((store) => store.getAll('photos'))) ?? [];
  },

  /** Whether there was room: one that is not kept is lost with the page, unless it is sent before. */
  async keepPhoto(photo: WaitingPhoto): Promise<boolean> {
    return (await orNothing((store) => store.put('photos', photo))) !== undefined;
  },

  async removePhoto(id: string): Promise<void> {
    await orNothing((store) => store.delete('photos', id));
  },
};
