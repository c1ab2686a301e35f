<script setup lang="ts">
// Every hair is a plan: how far it pulls is where it stands, how much coat it keeps is how long it is.
import { there } from '@/api/there';
import { t } from '@/messages/words';
import { computed, ref, watch } from 'vue';
import type { Frontier } from '@/api/types';
import { say } from '@/messages/say';
import { placeByKey } from '@/ui/sliderKeys';

const props = defineProps<{ frontier: Frontier; place: number | null; tolerance: number; disabled: boolean; low?: boolean }>();
const emit = defineEmits<{ hold: [place: number]; settle: [place: number]; letGo: [] }>();
const WIDTH = 576;
const HEIGHT = 118;
const picture = ref<SVGSVGElement>();
const held = ref<number | null>(null);

/** What the choices were before something was fixed stays in the picture, pale, and in the same scale. */
const drawn = computed(() => [...props.frontier.plans, ...props.frontier.unfixed]);
const most = computed(() => Math.max(props.tolerance, ...drawn.value.map((plan) => plan.tension), 1));
const x = (tension: number): number => 8 + (tension / most.value) * (WIDTH - 16);
// Flat tops waste height: the shortest hair is a third of the longest, and the table says how much either keeps.
const keeps = computed(() => drawn.value.map((plan) => plan.keep));
const longest = computed(() => Math.max(...keeps.value));
const bottom = computed(() => longest.value - Math.max(longest.value - Math.min(...keeps.value), 0.01) * 1.5);
const y = (keep: number): number => HEIGHT - 10 - ((keep - bottom.value) / (longest.value - bottom.value)) * (HEIGHT - 40);
const hairs = computed(() => props.frontier.plans.map((plan, index) => ({ index, at: x(plan.tension), top: y(plan.keep) })));
const pale = computed(() => props.frontier.unfixed.map((plan) => ({ at: x(plan.tension), top: y(plan.keep) })));
const ends = computed(() => (hairs.value.length > 1 ? [there(hairs.value[0]), there(hairs.value.at(-1))] : hairs.value));
const shown = computed(() => held.value ?? props.place);
const handle = computed(() => (shown.value === null ? null : (hairs.value[shown.value] ?? null)));
/** Above the hair, and above the handle where that stands beside it. */
function captionTop(hair: { at: number; top: number }): number {
  const besides = handle.value !== null && Math.abs(handle.value.at - hair.at) < 26;
  return besides ? Math.min(hair.top, handle.value!.top) - 30 : hair.top - 24;
}
const ticks = computed(() => {
  const step = most.value > 24 ? 10 : most.value > 8 ? 5 : most.value > 3 ? 1 : 0.5;
  return Array.from({ length: Math.floor(most.value / step) + 1 }, (_, index) => index * step);
});
const said = computed(() => {
  const plan = shown.value === null ? null : props.frontier.plans[shown.value];
  return plan ? t('plan.picture.point', { keep: say.percent(plan.keep), pulling: say.pulling(plan.tension) }) : t('plan.picture.none');
});

function nearest(event: PointerEvent): number {
  const box = picture.value!.getBoundingClientRect();
  const at = ((event.clientX - box.left) / box.width) * WIDTH;
  return hairs.value.reduce((best, hair) => (Math.abs(hair.at - at) < Math.abs(there(hairs.value[best]).at - at) ? hair.index : best), 0);
}

function take(event: PointerEvent): void {
  if (!props.disabled) {
    (event.currentTarget as Element).setPointerCapture(event.pointerId);
    move(event, true);
  }
}

function move(event: PointerEvent, first = false): void {
  if (first || held.value !== null) {
    held.value = nearest(event);
    emit('hold', held.value);
  }
}

function settle(): void {
  if (held.value !== null) {
    emit('settle', held.value);
    held.value = null;
  }
}

/** The system took the finger away, or the plans are others by now: nothing was chosen. */
function letGo(): void {
  if (held.value !== null) {
    held.value = null;
    emit('letGo');
  }
}
watch(() => props.frontier, letGo);

