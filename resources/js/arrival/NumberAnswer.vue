<script setup lang="ts">
// A figure that is asked for on arrival.
import { say } from '@/messages/say';
import { computed } from 'vue';
import { lengthTyped, weightTyped } from '@/messages/salon';
import type { NumberField, useArrival } from './useArrival';
import TextField from '@/ui/TextField.vue';

const props = withDefaults(
  defineProps<{
    arrival: Pick<ReturnType<typeof useArrival>, 'answers' | 'problems' | 'answerNumber'>;
    field: NumberField;
    label: string;
    /** What it counts, for lengths and weights, which are typed in the salon's unit. */
    kind?: 'length' | 'weight' | null;
    unit?: string;
    max?: number;
    hint?: string;
    /** As long as nobody answered. */
    usual?: number | null;
  }>(),
  { kind: null, unit: '', max: 4, hint: '', usual: null },
);
const { answers, problems, answerNumber } = props.arrival;
const shown = computed(() => {
  const value = answers.value[props.field] ?? props.usual;
  return value === null ? null : props.kind === 'length' ? lengthTyped(value) : props.kind === 'weight' ? weightTyped(value) : value;
});
</script>

<template>
  <TextField
    :model-value="shown"
    :label="label"
    kind="number"
    :unit="kind ? say.unit(kind) : unit"
    :max="max"
    :hint="hint"
    :error="problems[field]"
    @update:model-value="answerNumber(field, $event)"
  />
</template>
