<script setup lang="ts">
import { t } from '@/messages/words';
import { computed, nextTick, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Axis } from './axis';
import LanguageChoice from '@/ui/LanguageChoice.vue';
import AdviceBar from './AdviceBar.vue';
import DogRow from './DogRow.vue';
import ExpectedDog from './ExpectedDog.vue';
import FreshnessNote from '@/ui/FreshnessNote.vue';
import KeyCap from '@/ui/KeyCap.vue';
import LoadState from '@/ui/LoadState.vue';
import RefusedMarks from '@/ui/RefusedMarks.vue';
import SaveState from '@/ui/SaveState.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import { later } from '@/ui/later';
import { useClock } from '@/ui/useClock';
import { useDay } from './useDay';
import { useDayAhead } from './useDayAhead';
import { useArrival } from '@/visit/useArrival';
import type { Key } from '@/device/useKeys';
import { useOutbox } from '@/device/useOutbox';
import { useSession } from '@/device/useSession';
import { useStill } from '@/ui/useStill';
import { say } from '@/messages/say';
import type { DayDog } from '@/api/types';

const route = useRoute();
const date = computed(() =>
  typeof route.query.date === 'string' && /^\d{4}-\d{2}-\d{2}$/.test(route.query.date) ? route.query.date : null,
);
const { day, dogs, loaded } = useDay(date);
const { staff, salon, owns, decides, signOut } = useSession();
const { now } = useClock();
const router = useRouter();
const picked = ref<string | null>(null);
const list = ref<HTMLElement>();
const order = computed(() => dogs.value.map((row) => row.id).join());
const pickedAt = computed(() => dogs.value.findIndex((row) => row.id === picked.value));
const focusPicked = (): void => list.value?.querySelectorAll<HTMLElement>('a')[pickedAt.value]?.focus();
// A row that is moved loses the focus: it stays with the dog, not with the place.
watch(order, async () => {
  const hadFocus = list.value?.contains(document.activeElement) === true;
  await nextTick();
  if (hadFocus) {
    focusPicked();
  }
});

const isToday = computed(() => date.value === null || day.value?.date === day.value?.today);
const { ready, expected, groomers, advice, asks } = useDayAhead(isToday);
/** What comes in above the rows, or makes one longer, pushes the others on. */
const moving = useStill(
  () => order.value,
  () => loaded.trouble.value,
  () => [...ready.value.keys()].join(),
  () => asks.value.length,
);
const WhoAndWhen = later(() => import('./dialogs'), 'WhoAndWhen');
const OwnPasswordDialog = later(() => import('./dialogs'), 'OwnPasswordDialog');
const ownPassword = ref(false);
const turning = ref<string | null>(null);
const turned = computed(() => dogs.value.find((row) => row.id === turning.value));
const tellAt = (visit: string): void => void (turning.value = visit);
/** What was decided here last, until it is taken back or another takes its place. */
const made = ref<{ visit: string; mark: string } | null>(null);
const { record } = useOutbox();
function takeBack(): void {
  if (made.value) {
    record(made.value.visit, 'withdrawn', { markId: made.value.mark });
    made.value = null;
  }
}
const { arrive, trouble, busy } = useArrival();

const waiting = computed(() => dogs.value.filter((row) => row.needs !== 'nothing' && row.neededIn === 0).length);
const HOUR = 3_600_000;
/** When a dog is ready at the latest: as the day was tried out, else as if nobody kept it waiting. */
function lateOf(row: DayDog): number {
  const tried = ready.value.get(row.id)?.late;
  return tried ? Date.parse(tried) : now.value.getTime() + (row.ready?.to ?? 0) * 60_000;
}
const axis = computed<Axis>(() => {
  const from = Math.floor(now.value.getTime() / HOUR) * HOUR;
  const last = Math.max(...dogs.value.map((row) => lateOf(row)), from + 2 * HOUR);
  const hours = Math.ceil((last - from) / HOUR);
  // Four hours at most have room side by side.
  const every = Math.ceil(hours / 3);
  return {
    from,
    to: from + hours * HOUR,
    ticks: Array.from({ length: Math.floor(hours / every) + 1 }, (_, index) => from + index * every * HOUR),
  };
});
/** When the last dog is ready at this pace. */
const lastReady = computed(() => {
  const open = dogs.value.filter((row) => row.ready && row.needs !== 'hand_over');
  const at = (ms: number): string => say.time(new Date(ms).toISOString());
  const most = (of: 'likely' | 'from' | 'to', tried: 'likely' | 'early' | 'late'): number =>
    Math.max(
      ...open.map((row) => {
        const known = ready.value.get(row.id)?.[tried];
        return known ? Date.parse(known) : now.value.getTime() + row.ready![of] * 60_000;
      }),
    );
  return open.length
    ? t('day.lastReady', { likely: at(most('likely', 'likely')), from: at(most('from', 'early')), to: at(most('to', 'late')) })
    : '';
});
const here = computed(() => dogs.value.filter((row) => row.needs !== 'nothing').length);

