<script setup lang="ts">
// The same as the chart, in words, in the order of the route.
import { nextTick, useTemplateRef, watch } from 'vue';
import type { SectionId } from '@/api/types';
import { releaseFocus } from '@/device/useKeys';
import { say } from '@/messages/say';
import type { ChartSection } from './tones';

const props = defineProps<{
  label: string;
  sections: Record<SectionId, ChartSection>;
  route: SectionId[];
  selected?: SectionId | null;
  live?: boolean;
}>();
const emit = defineEmits<{ select: [section: SectionId] }>();
const list = useTemplateRef('list');

watch(
  () => props.selected,
  async () => {
    await nextTick();
    list.value?.querySelector('[aria-pressed=true]')?.scrollIntoView?.({ block: 'nearest' });
  },
  { immediate: true },
);

function touch(section: SectionId, event: MouseEvent): void {
  releaseFocus(event);
  emit('select', section);
}
</script>

<template>
  <ul ref="list" class="h-full overflow-y-auto text-list tall:w-[62%]" :aria-label="label" tabindex="0">
    <li v-for="section in route" :key="section" class="border-b border-line">
      <component
        :is="live ? 'button' : 'p'"
        :type="live ? 'button' : undefined"
        class="block min-h-11 w-full px-3 py-1.5 text-left"
        :class="section === selected ? 'bg-ink text-on-ink' : ''"
        :aria-pressed="live ? section === selected : undefined"
        @click="live && touch(section, $event)"
      >
        <b>{{ say.section(section) }}</b>: {{ sections[section].said }}
      </component>
    </li>
  </ul>
</template>
