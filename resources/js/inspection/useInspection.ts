import { undoableOf } from '@/visit/kindsOf';
import { computed, ref, type ComputedRef, type Ref, watch } from 'vue';
import type { CombCheck, MarkKind, OwnGrade, Payloads, SectionId, Visit } from '@/api/types';
import { nextAlong, stepAlong } from '@/visit/alongTheRoute';
import { useBounce } from '@/device/bounce';
import { useOutbox } from '@/device/useOutbox';
import { useUndo } from '@/device/useUndo';
import { given } from '@/device/waiting';

/** What undo takes back here. */
const OF_THE_INSPECTION: MarkKind[] = [...undoableOf('inspection'), 'finding_noted', 'finding_closed', 'note_written'];

/** Going round the dog: which section is in hand, what is answered there, and where to go next. */
export function useInspection(id: string, visit: Ref<Visit | null>, sections: ComputedRef<Visit['sections'] | null>) {
  const outbox = useOutbox();
  const bounce = useBounce();
  const selected = ref<SectionId | null>(null);
  const undoing = useUndo(id, visit, OF_THE_INSPECTION, select);

  const route = computed(() => visit.value?.route ?? []);
  const isOpen = (section: SectionId): boolean => {
    const known = sections.value?.[section];
    return known !== undefined && !known.leaveAlone && (known.verdict !== 'graded' || known.asks !== null);
  };
  const left = computed(() =>
    route.value.filter((section) => sections.value && !sections.value[section].leaveAlone && sections.value[section].verdict !== 'graded'),
  );
  const current = computed(() => (selected.value && sections.value ? sections.value[selected.value] : null));
  const place = computed(() => (selected.value ? route.value.indexOf(selected.value) + 1 : 0));

  const nextOpen = (from: SectionId | null): SectionId | null => nextAlong(route.value, from, isOpen);
  const next = computed(() => nextOpen(selected.value));

  function select(section: SectionId): void {
    selected.value = section;
  }

  function goOn(): void {
    if (next.value) {
      select(next.value);
    }
  }

  function step(by: number): void {
    if (selected.value) {
      selected.value = stepAlong(route.value, selected.value, by);
    }
  }

  /** Records the section's check as it now is; a section that needs nothing more hands on to the next. */
  function check(check: CombCheck, moveOn: boolean): void {
    const section = selected.value;
    if (!section || visit.value?.closedAt || !bounce.takes(section)) {
      return;
    }
    const before = sections.value?.[section].check ?? null;
    const mark = outbox.record(id, 'comb_checked', given(check), {
      section,
      shows: { section, check },
    });
    undoing.made({ id: mark, shows: { section, check: before } });
    if (moveOn) {
      goOn();
    }
  }

  /** Before any comb a hand goes over the coat: what it feels is marked, or was nothing after all. */
  function feel(section: SectionId): void {
    const felt = sections.value?.[section].felt ?? null;
    if (visit.value?.closedAt) {
      return;
    }
    if (felt) {
      undoing.takeBack(felt, { section, felt: false });
    } else {
      const mark = outbox.record(id, 'knot_felt', {}, { section, shows: { section, felt: true } });
      undoing.made({ id: mark, shows: { section, felt: false } });
    }
  }

  /** Records a finding, its end or a note at the section in hand; undo takes it back like a check. Returns the mark's id. */
  function recordHere<K extends 'finding_noted' | 'finding_closed' | 'note_written'>(kind: K, payload: Payloads[K]): string | null {
    const section = selected.value;
    if (!section) {
      return null;
    }
    const mark = outbox.record(id, kind, payload, kind === 'finding_closed' ? {} : { section });
    undoing.made({ id: mark });
    return mark;
  }

  /** The groomer grades the section in hand otherwise than the rule does; null lets the rule's grade count again. */
  function judge(own: Pick<OwnGrade, 'grade' | 'instead' | 'reason'> | null): void {
    const section = selected.value;
    if (section) {
      const before = sections.value?.[section].own ?? null;
      const shown = own && { ...own, id: '', at: new Date().toISOString() };
      const mark = outbox.record(id, 'grade_judged', own ? { ...own } : { rule: true }, { section, shows: { section, own: shown } });
      undoing.made({ id: mark, shows: { section, own: before } });
    }
  }

  watch(
    sections,
    (known) => {
      if (known && selected.value === null) {
        selected.value = nextOpen(null) ?? route.value[0] ?? null;
      }
    },
    { immediate: true },
  );

  return { selected, current, place, left, next, select, goOn, step, check, feel, recordHere, judge, undoing };
}
