<script setup lang="ts">
// The record on one sheet of A4: both charts, what was found and decided, and lines to sign on.
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { SectionId, Visit, VisitRecord } from '@/api/types';
import CoatChart from '@/chart/CoatChart.vue';
import type { ChartSection } from '@/chart/tones';
import type { Decided } from './useRecord';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import BoldWords from '@/ui/BoldWords.vue';
import FindingList from '@/visit/FindingList.vue';
import FoundTable from './FoundTable.vue';

const props = defineProps<{
  visit: Visit;
  record: VisitRecord;
  charts: Record<'found' | 'planned', Record<SectionId, ChartSection>>;
  decisions: Decided[];
  people: string;
  chartNames: Record<'found' | 'planned', string>;
}>();
const { salon } = useSession();
const signature = computed(() => props.record.plan.shown?.answer?.signature ?? null);
</script>

<template>
  <article class="hidden print:block">
    <header class="flex items-baseline justify-between border-b-2 border-ink pb-1">
      <h1 class="text-title">
        <span class="font-name text-name font-extrabold italic">{{ visit.dog.name }}</span>, {{ say.day(visit.arrivedAt) }}
      </h1>
      <p class="font-bold">{{ salon?.name }}</p>
    </header>
    <p class="mt-1 text-note">
      {{
        t('record.print.dog', {
          breed: visit.dog.breed,
          age: say.age(visit.dog.ageMonths),
          weight: say.kg(visit.dog.weightKg),
          client: visit.dog.client.name,
          people,
          load: Math.round(visit.summary.matLoad),
        })
      }}
      <BoldWords :words="record.work" />
    </p>
    <div class="mt-2 grid grid-cols-2 gap-6">
      <figure v-for="what in ['found', 'planned'] as const" :key="what">
        <figcaption class="text-lead font-bold capitalize">{{ chartNames[what] }}</figcaption>
        <CoatChart
          class="mx-auto !h-auto !w-[80%]"
          :label="t('record.chart.of', { what: chartNames[what] })"
          :sections="charts[what]"
          :route="visit.route"
          :coat-mm="visit.dog.coatMm"
        />
      </figure>
    </div>
    <FoundTable class="mt-2" :rows="record.found" />
    <h2 class="mt-3 text-lead">{{ t('record.decided') }}</h2>
    <p v-if="decisions.length === 0" class="text-note">{{ t('record.nothingDecided') }}</p>
    <p v-for="line in decisions" :key="line.id" class="text-note">
      {{ say.time(line.at) }} <b>{{ line.decision.what }}</b><template v-if="line.decision.why">, {{ line.decision.why }}</template
      >. {{ line.by }}
    </p>
    <template v-if="visit.findings.length">
      <h2 class="mt-3 text-lead">{{ t('record.watch') }}</h2>
      <FindingList class="text-note" :findings="visit.findings" with-place />
    </template>
    <p class="mt-3 text-note">
      {{ t('record.print.grades', { thumb: t('device.rulesOfThumb'), notVeterinary: t('device.notVeterinary') }) }}
    </p>
    <div class="mt-10 grid grid-cols-2 gap-10 text-note">
      <p class="border-t border-ink pt-1">{{ t('record.print.groomerDate') }}</p>
      <div>
        <svg v-if="signature" class="-mt-10 mb-1 h-10 w-40" viewBox="0 0 300 90" role="img" :aria-label="t('record.print.signature')">
          <path :d="signature" fill="none" stroke="var(--color-ink)" stroke-width="3" stroke-linecap="round" />
        </svg>
        <p class="border-t border-ink pt-1">{{ t('record.print.nameDate', { name: visit.dog.client.name }) }}</p>
      </div>
    </div>
  </article>
</template>
