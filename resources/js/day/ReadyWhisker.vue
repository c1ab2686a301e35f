<script setup lang="ts">
// Ready at, with its range, on the day's own line; the notch is the promised time.
import { computed } from 'vue';
import { curled } from '@/visit/curled';
import type { Axis } from './axis';

const props = defineProps<{ axis: Axis; likely: number; from: number; to: number; promised: number | null }>();
const WIDTH = 220;
const x = (ms: number): number => 4 + Math.max(0, Math.min(1, (ms - props.axis.from) / (props.axis.to - props.axis.from))) * (WIDTH - 8);
const notch = computed(() => (props.promised === null ? null : x(props.promised)));
/** Past the promise it curls. */
const straightTo = computed(() =>
  props.promised === null ? x(props.to) : Math.max(x(props.from), Math.min(x(props.to), x(props.promised))),
);
const curl = computed(() => (x(props.to) > straightTo.value + 1 ? curled(straightTo.value, x(props.to), 12, 5) : null));
</script>

<template>
  <svg class="block h-6 w-full" :viewBox="`0 0 ${WIDTH} 24`" preserveAspectRatio="none" aria-hidden="true" focusable="false">
    <path
      v-for="tick in axis.ticks"
      :key="tick"
      :d="`M${x(tick)},2V22`"
      stroke="var(--color-line)"
      stroke-width="1"
      vector-effect="non-scaling-stroke"
    />
    <path
      :d="`M${x(from)},12H${Math.max(straightTo, x(from) + 1)}`"
      stroke="var(--color-strand)"
      stroke-width="3"
      stroke-linecap="round"
      vector-effect="non-scaling-stroke"
    />
    <path v-if="curl" :d="curl" fill="none" stroke="var(--color-g4-strand)" stroke-width="2.5" vector-effect="non-scaling-stroke" />
    <path :d="`M${x(likely)},4V20`" stroke="var(--color-ink)" stroke-width="4" stroke-linecap="round" vector-effect="non-scaling-stroke" />
    <path
      v-if="notch !== null"
      :d="`M${notch - 4},0L${notch},7L${notch + 4},0`"
      fill="none"
      stroke="var(--color-ink)"
      stroke-width="2"
      stroke-linecap="round"
      stroke-linejoin="round"
      vector-effect="non-scaling-stroke"
    />
  </svg>
</template>
