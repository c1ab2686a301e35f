<script setup lang="ts">
import { computed } from 'vue';
import type { DayDog } from '@/api/types';
import CoatChart from '@/coat-chart/CoatChart.vue';
import { chartOfGrades } from '@/coat-chart/tones';
import { say } from '@/messages/say';

const props = defineProps<{ row: DayDog; now: Date; highlighted: boolean; today: string }>();

const steps = { arrived: 'arrival', inspecting: 'inspection', planned: 'plan', agreed: 'plan' } as Record<string, string>;
const place = computed(() => {
  const name =
    props.row.needs === 'decide' || props.row.needs === 'show_plan'
      ? 'plan'
      : props.row.needs === 'inspection'
        ? 'inspection'
        : (steps[props.row.stage] ?? 'record');
  return { name, params: { visit: props.row.id } };
});
const done = computed(() => props.row.needs === 'nothing');
const needsSomeone = computed(() => !done.value && props.row.needs !== 'work');
const waited = computed(() => Math.max(0, Math.round((props.now.getTime() - Date.parse(props.row.lastMarkAt)) / 60000)));
const chart = computed(() => chartOfGrades(props.row.grades));

const why = computed(() => {
  const { row } = props;
  const client = row.dog.client;
  switch (row.needs) {
    case 'answer':
      return `The plan was shown at ${say.clock(row.lastMarkAt)}. ${client} has not answered.`;
    case 'show_plan':
      return `Everything is decided. ${client} says yes before the first cut.`;
    case 'decide':
      return `${row.undecided} ${row.undecided === 1 ? 'section needs' : 'sections need'} a treatment.`;
    case 'finish_inspection':
      return `${30 - row.toCheck} of 30 checked, ${row.toCheck} to go.`;
    case 'inspection':
      return `Arrived ${say.clock(row.arrivedAt)}. No bath before it.`;
    case 'work':
      return `Agreed with ${client}.`;
    default:
      return row.stage === 'stopped' ? 'Stopped before the end; the record says why.' : `With ${client}.`;
  }
});
const effort = computed(() =>
  props.row.toCheck === 0 && props.row.undecided === 0 ? say.minutes(props.row.tableMinutes) : 'not known yet',
);
const effortNote = computed(() =>
  props.row.toCheck === 0 && props.row.undecided === 0
    ? 'at the table, forecast'
    : props.row.toCheck > 0
      ? 'inspect first'
      : 'decide first',
);
const overdue = computed(() => !done.value && props.row.promisedAt !== null && Date.parse(props.row.promisedAt) < props.now.getTime());
</script>

<template>
  <li class="border-b border-line">
    <RouterLink
      :to="place"
      class="grid grid-cols-[52px_1fr] items-center gap-x-4 gap-y-1 px-1 py-2.5 tall:grid-cols-[104px_56px_minmax(0,0.8fr)_minmax(0,1.3fr)] wide:grid-cols-[112px_56px_220px_minmax(0,1fr)_190px_150px]"
      :class="highlighted ? 'bg-rail' : ''"
    >
      <div class="order-3 col-span-2 flex items-baseline gap-2 tall:order-none tall:col-span-1 tall:block">
        <template v-if="done">
          <p class="text-lead font-bold">{{ row.stage === 'stopped' ? 'stopped' : 'home' }}</p>
          <p class="text-note text-ink-2">{{ say.clock(row.lastMarkAt) }}</p>
        </template>
        <template v-else-if="needsSomeone">
          <p class="text-say font-bold text-call">now</p>
          <p class="text-note text-call">for {{ waited }} min</p>
        </template>
        <template v-else>
          <p class="text-lead font-bold">ready</p>
          <p class="text-note text-ink-2">since {{ say.clock(row.lastMarkAt) }}</p>
        </template>
      </div>
      <CoatChart
        class="order-1 w-13 tall:order-none tall:w-14"
        :sections="chart"
        :label="`${row.dog.name}, mat load ${Math.round(row.matLoad)} of 100`"
        plain
        :coat-mm="10"
      />
      <div class="order-2 min-w-0 tall:order-none">
        <p class="truncate pr-1 font-name text-say font-extrabold italic">{{ row.dog.name }}</p>
        <p class="truncate text-note text-ink-2">{{ row.dog.breed }}, {{ say.age(row.dog.ageMonths) }}</p>
        <p class="truncate text-note text-ink-2">
          <template v-if="row.day !== today">since {{ say.shortDay(row.day) }}</template>
          <template v-else-if="row.groomer">with {{ row.groomer }}</template>
        </p>
      </div>
      <div class="order-4 col-span-2 min-w-0 tall:order-none tall:col-span-1">
        <p class="text-lead font-bold">{{ say.text.needs[row.needs] }}</p>
        <p class="text-list text-ink-2">{{ why }}</p>
      </div>
      <div class="order-5 col-span-2 hidden wide:order-none wide:col-span-1 wide:block">
        <template v-if="!done">
          <p class="text-lead font-bold">{{ effort }}</p>
          <p class="text-note text-ink-2">{{ effortNote }}</p>
        </template>
      </div>
      <div class="order-6 col-span-2 hidden wide:order-none wide:col-span-1 wide:block">
        <template v-if="row.promisedAt && !done">
          <p class="text-lead font-bold">{{ say.clock(row.promisedAt) }}</p>
          <p class="text-note" :class="overdue ? 'font-bold' : 'text-ink-2'">{{ overdue ? 'promised, now past' : 'promised' }}</p>
        </template>
      </div>
    </RouterLink>
  </li>
</template>
