<script setup lang="ts">
// One place's hair over the years, at true length, with what the comb found and where it was cut.
import { computed } from 'vue';
import type { DogYears, SectionId } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import { sectionStrand } from './sectionStrand';

const props = defineProps<{ visits: DogYears['visits']; section: SectionId; selected: string | null }>();
const emit = defineEmits<{ pick: [visit: string] }>();
const WIDTH = 720;
const HEIGHT = 96;
const COLOURS = [1, 1, 2, 3, 4, 5].map((tone) => `var(--color-g${tone}-strand)`);
const strand = computed(() => sectionStrand(props.visits, props.section, WIDTH, HEIGHT));
/** So many labels have room side by side. */
const everyLabel = computed(() => Math.ceil(strand.value.notches.length / 14));
const labelled = (index: number): boolean => (strand.value.notches.length - 1 - index) % everyLabel.value === 0;
/** Two visits close to each other would write over each other: the later one is told. */
const APART = 52;
const hasRoom = (index: number): boolean => {
  const next = strand.value.notches[index + 1];
  return labelled(index) && (!next || next.x - strand.value.notches[index]!.x >= APART);
};
</script>

<template>
  <div class="relative">
    <div class="relative h-8">
      <template v-for="(notch, index) in strand.notches" :key="notch.visit">
        <button
          v-if="notch.grade !== null && labelled(index)"
          type="button"
          class="absolute bottom-0 grid size-7 -translate-x-1/2 place-items-center rounded-sm text-note font-bold"
          :class="[notch.grade >= 3 ? 'text-on-ink' : 'text-ink', notch.visit === selected ? 'outline-2 outline-ink' : '']"
          :style="{ left: `${(notch.x / WIDTH) * 100}%`, background: `var(--color-g${notch.grade})` }"
          :aria-label="t('dogs.overTime.found', { grade: say.grade(notch.grade), day: say.shortDay(visits[index]!.at) })"
          @click="emit('pick', notch.visit)"
        >
          {{ notch.grade }}
        </button>
      </template>
    </div>
    <svg class="block h-24 w-full" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" preserveAspectRatio="none" aria-hidden="true">
      <path
        v-for="(hair, index) in strand.hairs"
        :key="index"
        :d="hair.d"
        :stroke="COLOURS[hair.tone]"
        stroke-width="1.5"
        fill="none"
        vector-effect="non-scaling-stroke"
      />
      <path
        v-for="notch in strand.notches"
        :key="notch.visit"
        :d="`M${notch.x} ${HEIGHT}V${HEIGHT - (notch.cameMm / strand.mostMm) * (HEIGHT - 8)}`"
        stroke="var(--color-ink)"
        :stroke-width="notch.visit === selected ? 4 : 1.5"
        vector-effect="non-scaling-stroke"
      />
      <path :d="`M0 ${HEIGHT - 2}H${WIDTH}`" stroke="var(--color-skin)" stroke-width="5" vector-effect="non-scaling-stroke" />
    </svg>
    <div class="relative h-6 text-note text-ink-2">
      <template v-for="(notch, index) in strand.notches" :key="notch.visit">
        <span
          v-if="hasRoom(index)"
          class="absolute -translate-x-1/2 whitespace-nowrap"
          :class="notch.cutMm === null ? '' : 'font-bold text-ink'"
          :style="{ left: `${(notch.x / WIDTH) * 100}%` }"
          >{{
            notch.cutMm === null
              ? say.lengthFigure(Math.round(notch.cameMm))
              : t('dogs.overTime.cut', { length: say.lengthFigure(notch.cutMm) })
          }}</span
        >
      </template>
    </div>
  </div>
</template>
