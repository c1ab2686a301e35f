import { ref, watch, type Ref } from 'vue';
import { api } from '@/api/client';
import type { AskedTimes, ComingDays, Service } from '@/api/types';
import { deviceStore } from '@/device/store';
import { useLoader } from '@/device/useLoader';
import { useOutbox } from '@/device/useOutbox';
import { useSession } from '@/device/useSession';
import { Unreachable } from '@/api/client';
import { dayAfter } from './salonTime';

const KEPT = 'coming-days';
const EVERY_MS = 30_000;
/** Days that are looked through for a dog that asks. */
const ASKED_DAYS = 14;
/** So many times are shown. */
const OFFERS = 3;

/** Days in a row, tried out by the server. */
export function useComingDays(from: Ref<string>, kept: string, days: number) {
  const loaded = useLoader<ComingDays>({
    async ask() {
      const asked = from.value;
      const answer = await api('get', '/api/days', { query: { date: asked, days } });
      if (asked === kept) {
        void deviceStore.keep(KEPT, answer);
      }
      return asked === from.value ? answer : null;
    },
    kept: async () => (from.value === kept ? deviceStore.keptAt<ComingDays>(KEPT) : undefined),
    everyMs: EVERY_MS,
  });
  const { value, refresh } = loaded;
  watch(from, () => void refresh(), { immediate: true });
  return { coming: value, loaded };
}

export interface Offer {
  date: string;
  groomer: string;
  startsAt: string;
  promisedAt: string;
  chance: number;
  tightest: string | null;
  tightestChance: number;
}

/** Looks through the days for a dog that asks for a time, day by day from the first, until three were found. */
export function useAsking(dog: Ref<string | null>, service: Ref<Service>, from: Ref<string>) {
  const offers = ref<Offer[]>([]);
  const minutes = ref<AskedTimes['minutes'] | null>(null);
  const trying = ref<string | null>(null);
  const done = ref(false);
  const lost = ref(false);
  let asked = 0;

  async function look(): Promise<void> {
    const mine = ++asked;
    offers.value = [];
    minutes.value = null;
    done.value = lost.value = false;
    trying.value = null;
    if (!dog.value) {
      return;
    }
    for (let ahead = 0; ahead < ASKED_DAYS && offers.value.length < OFFERS; ahead++) {
      const date = dayAfter(from.value, ahead);
      trying.value = date;
      try {
        const answer = await api('get', '/api/days/{date}/times', { path: { date }, query: { dogId: dog.value, service: service.value } });
        if (mine !== asked) {
          return;
        }
        minutes.value = answer.minutes;
        // One time a day: the days are what is chosen between.
        const [first] = answer.times;
        offers.value = first ? [...offers.value, { date, ...first }] : offers.value;
      } catch (failure) {
        if (failure instanceof Unreachable) {
          useOutbox().lost();
        } else if (!useSession().endsBy(failure)) {
          throw failure;
        }
        lost.value = true;
        break;
      }
    }
    if (mine === asked) {
      trying.value = null;
      done.value = true;
    }
  }
  watch([dog, service, from], () => void look(), { immediate: true });
  return { offers, minutes, trying, done, lost, look };
}
