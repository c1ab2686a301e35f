<script setup lang="ts">
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { DayDog, ReadyAt } from '@/api/types';
import CoatChart from '@/chart/CoatChart.vue';
import { chartOfGrades } from '@/chart/tones';
import { placeOf } from '@/visit/steps';
import { whyOf, workOf } from './dayWords';
import { holdsWithin } from '@/visit/holds';
import HoldsHair from '@/visit/HoldsHair.vue';
import { say } from '@/messages/say';
import type { Axis } from './axis';
import ReadyWhisker from './ReadyWhisker.vue';

const props = defineProps<{ row: DayDog; now: Date; highlighted: boolean; today: string; axis: Axis; tried: ReadyAt | undefined }>();
const emit = defineEmits<{ turn: [] }>();

const done = computed(() => props.row.needs === 'nothing');
const overItsFeet = computed(() => props.row.guess === false && props.row.onItsFeet.minutes > props.row.onItsFeet.most);
const isNow = computed(() => !done.value && props.row.neededIn === 0);
const isReady = computed(() => props.row.needs === 'hand_over');
const waited = computed(() => Math.max(0, Math.round((props.now.getTime() - Date.parse(props.row.since ?? props.row.lastMarkAt)) / 60000)));
const chart = computed(() => chartOfGrades(props.row.grades));
const promised = computed(() => (props.row.promisedAt ? Date.parse(props.row.promisedAt) : null));
/** As the day was tried out with the other dogs; before that is known, as if nobody kept it waiting. */
const ready = computed(() => {
  const { row, tried } = props;
  const at = (minutes: number): number => props.now.getTime() + minutes * 60000;
  if (tried?.likely) {
    const likely = Date.parse(tried.likely);
    return { likely, from: tried.early ? Date.parse(tried.early) : likely, to: tried.late ? Date.parse(tried.late) : props.axis.to };
  }
  return row.ready && { likely: at(row.ready.likely), from: at(row.ready.from), to: at(row.ready.to) };
});
const notToday = computed(() => props.tried !== undefined && props.tried.likely === null && !isReady.value && !done.value);
const chance = computed(() => (isReady.value || done.value ? null : (props.tried?.chance ?? null)));
/** A new time that the client has not heard. */
const notTold = computed(() => !done.value && !isReady.value && props.row.promise?.told === 'not_yet');
const late = computed(() => ready.value !== null && promised.value !== null && !isReady.value && ready.value.likely > promised.value);
/** Only the table is held against its forecast. */
const overSaid = computed(
  () => props.row.overMinutes >= 1 && ['bath_gate', 'hands_on_again', 'plan_from_here', 'clear_for_bath'].includes(props.row.needs),
);
const hour = (ms: number): string => say.time(new Date(ms).toISOString());
</script>

