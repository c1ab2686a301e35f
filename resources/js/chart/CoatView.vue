<script setup lang="ts">
// The coat as a picture or as a list of the same, as this device is set.
import type { SectionId } from '@/api/types';
import { useChartAsList } from './chartAsList';
import CoatChart from './CoatChart.vue';
import { later } from '@/ui/later';
import type { CoatProps } from './tones';

const CoatList = later(() => import('./CoatList.vue'));

defineProps<CoatProps & { route: SectionId[] }>();
const emit = defineEmits<{ select: [section: SectionId] }>();
const asList = useChartAsList();
</script>

<template>
  <CoatList
    v-if="asList"
    :label="label"
    :sections="sections"
    :route="route"
    :selected="selected"
    :live="live"
    @select="emit('select', $event)"
  />
  <CoatChart v-else v-bind="$props" @select="emit('select', $event)" />
</template>
