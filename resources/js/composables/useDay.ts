import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { api, Refused, Unreachable } from '@/api/client';
import type { Day } from '@/api/types';
import { useOutbox } from './useOutbox';
import { useSession } from './useSession';

/** The day's dogs, fresh within seconds. */
export function useDay() {
  const day = shallowRef<Day | null>(null);
  const unreachable = ref(false);
  const outbox = useOutbox();

  async function refresh(): Promise<void> {
    try {
      day.value = await api<Day>('GET', 'day');
      unreachable.value = false;
      outbox.reached();
    } catch (failure) {
      if (failure instanceof Unreachable) {
        outbox.lost();
        unreachable.value = true;
      } else if (failure instanceof Refused && failure.status === 401) {
        useSession().expire();
      } else {
        throw failure;
      }
    }
  }

  const poll = setInterval(() => document.visibilityState === 'visible' && void refresh(), 5000);
  onScopeDispose(() => clearInterval(poll));
  void refresh();

  return { day, unreachable, refresh, dogs: computed(() => day.value?.dogs ?? []) };
}
