import { sayPlan } from '@/messages/sayPlan';
import { t } from '@/messages/words';
import { computed, type Ref, watch } from 'vue';
import { api } from '@/api/client';
import type { SectionId, Visit, VisitRecord } from '@/api/types';
import { say } from '@/messages/say';
import { clockOf, decisionOf, detailOf, type Line } from './markWords';
import { useLoader } from '@/device/useLoader';

/** Sections alike in grade and treatment, told together. */
export interface FoundRow {
  grade: number | null;
  sections: SectionId[];
  done: string;
  why: string;
}

export function useRecord(id: string, visit: Ref<Visit | null>) {
  const loaded = useLoader<VisitRecord>({ ask: () => api('get', '/api/visits/{visit}/record', { path: { visit: id } }) });
  const { value: record, refresh } = loaded;
  watch(
    () => visit.value?.number,
    (number) => number !== undefined && void refresh(),
    { immediate: true },
  );

  const skipped = computed(() => record.value?.visit.home.skipped ?? []);
  const decisions = computed<Line[]>(() =>
    (record.value?.timeline ?? []).filter((mark) => !mark.withdrawn).flatMap((mark) => decisionOf(mark, skipped.value)),
  );
  const story = computed<Line[]>(() =>
    (record.value?.timeline ?? []).map((mark) => ({
      id: mark.id,
      at: mark.at,
      by: mark.by,
      withdrawn: mark.withdrawn,
      what: t(`visit.markKinds.${mark.kind}`),
      why: [detailOf(mark, skipped.value), clockOf(mark)].filter((words) => words).join(' · '),
    })),
  );

  const found = computed<FoundRow[]>(() => {
    const rows = new Map<string, FoundRow>();
    for (const section of visit.value?.route ?? []) {
      const grade = record.value?.visit.sections[section].inForce ?? null;
      const choice = record.value?.plan.sections[section]?.choice;
      const here = record.value?.visit.table.sections[section];
      const begun = record.value?.visit.table.begun === true;
      const done = !choice
        ? t('coat.said.notDecided')
        : begun && !here?.done && choice !== 'leave'
          ? t('record.row.notDone', { done: say.done(choice) })
          : say.done(choice);
      const why = [ownGradeOf(section), whyOf(section)].filter((words) => words).join(' ');
      const key = `${grade}|${done}|${why}`;
      const row = rows.get(key) ?? { grade, sections: [], done, why };
      row.sections.push(section);
      rows.set(key, row);
    }
    return [...rows.values()].sort((one, other) => (other.grade ?? -1) - (one.grade ?? -1));
  });

  /** Where the groomer graded otherwise than the rule, both grades and the reason. */
  function ownGradeOf(section: SectionId): string {
    const { own, grade } = record.value!.visit.sections[section];
    return own && own.instead === grade
      ? t('record.row.graded', { grade: say.grade(own.grade), by: own.by, instead: say.grade(own.instead), reason: own.reason })
      : '';
  }

  /** Why a section is not simply brushed or opened: the rule that left no other way, or the groomer who chose. */
  function whyOf(section: SectionId): string {
    const planned = record.value?.plan.sections[section];
    const choice = planned?.choice;
    if (!planned || !choice || choice === 'brush' || choice === 'demat') {
      return '';
    }
    const ruledOut = planned.notOffered.find((bar) => bar.treatment === 'demat' || bar.treatment === 'brush');
    if (ruledOut) {
      return sayPlan.bar(ruledOut);
    }
    const chosen = record.value?.timeline.findLast(
      (mark) => mark.kind === 'treatment_chosen' && mark.section === section && !mark.withdrawn,
    );
    if (chosen) {
      return t('record.row.chosenBy', { by: chosen.by });
    }
    const reason = record.value?.plan.reasons?.[section];
    return reason ? sayPlan.why(reason) : '';
  }

  /** What the table took against what was forecast, section by section, the slowest against its forecast first. */
  const taken = computed(() => {
    const table = record.value?.visit.table;
    return (record.value?.visit.route ?? [])
      .map((section) => ({ section, here: table!.sections[section] }))
      .filter(({ here }) => here.done && here.seconds >= 1 && here.forecast !== null)
      .sort((one, other) => other.here.seconds / 60 / other.here.forecast!.likely - one.here.seconds / 60 / one.here.forecast!.likely);
  });

  return { record, loaded, decisions, story, found, taken };
}
