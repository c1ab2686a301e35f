import { onScopeDispose } from 'vue';
import { forGood, orNothing } from './database';
import { texts } from './texts';

/** What waits on this device, as it was found when the page opened. */
export interface Found<Entry, Refusal, Decision> {
  marks: Entry[];
  refused: Refusal[];
  decisions: [about: string, decision: Decision][];
  device: string | null;
}

interface Marked {
  mark: { id: string };
}

/**
 * What outlives the page at once, though not the browser: an entry lies here until the disk has it. An earlier version kept its
 * entries here for good.
 */
const AT_ONCE = { mark: 'hound-check.mark.', refused: 'hound-check.refused.', device: 'hound-check.device' };
const CHANNEL = 'hound-check.outbox';

/** A plain copy: what Vue watches cannot be written as it is. */
const plain = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T;

/**
 * The entries of this device on its disk, and what the other pages of the device write there.
 *
 * @param isEntry whether something that was found can be read; what cannot is put aside as it is
 * @param heard another page wrote an entry, or took one off
 */
export function useQueue<Entry extends Marked, Refusal extends Marked, Decision>(
  isEntry: (value: unknown) => value is Entry & Refusal,
  heard: (change: { kept: Entry } | { gone: string }) => void,
) {
  let others = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(CHANNEL);
  if (others) {
    others.onmessage = (event: MessageEvent<{ kept: Entry } | { gone: string }>) => heard(event.data);
    onScopeDispose(() => {
      others?.close();
      others = null;
    });
  }
  const tell = (change: { kept: Entry } | { gone: string }): void => others?.postMessage(change);

  /** What a page that was closed in the middle of it, or an earlier version, left behind comes to the disk. */
  async function bringOver(): Promise<void> {
    const marks = texts.under(AT_ONCE.mark, isEntry);
    const refused = texts.under(AT_ONCE.refused, isEntry);
    const device = texts.get(AT_ONCE.device);
    if (marks.length + refused.length === 0 && device === null) {
      return;
    }
    const brought = await forGood(['marks', 'refused', 'self'], (at) => {
      marks.forEach((entry) => at('marks').put(entry, entry.mark.id));
      refused.forEach((refusal) => at('refused').put(refusal, refusal.mark.id));
      if (device !== null) {
        at('self').put(device, 'device');
      }
    });
    if (brought) {
      marks.forEach((entry) => texts.remove(AT_ONCE.mark + entry.mark.id));
      refused.forEach((refusal) => texts.remove(AT_ONCE.refused + refusal.mark.id));
      texts.remove(AT_ONCE.device);
    }
  }

  /** What can be read; what cannot goes aside. */
  async function readable<T>(name: 'marks' | 'refused', is: (value: unknown) => value is T): Promise<T[]> {
    const [keys, values] = await Promise.all([orNothing((store) => store.getAllKeys(name)), orNothing((store) => store.getAll(name))]);
    const spoilt = (keys ?? []).map((key, index) => [key, values?.[index]] as const).filter(([, value]) => !is(value));
    if (spoilt.length > 0) {
      await forGood([name, 'unreadable'], (at) =>
        spoilt.forEach(([key, value]) => {
          at('unreadable').put(value, `${name}.${key}`);
          at(name).delete(key);
        }),
      );
    }
    return (values ?? []).filter(is);
  }

  return {
    async found(): Promise<Found<Entry, Refusal, Decision>> {
      await bringOver();
      const [marks, refused, device, about, made] = await Promise.all([
        readable<Entry>('marks', isEntry),
        readable<Refusal>('refused', isEntry),
        orNothing((store) => store.get('self', 'device')),
        orNothing((store) => store.getAllKeys('decisions')),
        orNothing((store) => store.getAll('decisions')),
      ]);
      const decisions = (about ?? []).map((key, index) => [key, made?.[index] as Decision] as [string, Decision]);
      return { marks, refused, decisions, device: device ?? null };
    },

    /** Whether it is on the disk, where it outlives the browser. */
    async keep(entry: Entry): Promise<boolean> {
      const written = plain(entry);
      const { id } = written.mark;
      texts.keep(AT_ONCE.mark + id, JSON.stringify(written));
      const isKept = await forGood(['marks'], (at) => at('marks').put(written, id));
      if (isKept) {
        texts.remove(AT_ONCE.mark + id);
      }
      tell({ kept: written });
      return isKept;
    },

    async drop(id: string): Promise<void> {
      tell({ gone: id });
      texts.remove(AT_ONCE.mark + id);
      await orNothing((store) => store.delete('marks', id));
    },

    /** The refusal in place of the entry, or, without room for it, neither changes. */
    async setAside(refusal: Refusal): Promise<boolean> {
      const { id } = refusal.mark;
      const isKept = await forGood(['marks', 'refused'], (at) => {
        at('refused').put(plain(refusal), id);
        at('marks').delete(id);
      });
      tell({ gone: id });
      if (isKept) {
        texts.remove(AT_ONCE.mark + id);
      }
      return isKept;
    },

    dismiss(id: string): Promise<boolean> {
      texts.remove(AT_ONCE.mark + id);
      return forGood(['marks', 'refused'], (at) => {
        at('refused').delete(id);
        at('marks').delete(id);
      });
    },

    decided: (about: string, decision: Decision): Promise<boolean> =>
      forGood(['decisions'], (at) => at('decisions').put(plain(decision), about)),

    undecided: (about: string): Promise<boolean> => forGood(['decisions'], (at) => at('decisions').delete(about)),

    named: (device: string): Promise<boolean> => forGood(['self'], (at) => at('self').put(device, 'device')),

    async unreadable(): Promise<number> {
      return texts.unreadable() + ((await orNothing((store) => store.count('unreadable'))) ?? 0);
    },

    async forgetUnreadable(): Promise<void> {
      texts.forgetUnreadable();
      await orNothing((store) => store.clear('unreadable'));
    },
  };
}
