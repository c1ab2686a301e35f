import { computed, ref, type Ref, shallowRef, watch } from 'vue';
import { api, Refused, Unreachable } from '@/api/client';
import type { SectionId, TimelineMark, Visit, VisitRecord } from '@/api/types';
import { say } from '@/messages/say';
import { useOutbox } from './useOutbox';
import { useSession } from './useSession';

/** One line of the story: when, what was decided or found, and by whom. */
export interface Line {
  id: string;
  at: string;
  what: string;
  why: string;
  by: string;
  withdrawn: boolean;
}

/** Sections alike in grade and treatment, told together. */
export interface FoundRow {
  grade: number | null;
  sections: SectionId[];
  done: string;
  why: string;
}

export function useRecord(id: string, visit: Ref<Visit | null>) {
  const outbox = useOutbox();
  const record = shallowRef<VisitRecord | null>(null);
  const unreachable = ref(false);

  async function refresh(): Promise<void> {
    try {
      record.value = await api<VisitRecord>('GET', `visits/${id}/record`);
      unreachable.value = false;
    } catch (failure) {
      if (failure instanceof Unreachable) {
        outbox.lost();
        unreachable.value = true;
      } else if (failure instanceof Refused && failure.status === 401) {
        useSession().expire();
      } else if (!(failure instanceof Refused)) {
        throw failure;
      }
    }
  }
  watch(
    () => visit.value?.number,
    (number) => number !== undefined && void refresh(),
    { immediate: true },
  );

  const decisions = computed<Line[]>(() => (record.value?.timeline ?? []).filter((mark) => !mark.withdrawn).flatMap(decisionOf));
  const story = computed<Line[]>(() =>
    (record.value?.timeline ?? []).map((mark) => ({
      id: mark.id,
      at: mark.at,
      by: mark.by,
      withdrawn: mark.withdrawn,
      what: say.text.markKinds[mark.kind],
      why: detailOf(mark),
    })),
  );

  const found = computed<FoundRow[]>(() => {
    const rows = new Map<string, FoundRow>();
    for (const section of visit.value?.route ?? []) {
      const grade = record.value?.visit.sections[section].inForce ?? null;
      const choice = record.value?.plan.sections[section]?.choice;
      const done = choice ? say.done(choice) : 'not decided';
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
      ? `Graded ${say.grade(own.grade)} by ${own.by}, ${say.grade(own.instead)} by the rule: “${own.reason}”.`
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
      return say.bar(ruledOut);
    }
    const chosen = record.value?.timeline.findLast(
      (mark) => mark.kind === 'treatment_chosen' && mark.section === section && !mark.withdrawn,
    );
    if (chosen) {
      return `Chosen by ${chosen.by}.`;
    }
    const reason = record.value?.plan.reasons?.[section];
    return reason ? say.why(reason) : '';
  }

  function decisionOf(mark: TimelineMark): Line[] {
    const line = { id: mark.id, at: mark.at, by: mark.by, withdrawn: mark.withdrawn };
    const payload = mark.payload as Record<string, string>;
    switch (mark.kind) {
      case 'plan_chosen':
        return [{ ...line, what: `Plan: ${say.text.aims[payload.aim as 'balanced']}`, why: '' }];
      case 'treatment_chosen':
        return payload.reason
          ? [
              {
                ...line,
                what: `${say.section(mark.section!)}: ${say.done(payload.treatment)}, otherwise than planned`,
                why: payload.reason,
              },
            ]
          : [];
      case 'plan_shown':
        return [{ ...line, what: 'The plan was put to the client', why: '' }];
      case 'answer_given': {
        const via = say.text.via[payload.via as keyof typeof say.text.via];
        return [
          {
            ...line,
            what: `${payload.who} ${say.text.answers[payload.answer as 'yes']}`,
            why: [via, payload.note ? `“${payload.note}”` : ''].filter((word) => word).join(': '),
          },
        ];
      }
      case 'handed_over':
        return [
          {
            ...line,
            what: 'Went home',
            why: payload.skippedBecause
              ? `Brush-out, bath gate, bath, drying and second comb check: nothing recorded. ${payload.skippedBecause}`
              : '',
          },
        ];
      case 'stopped':
        return [{ ...line, what: 'Stopped', why: payload.reason }];
      case 'finding_closed':
        return [{ ...line, what: 'A finding was closed', why: payload.note ?? '' }];
      case 'photo_deleted':
        return [{ ...line, what: 'A picture was erased', why: payload.reason }];
      default:
        return [];
    }
  }

  function detailOf(mark: TimelineMark): string {
    const payload = mark.payload as Record<string, string | number | boolean>;
    const place = mark.section ? `${say.section(mark.section)}: ` : '';
    switch (mark.kind) {
      case 'comb_checked':
        return (
          place +
          [
            say.text.comb[payload.comb as 'glides'],
            payload.skinLine ? say.text.skinLine[payload.skinLine as 'clear'] : '',
            payload.opens ? say.text.opens[payload.opens as 'fingers'] : '',
            payload.mattedShare != null ? say.share(Number(payload.mattedShare)) : '',
            payload.liftMm != null ? `${payload.liftMm} mm from the skin` : '',
          ]
            .filter((word) => word)
            .join(', ')
            .toLowerCase()
        );
      case 'grade_judged':
        return payload.rule
          ? `${place}the rule’s grade counts`
          : `${place}${say.grade(Number(payload.grade))} instead of ${say.grade(Number(payload.instead))}: ${payload.reason}`;
      case 'photo_taken':
        return place + say.text.moments[payload.moment as 'before'];
      case 'treatment_chosen':
        return place + say.treatment(String(payload.treatment)).toLowerCase() + (payload.reason ? `: ${payload.reason}` : '');
      case 'treatment_freed':
        return place + 'the plan decides';
      case 'plan_chosen':
        return say.text.aims[payload.aim as 'balanced'];
      case 'even_wanted':
        return (mark.payload.groups as ('body' | 'legs')[]).map((group) => say.text.evenGroups[group]).join(', ') || 'none';
      case 'blade_tried':
        return `${place}${payload.mm} mm ${say.text.bladeResults[payload.result as 'passes'].toLowerCase()}`;
      case 'finding_noted':
        return place + say.text.findings[payload.kind as 'redness'].toLowerCase() + (payload.note ? `, ${payload.note}` : '');
      case 'note_written':
        return place + String(payload.text);
      default:
        return decisionOf(mark)[0]?.why ?? '';
    }
  }

  return { record, unreachable, decisions, story, found, refresh };
}
