<script setup lang="ts">
// A lock of each kind of coat, as it grows from the skin.
import type { Dog } from '@/api/types';

defineProps<{ coat: Dog['coat'] }>();
const LOCKS: Record<Dog['coat'], string> = {
  silky: 'M5 3q1 9 0 18M11 3q1 9 0 18M17 3q1 9 0 18M23 3q1 9 0 18M29 3q1 9 0 18',
  curly: 'M6 21q-5-3 0-6t0-6t0-6M13 21q-5-3 0-6t0-6t0-6M20 21q-5-3 0-6t0-6t0-6M27 21q-5-3 0-6t0-6t0-6',
  double: 'M5 21L3 4M10 21L9 3M16 21V3M22 21L23 3M28 21L30 4M7 21v-7M12 21v-8M14 21v-7M19 21v-8M25 21v-7M17 21v-6M21 21v-6',
  wire: 'M4 21l3-6l-3-5l3-6M11 21l3-6l-3-5l3-6M18 21l3-6l-3-5l3-6M25 21l3-6l-3-5l3-6',
  smooth: 'M4 21l2-6M8 21l2-6M12 21l2-6M16 21l2-6M20 21l2-6M24 21l2-6M28 21l2-6',
  mixed: 'M5 21q3-5 0-9t1-9M11 21V5M17 21q-4-5 0-9t0-9M23 21q3-5 0-9t1-9M29 21V6',
};
</script>

<template>
  <svg width="34" height="24" viewBox="0 0 34 24" class="shrink-0" aria-hidden="true" focusable="false">
    <path :d="LOCKS[coat]" fill="none" stroke="currentColor" stroke-width="1.6" stroke-linecap="round" stroke-linejoin="round" />
    <path d="M1 22.5H33" stroke="var(--color-skin)" stroke-width="3" />
  </svg>
</template>
