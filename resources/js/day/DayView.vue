<script setup lang="ts">
import { computed, nextTick, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Axis } from './axis';
import DogRow from './DogRow.vue';
import FreshnessNote from '@/ui/FreshnessNote.vue';
import KeyCap from '@/ui/KeyCap.vue';
import LoadState from '@/ui/LoadState.vue';
import RefusedMarks from '@/ui/RefusedMarks.vue';
import SaveState from '@/ui/SaveState.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import { useClock } from '@/ui/useClock';
import { useDay } from './useDay';
import type { Key } from '@/device/useKeys';
import { useSession } from '@/device/useSession';
import { useStill } from '@/ui/useStill';
import { say } from '@/messages/say';

const route = useRoute();
const date = computed(() =>
  typeof route.query.date === 'string' && /^\d{4}-\d{2}-\d{2}$/.test(route.query.date) ? route.query.date : null,
);
const { day, dogs, loaded } = useDay(date);
const { staff, salon, owns, signOut } = useSession();
const { now } = useClock();
const router = useRouter();
const picked = ref<string | null>(null);
const list = ref<HTMLElement>();
const order = computed(() => dogs.value.map((row) => row.id).join());
const moving = useStill(
  () => order.value,
  () => loaded.trouble.value,
);
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

const waiting = computed(() => dogs.value.filter((row) => row.needs !== 'nothing' && row.neededIn === 0).length);
const HOUR = 3_600_000;
const axis = computed<Axis>(() => {
  const from = Math.floor(now.value.getTime() / HOUR) * HOUR;
  const last = Math.max(...dogs.value.map((row) => now.value.getTime() + (row.ready?.to ?? 0) * 60_000), from + 2 * HOUR);
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
  const at = (minutes: number): string => say.time(new Date(now.value.getTime() + minutes * 60_000).toISOString());
  const most = (of: 'likely' | 'from' | 'to'): number => Math.max(...open.map((row) => row.ready![of]));
  return open.length
    ? `At this pace the last dog is ready about ${at(most('likely'))}, usually ${at(most('from'))}–${at(most('to'))}, if nobody keeps it waiting.`
    : '';
});
const here = computed(() => dogs.value.filter((row) => row.needs !== 'nothing').length);
const number = (count: number): string =>
  ['No', 'One', 'Two', 'Three', 'Four', 'Five', 'Six', 'Seven', 'Eight', 'Nine'][count] ?? String(count);

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
const isToday = computed(() => date.value === null || day.value?.date === day.value?.today);

async function leave(): Promise<void> {
  await signOut();
  await router.push({ name: 'sign-in' });
}

const keys: Key[] = [
  { keys: ['a'], says: 'A dog comes in', run: () => void router.push({ name: 'new-visit' }) },
  { keys: ['ArrowDown'], shown: '↓', says: 'Next dog', run: () => move(1), foot: { shown: '↑ ↓', says: 'Dog' } },
  { keys: ['ArrowUp'], shown: '↑', says: 'Dog before', run: () => move(-1), foot: false },
  { keys: ['ArrowLeft'], shown: '←', says: 'Day before', run: () => turn(-1), foot: { shown: '← →', says: 'Day' } },
  { keys: ['ArrowRight'], shown: '→', says: 'Day after', run: () => turn(1), foot: false, when: () => !isToday.value },
];
</script>

<template>
  <div class="grid h-dvh grid-cols-1 grid-rows-[auto_1fr_auto] overflow-hidden short:block short:h-auto short:overflow-visible">
    <header class="flex min-h-16 flex-wrap items-center gap-x-4 border-b border-line bg-rail px-4 max-tall:pt-2 tall:px-6">
      <div class="min-w-0 flex-1">
        <p class="truncate text-lead font-bold">{{ salon?.name }}</p>
        <p class="text-note text-ink-2">{{ say.day(now.toISOString()) }}</p>
      </div>
      <div class="flex items-center gap-4 max-tall:order-last max-tall:-ml-2 max-tall:w-full">
        <RouterLink v-if="owns" class="act" :to="{ name: 'house-rules' }">The house</RouterLink>
        <button type="button" class="act" @click="leave">
          <span class="hidden tall:inline">{{ staff?.name }}, {{ staff ? say.text.roles[staff.role] : '' }} ·</span> Sign out
        </button>
      </div>
      <SaveState />
    </header>
    <main class="min-h-0 overflow-y-auto bg-sheet">
      <RefusedMarks />
      <div class="mx-auto max-w-[80rem] px-4 py-5 tall:px-8">
        <div class="flex flex-wrap items-center justify-between gap-4 border-b border-line pb-4">
          <h1 class="text-ask">
            <template v-if="day && !isToday"
              >{{ say.day(`${day.date}T12:00:00Z`) }}: {{ number(dogs.length).toLowerCase() }}
              {{ dogs.length === 1 ? 'dog' : 'dogs' }}.</template
            >
            <template v-else-if="day && here">{{ number(here) }} {{ here === 1 ? 'dog' : 'dogs' }} here. </template>
            <template v-if="!isToday"></template>
            <span v-else-if="waiting" class="text-call">{{ number(waiting) }} {{ waiting === 1 ? 'needs' : 'need' }} someone now.</span>
            <template v-else-if="day && here">Nobody waits.</template>
            <template v-else-if="day">No dog is here.</template>
          </h1>
          <div class="flex flex-wrap items-center gap-2">
            <button type="button" class="btn btn-small" :disabled="!day" @click="turn(-1)">← Day before</button>
            <button v-if="!isToday" type="button" class="btn btn-small" :disabled="!day" @click="turn(1)">Day after →</button>
            <RouterLink v-if="!isToday" class="btn btn-small" :to="{ name: 'day' }">Today</RouterLink>
            <RouterLink v-else class="btn btn-main group" :to="{ name: 'new-visit' }">A dog comes in <KeyCap>A</KeyCap></RouterLink>
          </div>
        </div>
        <LoadState v-if="!day" :loaded="loaded" :fetching="say.text.fetching.day" />
        <FreshnessNote v-else :loaded="loaded" />
        <p v-if="day?.lowSpace" class="py-4 font-semibold" role="status">{{ say.text.day.lowSpace }}</p>
        <p v-if="day && dogs.length === 0" class="py-10 text-lead text-ink-2">
          {{ isToday ? 'When a dog comes in, it stands here with what it waits for.' : 'Nobody came in on this day.' }}
        </p>
        <div
          v-if="dogs.length && isToday"
          class="day-columns hidden gap-x-4 border-b border-line px-1 py-1 text-note text-ink-2 wide:grid"
          aria-hidden="true"
        >
          <span class="col-start-5">how long</span>
          <span class="relative">
            <span class="sr-only">ready at</span>
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
            @focusin="picked = row.id"
          />
        </ul>
        <p v-if="isToday && lastReady" class="py-3 text-list text-ink-2">{{ lastReady }} Estimates are rules of thumb of the house.</p>
      </div>
    </main>
    <TaskFoot class="max-tall:hidden" :keys="keys" />
  </div>
</template>
