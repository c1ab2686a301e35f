<script setup lang="ts">
// The salons of a chain side by side: figures alone.
import { t } from '@/messages/words';
import { ref, watch } from 'vue';
import { api } from '@/api/client';
import type { Comparison } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { say } from '@/messages/say';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import FreshnessNote from '@/ui/FreshnessNote.vue';
import LoadState from '@/ui/LoadState.vue';
import OwnerShell from './OwnerShell.vue';

type Row = Comparison['salons'][number];

const PERIODS = ['30', '90', '365'];
const days = ref('30');
const loaded = useLoader<Comparison>({ ask: () => api('get', '/api/salons', { query: { days: Number(days.value) } }) });
const { value: known } = loaded;
watch(days, () => void loaded.refresh(), { immediate: true });

const share = (part: number, all: number): string => (all === 0 ? t('house.compare.none') : say.percent(part / all));
const partOf = (part: number, all: number, key: 'of' | 'mattedOf' = 'of'): string =>
  all === 0 ? '' : t(`house.compare.${key}`, { part, all });
const ratio = (row: Row): number | null => (row.forecastMinutes > 0 ? row.workedMinutes / row.forecastMinutes : null);

/** Of a bar whose middle is the forecast: half of it to the left, twice to the right. */
const barTo = (of: number): number => 50 + 50 * Math.max(-1, Math.min(1, Math.log2(of)));

/** Each figure under its heading, with what it is a part of. */
const figures = (row: Row): { says: string; value: string; of: string }[] => [
  { says: t('house.compare.visits'), value: String(row.visits), of: '' },
  { says: t('house.compare.dogs'), value: String(row.dogs), of: '' },
  { says: t('house.compare.matted'), value: share(row.matted, row.visits), of: partOf(row.matted, row.visits, 'mattedOf') },
  { says: t('house.compare.kept'), value: share(row.promisesKept, row.promises), of: partOf(row.promisesKept, row.promises) },
  { says: t('house.compare.noShows'), value: share(row.noShows, row.appointments), of: partOf(row.noShows, row.appointments) },
];
</script>

<template>
  <OwnerShell>
    <div class="mx-auto grid max-w-275 gap-4 px-4 py-5 tall:px-8">
      <header>
        <h1 class="text-ask">{{ t('house.compare.title') }}</h1>
        <p class="max-w-[65ch]">{{ t('house.compare.what') }}</p>
      </header>
      <ChoiceGroup
        v-model="days"
        :label="t('house.compare.period')"
        :options="PERIODS.map((one) => ({ value: one, says: t('house.compare.days', { days: Number(one) }) }))"
      />
      <LoadState v-if="!known || known.days !== Number(days)" :loaded="loaded" :fetching="t('house.compare.fetching')" />
      <ul v-else class="border-t border-line">
        <li v-for="row in known.salons" :key="row.id" class="grid gap-3 border-b border-line py-4">
          <h2 class="text-lead">{{ row.name }}</h2>
          <dl class="grid grid-cols-2 gap-x-6 gap-y-3 tall:grid-cols-3 wide:grid-cols-[repeat(5,1fr)_16rem]">
            <div v-for="figure in figures(row)" :key="figure.says">
              <dt class="lab">{{ figure.says }}</dt>
              <dd class="text-title tabular-nums">
                {{ figure.value }} <span class="block text-note text-ink-2">{{ figure.of }}</span>
              </dd>
            </div>
            <div class="col-span-2 tall:col-span-1">
              <dt class="lab">{{ t('house.compare.worked') }}</dt>
              <dd v-if="ratio(row) === null" class="text-list text-ink-2">{{ t('house.compare.noWork') }}</dd>
              <dd v-else>
                <span class="text-title tabular-nums">{{ say.percent(ratio(row)!) }}</span>
                <svg viewBox="0 0 100 8" class="mt-1 block h-2 w-full max-w-64" preserveAspectRatio="none" aria-hidden="true">
                  <rect class="fill-line" width="100" height="8" />
                  <rect
                    class="fill-ink"
                    :x="Math.min(50, barTo(ratio(row)!))"
                    :width="Math.max(1, Math.abs(barTo(ratio(row)!) - 50))"
                    height="8"
                  />
                </svg>
                <span class="text-note text-ink-2">{{ t('house.compare.workedWhat') }}</span>
              </dd>
            </div>
          </dl>
        </li>
      </ul>
      <FreshnessNote v-if="known?.days === Number(days)" :loaded="loaded" />
    </div>
  </OwnerShell>
</template>
