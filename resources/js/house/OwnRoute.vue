<script setup lang="ts">
// The salon's own order: the sections are tapped in the order in which the hands go.
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
          { tone: place ? '0' : 'u', text: place ? String(place) : undefined, said: place ? `${place} of 30` : 'not yet in the order' },
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
    <CoatChart live class="max-w-[21.25rem]" label="Tap the sections in your order" plain :sections="chart" :coat-mm="8" @select="tap" />
    <div class="grid content-start gap-2">
      <h3 class="lab">Our own order</h3>
      <p>
        {{
          route.length === 30
            ? 'All 30 sections have their place.'
            : `Tap the sections in the order in which your hands go. ${30 - route.length} are still without a place.`
        }}
      </p>
      <p v-if="route.length" class="text-list text-ink-2">{{ route.map((section) => say.section(section).toLowerCase()).join(' → ') }}</p>
      <p v-if="problem" class="text-list font-semibold" role="alert">{{ problem }}</p>
      <div class="flex gap-2">
        <button type="button" class="btn btn-small" :disabled="route.length === 0" @click="emit('set', route.slice(0, -1))">
          Take the last one out
        </button>
        <button type="button" class="btn btn-small" :disabled="route.length === 0" @click="emit('set', [])">Start again</button>
      </div>
    </div>
  </div>
</template>