function move(by: number): void {
  if (dogs.value.length > 0) {
    picked.value = dogs.value[Math.max(0, Math.min(dogs.value.length - 1, pickedAt.value + by))]!.id;
    focusPicked();
  }
}

/** Another day of the salon; going past today ends at today. */
function turn(by: number): void {
  if (!day.value) {
    return;
  }
  const other = new Date(`${day.value.date}T12:00:00Z`);
  other.setUTCDate(other.getUTCDate() + by);
  const iso = other.toISOString().slice(0, 10);
  picked.value = null;
  void router.push({ name: 'day', query: iso >= day.value.today ? {} : { date: iso } });
}

async function leave(): Promise<void> {
  await signOut();
  await router.push({ name: 'sign-in' });
}

/** What would save the promise most in danger. */
const ways = ref(false);

const keys: Key[] = [
  {
    keys: ['w'],
    says: t('days.advice.alternatives'),
    run: () => (ways.value = true),
    foot: false,
    when: () => (advice.value?.advice?.alternatives.length ?? 0) > 0,
  },
  { keys: ['a'], says: t('day.comesIn'), run: () => void router.push({ name: 'new-visit' }) },
  { keys: ['ArrowDown'], shown: '↓', says: t('day.keys.nextDog'), run: () => move(1), foot: { shown: '↑ ↓', says: t('day.keys.dog') } },
  { keys: ['ArrowUp'], shown: '↑', says: t('day.keys.dogBefore'), run: () => move(-1), foot: false },
  { keys: ['ArrowLeft'], shown: '←', says: t('day.keys.dayBefore'), run: () => turn(-1), foot: { shown: '← →', says: t('day.keys.day') } },
  { keys: ['ArrowRight'], shown: '→', says: t('day.keys.dayAfter'), run: () => turn(1), foot: false, when: () => !isToday.value },
];
</script>

