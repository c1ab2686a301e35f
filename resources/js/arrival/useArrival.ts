import { computed, reactive, type Ref } from 'vue';
import type { ArrivalAnswers, Visit } from '@/api/types';
import { figure } from '@/messages/options';
import { say } from '@/messages/say';
import { useOutbox } from '@/device/useOutbox';

export type WantedPart = keyof typeof say.text.wantedParts.fields;
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

const LIMITS: Record<NumberField | 'feeLimit', [number, number, string]> = {
  weightKg: [0.3, 120, 'Give the weight in kg, such as 23.5.'],
  coatMm: [1, 500, 'Give the length in mm, such as 60.'],
  wantedMm: [0.5, 500, 'Give the length in mm, such as 40.'],
  daysSinceCombOut: [0, 2000, 'Give days, such as 30.'],
  daysSinceBath: [0, 2000, 'Give days, such as 14.'],
  weeksSinceHeat: [0, 104, 'Give weeks, such as 8.'],
  standsMinutes: [5, 240, 'Give minutes from 5 to 240.'],
  slotMinutes: [10, 600, 'Give minutes from 10 to 600.'],
  ...(Object.fromEntries(
    Object.keys(say.text.wantedParts.fields).map((field) => [field, [0.5, 500, 'Give the length in mm, such as 40.']]),
  ) as Record<WantedPart, [number, number, string]>),
  feeLimit: [0, 100000, 'Give an amount, such as 85.'],
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
    const value = figure(typed);
    const whole = field.startsWith('days') || field === 'slotMinutes' || field === 'weeksSinceHeat';
    if (typed.trim() !== '' && (!(value >= least && value <= most) || (whole && !Number.isInteger(value)))) {
      problems[field] = says;
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
