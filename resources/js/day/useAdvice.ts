import { computed } from 'vue';
import type { AppointmentRow, DayAdvice, DayDog } from '@/api/types';
import { t } from '@/messages/words';
import { say } from '@/messages/say';
import { holdsSaid } from '@/visit/holds';

export interface AdviceOf {
  advice: DayAdvice;
  dogs: DayDog[];
  expected: AppointmentRow[];
  groomers: Map<string, string>;
}

/** The promise most in danger, and who is next for whom, in words. */
export function useAdvice(of: AdviceOf) {
  const named = computed(
    () =>
      new Map<string, { name: string; client: string; promisedAt: string | null }>([
        ...of.dogs.map((row) => [row.id, { name: row.dog.name, client: row.dog.client, promisedAt: row.promisedAt }] as const),
        ...of.expected.map((row) => [row.id, { name: row.dog.name, client: row.dog.client.name, promisedAt: row.promisedAt }] as const),
      ]),
  );
  const nameOf = (id: string | null): string => named.value.get(id ?? '')?.name ?? '';
  const clientOf = (id: string | null): string => named.value.get(id ?? '')?.client ?? '';
  const groomerOf = (id: string | null): string => of.groomers.get(id ?? '') ?? '';

  /** "Rook’s 16:30 holds 3 in 10." */
  const danger = computed(() => {
    const [one, dog] = [of.advice.advice, named.value.get(of.advice.advice?.dog ?? '')];
    if (!one || !dog) {
      return null;
    }
    const holds = holdsSaid(one.chance);
    return {
      dog: dog.name,
      client: dog.client,
      ways: one.alternatives,
      says: dog.promisedAt
        ? t('days.advice.danger', { dog: dog.name, time: say.time(dog.promisedAt), holds })
        : t('days.advice.dangerPlain', { dog: dog.name, holds }),
    };
  });

  const next = computed(() =>
    of.advice.next.map((one) => {
      const slack = Math.round(one.slack ?? 0);
      return {
        who: t('days.advice.next', { groomer: groomerOf(one.groomer), dog: nameOf(one.dog) }),
        why:
          one.reason === 'least_slack' && slack < 0
            ? t('days.advice.nextReason.late', { slack: -slack })
            : t(`days.advice.nextReason.${one.reason}`, { slack }),
      };
    }),
  );

  return { danger, next, nameOf, clientOf, groomerOf };
}
