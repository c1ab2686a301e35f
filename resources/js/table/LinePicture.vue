<script setup lang="ts">
// The section as its lines: combed hair fills it from the lowest line up; touch a line to mark all up to it. With the
// keyboard arrows look for the line, and Enter marks.
import { t } from '@/messages/words';
import { computed, ref, useId, watch } from 'vue';
import type { SectionId } from '@/api/types';
import { boxOf, shapes } from '@/chart/geometry';

const props = defineProps<{
  section: SectionId;
  grade: number | null;
  lines: number;
  done: number[];
  line: number | null;
  clip: boolean;
  disabled: boolean;
}>();
const emit = defineEmits<{ upTo: [line: number] }>();
const id = useId();
const MARGIN = 6;
/** Room for the lines' numbers, at the scale of a section 240 units high. */
const LABELS = 34;
const box = computed(() => boxOf(props.section));
const scale = computed(() => Math.max(box.value.height / 240, box.value.width / 250));
const viewBox = computed(
  () =>
    `${box.value.x - LABELS * scale.value} ${box.value.y - MARGIN * scale.value} ${box.value.width + (LABELS + MARGIN) * scale.value} ${box.value.height + 2 * MARGIN * scale.value}`,
);
const height = computed(() => box.value.height / props.lines);
/** Top edge of a line; line 1 is the lowest. */
const top = (line: number): number => box.value.y + box.value.height - line * height.value;

const linesSaid = computed(() => t('table.linesDone', { done: props.done.length, lines: props.lines }));
const works = computed(() => !props.disabled && !props.clip);
const focused = ref(false);
/** The line that the arrows stand at. */
const at = ref(1);
watch(
  () => [props.section, props.line],
  () => (at.value = props.line ?? 1),
  { immediate: true },
);
const MOVES: Record<string, number> = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 };

function onKey(event: KeyboardEvent): void {
  const by = MOVES[event.key];
  if (by === undefined && event.key !== 'Enter' && event.key !== ' ') {
    return;
  }
  event.preventDefault();
  event.stopPropagation();
  if (by !== undefined) {
    at.value = Math.min(props.lines, Math.max(1, at.value + by));
  } else if (!event.repeat) {
    emit('upTo', at.value);
  }
}

function touch(event: MouseEvent): void {
  const svg = event.currentTarget as SVGSVGElement;
  const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.getScreenCTM()!.inverse());
  const line = Math.ceil((box.value.y + box.value.height - point.y) / height.value);
  if (works.value && line >= 1 && line <= props.lines) {
    emit('upTo', line);
  }
}
</script>

<template>
  <svg
    class="block size-full"
    :class="works ? 'cursor-pointer' : ''"
    :viewBox="viewBox"
    :role="works ? 'slider' : 'img'"
    :tabindex="works ? 0 : undefined"
    :aria-label="clip ? t('table.picture.toClip') : works ? t('table.linesSlider') : linesSaid"
    :aria-valuemin="works ? 1 : undefined"
    :aria-valuemax="works ? lines : undefined"
    :aria-valuenow="works ? at : undefined"
    :aria-valuetext="works ? `${t('table.lineAt', { line: at })}, ${linesSaid}` : undefined"
    @click="touch"
    @keydown="works && onKey($event)"
    @focus="focused = true"
    @blur="focused = false"
  >
    <defs>
      <clipPath :id="`${id}-in`"><path :d="shapes[section].path" /></clipPath>
    </defs>
    <g :clip-path="`url(#${id}-in)`">
      <rect :x="box.x" :y="box.y" :width="box.width" :height="box.height" :fill="`url(#hc-hair-${grade ?? 'u'})`" />
      <template v-if="!clip">
        <rect
          v-for="one in done"
          :key="one"
          :x="box.x"
          :y="top(one) - 0.2"
          :width="box.width"
          :height="height + 0.4"
          fill="url(#hc-hair-0)"
        />
        <path
          v-for="one in lines - 1"
          :key="`edge-${one}`"
          :d="`M${box.x},${top(one)}H${box.x + box.width}`"
          fill="none"
          :stroke="done.includes(one) ? 'var(--color-g0-strand)' : 'var(--color-seam)'"
          :stroke-width="1.6 * scale"
          :stroke-dasharray="done.includes(one) ? undefined : `${5 * scale} ${4 * scale}`"
        />
        <rect
          v-if="line || focused"
          :x="box.x"
          :y="top(focused ? at : line!)"
          :width="box.width"
          :height="height"
          fill="none"
          stroke="var(--color-call)"
          :stroke-width="3.2 * scale"
        />
      </template>
    </g>
    <path :d="shapes[section].path" fill="none" stroke="var(--color-ink)" :stroke-width="2.6 * scale" stroke-linejoin="round" />
    <g v-if="!clip" class="text-ink-2" :font-size="15 * scale" font-weight="600" fill="currentColor" aria-hidden="true">
      <text :x="box.x - 8 * scale" :y="box.y + box.height" text-anchor="end">1</text>
      <text v-if="lines > 1" :x="box.x - 8 * scale" :y="box.y + 12 * scale" text-anchor="end">{{ lines }}</text>
      <text
        v-if="line && line > 1 && line < lines"
        :x="box.x - 8 * scale"
        :y="top(line) + height / 2 + 5 * scale"
        text-anchor="end"
        font-weight="800"
        fill="var(--color-call)"
      >
        {{ line }}
      </text>
    </g>
  </svg>
</template>
