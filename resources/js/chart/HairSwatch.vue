<script setup lang="ts">
// A patch of coat at one grade, the same hair as on the chart.
defineProps<{ grade: number | null; width?: number; height?: number }>();
</script>

<template>
  <svg :width="width ?? 40" :height="height ?? 28" class="block shrink-0 rounded-sm" aria-hidden="true" focusable="false">
    <rect width="100%" height="100%" :fill="`url(#hc-hair-${grade ?? 'u'})`" />
    <rect
      v-if="grade === null"
      x=".75"
      y=".75"
      width="calc(100% - 1.5px)"
      height="calc(100% - 1.5px)"
      rx="4"
      fill="none"
      stroke="var(--color-edge)"
    />
  </svg>
</template>
