<script setup lang="ts">
// A sentence with a part of it in bold: what stands between two pairs of stars.
import { computed } from 'vue';

const props = defineProps<{ words: string }>();
const parts = computed(() => props.words.split('**'));
</script>

<template>
  <template v-for="(part, index) in parts" :key="index">
    <b v-if="index % 2 === 1">{{ part }}</b>
    <template v-else>{{ part }}</template>
  </template>
</template>
