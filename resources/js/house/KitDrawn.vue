<script setup lang="ts">
// The cutters of the salon, each with the hair that it leaves, to scale; a touch takes one out or in.
import { computed } from 'vue';
import { t } from '@/messages/words';
import { kitLength } from './kitLength';

const props = defineProps<{
  /** What is offered, in mm, shortest first. */
  offered: { blades: number[]; guards: number[] };
  units: 'metric' | 'imperial';
  blades: number[];
  guards: number[];
}>();
const emit = defineEmits<{ blades: [mm: number[]]; guards: [mm: number[]] }>();

const PX_PER_MM = 2.5;
const HAIRS = 9;
const tallest = computed(() => PX_PER_MM * Math.max(...props.offered.blades, ...props.offered.guards));
const groups = computed(() => [
  { says: t('salon.blades'), offered: props.offered.blades, has: props.blades, set: (mm: number[]) => emit('blades', mm) },
  { says: t('salon.guards'), offered: props.offered.guards, has: props.guards, set: (mm: number[]) => emit('guards', mm) },
]);

/** Hair stands a little apart and a little aslant, the same each time. */
function hairs(mm: number): { x: number; height: number; lean: number }[] {
  return Array.from({ length: HAIRS }, (_, index) => ({
    x: 3 + index * 5,
    height: Math.max(2, PX_PER_MM * mm - ((index * 7 + mm * 3) % 5)),
    lean: ((index * 13 + mm * 5) % 7) - 2,
  }));
}

function toggle(group: { offered: number[]; has: number[]; set: (mm: number[]) => void }, mm: number): void {
  group.set(group.offered.filter((one) => (one === mm ? !group.has.includes(mm) : group.has.includes(one))));
}
</script>

<template>
  <div class="flex flex-wrap gap-x-3 gap-y-4">
    <fieldset v-for="group in groups" :key="group.says" class="min-w-65 flex-1">
      <legend class="text-list text-ink-2">{{ group.says }}</legend>
      <div class="grid items-end gap-1.5" :style="{ gridTemplateColumns: `repeat(${Math.max(5, group.offered.length)}, minmax(0, 1fr))` }">
        <button
          v-for="mm in group.offered"
          :key="mm"
          type="button"
          class="grid justify-items-stretch gap-1"
          :aria-pressed="group.has.includes(mm)"
          @click="toggle(group, mm)"
        >
          <svg :viewBox="`0 0 48 ${tallest + 4}`" class="block w-full" aria-hidden="true" focusable="false">
            <path
              v-for="hair in hairs(mm)"
              :key="hair.x"
              :d="`M${hair.x} ${tallest}q${hair.lean / 4} ${-hair.height / 2} ${hair.lean} ${-hair.height}`"
              fill="none"
              stroke-width="1.6"
              stroke-linecap="round"
              :class="group.has.includes(mm) ? 'stroke-g1-strand' : 'stroke-edge'"
            />
            <rect x="0" :y="tallest" width="48" height="3" class="fill-skin" />
          </svg>
          <span
            class="grid min-h-11 place-content-center rounded-md edge text-list font-semibold tabular-nums"
            :class="group.has.includes(mm) ? 'border-ink bg-ink text-on-ink' : 'border-dashed border-line-2 bg-sheet text-ink-2'"
            >{{ kitLength(mm, units) }}</span
          >
        </button>
      </div>
    </fieldset>
  </div>
</template>
