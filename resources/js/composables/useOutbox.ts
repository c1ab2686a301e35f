import { computed, reactive } from 'vue';
import { monotonicFactory } from 'ulid';
import { api, Refused, Unreachable } from '@/api/client';
import type { CombCheck, MarkAnswer, MarkKind, OwnGrade, SectionId, SentMark } from '@/api/types';
import { useSession } from './useSession';

/**
 * Everything that is recorded goes through here: kept on this device first, sent in order, taken off only when the
 * server has answered for it. Sending twice stores once, so a lost answer is simply sent again.
 */
export interface Waiting {
  visit: string;
  /** Who recorded it: it is sent under their name and no other. Null before anybody is known. */
  by: { id: string; name: string } | null;
  mark: SentMark;
  /** What a section's check or own grade is with this mark, drawn until the server's picture holds it. Never sent. */
  shows?: { section: SectionId; check?: CombCheck | null; own?: Omit<OwnGrade, 'by'> | null };
  /** The server's number once it took the mark; it stays until a picture of the visit that includes it has come. */
  takenAt?: number;
}

export interface Refusal {
  visit: string;
  mark: SentMark;
  message: string;
}

// Two marks of one millisecond keep their order.
const ulid = monotonicFactory();
const PREFIX = 'hound-check.mark.';
const REFUSED = 'hound-check.refused.';
const DEVICE = 'hound-check.device';
const state = reactive({
  waiting: [] as Waiting[],
  refused: [] as Refusal[],
  online: true,
  sending: false,
  full: false,
});
let retryMs = 1000;
let timer: ReturnType<typeof setTimeout> | undefined;

let device = localStorage.getItem(DEVICE);

function deviceId(): string {
  if (!device) {
    device = ulid();
    keepText(DEVICE, device);
  }
  return device;
}

/** Keeps a text over a reload; says when the device has no room for it. */
function keepText(key: string, text: string): void {
  try {
    localStorage.setItem(key, text);
    state.full = false;
  } catch {
    state.full = true;
  }
}

function makeMark(kind: MarkKind, payload: Record<string, unknown>, section?: SectionId): SentMark {
  return { id: ulid(), kind, section: section ?? null, at: new Date().toISOString(), device: deviceId(), payload };
}

/** What this device kept under a prefix, in the order in which it was made. */
function keptUnder<T extends { mark: SentMark }>(prefix: string): T[] {
  return Object.keys(localStorage)
    .filter((key) => key.startsWith(prefix))
    .map((key) => JSON.parse(localStorage.getItem(key)!) as T)
    .sort((one, other) => (one.mark.id < other.mark.id ? -1 : 1));
}

const { staff } = useSession();
const unsent = (): Waiting[] => state.waiting.filter((entry) => entry.takenAt === undefined);
/** What may go out now: only what the person who is signed in recorded. */
const sendable = (): Waiting[] => unsent().filter((entry) => (entry.by?.id ?? null) === (staff.value?.id ?? null));

function settle(entry: Waiting, answer: MarkAnswer, number: number): void {
  if (answer.outcome === 'refused') {
    localStorage.removeItem(PREFIX + entry.mark.id);
    state.waiting = state.waiting.filter((other) => other.mark.id !== entry.mark.id);
    const refusal: Refusal = { visit: entry.visit, mark: entry.mark, message: answer.message ?? '' };
    keepText(REFUSED + entry.mark.id, JSON.stringify(refusal));
    state.refused.push(refusal);
  } else {
    // Over a reload without network it is still drawn, until a picture that includes it was seen here.
    entry.takenAt = number;
    // Unless another page of this device was quicker and has seen it already.
    if (localStorage.getItem(PREFIX + entry.mark.id) !== null) {
      keepEntry(entry);
    }
  }
}

/** On this device before it is sent. A device that is full still sends; only a reload before that would lose it. */
function keepEntry(entry: Waiting): void {
  keepText(PREFIX + entry.mark.id, JSON.stringify(entry));
}

/** Sends what waits, one visit's marks at a time. Resolves when nothing can be sent any more for now. */
async function flush(): Promise<void> {
  if (state.sending) {
    return;
  }
  state.sending = true;
  clearTimeout(timer);
  try {
    for (let first = sendable()[0]; first; first = sendable()[0]) {
      const batch = sendable()
        .filter((entry) => entry.visit === first.visit)
        .slice(0, 100);
      const answer = await api<{ marks: MarkAnswer[]; number: number }>('POST', `visits/${first.visit}/marks`, {
        marks: batch.map((entry) => entry.mark),
        sentAt: new Date().toISOString(),
      });
      batch.forEach((entry, index) => settle(entry, answer.marks[index], answer.number));
      state.online = true;
      retryMs = 1000;
      listeners.forEach((listener) => listener(first.visit, answer.number));
    }
  } catch (failure) {
    onFailure(failure);
  } finally {
    state.sending = false;
  }
}

