<script setup lang="ts">
// The owner's plan on one page of paper.
import type { OwnerPlan, SectionId } from '@/api/types';
import CoatChart from '@/chart/CoatChart.vue';
import type { ChartSection } from '@/chart/tones';
import { useSession } from '@/device/useSession';
import { t, wordsOf } from '@/messages/words';
import LeftOut from './LeftOut.vue';
import { minutesSaid, oftenSaid, placeSaid } from './ownerWords';

defineProps<{ plan: OwnerPlan; dog: string; chart: Record<SectionId, ChartSection> }>();
const { salon } = useSession();
</script>

<template>
  <article class="hidden print:block">
    <p class="text-note">{{ salon?.name }}</p>
    <h1 class="font-name text-name font-extrabold italic">{{ dog }}</h1>
    <p class="text-lead font-bold">{{ t('owner.page.plan', { minutes: plan.minutes, often: oftenSaid(plan.sessions) }) }}</p>
    <LeftOut class="mt-2" :left-out="plan.leftOut" />
    <div class="grid grid-cols-2 gap-6">
      <div class="h-96"><CoatChart plain :label="t('owner.chart.label', { dog })" :sections="chart" :coat-mm="20" /></div>
      <ol class="grid content-start gap-1.5">
        <li v-for="(place, index) in plan.places" :key="place.part">
          <b>{{ index + 1 }} {{ placeSaid(place) }}, {{ minutesSaid(place.minutes) }}.</b> {{ t(`owner.holds.${place.part}`) }}
        </li>
      </ol>
    </div>
    <p class="mt-3">{{ t('owner.page.brush', { brush: t(`coat.brushes.${plan.brush}`) }) }} {{ t('owner.page.comb') }}</p>
    <ul class="mt-2 list-disc pl-5">
      <li v-for="caution in wordsOf('owner.cautions')" :key="caution">{{ caution }}</li>
    </ul>
  </article>
</template>
