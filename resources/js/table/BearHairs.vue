<script setup lang="ts">
// One hair a minute of pulling: dark while the dog can still bear it, cut short once it is spent.
import { computed } from 'vue';

const props = defineProps<{ left: number; tolerance: number }>();
const hairs = computed(() => Math.max(1, Math.ceil(props.tolerance)));
const part = (hair: number): number => Math.max(0, Math.min(1, props.left - (hair - 1)));
</script>

<template>
  <svg
    class="block h-7 w-full max-w-67.5"
    :viewBox="`0 0 ${hairs * 12} 28`"
    preserveAspectRatio="none"
    aria-hidden="true"
    focusable="false"
  >
    <path
      v-for="hair in hairs"
      :key="hair"
      :d="`M${hair * 12 - 6},26V${26 - 4 - 20 * part(hair)}`"
      fill="none"
      :stroke="part(hair) > 0 ? 'var(--color-ink)' : 'var(--color-line-2)'"
      stroke-width="5"
      stroke-linecap="round"
      vector-effect="non-scaling-stroke"
    />
  </svg>
</template>
