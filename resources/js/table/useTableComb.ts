import { computed, ref, type Ref } from 'vue';
import type { CombCheck, Question, VisitSection } from '@/api/types';
import { useGuide } from '@/visit/useGuide';
import type { useTable } from './useTable';
import type { useVisit } from '@/visit/useVisit';

/** What stands beside the clocks: the marks, the comb's question, the rake, or the gate. */
export type TablePanel = 'marks' | 'comb' | 'rake' | 'gate';

/** The comb check at the table: the same questions as at the inspection. */
export function useTableComb(
  run: Pick<ReturnType<typeof useTable>, 'selected' | 'here' | 'comb'>,
  sections: ReturnType<typeof useVisit>['sections'],
  panel: Ref<TablePanel>,
) {
  const guide = useGuide();
  const combAsks = ref<Question>('comb');
  const combing = computed<VisitSection | null>(() => {
    const known = run.selected.value ? sections.value?.[run.selected.value] : null;
    const check = run.here.value?.comb ?? null;
    const outcome = check ? guide.outcome(check) : null;
    return known ? { ...known, check, grade: outcome?.grade ?? null, verdict: outcome?.verdict ?? 'not_checked' } : null;
  });

  function ask(): void {
    combAsks.value = 'comb';
    panel.value = 'comb';
  }

  /** A comb that stops asks on; one that glides ends the section. */
  function combed(check: CombCheck): void {
    const outcome = guide.outcome(check);
    const passes = outcome?.verdict === 'graded' && outcome.grade === 0;
    if (!run.comb(check, passes)) {
      return;
    }
    if (outcome?.asks && !passes) {
      combAsks.value = outcome.asks;
    } else {
      panel.value = 'marks';
    }
  }

  /** One touch where nothing was found: from the skin to the tip, skin line clear. */
  const pass = (): void => combed({ comb: 'glides', skinLine: 'clear' });

  return { combing, combAsks, ask, combed, pass };
}
