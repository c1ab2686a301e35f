<script setup lang="ts">
import { useElementSize } from '@vueuse/core';
import { computed, nextTick, ref, useId, watch } from 'vue';
import type { SectionId } from '@/api/types';
import { say } from '@/messages/say';
import { allSections, boxOf, outline, shapes } from './geometry';
import type { CoatProps } from './tones';
import ChartFigures from './ChartFigures.vue';

const props = withDefaults(defineProps<CoatProps>(), {
  route: () => allSections,
  selected: null,
  coatMm: 30,
  lengths: undefined,
  live: false,
  plain: false,
  near: false,
});
const emit = defineEmits<{ select: [section: SectionId] }>();

const id = useId();
const focused = ref<SectionId | null>(null);
const buttons = ref<Record<string, SVGPathElement>>({});
const halo = (mm: number): number => Math.min(22, 2 + mm * 0.17);
const WHOLE = { width: 620, height: 640 };
/** So near at least, and as near as a thumb needs the selected place to be, in CSS pixels. */
const NEAR = 2.3;
const NEAREST = 6;
const THUMB_PX = 48;
const drawing = ref<SVGSVGElement>();
const size = useElementSize(computed(() => (props.near ? drawing.value : null)));
const nearness = computed(() => {
  const pxPerUnit = Math.min(size.width.value / WHOLE.width, size.height.value / WHOLE.height);
  const box = boxOf(props.selected!);
  const wanted = pxPerUnit > 0 ? THUMB_PX / (Math.min(box.width, box.height) * pxPerUnit) : NEAR;
  return Math.min(NEAREST, Math.max(NEAR, wanted));
});
/** The part of the drawing that is looked at; a magnifier stays over the paper. */
const viewBox = computed(() => {
  if (!props.near || !props.selected) {
    return `0 0 ${WHOLE.width} ${WHOLE.height}`;
  }
  const [x, y] = shapes[props.selected].anchor;
  const [width, height] = [WHOLE.width / nearness.value, WHOLE.height / nearness.value];
  const within = (value: number, most: number): number => Math.round(Math.max(-12, Math.min(most + 12, value)));
  return `${within(x - width / 2, WHOLE.width - width)} ${within(y - height / 2, WHOLE.height - height)} ${Math.round(width)} ${Math.round(height)}`;
});
const byFigure = computed(() => ({
  top: props.route.filter((section) => shapes[section].figure === 'top'),
  under: props.route.filter((section) => shapes[section].figure === 'under'),
}));
const tabStop = computed(() => props.selected ?? props.route[0]);

const MOVES: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };

/** Arrows only look round; Enter and Space take the place that has the focus, once for each press. */
function onKey(event: KeyboardEvent, section: SectionId): void {
  const by = MOVES[event.key];
  if (!props.live || (by === undefined && event.key !== 'Enter' && event.key !== ' ')) {
    return;
  }
  event.preventDefault();
  event.stopPropagation();
  if (by !== undefined) {
    const at = props.route.indexOf(section);
    buttons.value[props.route[(at + by + props.route.length) % props.route.length]!]?.focus();
  } else if (!event.repeat) {
    emit('select', section);
  }
}

/** Touched, a place gives the focus back like any button: the next Space is the task's. */
function touch(section: SectionId): void {
  if (props.live) {
    buttons.value[section]?.blur();
    emit('select', section);
  }
}

// A focused chart follows the work, so that the next key lands where the eye is.
watch(
  () => props.selected,
  async (section) => {
    await nextTick();
    if (focused.value && section && focused.value !== section) {
      buttons.value[section]?.focus();
    }
  },
);

function fill(section: SectionId, tone = props.sections[section].tone): string | undefined {
  if (props.plain || tone === 'u' || tone === 'again' || tone === 'leave') {
    return undefined;
  }
  const flow = shapes[section].flow;
  return `url(#hc-hair-${tone}${flow === 's' ? '' : `-${flow}`})`;
}

/** The part of a place that shows the other answer: its lesser half, slanted. */
function slant(section: SectionId): string {
  const { x, y, width, height } = boxOf(section);
  return `M${x + width * 0.62},${y}H${x + width}V${y + height}H${x + width * 0.48}Z`;
}

function at(section: SectionId, dx = 0, dy = 0): string {
  const [x, y] = shapes[section].anchor;
  return `translate(${x + dx} ${y + dy})`;
}
</script>

