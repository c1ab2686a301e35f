<script setup lang="ts">
// Which coat can be kept: length and weeks against each other for one way of brushing at home; combed where it keeps.
import { t } from '@/messages/words';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { HomeBrushing, KeepableField } from '@/api/types';
import ChartPane from '@/chart/ChartPane.vue';
import CoatView from '@/chart/CoatView.vue';
import { type Key } from '@/device/useKeys';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import LoadState from '@/ui/LoadState.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { useVisit } from '@/visit/useVisit';
import VisitShell from '@/visit/VisitShell.vue';
import { chanceChart } from './chanceChart';
import ChanceKey from './ChanceKey.vue';
import { limitsOf } from './nextWords';
import { strands } from './lock';
import StrandPaths from './StrandPaths.vue';
import { useNextVisit } from './useNextVisit';

const HOMES: HomeBrushing[] = ['none', 'weekly', 'twice_a_week'];
const WEEKS_A_YEAR = 52;

const id = String(useRoute().params.visit);
const router = useRouter();
const small = useSmallScreen();
const { salon } = useSession();
const { visit, loaded } = useVisit(id);
const { next, loaded: asked } = useNextVisit(id);
const wanted = ref<{ mm: number; weeks: number; home: HomeBrushing } | null>(null);

const dogName = computed(() => visit.value?.dog.name ?? '');
const currency = computed(() => salon.value?.currency ?? 'EUR');
const fields = computed(() => next.value?.keepable ?? []);
const lengths = computed(() => [...new Set(fields.value.map((field) => field.lengthMm))].sort((one, other) => other - one));
const weeks = computed(() => [...new Set(fields.value.map((field) => field.weeks))].sort((one, other) => one - other));
const keeps = (field: KeepableField): boolean => field.limits.length === 0;

/** At first what is nearest to how the dog lives now: its length, six weeks, brushed as told. */
const start = computed(() => {
  const home = HOMES.includes(next.value!.home) ? next.value!.home : next.value!.home === 'daily' ? 'twice_a_week' : 'none';
  const now = Math.max(...Object.values(next.value!.leftMm));
  const mm = lengths.value.reduce((best, one) => (Math.abs(one - now) < Math.abs(best - now) ? one : best));
  return { mm, weeks: weeks.value[1] ?? weeks.value[0]!, home };
});
const here = computed(() => wanted.value ?? start.value);
const at = (mm: number, after: number, home: HomeBrushing): KeepableField =>
  fields.value.find((field) => field.lengthMm === mm && field.weeks === after && field.home === home)!;
const field = computed(() => (next.value ? at(here.value.mm, here.value.weeks, here.value.home) : null));

/** The nearest that keep: more brushing, another length, other weeks; where this keeps, the ones with less work. */
const others = computed(() => {
  if (!field.value) {
    return [];
  }
  const { mm, weeks: after, home } = here.value;
  const far = (one: KeepableField): number =>
    2 * Math.abs(lengths.value.indexOf(one.lengthMm) - lengths.value.indexOf(mm)) +
    2 * Math.abs(weeks.value.indexOf(one.weeks) - weeks.value.indexOf(after)) +
    1.5 * Math.abs(HOMES.indexOf(one.home) - HOMES.indexOf(home));
  const isLessWork = (one: KeepableField): boolean =>
    one.lengthMm >= mm && one.weeks >= after && HOMES.indexOf(one.home) <= HOMES.indexOf(home);
  return fields.value
    .filter((one) => keeps(one) && one !== field.value && (!keeps(field.value!) || isLessWork(one)))
    .sort((one, other) => far(one) - far(other))
    .slice(0, 3);
});

function take(one: KeepableField): void {
  wanted.value = { mm: one.lengthMm, weeks: one.weeks, home: one.home };
}

function move(by: Partial<{ mm: number; weeks: number }>): void {
  const mm = lengths.value[lengths.value.indexOf(here.value.mm) + (by.mm ?? 0)];
  const after = weeks.value[weeks.value.indexOf(here.value.weeks) + (by.weeks ?? 0)];
  if (mm !== undefined && after !== undefined) {
    wanted.value = { ...here.value, mm, weeks: after };
  }
}

