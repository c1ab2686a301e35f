import { useEventListener } from '@vueuse/core';
import { computed, onScopeDispose, reactive } from 'vue';
import { monotonicFactory } from 'ulid';
import { api, Refused, Unreachable } from '@/api/client';
import type { CombCheck, MarkAnswer, MarkKind, MarkOf, MarksAnswer, OwnGrade, Payloads, SectionId, SentMark } from '@/api/types';
import { makeSender } from './sender';
import { type Decision, useDecisions } from './decisions';
import { useQueue } from './queue';
import { useSession } from './useSession';
import { whileOpen } from './whileOpen';

/**
 * Everything that is recorded goes through here: kept on this device first, sent in the order of the hand, taken off only
 * when the server has answered about that very entry. Sending twice stores once, so a lost answer is simply sent again.
 */
export interface Waiting {
  visit: string;
  /** The dog's name, to say whose entry it is when it is not taken. */
  dog?: string;
  /** Who recorded it: it is sent under their name and no other. Null before anybody is known. */
  by: { id: string; name: string } | null;
  mark: SentMark;
  /** What a section is with this mark, drawn until the server's picture holds it. Never sent. */
  shows?: { section: SectionId; check?: CombCheck | null; own?: Omit<OwnGrade, 'by'> | null; felt?: boolean };
  /** The server's number once it took the mark; it stays until a picture of the visit that includes it has come. */
  takenAt?: number;
  /** Means nothing before the server has taken it: neither drawn nor kept here. */
  decision?: true;
  /** On the disk of this device, where it outlives the browser. */
  kept?: boolean;
}

export interface Refusal {
  visit: string;
  dog?: string;
  mark: SentMark;
  message: string;
}

const MOST_AT_ONCE = 100;
/** Answers that are about what was sent. Any other says something about the way there: it is sent again. */
const ABOUT_THE_ENTRY = [400, 404, 409, 413, 422];
const DAYS_DRAWN = 2;

/** What the server says once it took something: the number of the visit's latest mark, and where it drew it the visit itself. */
export type Stands = Pick<MarksAnswer, 'number'> & Partial<Pick<MarksAnswer, 'visit' | 'revision'>>;

type Listener = (visit: string, stands: Stands) => void;

const isEntry = (value: unknown): value is Waiting & Refusal => {
  const entry = value as Partial<Waiting> | null | undefined;
  return typeof entry?.visit === 'string' && typeof entry.mark?.id === 'string' && typeof entry.mark.kind === 'string';
};
const byHand = (one: { mark: SentMark }, other: { mark: SentMark }): number => (one.mark.id < other.mark.id ? -1 : 1);

