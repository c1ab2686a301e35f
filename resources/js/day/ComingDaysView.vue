<script setup lang="ts">
// The coming days as strands of hours: who is booked, whether promises hold, and times for a dog that asks.
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ulid } from 'ulid';
import { api, Refused } from '@/api/client';
import type { AppointmentRow, ComingDay, ReadyAt, Service } from '@/api/types';
import type { Key } from '@/device/useKeys';
import { useOutbox } from '@/device/useOutbox';
import { useLoader } from '@/device/useLoader';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import FreshnessNote from '@/ui/FreshnessNote.vue';
import LoadState from '@/ui/LoadState.vue';
import PlainPage from '@/ui/PlainPage.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import AskedTimes from './AskedTimes.vue';
import DayStrand from './DayStrand.vue';
import DayTable from './DayTable.vue';
import { dayWord } from './dayWord';
import { hoursOf, hoursOn } from './hours';
import { dayAfter, inSalon, isoAt } from './salonTime';
import { useRooms } from './useRooms';
import { useAsking, useComingDays, type Offer } from './useComingDays';

const DAYS = 6;
const route = useRoute();
const router = useRouter();
const { device } = useOutbox();
const textOf = (name: string): string | null => (typeof route.query[name] === 'string' ? (route.query[name] as string) : null);
const asked = computed(() => (/^\d{4}-\d{2}-\d{2}$/.test(textOf('from') ?? '') ? textOf('from')! : null));
/** The first day shown: tomorrow, where no other is named. Today has a list of its own. */
const tomorrow = dayAfter(inSalon(new Date().toISOString()).date, 1);
const from = computed(() => asked.value ?? tomorrow);
const { coming, loaded } = useComingDays(from, tomorrow, DAYS);

const dogId = computed(() => textOf('dog'));
const service = ref<Service>('full_groom');
const asking = useAsking(dogId, service, from);
const { value: dog, refresh: askDog } = useLoader({
  ask: async () => (dogId.value ? api('get', '/api/dogs/{dog}', { path: { dog: dogId.value } }) : null),
});
watch(dogId, () => void askDog(), { immediate: true });
const looked = ref<Offer | null>(null);
const problem = ref('');

const days = computed(() => coming.value?.days ?? []);
const names = computed(() => new Map(days.value.flatMap((day) => day.groomers.map((one) => [one.id, one.name] as const))));
const count = computed(() => days.value.reduce((sum, day) => sum + booked(day).length, 0));
const midnight = (date: string): number => Date.parse(isoAt(date, '00:00'));
const span = computed(() =>
  hoursOf(
    days.value.map((day) => ({
      midnight: midnight(day.date),
      from: day.groomers.map((one) => Date.parse(one.from)),
      until: day.groomers.map((one) => Date.parse(one.until)),
    })),
  ),
);
const ticks = computed(() => hoursOn(days.value[0] ? midnight(days.value[0].date) : 0, span.value));

function booked(day: ComingDay): AppointmentRow[] {
  return day.appointments.filter((row) => row.state === 'booked');
}
const readyOf = (day: ComingDay): Map<string, ReadyAt> => new Map(day.forecast.ready.map((one) => [one.dog, one]));
/** A strand for each who works, and one for dogs whose groomer does not or is nobody yet. */
function strandsOf(day: ComingDay): { groomer: ComingDay['groomers'][number] | null; rows: AppointmentRow[] }[] {
  const rows = booked(day);
  const working = new Set(day.groomers.map((one) => one.id));
  const loose = rows.filter((row) => row.groomer === null || !working.has(row.groomer));
  return [
    ...day.groomers.map((groomer) => ({ groomer, rows: rows.filter((row) => row.groomer === groomer.id) })),
    ...(loose.length ? [{ groomer: null, rows: loose }] : []),
  ];
}

function turn(by: number): void {
  const to = dayAfter(from.value, by);
  void router.push({ name: 'days', query: { ...route.query, from: to <= tomorrow ? undefined : to } });
}

function choose(index: number): void {
  const offer = asking.offers.value[index];
  const waiting = textOf('waiting');
  if (offer && waiting) {
    const { startsAt, promisedAt, groomer } = offer;
    void router.push({ name: 'appointment', params: { appointment: waiting }, query: { startsAt, promisedAt, groomer } });
  } else if (offer && dogId.value) {
    void router.push({
      name: 'new-appointment',
      query: { dog: dogId.value, service: service.value, startsAt: offer.startsAt, promisedAt: offer.promisedAt, groomer: offer.groomer },
    });
  }
}

