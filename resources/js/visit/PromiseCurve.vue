<script setup lang="ts">
// Each hair is a promise that could be given; its height is the chance that it holds, curled below what the house calls sure.
import { computed, ref } from 'vue';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import { placeByKey } from '@/ui/sliderKeys';
import { holdsSaid } from './holds';

const props = defineProps<{ curve: readonly { at: string; chance: number }[]; safe: number; promisedAt: string | null }>();
const emit = defineEmits<{ promise: [at: string] }>();
const WIDTH = 600;
const HEIGHT = 84;
const picture = ref<HTMLElement>();
const held = ref(false);
const notches = computed(() => props.curve);
const last = computed(() => Math.max(1, notches.value.length - 1));
const place = computed(() => notches.value.findIndex((one) => Date.parse(one.at) === Date.parse(props.promisedAt ?? '')));
const chance = computed(() => notches.value[place.value]?.chance ?? null);
const hairs = computed(() =>
  notches.value.flatMap((one, index) => {
    const next = notches.value[index + 1] ?? one;
    return Array.from({ length: index === last.value ? 1 : 6 }, (_, step) => {
      const share = step / 6;
      const holds = one.chance + (next.chance - one.chance) * share;
      const x = ((index + share) / last.value) * (WIDTH - 8) + 4;
      const top = HEIGHT - 4 - Math.max(2, holds * (HEIGHT - 12));
      const sure = holds >= props.safe;
      const bend = sure ? 0 : 2.5;
      return { x, sure, d: `M${x} ${HEIGHT - 4}Q${x + bend} ${(HEIGHT + top) / 2} ${x - bend} ${top + 2}T${x} ${top}` };
    });
  }),
);

function pull(event: PointerEvent): void {
  if (!held.value || !picture.value) {
    return;
  }
  const box = picture.value.getBoundingClientRect();
  const at = Math.round(((event.clientX - box.left) / box.width) * last.value);
  emit('promise', notches.value[Math.max(0, Math.min(last.value, at))]!.at);
}

function take(event: PointerEvent): void {
  (event.currentTarget as Element).setPointerCapture(event.pointerId);
  held.value = true;
  pull(event);
}

function onKey(event: KeyboardEvent): void {
  const to = placeByKey(event, Math.max(0, place.value), last.value);
  if (to !== null) {
    emit('promise', notches.value[to]!.at);
  }
}
</script>

<template>
  <div
    ref="picture"
    class="relative cursor-ew-resize touch-none"
    role="slider"
    tabindex="0"
    :aria-label="t('days.appointment.promiseAt')"
    :aria-valuemin="0"
    :aria-valuemax="last"
    :aria-valuenow="Math.max(0, place)"
    :aria-valuetext="promisedAt ? `${say.time(promisedAt)}, ${chance === null ? '' : holdsSaid(chance)}` : t('days.appointment.none')"
    @pointerdown="take"
    @pointermove="pull"
    @pointerup="held = false"
    @pointercancel="held = false"
    @keydown="onKey"
  >
    <svg class="block h-22 w-full" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" preserveAspectRatio="none" aria-hidden="true" focusable="false">
      <path
        v-for="hair in hairs"
        :key="hair.x"
        :d="hair.d"
        fill="none"
        :stroke="hair.sure ? 'var(--color-g1-strand)' : 'var(--color-g4-strand)'"
        stroke-width="1.5"
        vector-effect="non-scaling-stroke"
      />
      <path :d="`M0 ${HEIGHT - 2}H${WIDTH}`" stroke="var(--color-skin)" stroke-width="4" vector-effect="non-scaling-stroke" />
    </svg>
    <span
      v-if="place >= 0"
      class="pointer-events-none absolute top-0 h-22 w-2 -translate-x-1/2 bg-ink"
      :style="{ left: `${(100 * place) / last}%` }"
      aria-hidden="true"
    ></span>
    <p class="flex justify-between text-note text-ink-2" aria-hidden="true">
      <span>{{ say.time(notches[0]!.at) }}</span><span>{{ say.time(notches.at(-1)!.at) }}</span>
    </p>
  </div>
</template>
