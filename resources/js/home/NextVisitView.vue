<script setup lang="ts">
// When the dog should come back: the suggestion with its reason, other intervals held against it, the client's wish beside it.
import { t } from '@/messages/words';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { NextInterval } from '@/api/types';
import ChartPane from '@/chart/ChartPane.vue';
import CoatView from '@/chart/CoatView.vue';
import { aimAt, type Key } from '@/device/useKeys';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import { useAfterTable } from '@/bath/useAfterTable';
import LoadState from '@/ui/LoadState.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import UndoNote from '@/ui/UndoNote.vue';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { useVisit } from '@/visit/useVisit';
import VisitShell from '@/visit/VisitShell.vue';
import { chanceChart, fur } from './chanceChart';
import ChanceKey from './ChanceKey.vue';
import IntervalLock from './IntervalLock.vue';
import { clockOf, laddersOf, limitsOf, whyOf } from './nextWords';
import { useNextVisit } from './useNextVisit';
import WishField from './WishField.vue';

const id = String(useRoute().params.visit);
const router = useRouter();
const small = useSmallScreen();
const { decides, salon } = useSession();
const { visit, loaded } = useVisit(id);
const { next, loaded: asked } = useNextVisit(id);
const { closed, decide, problem, undoing } = useAfterTable(id, visit, ['next_visit_chosen']);
const keepButton = ref<HTMLButtonElement>();
const wishField = ref<InstanceType<typeof WishField>>();
const held = ref<number | null>(null);
const wished = ref<number | null>(null);

const dogName = computed(() => visit.value?.dog.name ?? '');
const chosen = computed(() => visit.value?.home.nextVisit ?? null);
/** The interval under the handle: held, else as it was told the client, else as suggested; two weeks where none keeps. */
const weeks = computed(() => held.value ?? known(chosen.value?.weeks) ?? next.value?.suggestedWeeks ?? 2);
const wish = computed(() => wished.value ?? chosen.value?.wishedWeeks ?? null);
const known = (asked: number | undefined): number | undefined =>
  next.value?.intervals.some((interval) => interval.weeks === asked) ? asked : undefined;
const interval = computed(() => next.value?.intervals.find((one) => one.weeks === weeks.value) ?? null);
const isKept = computed(() => chosen.value?.weeks === weeks.value && chosen.value.wishedWeeks === wish.value);
const currency = computed(() => salon.value?.currency ?? 'EUR');

/** The one under the handle, the suggestion, the next longer, the wish: never more than four. */
const rows = computed<NextInterval[]>(() => {
  const { suggestedWeeks, intervals } = next.value!;
  const longer = intervals.find((one) => one.weeks > (suggestedWeeks ?? weeks.value))?.weeks;
  const shown = new Set([weeks.value, suggestedWeeks, longer, wish.value]);
  return intervals.filter((one) => shown.has(one.weeks));
});
const noteOf = (after: number): string =>
  [after === next.value!.suggestedWeeks ? t('next.table.suggested') : '', after === wish.value ? t('next.table.wish') : '']
    .filter((word) => word)
    .join(', ');
/** Where nothing keeps, or the client wishes for longer than keeps, the ways out are told with their figures. */
const needsLadder = computed(() => {
  const suggested = next.value!.suggestedWeeks;
  return suggested === null || (wish.value !== null && wish.value > suggested);
});
const rungs = computed(() => laddersOf(next.value!, currency.value));
const chart = computed(() => interval.value && chanceChart(interval.value.places));
const lengths = computed(() => interval.value && next.value && fur(next.value.leftMm, interval.value.places));

/** Three days before, so that the weeks lie in the middle of the days that are shown. */
const dayInWeeks = (after: number): string => new Date(Date.now() + (7 * after - 3) * 86_400_000).toISOString().slice(0, 10);

async function keep(): Promise<void> {
  const { suggestedWeeks } = next.value!;
  if (await decide('next_visit_chosen', { weeks: weeks.value, suggestedWeeks, wishedWeeks: wish.value })) {
    held.value = wished.value = null;
  }
}