/** Made once a dog, so that pressing twice keeps it waiting once. */
const waitIds = new Map<string, { appointmentId: string; id: string }>();
async function wait(): Promise<void> {
  if (!dogId.value) {
    return;
  }
  if (textOf('waiting')) {
    // It waits already.
    await router.push({ name: 'days' });
    return;
  }
  const ids = waitIds.get(dogId.value) ?? { appointmentId: ulid(), id: ulid() };
  waitIds.set(dogId.value, ids);
  try {
    const at = new Date().toISOString();
    await api('post', '/api/appointments', {
      body: { ...ids, dogId: dogId.value, kind: 'booked', at, sentAt: at, device: device(), fields: { service: service.value } },
    });
    await router.push({ name: 'days' });
    await loaded.refresh();
  } catch (failure) {
    problem.value = failure instanceof Refused ? failure.message : t('days.appointment.noNetwork');
  }
}

const { roomsOf } = useRooms(
  days,
  dogId,
  service,
  computed(() => loaded.seenAt.value === null),
);
/** "Room 11:00–15:00, with Imke": the longest there is. */
function roomSaid(day: ComingDay): string {
  const length = (room: { from: string; until: string }): number => Date.parse(room.until) - Date.parse(room.from);
  const [longest] = day.groomers
    .flatMap((groomer) => roomsOf(day, groomer.id).map((room) => ({ groomer: groomer.name, room })))
    .sort((one, other) => length(other.room) - length(one.room));
  return longest
    ? t('days.room', { from: say.time(longest.room.from), until: say.time(longest.room.until), groomer: longest.groomer })
    : '';
}

/** A dog that waits, on its way to a strand. */
const dragged = ref<string | null>(null);
function drag(event: DragEvent, id: string): void {
  event.dataTransfer?.setData('text/plain', id);
  dragged.value = id;
}
/** The appointment opens with the time it was dropped on: nothing is kept before somebody says so. */
function place(startsAt: string, groomer: string): void {
  if (dragged.value) {
    void router.push({ name: 'appointment', params: { appointment: dragged.value }, query: { startsAt, groomer } });
  }
}

function askSaid(row: AppointmentRow): string {
  return t(row.state === 'cancelled' ? 'days.asks.cancelled' : 'days.asks.other', {
    client: row.dog.client.name,
    dog: row.dog.name,
    day: say.weekDay(row.startsAt!),
    time: say.time(row.startsAt!),
  });
}

const keys: Key[] = [
  ...[1, 2, 3].map((number) => ({
    keys: [String(number)],
    says: t('days.keys.time'),
    foot: number === 1 ? { shown: '1 2 3', says: t('days.keys.time') } : (false as const),
    run: () => choose(number - 1),
    when: () => asking.offers.value.length >= number,
  })),
  { keys: ['t'], says: t('days.keys.ask'), run: () => void router.push({ name: 'dogs', query: { for: 'time' } }) },
  { keys: ['ArrowLeft'], shown: '←', says: t('days.earlier'), run: () => turn(-DAYS), foot: { shown: '← →', says: t('days.keys.days') } },
  { keys: ['ArrowRight'], shown: '→', says: t('days.later'), run: () => turn(DAYS), foot: false },
];
</script>

