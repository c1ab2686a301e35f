<script setup lang="ts">
// A figure that is asked for on arrival.
import type { NumberField, useArrival } from './useArrival';
import TextField from '@/ui/TextField.vue';

const props = withDefaults(
  defineProps<{
    arrival: Pick<ReturnType<typeof useArrival>, 'answers' | 'problems' | 'answerNumber'>;
    field: NumberField;
    label: string;
    unit: string;
    max?: number;
    hint?: string;
    /** As long as nobody answered. */
    usual?: number | null;
  }>(),
  { max: 4, hint: '', usual: null },
);
const { answers, problems, answerNumber } = props.arrival;
</script>

<template>
  <TextField
    :model-value="answers[field] ?? usual"
    :label="label"
    kind="number"
    :unit="unit"
    :max="max"
    :hint="hint"
    :error="problems[field]"
    @update:model-value="answerNumber(field, $event)"
  />
</template>