function onKey(event: KeyboardEvent): void {
  if (props.disabled) {
    return;
  }
  const place = placeByKey(event, props.place ?? props.frontier.balanced ?? 0, props.frontier.plans.length - 1);
  if (place !== null) {
    emit('settle', place);
  }
}
</script>

<template>
  <div class="relative">
    <!-- The hairs do not begin at nothing: what the shortest and the longest keep is said. -->
    <span
      v-for="hair in low ? [] : ends"
      :key="hair.index"
      class="pointer-events-none absolute z-10 -translate-x-1/2 bg-sheet/80 px-1 text-note font-semibold whitespace-nowrap"
      :style="{
        left: `clamp(24px, ${(hair.at / WIDTH) * 100}%, calc(100% - 24px))`,
        top: `${captionTop(hair)}px`,
      }"
      aria-hidden="true"
      >{{ say.percent(there(frontier.plans[hair.index]).keep) }}</span
    >
    <svg
      ref="picture"
      class="block w-full touch-none"
      :class="[low ? 'h-12' : 'h-29.5', disabled ? '' : 'cursor-ew-resize']"
      :viewBox="`0 0 ${WIDTH} ${HEIGHT}`"
      preserveAspectRatio="none"
      role="slider"
      tabindex="0"
      :aria-label="t('plan.picture.label')"
      :aria-valuemin="0"
      :aria-valuemax="frontier.plans.length - 1"
      :aria-valuenow="shown ?? 0"
      :aria-valuetext="said"
      :aria-disabled="disabled"
      @pointerdown="take"
      @pointermove="move($event)"
      @pointerup="settle"
      @pointercancel="letGo"
      @keydown="onKey"
    >
      <rect
        v-if="x(tolerance) < WIDTH - 9"
        :x="x(tolerance)"
        y="0"
        :width="WIDTH"
        :height="HEIGHT - 8"
        fill="url(#hc-hair-x)"
        opacity=".5"
      />
      <path
        v-for="(hair, index) in pale"
        :key="`pale-${index}`"
        :d="`M${hair.at},${HEIGHT - 9}V${hair.top}`"
        stroke="var(--color-halo)"
        stroke-width="2"
        stroke-linecap="round"
        vector-effect="non-scaling-stroke"
      />
      <path
        v-for="hair in hairs"
        :key="hair.index"
        :d="`M${hair.at},${HEIGHT - 9}V${hair.top}`"
        :stroke="
          hair.index === frontier.balanced || hair.index === frontier.easiest || hair.index === frontier.keepCoat
            ? 'var(--color-ink)'
            : 'var(--color-g1-strand)'
        "
        :stroke-width="hairs.length > 80 ? 1.6 : 2.6"
        stroke-linecap="round"
        vector-effect="non-scaling-stroke"
      />
      <path :d="`M0,${HEIGHT - 7}H${WIDTH}`" stroke="var(--color-skin)" stroke-width="5" vector-effect="non-scaling-stroke" />
      <path
        v-if="handle"
        :d="`M${handle.at},${HEIGHT - 7}V${handle.top}`"
        stroke="var(--color-ink)"
        stroke-width="8"
        stroke-linecap="round"
        vector-effect="non-scaling-stroke"
      />
    </svg>
    <div class="relative h-5 text-note text-ink-2" aria-hidden="true">
      <span
        v-for="tick in ticks.filter((one) => x(one) < WIDTH - (pale.length ? 350 : 200))"
        :key="tick"
        class="absolute -translate-x-1/2 first:translate-x-0"
        :style="{ left: `${(x(tick) / WIDTH) * 100}%` }"
        >{{ tick }}</span
      >
      <span class="absolute right-0 bg-sheet pl-2"
        ><template v-if="pale.length">{{ `${t('plan.picture.pale')} ` }}</template
        >{{ t('plan.picture.axis', { minutes: say.pulling(tolerance) }) }}</span
      >
    </div>
  </div>
</template>
