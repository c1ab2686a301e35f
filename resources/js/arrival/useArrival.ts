import { say } from '@/messages/say';
import { t, type Key, type Words } from '@/messages/words';
import { computed, reactive, type Ref } from 'vue';
import type { ArrivalAnswers, Visit } from '@/api/types';
import { figure } from '@/messages/options';
import { kgOf, mmOf } from '@/messages/salon';
import { useOutbox } from '@/device/useOutbox';

export type WantedPart = keyof Words['arrival']['wantedParts']['fields'];
export type NumberField =
  | WantedPart
  | 'weightKg'
  | 'coatMm'
  | 'wantedMm'
  | 'daysSinceCombOut'
  | 'daysSinceBath'
  | 'slotMinutes'
  | 'standsMinutes'
  | 'weeksSinceHeat';
type TextFieldName = 'wishes' | 'newHealth' | 'phone';

type Limit = [least: number, most: number, says: Key];
const LENGTH: Limit = [0.5, 500, 'arrival.give.length'];
const LIMITS: Record<NumberField | 'feeLimit', Limit> = {
  weightKg: [0.3, 120, 'arrival.give.weight'],
  coatMm: [1, 500, 'arrival.give.length'],
  wantedMm: LENGTH,
  wantedBodyMm: LENGTH,
  wantedLegsMm: LENGTH,
  wantedFeetMm: LENGTH,
  wantedHeadMm: LENGTH,
  wantedEarsMm: LENGTH,
  wantedTailMm: LENGTH,
  daysSinceCombOut: [0, 2000, 'arrival.give.days30'],
  daysSinceBath: [0, 2000, 'arrival.give.days14'],
  weeksSinceHeat: [0, 104, 'arrival.give.weeks'],
  standsMinutes: [5, 240, 'arrival.give.stands'],
  slotMinutes: [10, 600, 'arrival.give.tableTime'],
  feeLimit: [0, 100000, 'arrival.give.amount'],
};

/** The arrival questions: each answer is recorded as it is given. */
export function useArrival(id: string, visit: Ref<Visit | null>) {
  const outbox = useOutbox();
  const problems = reactive<Record<string, string>>({});

  const answers = computed<ArrivalAnswers>(() =>
    outbox
      .waitingFor(id)
      .filter((entry) => entry.mark.kind === 'arrival_answered')
      .reduce((known, entry) => ({ ...known, ...(entry.mark.payload as ArrivalAnswers) }), visit.value?.arrival ?? {}),
  );

  function answer(changes: ArrivalAnswers): void {
    outbox.record(id, 'arrival_answered', changes);
  }

  /** A figure that makes no sense stays in its field, with what to put there; it is not recorded. */
  function figureFrom(field: keyof typeof LIMITS, typed: string): number | null | undefined {
    const [least, most, says] = LIMITS[field];
    const value = field.endsWith('Mm') ? mmOf(figure(typed)) : field === 'weightKg' ? kgOf(figure(typed)) : figure(typed);
    const whole = field.startsWith('days') || field === 'slotMinutes' || field === 'weeksSinceHeat';
    if (typed.trim() !== '' && (!(value >= least && value <= most) || (whole && !Number.isInteger(value)))) {
      problems[field] = t(says, { length: say.mm(40), weight: say.kg(23.5) });
      return undefined;
    }
    delete problems[field];
    return typed.trim() === '' ? null : value;
  }

  function answerNumber(field: NumberField, typed: string): void {
    const value = figureFrom(field, typed);
    if (value !== undefined) {
      answer({ [field]: value });
    }
  }

  function answerFee(typed: string): void {
    const value = figureFrom('feeLimit', typed);
    if (value !== undefined) {
      answer({ feeLimitCents: value === null ? null : Math.round(value * 100) });
    }
  }

  function answerText(field: TextFieldName, typed: string): void {
    answer({ [field]: typed.trim() === '' ? null : typed });
  }

  return { answers, problems, answer, answerNumber, answerFee, answerText };
}
