import { computed, onScopeDispose, ref, shallowRef, watch, type Ref } from 'vue';
import { api, Refused, Unreachable } from '@/api/client';
import type { Service, TriedTime } from '@/api/types';
import { useOutbox } from '@/device/useOutbox';
import { useSession } from '@/device/useSession';
import { t } from '@/messages/words';
import { inSalon } from './salonTime';

interface Asked {
  dogId: string;
  service: Service;
  groomer: string | null;
  startsAt: string;
  promisedAt: string | null;
  moving: string | null;
}

const PAUSE_MS = 250;

/** Nothing but the promise may differ: the answer holds the chance of every promise at that time. */
function isOneTime(one: Asked, other: Asked): boolean {
  return (
    one.dogId === other.dogId &&
    one.service === other.service &&
    one.groomer === other.groomer &&
    one.startsAt === other.startsAt &&
    one.moving === other.moving
  );
}

/** What one time makes of a day's promises; an answer to another choice is never shown for this one. */
export function useTriedTime(asked: Ref<Asked | null>) {
  const answered = shallowRef<{ asked: Asked; tried: TriedTime } | null>(null);
  /** Why it could not be tried, in words. */
  const trouble = ref('');
  let count = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;

  const tried = computed(() =>
    answered.value && asked.value && isOneTime(answered.value.asked, asked.value) ? answered.value.tried : null,
  );
  /** Chosen, and neither answered nor known to be unanswerable. */
  const trying = computed(() => asked.value !== null && tried.value === null && trouble.value === '');

  /** What is chosen now, tried now; null: it could not be. The caller's own answer, whatever is asked meanwhile. */
  async function look(): Promise<TriedTime | null> {
    clearTimeout(timer);
    const mine = ++count;
    const what = asked.value;
    if (!what) {
      return null;
    }
    try {
      const { dogId, service, groomer, startsAt, promisedAt, moving } = what;
      const answer = await api('get', '/api/days/{date}/try', {
        path: { date: inSalon(startsAt).date },
        query: {
          dogId,
          service,
          startsAt,
          ...(groomer ? { groomer } : {}),
          ...(promisedAt ? { promisedAt } : {}),
          ...(moving ? { moving } : {}),
        },
      });
      if (mine === count) {
        answered.value = { asked: what, tried: answer };
        trouble.value = '';
      }
      return answer;
    } catch (failure) {
      if (failure instanceof Unreachable) {
        useOutbox().lost();
      } else if (!(failure instanceof Refused)) {
        throw failure;
      }
      if (mine === count && !useSession().endsBy(failure)) {
        trouble.value = failure instanceof Refused ? failure.message : t('days.appointment.untried');
      }
      return null;
    }
  }

  watch(
    asked,
    (now, before) => {
      clearTimeout(timer);
      if (!now || !before || !isOneTime(now, before)) {
        trouble.value = '';
      }
      timer = setTimeout(() => void look(), PAUSE_MS);
    },
    { immediate: true, deep: true },
  );
  onScopeDispose(() => clearTimeout(timer));
  return { tried, trying, trouble, look };
}