/** A cell is hair: combed where it keeps, out of its lane where it does not. */
const hair = (one: KeepableField) =>
  strands([{ weeks: 12, tangles: keeps(one) ? 0.4 : 6 + 40 * one.lost + one.matsSeen, mats: 0 }], 5, 120, 40);
const said = (one: KeepableField): string =>
  t('next.field.cell', {
    length: say.mm(one.lengthMm),
    weeks: one.weeks,
    keeps: keeps(one) ? t('next.field.keeps') : t('next.field.doesNot'),
  });

const keys: Key[] = [
  {
    keys: ['ArrowUp'],
    shown: '↑',
    says: t('next.keys.long'),
    foot: { shown: '↑ ↓', says: t('next.keys.length') },
    run: () => move({ mm: -1 }),
  },
  { keys: ['ArrowDown'], shown: '↓', says: t('next.keys.short'), foot: false, run: () => move({ mm: 1 }) },
  {
    keys: ['ArrowLeft'],
    shown: '←',
    says: t('next.keys.shorter'),
    foot: { shown: '← →', says: t('next.keys.weeks') },
    run: () => move({ weeks: -1 }),
  },
  { keys: ['ArrowRight'], shown: '→', says: t('next.keys.longer'), foot: false, run: () => move({ weeks: 1 }) },
  {
    keys: ['b'],
    says: t('next.keys.brushing'),
    run: () => (wanted.value = { ...here.value, home: HOMES[(HOMES.indexOf(here.value.home) + 1) % HOMES.length]! }),
  },
  ...[0, 1, 2].map((index) => ({
    keys: [String(index + 1)],
    says: t('next.keys.other', { number: index + 1 }),
    foot: false as const,
    run: () => others.value[index] && take(others.value[index]),
  })),
  { keys: ['Escape'], shown: 'Esc', says: t('next.toWeeks'), run: () => void router.push({ name: 'next-visit', params: { visit: id } }) },
];
</script>

