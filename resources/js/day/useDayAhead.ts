import { computed, onScopeDispose, type Ref } from 'vue';
import { api } from '@/api/client';
import type { AppointmentRow, ComingDays, DayAdvice, ReadyAt } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { useOutbox } from '@/device/useOutbox';

const EVERY_MS = 20_000;
/** Advice is not renewed under the finger. */
const ADVICE_EVERY_MS = 60_000;

/** Today tried out: when each dog is ready, who is still to come. The list of the day never waits for it. */
export function useDayAhead(isToday: Ref<boolean>) {
  const { value: days, refresh } = start(
    useLoader<ComingDays>({
      ask: async () => (isToday.value ? api('get', '/api/days', { query: { days: 1 } }) : null),
      everyMs: EVERY_MS,
    }),
  );
  const { value: advice, refresh: renew } = start(
    useLoader<DayAdvice>({
      ask: async () => (isToday.value ? api('get', '/api/day/advice') : null),
      everyMs: ADVICE_EVERY_MS,
    }),
  );
  const ahead = computed(() => days.value?.days[0]);
  // What somebody decided here is tried out at once.
  onScopeDispose(
    useOutbox().onTaken(() => {
      void refresh();
      void renew();
    }),
  );
  const ready = computed(() => new Map<string, ReadyAt>(isToday.value ? ahead.value?.forecast.ready.map((one) => [one.dog, one]) : []));
  const expected = computed<AppointmentRow[]>(() =>
    isToday.value ? (ahead.value?.appointments ?? []).filter((row) => row.state === 'booked') : [],
  );
  const groomers = computed(() => new Map(ahead.value?.groomers.map((one) => [one.id, one.name]) ?? []));
  return {
    ready,
    expected,
    groomers,
    advice: computed(() => (isToday.value ? advice.value : null)),
    asks: computed(() => days.value?.asks ?? []),
  };
}

function start<T>(loader: ReturnType<typeof useLoader<T>>): ReturnType<typeof useLoader<T>> {
  void loader.refresh();
  return loader;
}