/** What was recorded on this device, on its way to the server. */
export const useOutbox = whileOpen(() => {
  // Two marks of one millisecond keep their order.
  const ulid = monotonicFactory();
  const state = reactive({
    waiting: [] as Waiting[],
    refused: [] as Refusal[],
    online: true,
    full: false,
    unreadable: 0,
    loaded: false,
  });
  const { staff } = useSession();
  const queue = useQueue<Waiting, Refusal, Decision>(isEntry, (change) => ('kept' in change ? hear(change.kept) : hearGone(change.gone)));
  const decisions = useDecisions(() => staff.value?.id ?? null, ulid, queue);
  const dogs = new Map<string, string>();
  /** Visits by the screens that are open: the answer to their marks is drawn. */
  const looked = new Map<symbol, string>();
  /** The last number of each visit that was shown here. */
  const seen = new Map<string, number>();
  /** Visits with an entry that the server cannot take in a batch: theirs go one by one until the bad one is found. */
  const oneByOne = new Set<string>();
  let device = '';

  /** The page was left: whatever waits is sent by the one that opens next. */
  let left = false;
  onScopeDispose(() => (left = true));
  const listeners = new Set<Listener>();

  function deviceId(): string {
    if (!device) {
      device = ulid();
      void queue.named(device);
    }
    return device;
  }

  function makeMark<K extends MarkKind>(visit: string, kind: K, payload: Payloads[K], section?: SectionId): SentMark {
    const made = { id: ulid(), at: new Date().toISOString(), device: deviceId(), seen: seen.get(visit) ?? null };
    const mark: MarkOf<K> = { ...made, kind, section: section ?? null, payload };
    // One kind is one of all kinds: the compiler does not follow that through a type parameter.
    return mark as SentMark;
  }

  function makeEntry(visit: string, mark: SentMark, shows?: Waiting['shows']): Waiting {
    const by = staff.value ? { id: staff.value.id, name: staff.value.name } : null;
    return { visit, dog: dogs.get(visit), by, mark, shows };
  }

  /** On the disk of this device, as soon as the disk is. A device that is full still sends; only its end before that would lose it. */
  async function keepEntry(entry: Waiting): Promise<void> {
    const written = { ...entry };
    delete written.kept;
    const isKept = await queue.keep(written);
    state.full = !isKept;
    const here = state.waiting.find((other) => other.mark.id === entry.mark.id);
    if (here) {
      here.kept = isKept;
    }
  }

  function away(id: string): void {
    state.waiting = state.waiting.filter((other) => other.mark.id !== id);
  }

  function drop(entry: Waiting): void {
    away(entry.mark.id);
    void queue.drop(entry.mark.id);
  }

  /** Another page of this device recorded it, or knows that the server has it. */
  function hear(entry: Waiting): void {
    const here = state.waiting.find((other) => other.mark.id === entry.mark.id);
    if (here && entry.takenAt !== undefined && here.takenAt === undefined) {
      here.takenAt = entry.takenAt;
      listeners.forEach((listener) => listener(entry.visit, { number: entry.takenAt! }));
    } else if (!here && !state.refused.some((refusal) => refusal.mark.id === entry.mark.id)) {
      state.waiting = [...state.waiting, { ...entry, kept: true }].sort(byHand);
    }
  }

  const unsent = (): Waiting[] => state.waiting.filter((entry) => entry.takenAt === undefined);
  /** What may go out now: only what the person who is signed in recorded. */
  const sendable = (): Waiting[] => unsent().filter((entry) => (entry.by?.id ?? null) === (staff.value?.id ?? null));

  /** What the server has is drawn here until this page has seen a picture that includes it. */
  function hearGone(id: string): void {
    if (state.waiting.find((other) => other.mark.id === id)?.takenAt === undefined) {
      away(id);
    }
  }

  /** The server does not take this very entry: it waits to be read, with its words. A decision is told where it was made. */
  function setAside(entry: Waiting, why: Refused): void {
    if (decisions.refuse(entry.mark.id, why)) {
      drop(entry);
      return;
    }
    const refusal: Refusal = { visit: entry.visit, dog: entry.dog, mark: entry.mark, message: why.message };
    away(entry.mark.id);
    state.refused.push(refusal);
    // Without room for the refusal the entry itself stays on the device, and a page that opens later is told the same again.
    void queue.setAside(refusal).then((isKept) => (state.full = !isKept));
  }

  function settle(entry: Waiting, answer: MarkAnswer, number: number): void {
    if (answer.outcome === 'refused') {
      setAside(entry, new Refused(409, { code: answer.reason ?? 'refused', message: answer.message ?? '' }));
    } else if (decisions.take(entry.mark.id, number)) {
      drop(entry);
    } else {
      // Over a reload without network it is still drawn, until a picture that includes it was seen here.
      entry.takenAt = number;
      void keepEntry(entry);
    }
  }

  async function sendBatch(batch: Waiting[]): Promise<void> {
    const { visit } = batch[0]!;
    const sent = { marks: batch.map((entry) => entry.mark), sentAt: new Date().toISOString() };
    try {
      const prefer = [...looked.values()].includes(visit) ? undefined : 'return=minimal';
      const answer = await api('post', '/api/visits/{visit}/marks', { path: { visit }, body: sent, prefer });
      // A hotel's page may say 200 in JSON and mean nothing by it.
      const about = new Map((answer?.marks ?? []).map((one) => [one.id, one]));
      if (batch.some((entry) => !about.has(entry.mark.id))) {
        throw new Unreachable('An answer that is not about what was sent.');
      }
      batch.forEach((entry) => settle(entry, about.get(entry.mark.id)!, answer!.number));
      listeners.forEach((listener) => listener(visit, answer!));
    } catch (failure) {
      if (!(failure instanceof Refused) || !ABOUT_THE_ENTRY.includes(failure.status)) {
        throw failure;
      }
      if (batch.length > 1) {
        oneByOne.add(visit);
      } else {
        setAside(batch[0]!, failure);
      }
    }
    state.online = true;
  }

  /** One visit's marks at a time. */
  async function sendAll(got: () => void): Promise<void> {
    // What was kept here goes first: it is older.
    if (!state.loaded) {
      await ready;
    }
    for (let first = sendable()[0]; first && !left; first = sendable()[0]) {
      const { visit } = first;
      await sendBatch(
        sendable()
          .filter((entry) => entry.visit === visit)
          .slice(0, oneByOne.has(visit) ? 1 : MOST_AT_ONCE),
      );
      got();
      if (!sendable().some((entry) => entry.visit === visit)) {
        oneByOne.delete(visit);
      }
    }
  }

  function isWorthRetrying(failure: unknown): boolean {
    // A decision means nothing before the server has it: it is not sent behind the back of whoever made it.
    state.waiting.filter((entry) => decisions.fail(entry.mark.id, failure)).forEach(drop);
    if (useSession().endsBy(failure)) {
      return false;
    }
    if (!(failure instanceof Unreachable || failure instanceof Refused)) {
      throw failure;
    }
    state.online = failure instanceof Refused;
    return true;
  }

  const { flush } = makeSender('marks', sendAll, isWorthRetrying);

  async function load(): Promise<void> {
    const found = await queue.found();
    const isOld = (entry: Waiting): boolean =>
      entry.takenAt !== undefined && Date.now() - Date.parse(entry.mark.at) > DAYS_DRAWN * 86_400_000;
    state.refused = [...found.refused, ...state.refused].sort(byHand);
    const isRefused = (entry: Waiting): boolean => state.refused.some((refusal) => refusal.mark.id === entry.mark.id);
    const isOver = (entry: Waiting): boolean => isOld(entry) || isRefused(entry);
    await Promise.all(found.marks.filter(isOver).map((entry) => queue.drop(entry.mark.id)));
    const known = new Set(state.waiting.map((entry) => entry.mark.id));
    const earlier = found.marks.filter((entry) => !isOver(entry) && !known.has(entry.mark.id)).map((entry) => ({ ...entry, kept: true }));
    state.waiting = [...earlier, ...state.waiting].sort(byHand);
    decisions.know(found.decisions);
    if (found.device !== null) {
      device = found.device;
    }
    state.unreadable = await queue.unreadable();
    state.loaded = true;
    if (state.waiting.length > 0) {
      setTimeout(() => void flush(), 200);
    }
  }

  const ready = load();
  useEventListener(window, 'online', () => void flush());

  return {
    online: computed(() => state.online),
    /** The device had no room to keep an entry: until all are sent, a reload could lose one. */
    full: computed(() => state.full && unsent().length > 0),
    waitingCount: computed(() => unsent().length),
    /** What waits on this device is known. */
    loaded: computed(() => state.loaded),
    ready,
    /** All that waits is on the disk of this device, and outlives the browser. */
    kept: computed(() => unsent().every((entry) => entry.kept === true || entry.decision === true)),
    /** Names of the others whose entries wait here until they sign in again. */
    othersWaiting: computed(() => [
      ...new Set(
        unsent()
          .filter((entry) => !sendable().includes(entry))
          .map((entry) => entry.by?.name ?? ''),
      ),
    ]),
    refused: computed(() => state.refused),
    /** Entries that were kept here and cannot be read any more. */
    unreadable: computed(() => state.unreadable),
    /** What was recorded here about a visit and is drawn on top of the server's picture. */
    waitingFor: (visit: string): Waiting[] => state.waiting.filter((entry) => entry.visit === visit && !entry.decision),
    /** Something recorded at a visit before an entry of this id has not arrived: the entry goes after it. */
    isBehind: (visit: string, id: string): boolean => sendable().some((entry) => entry.visit === visit && entry.mark.id < id),
    /** A screen of the visit is open, until it says that it is no more. */
    looksAt(visit: string): () => void {
      const screen = Symbol();
      looked.set(screen, visit);
      return () => void looked.delete(screen);
    },
    /** Whose visit it is. */
    knows(visit: string, dog: string): void {
      dogs.set(visit, dog);
    },
    dogOf: (visit: string): string | undefined => dogs.get(visit),
    newId: ulid,

    /** Records one mark: on this device now, on the server as soon as it answers. Returns its id. */
    record<K extends MarkKind>(
      visit: string,
      kind: K,
      payload: Payloads[K],
      about: { section?: SectionId; shows?: Waiting['shows'] } = {},
    ): string {
      const entry = makeEntry(visit, makeMark(visit, kind, payload, about.section), about.shows);
      state.waiting.push(entry);
      void keepEntry(entry);
      const { mark } = entry;
      if (mark.kind === 'withdrawn') {
        decisions.forget(({ id }) => id === mark.payload.markId);
      }
      void flush();
      return entry.mark.id;
    },

    /**
     * Records and waits for the server's answer, after everything that waits already: for decisions that mean nothing
     * before it. When the answer is lost and the same is decided again, it is stored once.
     */
    async recordNow<K extends MarkKind>(visit: string, kind: K, payload: Payloads[K], section?: SectionId): Promise<string> {
      const id = decisions.idOf(visit, kind, payload, section);
      const answered = decisions.wait(id);
      if (!state.waiting.some((entry) => entry.mark.id === id)) {
        state.waiting.push({ ...makeEntry(visit, { ...makeMark(visit, kind, payload, section), id }), decision: true });
      }
      void flush();
      await answered;
      return id;
    },

    /** A picture of the visit up to `number` is looked at: what is recorded from now on is recorded in sight of it. */
    sees(visit: string, number: number): void {
      seen.set(visit, Math.max(number, seen.get(visit) ?? 0));
    },

    /** A picture of the visit up to `number` has come: what it includes is no longer drawn on top. */
    forget(visit: string, number: number): void {
      decisions.forget((decision) => decision.visit === visit && decision.takenAt !== undefined && decision.takenAt <= number);
      state.waiting.filter((entry) => entry.visit === visit && entry.takenAt !== undefined && entry.takenAt <= number).forEach(drop);
    },

    dismiss(refusal: Refusal): void {
      void queue.dismiss(refusal.mark.id);
      state.refused = state.refused.filter((other) => other.mark.id !== refusal.mark.id);
    },
    forgetUnreadable(): void {
      void queue.forgetUnreadable();
      state.unreadable = 0;
    },

    flush,
    /** Something about the visit was taken by another way than a mark. */
    refreshed(visit: string, stands: Stands): void {
      listeners.forEach((listener) => listener(visit, stands));
    },
    reached(): void {
      state.online = true;
    },
    lost(): void {
      state.online = false;
    },
    onTaken(listener: Listener): () => void {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    device: deviceId,
  };
});
