import { computed, onScopeDispose, ref, type Ref } from 'vue';
import type { MarkKind, SectionId, Visit } from '@/api/types';
import { useOutbox, type Waiting } from './useOutbox';
import { useSession } from './useSession';
import { takenBackBy } from './waiting';

/** A mark that can be taken back. */
export interface Undoable {
  id: string;
  kind: MarkKind;
  section: SectionId | null;
  by: string;
}

/** What this page made, latest last. */
interface Made {
  id: string;
  /** What is drawn in its place once it is taken back. */
  shows?: Waiting['shows'];
  /** It belongs to the mark before it, and is taken back with it. */
  auto?: boolean;
  /** A decision: it stands at the server, maybe before a picture that holds it has come. */
  decided?: Undoable;
}

const SAID_MS = 6000;

/**
 * Takes the last mark back: what this page made first, then whatever stands last at the visit. It knows what still waits on
 * this device, says what it took back, and asks before it takes back a colleague's.
 *
 * @param kinds of marks that undo takes back on this screen
 * @param go to the section of what was taken back
 */
export function useUndo(id: string, visit: Ref<Visit | null>, kinds: MarkKind[], go: (section: SectionId) => void = () => undefined) {
  const outbox = useOutbox();
  const { staff } = useSession();
  const mine: Made[] = [];
  /** What was just taken back; null after a while. */
  const said = ref<Undoable | null>(null);
  /** A colleague's mark that is only taken back when it is meant. */
  const asking = ref<Undoable | null>(null);
  let timer: ReturnType<typeof setTimeout> | undefined;
  onScopeDispose(() => clearTimeout(timer));

  /** What stands at the visit and can be taken back here, latest first: what waits on this device came last. */
  const standing = computed<Undoable[]>(() => {
    const waiting = outbox.waitingFor(id);
    const gone = takenBackBy(waiting);
    const known = (visit.value?.undoable ?? []).filter((one) => !waiting.some(({ mark }) => mark.id === one.id));
    const here = waiting
      .map(({ mark, by }) => ({ id: mark.id, kind: mark.kind, section: (mark.section ?? null) as SectionId | null, by: by?.name ?? '' }))
      .reverse();
    return [...here, ...known].filter((one) => kinds.includes(one.kind) && !gone.has(one.id));
  });

  function take(mark: Undoable, made?: Made): void {
    outbox.record(id, 'withdrawn', { markId: mark.id }, { shows: made?.shows });
    asking.value = null;
    said.value = mark;
    clearTimeout(timer);
    timer = setTimeout(() => (said.value = null), SAID_MS);
    if (mark.section) {
      go(mark.section);
    }
  }

  function undo(): void {
    if (visit.value?.closedAt) {
      return;
    }
    let made = mine.pop();
    while (made) {
      const mark = standing.value.find((one) => one.id === made!.id) ?? made.decided;
      if (mark) {
        take(mark, made);
      }
      if (mark && !made.auto) {
        return;
      }
      made = mine.pop();
    }
    const [last] = standing.value;
    if (last && last.by !== staff.value?.name) {
      asking.value = last;
    } else if (last) {
      take(last);
    }
  }

  return {
    said,
    asking,
    undo,
    /** This page made a mark. */
    made(mark: Made): void {
      if (!mine.some((one) => one.id === mark.id)) {
        mine.push(mark);
      }
    },
    /**
     * Takes one back that was named, such as a tick.
     *
     * @param shows what is drawn in its place
     */
    takeBack: (markId: string, shows?: Waiting['shows']): void => {
      const mark = standing.value.find((one) => one.id === markId);
      if (mark) {
        take(mark, { id: markId, shows });
      }
    },
    confirm: (): void => {
      if (asking.value) {
        take(asking.value);
      }
    },
    leave: (): void => void (asking.value = null),
  };
}

export type Undoing = ReturnType<typeof useUndo>;