function step(by: number): void {
  const notches = next.value?.intervals.map((one) => one.weeks) ?? [];
  held.value = notches[Math.max(0, Math.min(notches.length - 1, notches.indexOf(weeks.value) + by))] ?? null;
}

const keys: Key[] = [
  {
    keys: ['ArrowLeft'],
    shown: '←',
    says: t('next.keys.shorter'),
    foot: { shown: '← →', says: t('next.keys.weeks') },
    run: () => step(-1),
  },
  { keys: ['ArrowRight'], shown: '→', says: t('next.keys.longer'), foot: false, run: () => step(1) },
  { keys: ['s'], says: t('next.keys.suggested'), run: () => (held.value = next.value?.suggestedWeeks ?? null) },
  { keys: ['w'], says: t('next.keys.wish'), foot: false, run: () => wishField.value?.focus(), when: () => decides.value && !closed.value },
  { keys: ['k'], says: t('next.keys.keepable'), run: () => void router.push({ name: 'keepable', params: { visit: id } }) },
  { keys: ['Enter'], says: t('next.keep'), foot: false, run: aimAt(() => keepButton.value), when: () => decides.value && !closed.value },
  { keys: ['u'], says: t('ui.undo'), run: undoing.undo, when: () => !closed.value },
];
</script>

<template>
  <VisitShell :visit="visit" :loaded="loaded" :task="t('next.title')">
    <template #chart>
      <ChartPane v-if="visit && chart && lengths">
        <template #heading>
          <p class="text-lead font-bold wide:text-say">{{ t('next.inWeeks', { weeks }) }}</p>
          <p class="text-note text-ink-2 max-tall:hidden">{{ t('next.chart.what') }}</p>
        </template>
        <CoatView
          :label="t('next.chart.label', { dog: dogName, weeks })"
          :sections="chart"
          :route="visit.route"
          :lengths="lengths"
          :plain="small"
        />
        <template #key><ChanceKey /></template>
      </ChartPane>
    </template>
    <div v-if="visit && next && interval" class="min-h-0 flex-1 overflow-y-auto px-4 pb-4 tall:px-8 tall:pt-4">
      <h1 class="text-ask" :class="chosen || closed ? '' : 'text-call'">{{ t('next.ask', { dog: dogName }) }}</h1>
      <p v-if="problem" class="mt-1 font-semibold" role="alert">{{ problem }}</p>
      <IntervalLock class="mt-3" :next="next" :weeks="weeks" @hold="held = $event" />
      <table class="mt-3 w-full text-left whitespace-nowrap" :aria-label="t('next.table.label')">
        <thead>
          <tr class="text-note text-ink-2">
            <th class="font-medium">{{ t('next.table.comesIn') }}</th>
            <th class="pl-2 font-medium">{{ t('next.table.stops') }}</th>
            <th class="pl-2 font-medium">{{ t('next.table.atTable') }}</th>
            <th class="pl-2 font-medium">{{ t('next.table.pulling') }}</th>
            <th class="pl-2 font-medium max-tall:hidden">{{ t('next.table.price') }}</th>
            <th class="pl-2 font-medium max-tall:hidden">{{ t('next.table.lost') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="row in rows"
            :key="row.weeks"
            class="border-t align-baseline"
            :class="row.weeks === weeks ? 'border-y-2 border-ink font-bold' : 'border-line'"
            :aria-current="row.weeks === weeks ? 'true' : undefined"
          >
            <td>
              <button
                type="button"
                class="min-h-10 text-left"
                :class="row.weeks === weeks ? 'text-lead font-bold' : 'underline'"
                @click="held = row.weeks"
              >
                {{ t('next.weeks', { weeks: row.weeks }) }}
              </button>
              <span class="ml-1.5 text-note font-medium text-ink-2">{{ noteOf(row.weeks) }}</span>
            </td>
            <td class="pl-2" :class="row.weeks === weeks ? 'tall:text-say' : ''">{{ say.tenth(row.tangles) }}</td>
            <td class="pl-2" :class="row.weeks === weeks ? 'tall:text-say' : ''">{{ say.minutes(row.minutes) }}</td>
            <td class="pl-2" :class="row.weeks === weeks ? 'tall:text-say' : ''">{{ say.pulling(row.pulling) }}</td>
            <td class="pl-2 max-tall:hidden" :class="row.weeks === weeks ? 'tall:text-say' : ''">
              {{ say.money(row.priceCents, currency) }}
            </td>
            <td class="pl-2 max-tall:hidden" :class="row.weeks === weeks ? 'tall:text-say' : ''">{{ say.percent(row.lost) }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="interval.limits.length" class="mt-2 text-list">
        <b>{{ t('next.tooLong') }}</b> {{ say.start(limitsOf(interval, next)) }}.
      </p>
      <ul class="mt-3 grid gap-2 border-t border-line pt-3">
        <li>{{ whyOf(next) }}</li>
        <li>{{ clockOf(next, dogName) }}</li>
        <li v-if="(next.brushedTwiceWeeks ?? 0) > (next.suggestedWeeks ?? 0)">
          {{ t('next.brushed', { weeks: next.brushedTwiceWeeks! }) }}
        </li>
        <li v-if="needsLadder">
          <b>{{ t('next.ladder.title') }}</b>
          <ol class="mt-1 list-decimal pl-6">
            <li v-for="rung in rungs" :key="rung">{{ rung }}</li>
          </ol>
        </li>
      </ul>
      <p class="mt-2">
        <RouterLink class="act -ml-3 underline" :to="{ name: 'keepable', params: { visit: id } }">{{ t('next.keepable') }}</RouterLink>
        <RouterLink class="act underline" :to="{ name: 'days', query: { dog: visit.dog.id, from: dayInWeeks(weeks) } }">{{
          t('next.makeAppointment')
        }}</RouterLink>
        <RouterLink class="act underline" :to="{ name: 'owner-plan', params: { visit: id } }">{{ t('next.atHome') }}</RouterLink>
      </p>
      <p class="mt-1 text-note text-ink-2">{{ t('next.thumb') }}</p>
    </div>
    <LoadState v-else-if="visit" :loaded="asked" :fetching="t('next.fetching')" />
    <section v-if="visit && next" class="shrink-0 border-t border-line bg-paper px-4 py-2.5 tall:px-8" :aria-label="t('next.decide')">
      <div class="flex flex-wrap items-center gap-x-6 gap-y-1">
        <WishField
          v-if="decides && !closed"
          ref="wishField"
          class="min-w-0 flex-1"
          :wish="wish"
          :client="visit.dog.client.name"
          @wish="wished = $event"
        />
        <p v-if="chosen" class="text-list">
          <b>{{ t('next.told', { weeks: chosen.weeks }) }}</b>
          {{ t('next.toldBy', { by: chosen.by }) }}
        </p>
      </div>
      <div v-if="decides && !closed" class="mt-2 flex flex-wrap items-center gap-2">
        <button ref="keepButton" type="button" class="btn group flex-1" :class="isKept ? '' : 'btn-main'" :disabled="isKept" @click="keep">
          {{ t('next.keepWeeks', { weeks }) }}
        </button>
        <RouterLink class="btn btn-small min-h-14" :to="{ name: 'home', params: { visit: id } }">{{ t('next.back') }}</RouterLink>
      </div>
      <div v-else class="flex flex-wrap items-center gap-2">
        <p class="min-w-0 flex-1 font-bold">{{ closed ? '' : t('next.groomer') }}</p>
        <RouterLink class="btn" :to="{ name: 'home', params: { visit: id } }">{{ t('next.back') }}</RouterLink>
      </div>
    </section>
    <UndoNote :undoing="undoing" />
    <TaskFoot :keys="keys" />
  </VisitShell>
</template>