<template>
  <svg
    ref="drawing"
    class="cc"
    :class="{ 'cc-live': live, 'cc-plain': plain, 'cc-near': near }"
    :viewBox="viewBox"
    :role="live ? 'group' : 'img'"
    :aria-label="label"
  >
    <path v-if="!lengths" class="cc-halo" :d="outline.halo" :stroke-width="halo(coatMm)" />
    <ChartFigures part="under" />
    <g v-if="lengths" class="cc-still">
      <path
        v-for="section in allSections"
        :key="section"
        class="cc-fringe cc-fringe-before"
        :d="shapes[section].path"
        :stroke-width="2 * halo(lengths[section].before)"
      />
      <path
        v-for="section in allSections"
        :key="section"
        class="cc-fringe"
        :d="shapes[section].path"
        :stroke-width="2 * halo(lengths[section].after)"
      />
    </g>
    <g v-if="live">
      <template v-for="section in route" :key="section">
        <path v-if="shapes[section].small" class="cc-hit" :d="shapes[section].path" @click="emit('select', section)" />
      </template>
    </g>
    <template v-for="figure in ['top', 'under'] as const" :key="figure">
      <path
        v-for="section in byFigure[figure]"
        :id="`${id}-${section}`"
        :key="section"
        :ref="(element) => (buttons[section] = element as SVGPathElement)"
        class="cc-sec"
        :d="shapes[section].path"
        :data-section="section"
        :data-tone="sections[section].tone === 'u' ? undefined : sections[section].tone"
        :fill="fill(section)"
        :style="fill(section) ? { fill: fill(section) } : undefined"
        :role="live ? 'button' : undefined"
        :tabindex="live ? (section === tabStop ? 0 : -1) : undefined"
        :aria-label="live ? `${say.section(section)}: ${sections[section].said}` : undefined"
        :aria-pressed="live ? section === selected : undefined"
        @click="touch(section)"
        @keydown="onKey($event, section)"
        @focus="focused = section"
        @blur="focused = null"
      />
    </template>
    <g v-for="section in route.filter((one) => sections[one].other)" :key="section" class="cc-still" aria-hidden="true">
      <clipPath :id="`${id}-other-${section}`"><path :d="slant(section)" /></clipPath>
      <path
        class="cc-sec"
        :d="shapes[section].path"
        :data-tone="sections[section].other"
        :style="fill(section, sections[section].other) ? { fill: fill(section, sections[section].other) } : undefined"
        :clip-path="`url(#${id}-other-${section})`"
      />
    </g>
    <ChartFigures part="details" :plain="plain" />
    <g class="cc-still" aria-hidden="true">
      <template v-for="section in route" :key="section">
        <g v-if="sections[section].mark" :transform="at(section, 0, sections[section].text ? -9 : 0)">
          <use :href="`#hc-mark-${sections[section].mark}`" />
        </g>
        <g v-else-if="sections[section].lookFirst && sections[section].tone === 'u'" :transform="at(section)">
          <circle class="cc-first" r="6.5" />
          <circle class="cc-first-dot" r="2.2" />
        </g>
        <text
          v-if="sections[section].text"
          class="cc-num"
          :class="{ 'cc-num-small': shapes[section].small, 'cc-num-own': sections[section].own }"
          :data-tone="sections[section].tone"
          :transform="at(section, 0, sections[section].mark ? 12 : 0)"
        >
          {{ sections[section].text }}
        </text>
        <g
          v-if="sections[section].ghost !== undefined"
          :transform="at(section, shapes[section].small ? 11 : 17, shapes[section].small ? 11 : 15)"
        >
          <circle class="cc-ghost" r="9" />
          <text class="cc-ghost-num">{{ sections[section].ghost }}</text>
        </g>
        <text v-if="sections[section].pin" class="cc-pin" :transform="at(section, 18, -16)">✱</text>
      </template>
      <template v-if="selected">
        <path class="cc-sel-edge" :d="shapes[selected].path" />
        <path class="cc-sel" :d="shapes[selected].path" />
        <use
          href="#hc-mark-nib"
          :transform="`translate(${shapes[selected].nib[0]} ${shapes[selected].nib[1]}) rotate(${shapes[selected].nib[2]})`"
        />
      </template>
      <template v-if="focused">
        <path class="cc-sel-edge" :d="shapes[focused].path" />
        <path class="cc-focus" :d="shapes[focused].path" />
      </template>
    </g>
  </svg>
</template>
