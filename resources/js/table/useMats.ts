import { computed, type Ref } from 'vue';
import type { MatCause, SectionId, TableRun } from '@/api/types';
import type { useTable } from './useTable';

/** Mats one at a time: taken in hand, parked for later, and what is done where one does not open. */
export function useMats(table: Ref<TableRun | null>, selected: Ref<SectionId | null>, record: ReturnType<typeof useTable>['record']) {
  const here = computed(() => table.value?.mat?.section === selected.value);
  const parkedHere = computed(() => table.value?.parked.find((mat) => mat.section === selected.value) ?? null);

  function take(): void {
    record('mat_taken', parkedHere.value ? { parkedId: parkedHere.value.id } : {});
  }

  function park(note: string, because: MatCause | null = null, auto = false): void {
    record('mat_parked', { ...(note ? { note } : {}), ...(because ? { because } : {}) }, selected.value, auto);
  }

  /** Another treatment for the section. A mat that waits for the blade is put down; one that is thinned stays in the hand. */
  function instead(treatment: string): void {
    record('treatment_chosen', { treatment, because: 'did_not_open' });
    if (here.value && treatment !== 'thin') {
      park('', 'did_not_open', true);
    }
  }

  return { here, take, park, instead };
}