<template>
  <VisitShell :visit="visit" :loaded="loaded" :task="t('next.field.title')">
    <template #chart>
      <ChartPane v-if="visit && field">
        <template #heading>
          <p class="text-lead font-bold wide:text-say">{{ say.mm(field.lengthMm) }}</p>
          <p class="text-note text-ink-2 max-tall:hidden">
            {{ t('next.field.what', { weeks: field.weeks, home: t(`next.homes.${field.home as 'none'}`) }) }}
          </p>
        </template>
        <CoatView
          :label="t('next.field.chart', { dog: dogName, length: say.mm(field.lengthMm), weeks: field.weeks })"
          :sections="chanceChart(field.places)"
          :route="visit.route"
          :coat-mm="field.places.back![2]"
          :plain="small"
        />
        <template #key><ChanceKey /></template>
      </ChartPane>
    </template>
    <div v-if="visit && next && field" class="min-h-0 flex-1 overflow-y-auto px-4 pb-4 tall:px-8 tall:pt-4">
      <h1 class="text-ask">{{ t('next.field.ask', { dog: dogName }) }}</h1>
      <div class="mt-2 flex flex-wrap items-center gap-2" role="group" :aria-label="t('next.field.brushed')">
        <span class="text-list">{{ t('next.field.brushed') }}</span>
        <button
          v-for="home in HOMES"
          :key="home"
          type="button"
          class="toggle min-h-12"
          :aria-pressed="here.home === home"
          @click="wanted = { ...here, home }"
        >
          {{ t(`next.homes.${home as 'none'}`) }}
        </button>
      </div>
      <table class="mt-3 w-full border-separate border-spacing-1 text-center">
        <caption class="sr-only">
          {{
            t('next.field.table')
          }}
        </caption>
        <thead>
          <tr class="text-note text-ink-2">
            <td></td>
            <th v-for="after in weeks" :key="after" scope="col" class="font-medium">{{ t('next.weeks', { weeks: after }) }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="mm in lengths" :key="mm">
            <th scope="row" class="pr-1 text-right font-bold whitespace-nowrap">{{ say.mm(mm) }}</th>
            <td v-for="after in weeks" :key="after">
              <button
                type="button"
                class="relative block h-12 w-full overflow-hidden rounded-md bg-sheet"
                :class="mm === here.mm && after === here.weeks ? 'outline-3 -outline-offset-3 outline-ink' : 'edge border-line-2'"
                :aria-pressed="mm === here.mm && after === here.weeks"
                :aria-label="said(at(mm, after, here.home))"
                @click="wanted = { ...here, mm, weeks: after }"
              >
                <svg class="block size-full" viewBox="0 0 120 40" preserveAspectRatio="none" aria-hidden="true">
                  <StrandPaths :strands="hair(at(mm, after, here.home))" :thickness="1.6" />
                </svg>
                <span class="absolute right-1 bottom-1 rounded-sm bg-sheet/90 px-1.5 text-note font-bold" aria-hidden="true">{{
                  keeps(at(mm, after, here.home))
                    ? t('next.field.keeps')
                    : t('next.field.mats', { count: say.tenth(at(mm, after, here.home).matsSeen) })
                }}</span>
              </button>
            </td>
          </tr>
        </tbody>
      </table>
      <p class="mt-2" role="status">
        <b>{{ keeps(field) ? t('next.field.thisKeeps') : t('next.field.thisDoesNot') }}</b>
        <template v-if="!keeps(field)">{{ ` ${say.start(limitsOf(field, next))}. ` }}</template>
        {{ others.length ? t(keeps(field) ? 'next.field.theseToo' : 'next.field.theseDo') : keeps(field) ? '' : t('next.field.noneDo') }}
      </p>
      <table class="mt-2 w-full text-left whitespace-nowrap" :aria-label="t('next.field.beside')">
        <thead>
          <tr class="text-note text-ink-2">
            <td></td>
            <th class="pl-2 font-medium">{{ t('next.table.atTable') }}</th>
            <th class="pl-2 font-medium">{{ t('next.field.aVisit') }}</th>
            <th class="pl-2 font-medium max-tall:hidden">{{ t('next.field.aYear') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr
            v-for="(one, index) in [field, ...others]"
            :key="`${one.lengthMm} ${one.weeks} ${one.home}`"
            class="border-t"
            :class="index === 0 ? 'border-y-2 border-ink font-bold' : 'border-line'"
          >
            <td class="whitespace-normal">
              <button type="button" class="min-h-11 text-left" :class="index === 0 ? '' : 'underline'" @click="take(one)">
                {{ t('next.field.row', { length: say.mm(one.lengthMm), weeks: one.weeks, home: t(`next.homes.${one.home as 'none'}`) }) }}
              </button>
            </td>
            <td class="pl-2">{{ say.minutes(one.minutes) }}</td>
            <td class="pl-2">{{ say.money(one.priceCents, currency) }}</td>
            <td class="pl-2 max-tall:hidden">
              {{
                t('next.field.about', { price: say.money(Math.round((one.priceCents * WEEKS_A_YEAR) / one.weeks / 1000) * 1000, currency) })
              }}
            </td>
          </tr>
        </tbody>
      </table>
      <p class="mt-2 text-note text-ink-2">{{ t('next.thumb') }}</p>
    </div>
    <LoadState v-else-if="visit" class="flex-1" :loaded="asked" :fetching="t('next.fetching')" />
    <section class="shrink-0 border-t border-line bg-paper px-4 py-2.5 tall:px-8" :aria-label="t('next.decide')">
      <RouterLink class="btn w-full" :to="{ name: 'next-visit', params: { visit: id } }">{{ t('next.toWeeks') }}</RouterLink>
    </section>
    <TaskFoot :keys="keys" />
  </VisitShell>
</template>