<template>
  <li class="flex border-b border-line" :class="highlighted ? 'bg-rail' : ''">
    <RouterLink
      :to="placeOf(row)"
      class="grid min-w-0 flex-1 grid-cols-[3.25rem_1fr] items-center gap-x-4 gap-y-1 px-1 py-2 tall:grid-cols-[6.5rem_3.5rem_minmax(0,0.8fr)_minmax(0,1.3fr)] wide:day-columns"
    >
      <div class="order-3 col-span-2 flex items-baseline gap-2 tall:order-none tall:col-span-1 tall:block">
        <template v-if="done">
          <p class="text-lead font-bold">{{ t(row.stage === 'stopped' ? 'day.row.stopped' : 'day.row.home') }}</p>
          <p class="text-note text-ink-2">{{ say.time(row.lastMarkAt) }}</p>
        </template>
        <template v-else-if="isNow">
          <p class="text-say font-bold text-call">{{ t('day.row.now') }}</p>
          <p class="text-note text-call">{{ t('day.row.waited', { waited }) }}</p>
        </template>
        <template v-else>
          <p class="text-note text-ink-2">{{ t('day.row.in') }}</p>
          <p class="text-say font-bold whitespace-nowrap">{{ say.minutes(Math.max(1, row.neededIn)) }}</p>
        </template>
      </div>
      <CoatChart
        class="order-1 w-13 tall:order-none tall:w-14"
        :sections="chart"
        :label="t('day.row.matLoad', { name: row.dog.name, load: Math.round(row.matLoad) })"
        plain
        :coat-mm="10"
      />
      <div class="order-2 min-w-0 tall:order-none">
        <p class="truncate pr-1 font-name text-say font-extrabold italic">{{ row.dog.name }}</p>
        <p class="truncate text-note text-ink-2">{{ row.dog.breed }}, {{ say.age(row.dog.ageMonths) }}</p>
        <p class="truncate text-note text-ink-2">
          <template v-if="row.day !== today">{{ t('day.row.since', { day: say.shortDay(row.day) }) }}</template>
          <template v-else-if="row.groomer">{{ t('day.row.with', { groomer: row.groomer }) }}</template>
        </p>
      </div>
      <div class="order-4 col-span-2 min-w-0 tall:order-none tall:col-span-1">
        <p class="text-lead font-bold">{{ t(`day.needs.${row.needs}`) }}</p>
        <p class="text-list text-ink-2">{{ whyOf(row) }}</p>
        <p v-if="overItsFeet && !done" class="text-list">
          {{ t('day.feet', { minutes: Math.round(row.onItsFeet.minutes), most: Math.round(row.onItsFeet.most) }) }}
        </p>
        <p v-if="row.fleas && !done" class="text-list font-bold">{{ t('day.fleas') }}</p>
        <p v-if="ready && !isReady" class="text-note wide:hidden" :class="late ? 'font-bold' : 'text-ink-2'">
          <template v-if="notToday">{{ t('days.today.notReadyToday') }}</template>
          <template v-else>{{
            promised
              ? t('day.row.readyPromised', { time: hour(ready.likely), promised: hour(promised) })
              : t('day.row.readyAbout', { time: hour(ready.likely) })
          }}</template><template v-if="chance !== null">, {{ holdsWithin(chance) }}</template
          ><template v-if="notTold">, {{ t('days.row.notTold') }}</template>
        </p>
        <p v-else-if="isReady" class="text-note font-bold wide:hidden">
          {{ row.readyToldAt ? t('days.row.toldReady', { time: say.time(row.readyToldAt) }) : t('days.row.tellReady') }}
        </p>
      </div>
      <div class="order-5 col-span-2 hidden wide:order-none wide:col-span-1 wide:block">
        <template v-if="done || isReady">
          <template v-if="row.workedMinutes >= 1">
            <p class="text-lead font-bold">{{ isReady ? t('ui.done') : say.minutes(row.workedMinutes) }}</p>
            <p class="text-note text-ink-2">
              {{
                t(isReady ? 'day.row.tookAtTable' : 'day.row.atTable', {
                  minutes: say.minutes(row.workedMinutes),
                  forecast: Math.round(row.forecastMinutes),
                })
              }}
            </p>
          </template>
        </template>
        <template v-else-if="row.work">
          <p class="text-lead font-bold whitespace-nowrap">
            {{ row.work.likely < 0.5 ? t('day.row.dueNow') : say.minutes(row.work.likely) }}
            <span v-if="overSaid" class="text-list font-bold">{{ t('day.row.over', { minutes: Math.round(row.overMinutes) }) }}</span>
          </p>
          <p class="text-note text-ink-2">
            {{ workOf(row) }}<template v-if="row.work.likely >= 0.5">, {{ t('ui.usually', { range: say.range(row.work) }) }}</template>
          </p>
        </template>
      </div>
      <div class="order-6 col-span-2 hidden wide:order-none wide:col-span-1 wide:block">
        <template v-if="ready">
          <p class="flex flex-wrap items-baseline justify-between gap-x-2 whitespace-nowrap">
            <b class="text-say">{{ isReady ? t('day.row.ready') : notToday ? t('days.today.notToday') : hour(ready.likely) }}</b>
            <span class="text-note" :class="late ? 'font-bold' : 'text-ink-2'">
              <b v-if="isReady && row.readyToldAt">{{ t('days.row.toldReady', { time: say.time(row.readyToldAt) }) }}</b>
              <b v-else-if="isReady">{{ t('days.row.tellReady') }}</b>
              <template v-else-if="promised">{{ t(late ? 'day.row.late' : 'day.row.promised', { time: hour(promised) }) }}</template>
              <template v-else-if="row.guess">{{ t('day.row.guess') }}</template>
            </span>
          </p>
          <p v-if="notTold" class="text-right text-note font-bold">{{ t('days.row.notTold') }}</p>
          <p v-if="chance !== null" class="flex items-center justify-end gap-2 text-note font-semibold">
            <HoldsHair :chance="chance" />{{ holdsWithin(chance) }}
          </p>
          <ReadyWhisker
            v-if="!isReady && !notToday"
            :axis="axis"
            :likely="ready.likely"
            :from="ready.from"
            :to="ready.to"
            :promised="promised"
          />
        </template>
      </div>
    </RouterLink>
    <button
      v-if="!done"
      type="button"
      class="act w-12 shrink-0 self-stretch text-say font-bold"
      :aria-label="t('days.turn.button', { dog: row.dog.name })"
      @click="emit('turn')"
    >
      <span aria-hidden="true">⋯</span>
    </button>
    <span v-else class="w-12 shrink-0" aria-hidden="true"></span>
  </li>
</template>
