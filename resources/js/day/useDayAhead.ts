import { computed, type Ref } from 'vue';
import { api } from '@/api/client';
import type { AppointmentRow, ComingDay, DayAdvice, ReadyAt } from '@/api/types';
import { useLoader } from '@/device/useLoader';

const EVERY_MS = 20_000;
/** Advice is not renewed under the finger. */
const ADVICE_EVERY_MS = 60_000;

/** Today tried out: when each dog is ready, who is still to come. The list of the day never waits for it. */
export function useDayAhead(isToday: Ref<boolean>) {
  const { value: ahead } = start(
    useLoader<ComingDay>({
      ask: async () => (isToday.value ? ((await api('get', '/api/days', { query: { days: 1 } })).days[0] ?? null) : null),
      everyMs: EVERY_MS,
    }),
  );
  const { value: advice } = start(
    useLoader<DayAdvice>({
      ask: async () => (isToday.value ? api('get', '/api/day/advice') : null),
      everyMs: ADVICE_EVERY_MS,
    }),
  );
  const ready = computed(() => new Map<string, ReadyAt>(isToday.value ? ahead.value?.forecast.ready.map((one) => [one.dog, one]) : []));
  const expected = computed<AppointmentRow[]>(() =>
    isToday.value ? (ahead.value?.appointments ?? []).filter((row) => row.state === 'booked') : [],
  );
  const groomers = computed(() => new Map(ahead.value?.groomers.map((one) => [one.id, one.name]) ?? []));
  return { ready, expected, groomers, advice: computed(() => (isToday.value ? advice.value : null)) };
}

function start<T>(loader: ReturnType<typeof useLoader<T>>): ReturnType<typeof useLoader<T>> {
  void loader.refresh();
  return loader;
}
