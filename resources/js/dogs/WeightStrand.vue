<script setup lang="ts">
// Weight over the visits: one strand, as high as the dog was heavy.
import { computed } from 'vue';
import type { DogYears } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

const props = defineProps<{ visits: DogYears['visits'] }>();
const WIDTH = 300;
const HEIGHT = 40;
const path = computed(() => {
  const weights = props.visits.map((visit) => visit.weightKg);
  const [least, most] = [Math.min(...weights), Math.max(...weights)];
  const room = Math.max(most - least, most * 0.05);
  return weights
    .map((kg, index) => {
      const x = (index / Math.max(1, weights.length - 1)) * (WIDTH - 8) + 4;
      return `${index ? 'L' : 'M'}${x.toFixed(1)} ${(HEIGHT - 6 - ((kg - least) / room) * (HEIGHT - 12)).toFixed(1)}`;
    })
    .join('');
});
const [first, last] = [computed(() => props.visits[0]!), computed(() => props.visits[props.visits.length - 1]!)];
</script>

<template>
  <div>
    <svg class="block h-10 w-full max-w-75" :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" preserveAspectRatio="none" aria-hidden="true">
      <path :d="path" fill="none" stroke="var(--color-g1-strand)" stroke-width="2.5" vector-effect="non-scaling-stroke" />
    </svg>
    <p class="text-list">
      {{
        t('dogs.weight', {
          first: say.kg(first.weightKg),
          from: say.dayAndYear(first.at),
          last: say.kg(last.weightKg),
          to: say.dayAndYear(last.at),
        })
      }}
    </p>
  </div>
</template>
