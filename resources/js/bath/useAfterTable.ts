import { t } from '@/messages/words';
import { computed, ref, type Ref } from 'vue';
import { Refused } from '@/api/client';
import type { MarkKind, Payloads, SectionId, Visit } from '@/api/types';
import { useOutbox } from '@/device/useOutbox';
import { useDrawn } from '@/table/useTable';
import { useUndo } from '@/device/useUndo';

/** Marks from the bath on: recorded, taken back, and decisions that wait for the server. */
export function useAfterTable(id: string, visit: Ref<Visit | null>, undoes: MarkKind[]) {
  const outbox = useOutbox();
  const drawn = useDrawn(id, visit);
  const undoing = useUndo(id, visit, undoes);
  const problem = ref('');
  const closed = computed(() => visit.value?.closedAt != null);

  /**
   * @returns the mark's id, null where the visit has ended
   *
   * @param auto one touch with the mark before it, and taken back with it
   */
  function record<K extends MarkKind>(kind: K, payload: Payloads[K], section?: SectionId, auto = false): string | null {
    if (closed.value) {
      return null;
    }
    const mark = outbox.record(id, kind, payload, section ? { section } : {});
    undoing.made({ id: mark, auto });
    return mark;
  }

  /** For a decision that means nothing before the server has taken it. Resolves to whether it was. */
  async function decide<K extends MarkKind>(kind: K, payload: Payloads[K], section?: SectionId): Promise<boolean> {
    problem.value = '';
    try {
      const mark = await outbox.recordNow(id, kind, payload, section);
      undoing.made({ id: mark, decided: { id: mark, kind, section: section ?? null, by: '' } });
      return true;
    } catch (failure) {
      if (!(failure instanceof Refused)) {
        problem.value = t('table.noNetwork');
        return false;
      }
      problem.value = failure.message;
      return false;
    }
  }

  return { drawn, problem, closed, record, decide, undoing };
}
