import { say } from '@/messages/say';
import { computed, onScopeDispose, ref } from 'vue';

/** The time of day, to the minute. */
export function useClock() {
  const now = ref(new Date());
  const timer = setInterval(() => (now.value = new Date()), 5000);
  onScopeDispose(() => clearInterval(timer));
  return { now, time: computed(() => say.time(now.value.toISOString())) };
}
