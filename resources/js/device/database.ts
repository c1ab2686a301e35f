import { type DBSchema, type IDBPDatabase, openDB, type StoreNames } from 'idb';
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

export interface Schema extends DBSchema {
  /** What the server last answered, so that a page can open without network. */
  kept: { key: string; value: { at: number; answer: unknown } };
  photos: { key: string; value: WaitingPhoto };
  /** What was recorded here, by the id of the mark; of any shape, as an earlier version may have written it. */
  marks: { key: string; value: unknown };
  /** What the server did not take, with its words, by the id of the mark. */
  refused: { key: string; value: unknown };
  /** The mark by which something was last decided here, by what it is about. */
  decisions: { key: string; value: unknown };
  /** Entries that cannot be read any more, as they are. */
  unreadable: { key: string; value: unknown };
  /** The name of this device. */
  self: { key: string; value: string };
}

type Names = StoreNames<Schema>;

const here = whileOpen(() => ({ database: null as Promise<IDBPDatabase<Schema>> | null }));

function open(): Promise<IDBPDatabase<Schema>> {
  const page = here();
  const forget = (): void => void (page.database = null);
  page.database ??= openDB<Schema>('hound-check', 2, {
    upgrade(store, had) {
      if (had < 1) {
        store.createObjectStore('kept');
        store.createObjectStore('photos', { keyPath: 'id' });
      }
      if (had < 2) {
        (['marks', 'refused', 'decisions', 'unreadable', 'self'] as const).forEach((name) => store.createObjectStore(name));
      }
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
export async function orNothing<T>(what: (store: IDBPDatabase<Schema>) => Promise<T>): Promise<T | undefined> {
  try {
    return await use(what);
  } catch {
    return undefined;
  }
}

/**
 * Writes for good: true only once the browser says that it is on the disk, where it outlives the browser's own end.
 *
 * @param change what is written; all of it or nothing
 */
export async function forGood(
  stores: Names[],
  change: (
    at: <N extends Names>(name: N) => { put: (value: Schema[N]['value'], key?: string) => void; delete: (key: string) => void },
  ) => void,
): Promise<boolean> {
  const written = await orNothing(async (database) => {
    const transaction = database.transaction(stores, 'readwrite', { durability: 'strict' });
    const asked: Promise<unknown>[] = [transaction.done];
    const ask = (one: Promise<unknown>): void => {
      // What is refused is heard of below, once for all.
      one.catch(() => undefined);
      asked.push(one);
    };
    transaction.done.catch(() => undefined);
    try {
      change((name) => {
        const store = transaction.objectStore(name);
        return {
          put: (value, key) => ask(store.put(value as never, key)),
          delete: (key) => ask(store.delete(key)),
        };
      });
    } catch (failure) {
      transaction.abort();
      throw failure;
    }
    // At once, also when the page is closed in this moment.
    transaction.commit();
    await Promise.all(asked);
    return true;
  });
  return written === true;
}
