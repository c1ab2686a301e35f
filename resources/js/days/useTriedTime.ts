import { ref, shallowRef, watch, type Ref } from 'vue';
import { api, Refused, Unreachable } from '@/api/client';
import type { Service, TriedTime } from '@/api/types';
import { useOutbox } from '@/device/useOutbox';
import { useSession } from '@/device/useSession';
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

/** What one time makes of a day's promises; an answer to an earlier choice never takes a later one's place. */
export function useTriedTime(asked: Ref<Asked | null>) {
  const tried = shallowRef<TriedTime | null>(null);
  const trying = ref(false);
  const lost = ref(false);
  let count = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;

  async function look(): Promise<void> {
    const mine = ++count;
    const what = asked.value;
    if (!what) {
      tried.value = null;
      trying.value = false;
      return;
    }
    trying.value = true;
    lost.value = false;
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
        tried.value = answer;
      }
    } catch (failure) {
      if (failure instanceof Unreachable) {
        useOutbox().lost();
      } else if (!useSession().endsBy(failure) && !(failure instanceof Refused)) {
        throw failure;
      }
      if (mine === count) {
        lost.value = true;
      }
    } finally {
      if (mine === count) {
        trying.value = false;
      }
    }
  }

  watch(
    asked,
    () => {
      clearTimeout(timer);
      timer = setTimeout(() => void look(), PAUSE_MS);
    },
    { immediate: true, deep: true },
  );
  return { tried, trying, lost, look };
}
