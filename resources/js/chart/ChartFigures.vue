<script setup lang="ts">
// The dog around the sections: underside outline, then rim shading, nose, eyes, toes and pads.
import { useId } from 'vue';
import { outline } from './geometry';
import { t } from '@/messages/words';

defineProps<{ part: 'under' | 'details'; plain?: boolean }>();
const id = useId();
/** The dog's left and right, by a letter. */
const letterOf = (side: 'l' | 'r'): string => t(`coat.side.${side}`).charAt(0).toLocaleUpperCase();
const rims = [38, 28, 18, 9];
const underPads: [number, number][] = [
  [391, 154],
  [597, 154],
  [402, 480],
  [586, 480],
];
const hindPads: [number, number][] = [
  [75.5, 590],
  [292.5, 590],
];
</script>

<template>
  <g v-if="part === 'under'" class="cc-quiet cc-still" aria-hidden="true">
    <path :d="outline.quietOutline" />
    <path class="cc-line" :d="outline.quietLines" />
    <g v-for="[x, y] in underPads" :key="`${x}`" class="cc-pad">
      <ellipse :cx="x" :cy="y" rx="8" ry="6" />
      <circle
        v-for="toe in [-9.5, -3.5, 3.5, 9.5]"
        :key="toe"
        :cx="x + toe"
        :cy="y + (y < 300 ? -1 : 1) * (Math.abs(toe) > 5 ? 6.5 : 11)"
        r="2.7"
      />
    </g>
    <path class="cc-quiet-nose" d="M487,87Q494,84 501,87Q500,94 494,95Q488,94 487,87Z" />
  </g>
  <g v-else class="cc-still" aria-hidden="true">
    <clipPath :id="`${id}-top`"><path :d="outline.bodyTop" /></clipPath>
    <clipPath :id="`${id}-under`"><path :d="outline.bodyUnder" /></clipPath>
    <template v-if="!plain">
      <g class="cc-rim" :clip-path="`url(#${id}-top)`">
        <path v-for="rim in rims" :key="rim" :d="outline.bodyTop" :stroke-width="rim" />
      </g>
      <g class="cc-rim" :clip-path="`url(#${id}-under)`">
        <path v-for="rim in rims.slice(1)" :key="rim" :d="outline.bodyUnder" :stroke-width="rim" />
      </g>
    </template>
    <path class="cc-toe cc-toe-edge" :d="outline.toes" />
    <path class="cc-toe" :d="outline.toes" />
    <g v-for="[x, y] in hindPads" :key="`${x}`" class="cc-pads">
      <ellipse :cx="x" :cy="y" rx="8.5" ry="6.5" />
      <ellipse v-for="toe in [-11, -4.3, 4.3, 11]" :key="toe" :cx="x + toe" :cy="y + (Math.abs(toe) > 5 ? 5 : 11)" rx="2.8" ry="3.4" />
    </g>
    <path class="cc-feature" :d="outline.nose" />
    <ellipse class="cc-feature" rx="5.1" ry="4.2" transform="translate(159.6 80.2) rotate(-28)" />
    <ellipse class="cc-feature" rx="5.1" ry="4.2" transform="translate(208.4 80.2) rotate(28)" />
    <g v-if="!plain" class="cc-side">
      <text x="40" y="338">{{ letterOf('l') }}</text>
      <text x="328" y="338">{{ letterOf('r') }}</text>
      <text x="388" y="318">{{ letterOf('r') }}</text>
      <text x="600" y="318">{{ letterOf('l') }}</text>
    </g>
  </g>
</template>
