<script setup lang="ts">
// Hair as it is drawn: each strand in the tone of how tangled it is there.
import type { Strand } from './lock';

defineProps<{ strands: Strand[]; thickness: number }>();
const COLOURS = ['var(--color-g1-strand)', 'var(--color-g1-strand)', 'var(--color-g2-strand)', 'var(--color-g3-strand)'];
</script>

<template>
  <path
    v-for="(strand, index) in strands"
    :key="index"
    :d="strand.d"
    :stroke="COLOURS[strand.tone]"
    :stroke-width="thickness"
    fill="none"
    vector-effect="non-scaling-stroke"
  />
</template>
