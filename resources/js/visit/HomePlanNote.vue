<script setup lang="ts">
// The plan for home that a dog comes with: asked, ticked as told by the owner, and what the comb found. Without blame.
import { computed } from 'vue';
import type { Visit } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

const props = defineProps<{ visit: Visit }>();
const plan = computed(() => props.visit.homePlan);
</script>

<template>
  <p v-if="plan" class="text-list">
    <b>{{ t('arrival.homePlan.was', { minutes: plan.minutes, count: plan.sessions, day: say.shortDay(plan.givenAt) }) }}</b>
    {{ t('arrival.homePlan.ticked', { ticked: plan.ticked, asked: plan.asked }) }}
    <template v-if="plan.stops !== null">{{
      ` ${t('arrival.homePlan.stops', { stops: plan.stops, places: plan.sections.length })}`
    }}</template>
    <template v-else>{{ ` ${t('arrival.homePlan.places', { places: say.sections(plan.sections) })}` }}</template>
  </p>
</template>
