<script setup lang="ts">
// The left half: the chart in its place, a heading above its right part, a key below it; or the same as a list.
import { t } from '@/messages/words';
import { useChartAsList } from './chartAsList';
import ToggleButton from '@/ui/ToggleButton.vue';

const asList = useChartAsList();
</script>

<template>
  <div class="chart-pane relative mx-auto h-full max-w-160">
    <div
      class="absolute top-2 left-[65%] z-10 rounded-md bg-paper tall:top-4 tall:right-3 tall:left-auto tall:text-right wide:top-5 wide:right-2 wide:left-[63%] wide:text-left"
    >
      <slot name="heading" />
    </div>
    <div class="h-full px-1 py-1 max-tall:w-[64%] tall:py-2 wide:py-0 wide:pb-6"><slot /></div>
    <!-- Beside each other where there is room for the key: long words wrap, and never lie under a button. -->
    <div v-if="!asList" class="contents wide:absolute wide:right-3 wide:bottom-4 wide:z-10 wide:flex wide:w-64 wide:items-end wide:gap-2">
      <div class="hidden min-w-0 flex-1 gap-1.5 rounded-md bg-paper text-note wide:grid">
        <slot name="key" />
      </div>
      <div
        class="no-print absolute bottom-2 left-[65%] z-10 grid gap-1.5 empty:hidden tall:top-24 tall:right-3 tall:bottom-auto tall:left-auto wide:static"
      >
        <slot name="tools" />
      </div>
    </div>
    <ToggleButton v-model="asList" class="no-print absolute bottom-2 z-10" :class="asList ? 'right-3' : 'as-list left-2'">{{
      t('device.asList')
    }}</ToggleButton>
  </div>
</template>