<template>
  <div class="grid h-dvh grid-cols-1 grid-rows-[auto_1fr_auto_auto] overflow-hidden short:block short:h-auto short:overflow-visible">
    <header class="flex min-h-16 flex-wrap items-center gap-x-4 border-b border-line bg-rail px-4 max-wide:pt-2 tall:px-6">
      <div class="min-w-0 flex-1">
        <p class="truncate text-lead font-bold">{{ salon?.name }}</p>
        <p class="text-note text-ink-2">{{ say.day(now.toISOString()) }}</p>
      </div>
      <div class="flex flex-wrap items-center gap-x-4 max-wide:order-last max-wide:-ml-2 max-wide:w-full">
        <RouterLink class="act" :to="{ name: 'days' }">{{ t('ui.days') }}</RouterLink>
        <RouterLink class="act" :to="{ name: 'dogs' }">{{ t('ui.dogs') }}</RouterLink>
        <RouterLink v-if="owns" class="act" :to="{ name: 'house-rules' }">{{ t('ui.theHouse') }}</RouterLink>
        <RouterLink v-if="salon?.quickChange" class="act" :to="{ name: 'sign-in' }">{{ t('day.changePerson') }}</RouterLink>
        <button type="button" class="act" @click="leave">
          <span class="hidden tall:inline">{{
            staff ? t('day.signOutAs', { name: staff.name, role: t(`device.roles.${staff.role}`) }) : ''
          }}</span>
          {{ t('day.signOut') }}
        </button>
      </div>
      <SaveState />
    </header>
    <main class="min-h-0 overflow-y-auto bg-sheet">
      <RefusedMarks />
      <div class="mx-auto max-w-320 px-4 py-5 tall:px-8">
        <!-- The buttons have their place before the heading has its words: it may take two lines. -->
        <div class="grid gap-x-4 gap-y-2 border-b border-line pb-4 tall:grid-cols-[1fr_auto]">
          <h1 class="text-ask wide:pt-2.5">
            <template v-if="day && !isToday">{{
              t('day.thatDay', { day: say.day(`${day.date}T12:00:00Z`), count: dogs.length })
            }}</template>
            <template v-else-if="day && here">{{ `${t('day.here', { count: here })} ` }}</template>
            <template v-if="!isToday"></template>
            <span v-else-if="waiting" class="text-call">{{ t('day.waiting', { count: waiting }) }}</span>
            <template v-else-if="day && here">{{ t('day.nobodyWaits') }}</template>
            <template v-else-if="day">{{ t('day.noDogHere') }}</template>
          </h1>
          <div class="flex flex-wrap items-center gap-2 self-start max-tall:order-first">
            <button type="button" class="btn btn-small" :disabled="!day" @click="turn(-1)">{{ t('day.backOne') }}</button>
            <button v-if="!isToday" type="button" class="btn btn-small" :disabled="!day" @click="turn(1)">{{ t('day.onOne') }}</button>
            <RouterLink v-if="!isToday" class="btn btn-small" :to="{ name: 'day' }">{{ t('ui.today') }}</RouterLink>
            <RouterLink v-else class="btn btn-main group max-tall:flex-1" :to="{ name: 'new-visit' }"
              >{{ t('day.comesIn') }} <KeyCap>A</KeyCap></RouterLink
            >
          </div>
        </div>
        <LoadState v-if="!day" :loaded="loaded" :fetching="t('device.fetching.day')" />
        <FreshnessNote v-else :loaded="loaded" />
        <p v-if="day?.lowSpace" class="py-4 font-semibold" role="status">{{ t('day.lowSpace') }}</p>
        <p v-if="trouble" class="py-2 font-semibold" role="alert">{{ trouble }}</p>
        <p v-if="isToday && day && day.toPassOn > 0" class="py-2">
          <RouterLink class="act -ml-2 text-lead text-call underline" :to="{ name: 'pass-on' }">{{
            t('day.toPassOn', { count: day.toPassOn })
          }}</RouterLink>
        </p>
        <p v-if="isToday && asks.length" class="py-2">
          <RouterLink class="act -ml-2 text-lead text-call underline" :to="{ name: 'days' }">{{
            t('days.asks.count', { count: asks.length })
          }}</RouterLink>
        </p>
        <p v-if="day && dogs.length === 0" class="py-10 text-lead text-ink-2">
          {{ isToday ? t('day.empty') : t('day.emptyThen') }}
        </p>
        <div
          v-if="dogs.length && isToday"
          class="day-columns hidden gap-x-4 border-b border-line py-1 pr-13 pl-1 text-note text-ink-2 wide:grid"
          aria-hidden="true"
        >
          <span class="col-start-5">{{ t('day.howLong') }}</span>
          <span class="relative">
            <span class="sr-only">{{ t('day.readyAt') }}</span>
            <template v-for="tick in axis.ticks" :key="tick"
              ><span
                class="absolute"
                :class="tick === axis.from ? '' : tick === axis.to ? '-translate-x-full' : '-translate-x-1/2'"
                :style="{ left: `${((tick - axis.from) / (axis.to - axis.from)) * 100}%` }"
                >{{ say.time(new Date(tick).toISOString()) }}</span
              ></template
            >
          </span>
        </div>
        <ul ref="list" :class="moving && 'pointer-events-none'">
          <DogRow
            v-for="row in dogs"
            :key="row.id"
            :row="row"
            :now="now"
            :today="day!.date"
            :highlighted="row.id === picked"
            :axis="axis"
            :tried="isToday ? ready.get(row.id) : undefined"
            @focusin="picked = row.id"
            @turn="turning = row.id"
          />
        </ul>
        <section v-if="expected.length" class="mt-4" :class="moving && 'pointer-events-none'" :aria-label="t('days.today.expected')">
          <h2 class="text-lead font-bold">{{ t('days.today.expectedCount', { count: expected.length }) }}</h2>
          <ul class="mt-1 border-t border-line">
            <ExpectedDog
              v-for="row in expected"
              :key="row.id"
              :row="row"
              :now="now"
              :ready="ready.get(row.id)"
              :groomer="groomers.get(row.groomer ?? '') ?? ''"
              :busy="busy"
              @arrive="arrive(row.dog)"
            />
          </ul>
        </section>
        <p v-if="isToday && lastReady" class="py-3 text-list text-ink-2">{{ t('day.rulesOfThumb', { last: lastReady }) }}</p>
        <div v-if="day || loaded.trouble.value" class="mt-4 flex flex-wrap items-center gap-x-4" :class="moving && 'pointer-events-none'">
          <LanguageChoice />
          <button type="button" class="act" @click="ownPassword = true">{{ t('day.password.title') }}</button>
        </div>
      </div>
    </main>
    <!-- Its row is there before there is anything to say. -->
    <div>
      <p v-if="made" class="flex flex-wrap items-center gap-x-3 border-t border-line bg-paper px-4 py-2 text-list tall:px-6" role="status">
        {{ t('days.advice.done') }}
        <button type="button" class="btn btn-small" @click="takeBack">{{ t('days.advice.undo') }}</button>
      </p>
      <AdviceBar
        v-if="advice && day"
        v-model:open="ways"
        :advice="advice"
        :dogs="dogs"
        :expected="expected"
        :groomers="groomers"
        :decides="decides"
        @tell="tellAt"
        @made="made = $event"
      />
    </div>
    <TaskFoot class="max-tall:hidden" :keys="keys" />
    <OwnPasswordDialog v-if="ownPassword" @close="ownPassword = false" />
    <WhoAndWhen
      v-if="turned"
      :row="turned"
      :groomers="groomers"
      :decides="decides"
      @close="turning = null"
      @made="made = { visit: turned.id, mark: $event }"
    />
  </div>
</template>
