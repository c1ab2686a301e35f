import { computed, ref } from 'vue';
import { api } from '@/api/client';
import type { VisitPromises } from '@/api/types';
import { useLoader } from '@/device/useLoader';

const QUARTER_MS = 15 * 60_000;
const HOURS = 8;

/** Times that a client could be promised; without a network the quarters of the next hours, and nobody knows how sure they are. */
export function usePromise(visit: string, promisedAt: string | null) {
  const { value, trouble, refresh } = useLoader<VisitPromises>({
    ask: () => api('get', '/api/visits/{visit}/promise', { path: { visit } }),
  });
  void refresh();
  const chosen = ref<string | null>(null);
  const offline = computed(() => value.value === null && trouble.value === 'no_network');
  const quarters = computed<VisitPromises['times'][number]['at'][]>(() => {
    const first = Math.ceil(Date.now() / QUARTER_MS) * QUARTER_MS;
    return Array.from({ length: HOURS * 4 }, (_, index) => new Date(first + index * QUARTER_MS).toISOString());
  });
  const times = computed(() => value.value?.times.map(({ at }) => at) ?? (offline.value ? quarters.value : []));
  const at = computed(() => chosen.value ?? value.value?.proposed ?? (offline.value ? promisedAt : null));
  const place = computed(() => times.value.findIndex((one) => Date.parse(one) === Date.parse(at.value ?? '')));
  return {
    promises: value,
    offline,
    at,
    one: computed(() => value.value?.times[place.value] ?? null),
    choose: (to: string): void => void (chosen.value = to),
    shift(by: number): void {
      const last = times.value.length - 1;
      const to = place.value === -1 ? 0 : place.value + by;
      chosen.value = times.value[Math.max(0, Math.min(last, to))] ?? chosen.value;
    },
  };
}