function onFailure(failure: unknown): void {
  if (
    failure instanceof Unreachable ||
    (failure instanceof Refused && failure.status >= 500) ||
    (failure instanceof Refused && failure.status === 429)
  ) {
    state.online = !(failure instanceof Unreachable);
    timer = setTimeout(() => void flush(), retryMs);
    retryMs = Math.min(retryMs * 2, 15000);
  } else if (failure instanceof Refused && failure.status === 401) {
    useSession().expire();
  } else if (failure instanceof Refused) {
    const stuck = sendable()[0];
    settle(stuck, { id: stuck.mark.id, outcome: 'refused', message: failure.message }, 0);
    timer = setTimeout(() => void flush(), 0);
  } else {
    throw failure;
  }
}

/** A decision as it was last made here, until a picture of the visit holds it: pressed again, it is the same mark. */
interface Decision {
  visit: string;
  says: string;
  id: string;
  takenAt?: number;
}
const decisions = new Map<string, Decision>();

function decisionOf(visit: string, kind: MarkKind, payload: Record<string, unknown>, section?: SectionId): Decision {
  const about = JSON.stringify([staff.value?.id, visit, kind, section]);
  const says = JSON.stringify(payload);
  const known = decisions.get(about);
  if (known?.says === says) {
    return known;
  }
  const made: Decision = { visit, says, id: ulid() };
  decisions.set(about, made);
  return made;
}

function forgetDecisions(over: (decision: Decision) => boolean): void {
  [...decisions].filter(([, decision]) => over(decision)).forEach(([about]) => decisions.delete(about));
}

type Listener = (visit: string, number: number) => void;
const listeners = new Set<Listener>();

const DAYS_DRAWN = 2;
const isOld = (entry: Waiting): boolean => entry.takenAt !== undefined && Date.now() - Date.parse(entry.mark.at) > DAYS_DRAWN * 86_400_000;
keptUnder<Waiting>(PREFIX)
  .filter(isOld)
  .forEach((entry) => localStorage.removeItem(PREFIX + entry.mark.id));
state.waiting = keptUnder<Waiting>(PREFIX);
state.refused = keptUnder<Refusal>(REFUSED);
window.addEventListener('online', () => void flush());
if (state.waiting.length > 0) {
  timer = setTimeout(() => void flush(), 200);
}

export function useOutbox() {
  return {
    online: computed(() => state.online),
    /** The device had no room to keep an entry: until all are sent, a reload could lose one. */
    full: computed(() => state.full && unsent().length > 0),
    waitingCount: computed(() => unsent().length),
    /** Names of the others whose entries wait here until they sign in again. */
    othersWaiting: computed(() => [
      ...new Set(
        unsent()
          .filter((entry) => !sendable().includes(entry))
          .map((entry) => entry.by?.name ?? ''),
      ),
    ]),
    refused: computed(() => state.refused),
    waitingFor: (visit: string): Waiting[] => state.waiting.filter((entry) => entry.visit === visit),

    /** Records one mark: on this device now, on the server as soon as it answers. Returns its id. */
    record(
      visit: string,
      kind: MarkKind,
      payload: Record<string, unknown>,
      about: { section?: SectionId; shows?: Waiting['shows'] } = {},
    ): string {
      const mark = makeMark(kind, payload, about.section);
      const by = staff.value ? { id: staff.value.id, name: staff.value.name } : null;
      const entry: Waiting = { visit, by, mark, shows: about.shows };
      keepEntry(entry);
      state.waiting.push(entry);
      if (kind === 'withdrawn') {
        forgetDecisions(({ id }) => id === payload.markId);
      }
      void flush();
      return mark.id;
    },

    /**
     * Records and waits for the server's answer: for decisions that mean nothing before it. When the answer is lost
     * and the same is decided again, it is stored once.
     */
    async recordNow(visit: string, kind: MarkKind, payload: Record<string, unknown>, section?: SectionId): Promise<string> {
      const decision = decisionOf(visit, kind, payload, section);
      const mark = { ...makeMark(kind, payload, section), id: decision.id };
      const answer = await api<{ marks: MarkAnswer[]; number: number }>('POST', `visits/${visit}/marks`, {
        marks: [mark],
        sentAt: new Date().toISOString(),
      });
      if (answer.marks[0].outcome === 'refused') {
        throw new Refused(409, { code: answer.marks[0].reason ?? 'refused', message: answer.marks[0].message ?? '' });
      }
      decision.takenAt = answer.number;
      listeners.forEach((listener) => listener(visit, answer.number));
      return mark.id;
    },

    /** A picture of the visit up to `number` has come: what it includes is no longer drawn on top. */
    forget(visit: string, number: number): void {
      forgetDecisions((decision) => decision.visit === visit && decision.takenAt !== undefined && decision.takenAt <= number);
      const [seen, rest] = [[] as Waiting[], [] as Waiting[]];
      for (const entry of state.waiting) {
        (entry.visit === visit && entry.takenAt !== undefined && entry.takenAt <= number ? seen : rest).push(entry);
      }
      if (seen.length > 0) {
        seen.forEach((entry) => localStorage.removeItem(PREFIX + entry.mark.id));
        state.waiting = rest;
      }
    },

    dismiss(refusal: Refusal): void {
      localStorage.removeItem(REFUSED + refusal.mark.id);
      state.refused = state.refused.filter((other) => other.mark.id !== refusal.mark.id);
    },

    flush,
    /** Something about the visit was taken by another way than a mark. */
    refreshed(visit: string, number: number): void {
      listeners.forEach((listener) => listener(visit, number));
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
}
