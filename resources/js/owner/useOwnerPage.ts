import { computed, onScopeDispose, ref, shallowRef } from 'vue';
import { at, Refused, Unreachable } from '@/api/client';
import type { OwnerPage } from '@/api/types';
import { speak, t, type Chapter } from '@/messages/words';

interface Tick {
  place: OwnerPage['places'][number]['part'];
  day: string;
  done: boolean;
}

const RETRY_MS = 15_000;

/** Today as the phone has it. */
export function today(now = new Date()): string {
  return [now.getFullYear(), String(now.getMonth() + 1).padStart(2, '0'), String(now.getDate()).padStart(2, '0')].join('-');
}

/** The page of a plan for home: ticks are kept on the phone, work without a network, and are told to the salon when there is one. */
export function useOwnerPage(plan: string, query: string, words: readonly Chapter[]) {
  const address = `home-plan/${plan}${query}`;
  const kept = `hound-check.home.${plan}`;
  const page = shallowRef<OwnerPage | null>(null);
  const over = ref('');
  const waiting = ref<Tick[]>(read<Tick[]>(`${kept}.ticks`) ?? []);
  const offline = ref(false);
  let sending: Promise<void> | null = null;

  function read<T>(key: string): T | null {
    try {
      return JSON.parse(localStorage.getItem(key) ?? 'null') as T | null;
    } catch {
      return null;
    }
  }

  function keep(key: string, value: unknown): void {
    try {
      localStorage.setItem(key, JSON.stringify(value));
    } catch {
      // A phone that keeps nothing still shows the page, and sends at once.
    }
  }

  async function show(found: OwnerPage): Promise<void> {
    await speak(found.language, words);
    page.value = found;
  }

  async function load(): Promise<void> {
    over.value = '';
    try {
      const found = await at<OwnerPage>('GET', address);
      offline.value = false;
      keep(`${kept}.page`, found);
      await show(found);
    } catch (failure) {
      const known = read<OwnerPage>(`${kept}.page`);
      if (failure instanceof Unreachable && known) {
        offline.value = true;
        await show(known);
      } else if (failure instanceof Unreachable) {
        over.value = t('owner.page.noNetwork');
      } else if (failure instanceof Refused) {
        over.value = failure.message;
      } else {
        throw failure;
      }
    }
  }

  const ticks = computed(() => {
    const told = new Set((page.value?.ticks ?? []).map(({ place, day }) => `${day} ${place}`));
    waiting.value.forEach(({ place, day, done }) => (done ? told.add(`${day} ${place}`) : told.delete(`${day} ${place}`)));
    return told;
  });
  const isDone = (place: string, day = today()): boolean => ticks.value.has(`${day} ${place}`);

  async function sendAll(): Promise<void> {
    while (waiting.value.length > 0) {
      const [first] = waiting.value;
      try {
        await at('POST', address, first);
      } catch (failure) {
        if (failure instanceof Unreachable || !(failure instanceof Refused) || failure.status >= 500 || failure.status === 429) {
          offline.value = true;
          return;
        }
        // The salon does not take it, and will not: it is let go, and the page tells why.
        over.value = failure.status === 403 ? failure.message : over.value;
      }
      settle(first!);
    }
    offline.value = false;
  }

  function settle(sent: Tick): void {
    const ticked = (page.value?.ticks ?? []).filter(({ place, day }) => place !== sent.place || day !== sent.day);
    page.value = page.value && { ...page.value, ticks: sent.done ? [...ticked, { place: sent.place, day: sent.day }] : ticked };
    waiting.value = waiting.value.filter((one) => one !== sent);
    keep(`${kept}.ticks`, waiting.value);
    keep(`${kept}.page`, page.value);
  }

  function flush(): Promise<void> {
    sending ??= sendAll().finally(() => (sending = null));
    return sending;
  }

  /** Touched again, a tick undoes itself. */
  function tick(place: Tick['place']): void {
    waiting.value = [...waiting.value, { place, day: today(), done: !isDone(place) }];
    keep(`${kept}.ticks`, waiting.value);
    void flush();
  }

  void load().then(flush);
  const timer = setInterval(() => waiting.value.length > 0 && void flush(), RETRY_MS);
  onScopeDispose(() => clearInterval(timer));

  return { page, over, offline, load, isDone, tick };
}
