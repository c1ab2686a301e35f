import { computed, type ComputedRef, type Ref } from 'vue';
import type { MarkKind, SectionId, Visit } from '@/api/types';
import { useBounce } from '@/device/bounce';
import { useOutbox, type Waiting } from '@/device/useOutbox';

export type TwoAnswers = Visit['twoAnswers'][number];
export type OneAnswer = TwoAnswers['answers'][number];

/** What is drawn once it is decided. */
function shown(section: SectionId, answer: OneAnswer): Waiting['shows'] {
  if (answer.kind === 'comb_checked') {
    return { section, check: answer.check };
  }
  if (answer.kind !== 'grade_judged') {
    return undefined;
  }
  const { payload, at } = answer;
  return {
    section,
    own: payload.grade == null ? null : { grade: payload.grade, instead: payload.instead, reason: payload.reason, id: '', at },
  };
}

/** What is still asked: a place that was answered here since is drawn as decided. */
export function useTwoAnswers(
  id: string,
  visit: Ref<Visit | null>,
): { asked: ComputedRef<TwoAnswers[]>; decide: (section: SectionId, answer: OneAnswer) => string | null } {
  const outbox = useOutbox();
  const bounce = useBounce();
  const isAnsweredHere = (two: TwoAnswers): boolean => {
    const kinds: MarkKind[] = two.answers.map((answer) => answer.kind);
    return outbox
      .waitingFor(id)
      .some(({ mark }) => mark.section === two.section && kinds.includes(mark.kind) && (mark.seen ?? 0) >= (visit.value?.number ?? 0));
  };

  return {
    asked: computed(() => (visit.value?.twoAnswers ?? []).filter((two) => !isAnsweredHere(two))),
    /** The same answer once more, by somebody who has seen both; null: a bounce, and the place stays open. */
    decide: (section, answer) =>
      bounce.takes(section) ? outbox.record(id, answer.kind, answer.payload, { section, shows: shown(section, answer) }) : null,
  };
}
