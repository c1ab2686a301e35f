<script setup lang="ts">
// What the chart of chances is drawn with: hair for how often the comb stops, knots where a mat is likely. Never grades.
import { t } from '@/messages/words';
import HairSwatch from '@/chart/HairSwatch.vue';
</script>

<template>
  <p v-for="(tone, index) in [0, 1, 2, 3] as const" :key="tone" class="grid grid-cols-[1.875rem_1fr] items-center gap-2.5">
    <HairSwatch :grade="tone" :width="30" :height="22" />
    <span>{{ t(`next.key.${(['seldom', 'sometimes', 'often', 'mat'] as const)[index]!}`) }}</span>
  </p>
</template>
