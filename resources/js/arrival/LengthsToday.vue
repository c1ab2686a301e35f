<script setup lang="ts">
// How long each part of the dog is today, where it differs from the rest: a guess until somebody measured.
import { computed } from 'vue';
import type { Visit } from '@/api/types';
import { t } from '@/messages/words';
import PartLengths from '@/visit/PartLengths.vue';
import type { useArrival } from './useArrival';

const props = defineProps<{ arrival: ReturnType<typeof useArrival>; visit: Visit }>();
const { answers, answer } = props.arrival;
const coatMm = computed(() => answers.value.coatMm ?? props.visit.dog.coatMm);
/** As answered, else as the visit has it: what differs from the rest of the coat. */
const sectionMm = computed(
  () =>
    answers.value.sectionMm ??
    Object.fromEntries(
      Object.entries(props.visit.sections)
        .filter(([, section]) => section.lengthMm !== props.visit.dog.coatMm)
        .map(([id, section]) => [id, section.lengthMm]),
    ),
);
</script>

<template>
  <PartLengths :coat-mm="coatMm" :section-mm="sectionMm" :label="t('arrival.lengthsToday')" @change="answer({ sectionMm: $event })" />
</template>
