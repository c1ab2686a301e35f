import { type DBSchema, type IDBPDatabase, openDB } from 'idb';
import type { PhotoMoment, SectionId } from './types';

/** A photo that waits on this device for the server. */
export interface WaitingPhoto {
  id: string;
  visit: string;
  by: { id: string; name: string } | null;
  section: SectionId | null;
  findingId: string | null;
  moment: PhotoMoment;
  at: string;
  picture: Blob;
}

interface Schema extends DBSchema {
  /** What the server last answered, so that a page can open without network. */
  kept: { key: string; value: { at: number; answer: unknown } };
  photos: { key: string; value: WaitingPhoto };
}

const DAYS_KEPT = 3;
let opened: Promise<IDBPDatabase<Schema>> | null = null;

function database(): Promise<IDBPDatabase<Schema>> {
  opened ??= openDB<Schema>('hound-check', 1, {
    upgrade(store) {
      store.createObjectStore('kept');
      store.createObjectStore('photos', { keyPath: 'id' });
    },
  });
  return opened;
}

/** A browser that keeps nothing (a private window, a full disk) still works as long as there is network. */
async function orNothing<T>(what: () => Promise<T>): Promise<T | undefined> {
  try {
    return await what();
  } catch {
    return undefined;
  }
}

export const deviceStore = {
  async keep(key: string, answer: unknown): Promise<void> {
    await orNothing(async () => (await database()).put('kept', { at: Date.now(), answer }, key));
  },

  /** What was kept under the key, as long as it is not too old to mean anything. */
  async kept<T>(key: string): Promise<T | undefined> {
    const found = await orNothing(async () => (await database()).get('kept', key));
    return found && Date.now() - found.at < DAYS_KEPT * 86_400_000 ? (found.answer as T) : undefined;
  },

  /** Whoever signed out leaves nothing to read behind; photos that still wait for the server stay. */
  async forgetAll(): Promise<void> {
    await orNothing(async () => (await database()).clear('kept'));
  },

  async forgetOld(): Promise<void> {
    await orNothing(async () => {
      const store = (await database()).transaction('kept', 'readwrite').store;
      for (let cursor = await store.openCursor(); cursor; cursor = await cursor.continue()) {
        if (Date.now() - cursor.value.at >= DAYS_KEPT * 86_400_000) {
          await cursor.delete();
        }
      }
    });
  },

  async photos(): Promise<WaitingPhoto[]> {
    return (await orNothing(async () => (await database()).getAll('photos'))) ?? [];
  },

  /** Fails when the device cannot keep it: a photo that would be lost on a reload must not look kept. */
  async addPhoto(photo: WaitingPhoto): Promise<void> {
    await (await database()).put('photos', photo);
  },

  async removePhoto(id: string): Promise<void> {
    await orNothing(async () => (await database()).delete('photos', id));
  },
};
