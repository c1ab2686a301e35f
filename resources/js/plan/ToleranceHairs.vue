<script setup lang="ts">
// One hair a minute of pulling the dog should bear; the ones this plan uses are drawn taut.
import { computed } from 'vue';

const props = defineProps<{ used: number; tolerance: number }>();
const hairs = computed(() => Math.max(Math.ceil(props.tolerance), Math.ceil(props.used), 1));
const step = computed(() => 576 / hairs.value);
const part = (hair: number): number => Math.max(0, Math.min(1, props.used - (hair - 1)));
</script>

<template>
  <svg class="block h-9 w-full" viewBox="0 0 576 36" preserveAspectRatio="none" aria-hidden="true" focusable="false">
    <rect v-if="used > tolerance" :x="tolerance * step" width="576" height="36" fill="url(#hc-hair-x)" opacity=".6" />
    <template v-for="hair in hairs" :key="hair">
      <path
        v-if="part(hair) > 0"
        :d="`M${(hair - 0.5) * step},34V${34 - 30 * Math.max(part(hair), 0.12)}`"
        fill="none"
        stroke="var(--color-ink)"
        stroke-width="4"
        stroke-linecap="round"
        vector-effect="non-scaling-stroke"
      />
      <path
        v-else
        :d="`M${(hair - 0.5) * step},34c0,-10 ${step * 0.35},-14 ${step * 0.1},-26`"
        fill="none"
        :stroke="hair > tolerance ? 'var(--color-line-2)' : 'var(--color-g0-strand)'"
        stroke-width="2"
        stroke-linecap="round"
        vector-effect="non-scaling-stroke"
      />
    </template>
    <path d="M0,35H576" stroke="var(--color-skin)" stroke-width="3" vector-effect="non-scaling-stroke" />
  </svg>
</template>
