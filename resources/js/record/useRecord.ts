import { t } from '@/messages/words';
import { computed, type Ref, watch } from 'vue';
import { api } from '@/api/client';
import type { TimelineMark, Visit, VisitRecord } from '@/api/types';
import { clockOf, detailOf, type Line } from './markWords';
import { useLoader } from '@/device/useLoader';

const lineOf = ({ id, at, by, withdrawn, setApart, receivedAt }: TimelineMark): Omit<Line, 'what' | 'why'> => ({
  ...{ id, at, by, withdrawn, setApart, receivedAt },
});

export function useRecord(id: string, visit: Ref<Visit | null>) {
  const loaded = useLoader<VisitRecord>({ ask: () => api('get', '/api/visits/{visit}/record', { path: { visit: id } }) });
  const { value: record, refresh } = loaded;
  watch(
    () => visit.value?.number,
    (number) => number !== undefined && void refresh(),
    { immediate: true },
  );

  const decisions = computed<Line[]>(() =>
    (record.value?.timeline ?? []).flatMap((mark) =>
      mark.decision && !mark.withdrawn && !mark.setApart ? [{ ...lineOf(mark), ...mark.decision }] : [],
    ),
  );
  const story = computed<Line[]>(() =>
    (record.value?.timeline ?? []).map((mark) => ({
      ...lineOf(mark),
      what: t(`visit.markKinds.${mark.kind}`),
      why: [detailOf(mark), clockOf(mark)].filter((words) => words).join(' · '),
    })),
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
