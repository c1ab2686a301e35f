<script setup lang="ts">
// The record on one sheet of A4: both charts, what was found and decided, and lines to sign on.
import { computed } from 'vue';
import type { SectionId, Visit, VisitRecord } from '@/api/types';
import CoatChart from '@/chart/CoatChart.vue';
import type { ChartSection } from '@/chart/tones';
import type { Line } from './markWords';
import type { FoundRow } from './useRecord';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import FindingList from '@/visit/FindingList.vue';
import FoundTable from './FoundTable.vue';

const props = defineProps<{
  visit: Visit;
  record: VisitRecord;
  charts: Record<'found' | 'planned', Record<SectionId, ChartSection>>;
  decisions: Line[];
  found: FoundRow[];
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
      {{ visit.dog.breed }}, {{ say.age(visit.dog.ageMonths) }}, {{ visit.dog.weightKg }} kg. Client {{ visit.dog.client.name }}. With
      {{ people }}. Mat load {{ Math.round(visit.summary.matLoad) }} of 100. Forecast {{ say.minutes(visit.table.forecast.likely)
      }}{{ record.plan.totals.complete ? '' : ' so far' }} at the table{{
        visit.table.begun ? `, taken ${say.minutes(visit.table.seconds / 60)}` : ''
      }}; pulling {{ say.pulling(visit.table.begun ? visit.table.borne.byWork : record.plan.totals.tension) }} of the
      {{ say.pulling(visit.summary.tolerance.minutes) }} min we ask of this dog.
    </p>
    <div class="mt-2 grid grid-cols-2 gap-6">
      <figure v-for="what in ['found', 'planned'] as const" :key="what">
        <figcaption class="text-lead font-bold capitalize">{{ chartNames[what] }}</figcaption>
        <CoatChart
          class="mx-auto !h-auto !w-[80%]"
          :label="`Coat chart, ${chartNames[what]}`"
          :sections="charts[what]"
          :route="visit.route"
          :coat-mm="visit.dog.coatMm"
        />
      </figure>
    </div>
    <FoundTable class="mt-2" :rows="found" />
    <h2 class="mt-3 text-lead">Decided, and why</h2>
    <p v-if="decisions.length === 0" class="text-note">Nothing has been decided with the client yet.</p>
    <p v-for="line in decisions" :key="line.id" class="text-note">
      {{ say.time(line.at) }} <b>{{ line.what }}</b><template v-if="line.why">, {{ line.why }}</template
      >. {{ line.by }}
    </p>
    <template v-if="visit.findings.length">
      <h2 class="mt-3 text-lead">Please watch</h2>
      <FindingList class="text-note" :findings="visit.findings" with-place />
    </template>
    <p class="mt-3 text-note">
      Grades by a comb drawn from the skin: 0 Clear, 1 Drag, 2 Tangle, 3 Mat, 4 Tight mat, 5 Pelted. {{ say.text.rulesOfThumb }}
      {{ say.text.notVeterinary }}
    </p>
    <div class="mt-10 grid grid-cols-2 gap-10 text-note">
      <p class="border-t border-ink pt-1">Groomer, date</p>
      <div>
        <svg v-if="signature" class="-mt-10 mb-1 h-10 w-40" viewBox="0 0 300 90" role="img" aria-label="Signature of the client">
          <path :d="signature" fill="none" stroke="var(--color-ink)" stroke-width="3" stroke-linecap="round" />
        </svg>
        <p class="border-t border-ink pt-1">{{ visit.dog.client.name }}, date</p>
      </div>
    </div>
  </article>
</template>