<template>
  <PlainPage :back="{ name: 'day' }" :says="t('ui.backToTheDay')">
    <div class="mx-auto max-w-320 pb-4">
      <AskedTimes
        v-if="dog && dogId"
        :dog="dog"
        :service="service"
        :asking="asking"
        :names="names"
        :looked="looked"
        @service="service = $event"
        @look="looked = $event"
        @wait="wait"
      />
      <p v-if="problem" class="px-4 py-2 font-semibold tall:px-8" role="alert">{{ problem }}</p>
      <div class="flex flex-wrap items-center justify-between gap-3 px-4 py-4 tall:px-8">
        <h1 class="text-ask">
          <template v-if="coming && !dogId">{{ t('days.count', { days: days.length, dogs: count }) }}</template>
          <template v-else>{{ t('days.title') }}</template>
        </h1>
        <div class="flex flex-wrap gap-2">
          <button type="button" class="btn btn-small" :disabled="from <= tomorrow" @click="turn(-DAYS)">
            {{ t('days.earlier') }}
          </button>
          <button type="button" class="btn btn-small" :disabled="!coming" @click="turn(DAYS)">{{ t('days.later') }}</button>
          <RouterLink class="btn btn-main" :to="{ name: 'dogs', query: { for: 'time' } }">{{ t('days.askFor') }}</RouterLink>
        </div>
      </div>
      <LoadState v-if="!coming" :loaded="loaded" :fetching="t('days.fetching')" />
      <template v-else>
        <FreshnessNote :loaded="loaded" class="px-4 tall:px-8" />
        <section v-if="coming.asks.length" class="border-b border-line px-4 py-4 tall:px-8" :aria-label="t('days.asks.title')">
          <h2 class="text-lead font-bold text-call">{{ t('days.asks.title') }}</h2>
          <ul class="mt-1 grid gap-1">
            <li v-for="row in coming.asks" :key="row.id">
              <RouterLink class="act -ml-2 text-left underline" :to="{ name: 'appointment', params: { appointment: row.id } }">{{
                askSaid(row)
              }}</RouterLink>
              <span v-if="row.asked" class="text-list">{{ say.quoted(row.asked) }}</span>
            </li>
          </ul>
        </section>
        <div class="hidden gap-x-4 border-b border-line px-8 pb-1 wide:grid wide:grid-cols-[15rem_minmax(0,1fr)]" aria-hidden="true">
          <p class="text-note text-ink-2">{{ t('days.hairs') }} {{ t('days.curled') }}</p>
          <div class="relative ml-24 self-end">
            <span
              v-for="(tick, index) in ticks.ticks.slice(0, -1)"
              :key="tick"
              class="absolute bottom-0 text-note text-ink-2"
              :class="index === 0 ? '' : '-translate-x-1/2'"
              :style="{ left: `${(100 * index) / (ticks.ticks.length - 1)}%` }"
              >{{ say.time(new Date(tick).toISOString()) }}</span
            >
          </div>
        </div>
        <section
          v-for="day in days"
          :key="day.date"
          class="grid gap-x-4 gap-y-2 border-b border-line px-4 py-3 tall:px-8 wide:grid-cols-[15rem_minmax(0,1fr)]"
          :aria-label="say.day(`${day.date}T12:00:00Z`)"
        >
          <div>
            <h2 class="text-lead font-bold">
              {{ say.weekDay(`${day.date}T12:00:00Z`) }} <span class="text-list font-semibold">{{ dayWord(day).word }}</span>
            </h2>
            <p class="text-note text-ink-2">{{ dayWord(day).why }}</p>
            <p v-if="day.groomers.length" class="min-h-[1lh] text-note">{{ roomSaid(day) }}</p>
          </div>
          <div v-if="day.groomers.length || booked(day).length" class="hidden wide:block">
            <DayStrand
              v-for="strand in strandsOf(day)"
              :key="strand.groomer?.id ?? 'any'"
              :groomer="strand.groomer"
              :rows="strand.rows"
              :ready="readyOf(day)"
              :hours="hoursOn(midnight(day.date), span)"
              :rooms="roomsOf(day, strand.groomer?.id)"
              :dragging="dragged !== null"
              :asked="looked && looked.date === day.date && looked.groomer === strand.groomer?.id ? looked : null"
              @drop="place($event, strand.groomer!.id)"
            />
          </div>
          <DayTable v-if="booked(day).length" class="wide:hidden" :day="day" :rows="booked(day)" :names="names" />
        </section>
        <section
          class="border-line bg-sheet px-4 py-3 tall:px-8"
          :class="dogId ? '' : 'wide:sticky wide:bottom-0 wide:z-10 wide:border-t'"
          :aria-label="t('days.waiting')"
        >
          <h2 class="text-lead font-bold">{{ t('days.waiting') }}</h2>
          <p v-if="coming.waiting.length === 0" class="text-list text-ink-2">{{ t('days.nobodyWaits') }}</p>
          <p v-else class="text-note text-ink-2 max-wide:hidden">{{ t('days.dragHint') }}</p>
          <ul class="mt-2 flex flex-wrap gap-2">
            <li v-for="row in coming.waiting" :key="row.id">
              <RouterLink
                class="btn btn-small"
                :class="dragged === row.id ? 'opacity-50' : ''"
                draggable="true"
                :to="{ name: 'days', query: { dog: row.dog.id, waiting: row.id } }"
                @dragstart="drag($event, row.id)"
                @dragend="dragged = null"
              >
                <span
                  ><b class="font-name text-lead italic">{{ row.dog.name }}</b> {{ row.dog.breed }},
                  {{ say.duration(row.minutes.likely) }}</span
                >
              </RouterLink>
            </li>
          </ul>
        </section>
      </template>
    </div>
    <template #foot><TaskFoot class="max-tall:hidden" :keys="keys" /></template>
  </PlainPage>
</template>
