<script setup lang="ts">
// The coat chart at the table: what has passed, what is clipped, and how long it goes on.
import { computed, ref } from 'vue';
import type { SectionId, TableRun, Visit } from '@/api/types';
import CoatView from '@/chart/CoatView.vue';
import { tableChart } from '@/chart/tableChart';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { say } from '@/messages/say';
import ChartKey from '@/chart/ChartKey.vue';
import ChartPane from '@/chart/ChartPane.vue';
import ToggleButton from '@/ui/ToggleButton.vue';

const props = defineProps<{ visit: Visit; sections: Visit['sections']; table: TableRun; selected: SectionId | null }>();
const emit = defineEmits<{ select: [section: SectionId] }>();

const small = useSmallScreen();
const near = ref(false);
const chart = computed(() => tableChart(props.sections, props.table));
const done = computed(() => Object.values(props.table.sections).filter((section) => section.done).length);
</script>

<template>
  <ChartPane>
    <template #heading>
      <p class="text-title leading-9 font-extrabold max-tall:leading-7">
        {{ done }} <span class="text-lead font-semibold">of 30 passed</span>
      </p>
      <p class="text-note text-ink-2 max-tall:hidden">
        <template v-if="table.left.likely >= 0.5"
          >About {{ say.minutes(table.left.likely) }} to go<span class="max-tall:hidden"
            >,<br />
            usually {{ say.range(table.left) }}</span
          >.</template
        >
        <template v-else>Nothing left to do.</template>
      </p>
    </template>
    <template #tools
      ><ToggleButton v-model="near" class="wide:hidden">{{ say.text.closer }}</ToggleButton></template
    >
    <CoatView
      live
      :label="`Coat chart, ${done} of 30 sections passed`"
      :sections="chart"
      :route="visit.route"
      :selected="selected"
      :coat-mm="visit.dog.coatMm"
      :plain="small && !near"
      :near="near"
      @select="emit('select', $event)"
    />
    <template #key>
      <ChartKey kind="done">passed the comb today</ChartKey>
      <ChartKey kind="clip">clipped, or to clip (mm)</ChartKey>
      <ChartKey v-if="table.parked.length" kind="parked">{{
        table.parked.length === 1 ? 'mat parked' : `${table.parked.length} mats parked`
      }}</ChartKey>
    </template>
  </ChartPane>
</template>
