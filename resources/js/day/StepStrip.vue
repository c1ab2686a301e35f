<script setup lang="ts">
// A visit as one strip of hair, each step as wide as its minutes.
import { computed } from 'vue';
import type { StepMinutes } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

const props = defineProps<{ steps: StepMinutes[] }>();
const WIDTH = 600;
const EVERY = 5;
const all = computed(() => props.steps.reduce((sum, step) => sum + step.likely, 0) || 1);
const parts = computed(() => {
  let at = 0;
  return props.steps.map((step) => {
    const from = at;
    at += (step.likely / all.value) * WIDTH;
    return { ...step, from, to: at, hairs: hairsOf(step.step, from, at) };
  });
});

/** Parted, waiting, tangled to combed, wet, blown, combed, cut to one length. */
function hairsOf(step: StepMinutes['step'], from: number, to: number): string {
  let path = '';
  for (let x = from + 2; x < to - 1; x += EVERY) {
    const part = (x - from) / Math.max(1, to - from);
    const bend = step === 'brush' ? 3 * (1 - part) : 0;
    const top = { inspect: 20, answer: 30, brush: 12 + 8 * (1 - part), bath: 26, dry: 4 + 3 * Math.sin(x), check: 8, finish: 10 }[step];
    const lean = step === 'dry' ? 6 : step === 'bath' ? 8 : 0;
    path += bend > 0.4 ? `M${x} 38q${bend} -6 0 -12t0 ${top - 26}` : `M${x} 38Q${x} ${(38 + top) / 2} ${x + lean} ${top}`;
  }
  return path;
}
</script>

<template>
  <figure :aria-label="t('days.steps')">
    <svg class="block h-12 w-full" :viewBox="`0 0 ${WIDTH} 42`" preserveAspectRatio="none" aria-hidden="true" focusable="false">
      <path
        v-for="part in parts"
        :key="part.step"
        :d="part.hairs"
        fill="none"
        :stroke="
          part.step === 'brush' ? 'var(--color-g3-strand)' : part.step === 'answer' ? 'var(--color-line-2)' : 'var(--color-g1-strand)'
        "
        stroke-width="1.5"
        vector-effect="non-scaling-stroke"
      />
      <path :d="`M0 39.5H${WIDTH}`" stroke="var(--color-skin)" stroke-width="4" vector-effect="non-scaling-stroke" />
      <path
        v-for="part in parts.slice(1)"
        :key="`at-${part.step}`"
        :d="`M${part.from} 34V42`"
        stroke="var(--color-ink)"
        stroke-width="1.5"
        vector-effect="non-scaling-stroke"
      />
    </svg>
    <dl class="mt-1 grid grid-cols-[repeat(auto-fit,minmax(4rem,1fr))] gap-x-2 gap-y-1">
      <div v-for="step in steps" :key="step.step">
        <dt class="text-list font-bold">{{ t(`days.step.${step.step}`) }}</dt>
        <dd class="text-list">
          {{ say.minutes(step.likely) }} <span class="block text-note text-ink-2">{{ say.range(step) }}</span>
        </dd>
      </div>
    </dl>
  </figure>
</template>
