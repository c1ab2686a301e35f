import { computed, onScopeDispose, type Ref, watch } from 'vue';
import { api } from '@/api/client';
import type { Day } from '@/api/types';
import { deviceStore } from '@/device/store';
import { useLoader } from '@/device/useLoader';
import { useOutbox } from '@/device/useOutbox';

const KEPT = 'day';
const EVERY_MS = 5000;

/** A day's dogs, fresh within seconds; without a date, today's. */
export function useDay(date: Ref<string | null>) {
  const loaded = useLoader<Day>({
    async ask() {
      const asked = date.value;
      const answer = await api('get', '/api/day', { query: asked ? { date: asked } : {} });
      if (!asked) {
        void deviceStore.keep(KEPT, answer);
      }
      return asked === date.value ? answer : null;
    },
    kept: async () => (date.value ? undefined : deviceStore.keptAt<Day>(KEPT)),
    everyMs: EVERY_MS,
  });
  const { value: day, refresh } = loaded;
  // What somebody decided on the list stands in it at once.
  onScopeDispose(useOutbox().onTaken(() => void refresh()));
  watch(
    date,
    () => {
      day.value = null;
      void refresh();
    },
    { immediate: true },
  );

  return { day, loaded, dogs: computed(() => day.value?.dogs ?? []) };
}
