<script setup lang="ts">
// One touch, one mark: its words, its key, and a note. Big enough for a knuckle.
import { releaseFocus } from '@/device/useKeys';
import KeyCap from './KeyCap.vue';

defineProps<{ says: string; shortcut: string; note?: string; main?: boolean; stacked?: boolean; pressed?: boolean; disabled?: boolean }>();
const emit = defineEmits<{ press: [] }>();

function press(event: MouseEvent): void {
  releaseFocus(event);
  emit('press');
}
</script>

<template>
  <button
    type="button"
    class="flex min-h-14 min-w-0 items-center justify-center gap-x-2.5 rounded-lg edge border-ink px-0.5 text-list tall:px-1.5 leading-tight font-bold tall:text-body disabled:border-line-2 disabled:text-ink-2"
    :class="[
      main ? 'group btn-main text-say!' : pressed ? 'bg-rail' : 'bg-sheet',
      note || stacked ? 'flex-wrap py-1' : '',
      stacked ? 'text-list! tracking-tight tall:tracking-normal' : '',
    ]"
    :aria-pressed="pressed"
    :disabled="disabled"
    @click="press"
  >
    <span :class="note || stacked ? 'w-full text-center' : ''">{{ says }}</span>
    <span class="flex items-center gap-1.5 whitespace-nowrap">
      <KeyCap>{{ shortcut }}</KeyCap>
      <span v-if="note" class="text-note font-normal text-ink-2">{{ note }}</span>
    </span>
  </button>
</template>
