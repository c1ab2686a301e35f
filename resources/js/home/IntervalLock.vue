<script setup lang="ts">
// One strand of hair from today to twelve weeks: combed at the left, tangled as the weeks go; the handle holds an interval.
import { computed, ref } from 'vue';
import type { NextVisit } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import { placeByKey } from '@/ui/sliderKeys';
import { knots, strands, WEEKS } from './lock';
import StrandPaths from './StrandPaths.vue';

const props = defineProps<{ next: NextVisit; weeks: number }>();
const emit = defineEmits<{ hold: [weeks: number] }>();
const WIDTH = 576;
const HEIGHT = 112;
const USUAL = 30;
const lock = ref<HTMLElement>();
const held = ref(false);

const x = (weeks: number): number => (weeks / WEEKS) * 100;
const own = computed(() => strands(props.next.intervals, 12, WIDTH, HEIGHT));
const mats = computed(() => knots(props.next.intervals, WIDTH, HEIGHT));
const usual = computed(() =>
  strands(
    props.next.intervals.map((interval) => ({ ...interval, tangles: interval.usualTangles })),
    4,
    WIDTH,
    USUAL,
  ),
);
const notches = computed(() => props.next.intervals.map((interval) => interval.weeks));
const lost = computed(() => (props.next.mostWeeks < WEEKS ? props.next.mostWeeks : null));

function move(event: PointerEvent): void {
  const box = lock.value!.getBoundingClientRect();
  const at = ((event.clientX - box.left) / box.width) * WEEKS;
  emit(
    'hold',
    notches.value.reduce((best, one) => (Math.abs(one - at) < Math.abs(best - at) ? one : best)),
  );
}

function take(event: PointerEvent): void {
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  held.value = true;
  move(event);
}

function onKey(event: KeyboardEvent): void {
  const place = placeByKey(event, notches.value.indexOf(props.weeks), notches.value.length - 1);
  if (place !== null) {
    emit('hold', notches.value[place]!);
  }
}
</script>

<template>
  <div>
    <div
      ref="lock"
      class="relative cursor-ew-resize touch-none"
      role="slider"
      tabindex="0"
      :aria-label="t('next.lock.label')"
      :aria-valuemin="notches[0]"
      :aria-valuemax="notches[notches.length - 1]"
      :aria-valuenow="weeks"
      :aria-valuetext="t('next.inWeeks', { weeks })"
      @pointerdown="take"
      @pointermove="held && move($event)"
      @pointerup="held = false"
      @pointercancel="held = false"
      @keydown="onKey"
    >
      <svg class="block h-28 w-full" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" preserveAspectRatio="none" aria-hidden="true">
        <rect v-if="lost !== null" :x="(lost / WEEKS) * WIDTH" y="0" :width="WIDTH" :height="HEIGHT" fill="url(#hc-hair-x)" opacity=".5" />
        <StrandPaths :strands="own" :thickness="1.6" />
        <g v-for="(knot, index) in mats" :key="`knot-${index}`" :transform="`translate(${knot.x} ${knot.y})`">
          <circle r="5.2" fill="var(--color-g3)" stroke="var(--color-g3-strand)" stroke-width="1.4" />
          <path d="M-2.4 0a2.4 2.4 0 1 1 2.4 2.4" fill="none" stroke="var(--color-g3-strand)" stroke-width="1.4" />
        </g>
      </svg>
      <div class="h-1.5 bg-skin" aria-hidden="true"></div>
      <span
        class="pointer-events-none absolute inset-y-0 w-2 -translate-x-1/2 bg-ink"
        :style="{ left: `min(${x(weeks)}%, calc(100% - 1.25rem))` }"
      ></span>
      <span
        class="pointer-events-none absolute -bottom-4.5 grid size-10.5 -translate-x-1/2 place-items-center rounded-full border-2 border-on-ink bg-ink text-lead font-bold text-on-ink"
        :style="{ left: `min(${x(weeks)}%, calc(100% - 1.25rem))` }"
        aria-hidden="true"
        >{{ weeks }}</span
      >
    </div>
    <div class="relative h-11 text-note text-ink-2">
      <span class="absolute top-2.5 left-0 max-tall:hidden">{{ t('next.lock.today') }}</span>
      <button
        v-for="notch in notches"
        :key="notch"
        type="button"
        class="absolute top-0 grid whitespace-nowrap h-11 min-w-8 -translate-x-1/2 place-items-center last:translate-x-[-85%]"
        :class="notch === weeks ? 'invisible' : notch === next.suggestedWeeks ? 'font-bold text-ink underline' : ''"
        :style="{ left: `${x(notch)}%` }"
        :aria-label="t('next.inWeeks', { weeks: notch })"
        @click="emit('hold', notch)"
      >
        {{ notch === 12 ? t('next.lock.last', { weeks: notch }) : notch }}
      </button>
    </div>
    <svg class="block h-7 w-full" :viewBox="`0 0 ${WIDTH} ${USUAL}`" preserveAspectRatio="none" aria-hidden="true">
      <g opacity=".7"><StrandPaths :strands="usual" :thickness="1.2" /></g>
    </svg>
    <p class="mt-1 flex flex-wrap justify-between gap-x-4 text-note text-ink-2">
      <span>{{ t('next.lock.usual') }}</span>
      <span>{{ t('next.lock.knot') }}</span>
      <span v-if="lost !== null">{{ t('next.lock.cutLost', { weeks: say.tenth(lost) }) }}</span>
    </p>
  </div>
</template>
