<script setup lang="ts">
// What its clock says the dog comes in with, before the comb; and afterwards how far off that was.
import { computed } from 'vue';
import type { Visit } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

const props = defineProps<{ visit: Visit }>();
const expected = computed(() => props.visit.expected);
const isCombed = computed(() => props.visit.summary.toCheck.length === 0);
const found = computed(() => Object.values(props.visit.sections).filter((section) => (section.inForce ?? 0) >= 2).length);
</script>

<template>
  <p v-if="expected" class="text-list">
    <b>{{ t('arrival.expected.places', { count: Math.round(expected.tangles) }) }}</b>
    {{
      t(expected.own ? 'arrival.expected.own' : 'arrival.expected.usual', {
        mats: Math.round(expected.mats),
        minutes: say.minutes(expected.minutes),
        pulling: say.pulling(expected.pulling),
        days: expected.days,
      })
    }}
    <template v-if="isCombed">{{ ` ${t('arrival.expected.found', { count: found })}` }}</template>
  </p>
</template>
