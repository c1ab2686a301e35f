<script setup lang="ts">
// A signature with a finger, kept as the strokes it was made of. By hand: what is stored, shown again in the record and read
// by other programs is this short path itself; a canvas library would draw its own picture and be turned back into one.
import { t } from '@/messages/words';
import { ref } from 'vue';

/** Strokes as an SVG path in a field of 300 by 90; empty when nobody signed. */
const strokes = defineModel<string>({ required: true });
const WIDTH = 300;
const HEIGHT = 90;
const LONGEST = 5900;
const drawing = ref(false);

function point(event: PointerEvent): string {
  const box = (event.currentTarget as Element).getBoundingClientRect();
  const at = (value: number, most: number): number => Math.max(0, Math.min(most, Math.round(value * most)));
  return `${at((event.clientX - box.left) / box.width, WIDTH)},${at((event.clientY - box.top) / box.height, HEIGHT)}`;
}

function start(event: PointerEvent): void {
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  drawing.value = true;
  strokes.value += `M${point(event)}`;
}

function move(event: PointerEvent): void {
  if (drawing.value && strokes.value.length < LONGEST) {
    strokes.value += `L${point(event)}`;
  }
}
</script>

<template>
  <div>
    <div class="flex items-baseline justify-between">
      <p class="lab">{{ t('plan.signature.title') }}</p>
      <button v-if="strokes" type="button" class="act" @click="strokes = ''">{{ t('plan.signature.wipe') }}</button>
    </div>
    <svg
      class="block h-27.5 w-full touch-none rounded-md edge border-ink bg-white"
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      preserveAspectRatio="none"
      role="img"
      :aria-label="t('plan.signature.label')"
      @pointerdown="start"
      @pointermove="move"
      @pointerup="drawing = false"
      @pointercancel="drawing = false"
    >
      <path :d="`M12,${HEIGHT - 18}H${WIDTH - 12}`" stroke="var(--color-line-2)" stroke-width="1" vector-effect="non-scaling-stroke" />
      <path
        v-if="strokes"
        :d="strokes"
        fill="none"
        stroke="var(--color-ink)"
        stroke-width="3"
        stroke-linecap="round"
        stroke-linejoin="round"
        vector-effect="non-scaling-stroke"
      />
    </svg>
    <p class="mt-1 text-note text-ink-2">{{ t('plan.signature.orName') }}</p>
  </div>
</template>
