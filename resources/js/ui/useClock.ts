import { useIntervalFn, useNow } from '@vueuse/core';
import { computed } from 'vue';
import { say } from '@/messages/say';

/** The time of day in the salon, to the minute. */
export function useClock() {
  const now = useNow({ scheduler: (look) => useIntervalFn(look, 5000) });
  return { now, time: computed(() => say.time(now.value.toISOString())) };
}
