import { undoableOf } from '@/visit/kindsOf';
import { computed, type ComputedRef, onScopeDispose, ref, type Ref, watch } from 'vue';
import type { CombCheck, MarkKind, Payloads, SectionId, TableRun, Visit } from '@/api/types';
import { nextAlong, stepAlong } from '@/visit/alongTheRoute';
import { drawRun } from './drawRun';
import { useGuide } from '@/visit/useGuide';
import { useBounce } from '@/device/bounce';
import { useOutbox } from '@/device/useOutbox';
import { useUndo } from '@/device/useUndo';
import { given } from '@/device/waiting';

/** The dog's signals, in the order of their keys. */
export const signals = ['looks', 'tucks', 'cries', 'mouths', 'snaps'] as const;

/** What undo takes back at the table. */
// prettier-ignore
const OF_THE_TABLE: MarkKind[] = [
  ...undoableOf('table'), 'posture_taken', 'rest_began', 'blade_tried', 'finding_noted', 'finding_minded', 'note_written',
  'treatment_chosen', 'waived', 'held_place_settled', 'bath_cleared',
];

/** The run with this device's marks on top, for every screen from the table on. */
export function useDrawn(id: string, visit: Ref<Visit | null>) {
  const outbox = useOutbox();
  const guide = useGuide();
  return computed(() => (visit.value ? drawRun(visit.value, outbox.waitingFor(id), guide.outcome) : null));
}

/** Hands in the coat: which section is in hand, what is done there, and where to go next. */
export function useTable(id: string, visit: Ref<Visit | null>) {
  const outbox = useOutbox();
  const bounce = useBounce();
  const drawn = useDrawn(id, visit);
  const table = computed(() => drawn.value?.table ?? null);
  const selected = ref<SectionId | null>(null);
  const undoing = useUndo(id, visit, OF_THE_TABLE, (section) => (selected.value = section));

  const route = computed(() => table.value?.route ?? []);
  const here = computed(() => (selected.value && table.value ? table.value.sections[selected.value] : null));
  const inHand = computed(() => selected.value !== null && table.value?.current === selected.value);
  const isOpen = (section: SectionId): boolean => {
    const known = table.value?.sections[section];
    return known !== undefined && !known.done && !known.held;
  };
  const left = computed(() => route.value.filter(isOpen));

  const nextOpen = (from: SectionId | null): SectionId | null => nextAlong(route.value, from, isOpen);
  const next = computed(() => nextOpen(selected.value));

  function record<K extends MarkKind>(kind: K, payload: Payloads[K], section = selected.value, auto = false): string {
    const mark = outbox.record(id, kind, payload, section ? { section } : {});
    undoing.made({ id: mark, auto });
    return mark;
  }

  /** @param auto the pass before it handed on to here, and takes it back with it */
  function take(section = selected.value, auto = false): void {
    if (section) {
      selected.value = section;
      record('section_taken', {}, section, auto);
    }
  }

  /** The next line from the lowest up that is not done. */
  const line = computed(() => {
    const done = new Set(here.value?.linesDone ?? []);
    for (let number = 1; number <= (here.value?.lines ?? 0); number++) {
      if (!done.has(number)) {
        return number;
      }
    }
    return null;
  });

  /** Whether a touch answers the section in hand, and is not the bounce of the one before. */
  const answers = (): boolean => selected.value !== null && bounce.takes(selected.value);

  function lineDone(): void {
    if (line.value !== null && answers()) {
      record('line_done', { line: line.value });
    }
  }

  /** All lines from the lowest up to one that was touched. */
  function linesUpTo(last: number): void {
    for (let number = 1; number <= last; number++) {
      if (!here.value?.linesDone.includes(number)) {
        record('line_done', { line: number });
      }
    }
  }

  /**
   * Records a comb check; a section that passes hands on to the next, and the hands with it.
   *
   * @returns whether it was taken
   */
  function comb(check: CombCheck, passes: boolean): boolean {
    if (!answers()) {
      return false;
    }
    record('table_combed', given(check));
    if (passes) {
      goOn();
    }
    return true;
  }

  function clipped(mm: number): void {
    if (!answers()) {
      return;
    }
    const combs = here.value?.combAfterMm ?? null;
    record('clipped', { mm });
    // A longer cut of matted hair takes the comb before the next section.
    if (combs === null || mm <= combs) {
      goOn();
    } else {
      take();
    }
  }

  function goOn(): void {
    if (next.value) {
      take(next.value, true);
    }
  }

  function step(by: number): void {
    selected.value = stepAlong(route.value, selected.value, by);
  }

  /** The brush-out begins at the first section of its route that is open. */
  function begin(scope: TableRun['scope']): void {
    recordWhole('run_started', { scope });
    selected.value = nextOpen(null) ?? selected.value;
  }

  /** Marks about the whole dog belong to no section. */
  function recordWhole<K extends 'paused' | 'resumed' | 'run_started'>(kind: K, payload: Payloads[K]): void {
    record(kind, payload, null);
  }

  watch(
    table,
    (known) => {
      if (known && selected.value === null) {
        selected.value = known.current ?? nextOpen(null) ?? known.route[0] ?? visit.value!.route[0] ?? null;
      }
    },
    { immediate: true },
  );

  return {
    ...{ drawn, table, selected, here, inHand, left, next, line, route },
    ...{ record, recordWhole, begin, take, lineDone, linesUpTo, comb, clipped, goOn, step, undoing },
  };
}

/** Seconds that have passed since the last mark while the clocks run; a number that ticks. A long silence is not work. */
export function useTicking(running: ComputedRef<boolean>, lastMs: ComputedRef<number | null>, silenceSeconds: ComputedRef<number>) {
  const now = ref(Date.now());
  const timer = setInterval(() => (now.value = Date.now()), 500);
  onScopeDispose(() => clearInterval(timer));
  return computed(() => {
    const passed = running.value && lastMs.value !== null ? Math.max(0, (now.value - lastMs.value) / 1000) : 0;
    return passed > silenceSeconds.value ? 0 : passed;
  });
}
