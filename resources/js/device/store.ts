import { forGood, orNothing, type WaitingPhoto } from './database';
import { whileOpen } from './whileOpen';

export type { WaitingPhoto } from './database';

const DAYS_KEPT = 3;
/** After signing out nothing of the salon is written here, not even by an answer that was still on its way. */
const here = whileOpen(() => ({ isOpen: true }));

/** What the server answered last, for a page that opens without network, and photos on their way. */
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

  /** Whoever signed out leaves nothing to read behind; what still waits for the server stays. */
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

  /** Whether it is on the disk: one that is not is lost with the browser, unless it is sent before. */
  keepPhoto: (photo: WaitingPhoto): Promise<boolean> => forGood(['photos'], (at) => at('photos').put(photo)),

  async removePhoto(id: string): Promise<void> {
    await orNothing((store) => store.delete('photos', id));
  },
};
