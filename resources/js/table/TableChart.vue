<script setup lang="ts">
// The coat chart at the table: what has passed, what is clipped, and how long it goes on.
import { t } from '@/messages/words';
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
        {{ done }} <span class="text-lead font-semibold">{{ t('table.chart.passed') }}</span>
      </p>
      <p class="text-note text-ink-2 max-tall:hidden">
        <template v-if="table.left.likely >= 0.5"
          >{{ t('table.chart.toGo', { minutes: say.minutes(table.left.likely) })
          }}<span class="max-tall:hidden"
            >,<br />
            {{ t('ui.usually', { range: say.range(table.left) }) }}</span
          >.</template
        >
        <template v-else>{{ t('table.chart.nothingLeft') }}</template>
      </p>
    </template>
    <template #tools
      ><ToggleButton v-model="near" class="wide:hidden">{{ t('device.closer') }}</ToggleButton></template
    >
    <CoatView
      live
      :label="t('table.chart.label', { done })"
      :sections="chart"
      :route="visit.route"
      :selected="selected"
      :coat-mm="visit.dog.coatMm"
      :plain="small && !near"
      :near="near"
      @select="emit('select', $event)"
    />
    <template #key>
      <ChartKey kind="done">{{ t('coat.said.passed') }}</ChartKey>
      <ChartKey kind="clip">{{ t('table.chart.clipped', { unit: say.unit('length') }) }}</ChartKey>
      <ChartKey v-if="table.parked.length" kind="parked">{{ t('table.chart.parked', { count: table.parked.length }) }}</ChartKey>
    </template>
  </ChartPane>
</template>
