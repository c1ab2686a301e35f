import { computed, type Ref, watch } from 'vue';
import { api } from '@/api/client';
import type { TimelineMark, Visit, VisitRecord } from '@/api/types';
import { useLoader } from '@/device/useLoader';

/** An entry that decided something. */
export type Decided = TimelineMark & { decision: NonNullable<TimelineMark['decision']> };

export function useRecord(id: string, visit: Ref<Visit | null>) {
  const loaded = useLoader<VisitRecord>({ ask: () => api('get', '/api/visits/{visit}/record', { path: { visit: id } }) });
  const { value: record, refresh } = loaded;
  watch(
    () => visit.value?.number,
    (number) => number !== undefined && void refresh(),
    { immediate: true },
  );

  /** Every entry, said by the server. */
  const story = computed(() => record.value?.timeline ?? []);
  const decisions = computed(() =>
    story.value.flatMap((mark) => (mark.decision && !mark.withdrawn && !mark.setApart ? [{ ...mark, decision: mark.decision }] : [])),
  );

  /** Made before the end, arrived after it: nobody has counted it. */
  const late = computed(() => story.value.filter((line) => line.setApart));

  /** What the table took against what was forecast, section by section, the slowest against its forecast first. */
  const taken = computed(() => {
    const table = record.value?.visit.table;
    return (record.value?.visit.route ?? [])
      .map((section) => ({ section, here: table!.sections[section] }))
      .filter(({ here }) => here.done && here.seconds >= 1 && here.forecast !== null)
      .sort((one, other) => other.here.seconds / 60 / other.here.forecast!.likely - one.here.seconds / 60 / one.here.forecast!.likely);
  });

  return { record, loaded, decisions, story, late, taken };
}
