import { computed, onScopeDispose, type Ref, ref, shallowRef, watch } from 'vue';
import { api, Refused, Unreachable } from '@/api/client';
import { deviceStore } from '@/device/store';
import type { Day } from '@/api/types';
import { useOutbox } from './useOutbox';
import { useSession } from './useSession';

const KEPT = 'day';

/** A day's dogs, fresh within seconds; without a date, today's. */
export function useDay(date: Ref<string | null>) {
  const day = shallowRef<Day | null>(null);
  const unreachable = ref(false);
  const outbox = useOutbox();

  async function refresh(): Promise<void> {
    try {
      const asked = date.value;
      const answer = await api<Day>('GET', asked ? `day?date=${asked}` : 'day');
      if (asked !== date.value) {
        return;
      }
      day.value = answer;
      if (!asked) {
        void deviceStore.keep(KEPT, answer);
      }
      unreachable.value = false;
      outbox.reached();
    } catch (failure) {
      if (failure instanceof Unreachable) {
        outbox.lost();
        unreachable.value = true;
        if (!date.value) {
          day.value ??= (await deviceStore.kept<Day>(KEPT)) ?? null;
        }
      } else if (failure instanceof Refused && failure.status === 401) {
        useSession().expire();
      } else {
        throw failure;
      }
    }
  }

  const poll = setInterval(() => document.visibilityState === 'visible' && void refresh(), 5000);
  onScopeDispose(() => clearInterval(poll));
  watch(
    date,
    () => {
      day.value = null;
      void refresh();
    },
    { immediate: true },
  );

  return { day, unreachable, refresh, dogs: computed(() => day.value?.dogs ?? []) };
}
