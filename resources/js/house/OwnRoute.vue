<script setup lang="ts">
// The salon's own order: the sections are tapped in the order in which the hands go.
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { SectionId } from '@/api/types';
import CoatChart from '@/chart/CoatChart.vue';
import { allSections } from '@/chart/geometry';
import type { ChartSection } from '@/chart/tones';
import { say } from '@/messages/say';

const props = defineProps<{ route: SectionId[]; problem?: string }>();
const emit = defineEmits<{ set: [route: SectionId[]] }>();

const chart = computed(
  () =>
    Object.fromEntries(
      allSections.map((section) => {
        const place = props.route.indexOf(section) + 1;
        return [
          section,
          {
            tone: place ? '0' : 'u',
            text: place ? String(place) : undefined,
            said: place ? t('house.route.place', { place }) : t('house.route.notYet'),
          },
        ];
      }),
    ) as Record<SectionId, ChartSection>,
);

/** A tap puts the section last; a tap on the last one takes it out again. */
function tap(section: SectionId): void {
  if (!props.route.includes(section)) {
    emit('set', [...props.route, section]);
  } else if (props.route.at(-1) === section) {
    emit('set', props.route.slice(0, -1));
  }
}
</script>

<template>
  <div class="col-span-full grid gap-4 tall:grid-cols-[21.25rem_1fr]">
    <CoatChart live class="max-w-85" :label="t('house.route.tap')" plain :sections="chart" :coat-mm="8" @select="tap" />
    <div class="grid content-start gap-2">
      <h3 class="lab">{{ t('house.route.title') }}</h3>
      <p>
        {{ route.length === 30 ? t('house.route.all') : t('house.route.left', { count: 30 - route.length }) }}
      </p>
      <p v-if="route.length" class="text-list text-ink-2">{{ route.map((section) => say.within(say.section(section))).join(' → ') }}</p>
      <p v-if="problem" class="text-list font-semibold" role="alert">{{ problem }}</p>
      <div class="flex gap-2">
        <button type="button" class="btn btn-small" :disabled="route.length === 0" @click="emit('set', route.slice(0, -1))">
          {{ t('house.route.takeOut') }}
        </button>
        <button type="button" class="btn btn-small" :disabled="route.length === 0" @click="emit('set', [])">
          {{ t('house.route.again') }}
        </button>
      </div>
    </div>
  </div>
</template>
