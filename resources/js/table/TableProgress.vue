<script setup lang="ts">
// How far the section in hand has come: its lines, its clock, and what the house says about both.
import type { SectionId, TableRun, TableSection } from '@/api/types';
import LinePicture from './LinePicture.vue';
import SectionClock from './SectionClock.vue';
import TableGuards from './TableGuards.vue';

defineProps<{
  visit: string;
  section: SectionId;
  here: TableSection;
  table: TableRun;
  line: number | null;
  extra: number;
  inHand: boolean;
  /** What is cut at the table; a cut on clean coat waits for the dryer. */
  clipMm: number | null;
  closed: boolean;
}>();
defineEmits<{ upTo: [line: number] }>();
</script>

<template>
  <div
    class="mt-1 grid shrink-0 gap-x-4 gap-y-1 tall:grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] tall:gap-4"
    :class="here.countsLines ? 'grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)]' : 'grid-cols-2'"
  >
    <LinePicture
      :class="here.countsLines ? '' : 'max-tall:hidden'"
      class="row-span-2 max-h-26 min-h-20 tall:row-span-1 tall:max-h-[min(14.375rem,24dvh)] tall:min-h-27.5"
      :section="section"
      :grade="here.done ? 0 : here.grade"
      :lines="here.lines"
      :done="here.done ? Array.from({ length: here.lines }, (_, index) => index + 1) : here.linesDone"
      :line="inHand && here.countsLines ? line : null"
      :clip="clipMm !== null && !here.done"
      :disabled="closed || here.done || clipMm !== null || !here.countsLines"
      @up-to="$emit('upTo', $event)"
    />
    <SectionClock :here="here" :table="table" :line="line" :extra="extra" :in-hand="inHand" :clip="clipMm !== null" />
  </div>
  <TableGuards
    class="my-1.5"
    :visit="visit"
    :here="here"
    :paused="table.paused"
    :not-agreed="clipMm !== null && !here.done && !here.clipAgreed"
  />
</template>
