<script setup lang="ts">
// A part that most salons leave as it is proposed: what stands is told, and it opens at a touch.
import { ref, watch } from 'vue';
import { t } from '@/messages/words';

const props = defineProps<{ says: string; now: string; open: boolean }>();
const shown = ref(props.open);
watch(
  () => props.open,
  (open) => (shown.value ||= open),
);
</script>

<template>
  <details class="group/part mt-2 border-t border-line pt-1" :open="shown" @toggle="shown = ($event.target as HTMLDetailsElement).open">
    <summary class="flex min-h-12 cursor-pointer list-none flex-wrap items-center gap-x-3">
      <b class="lab">{{ says }}</b>
      <span class="min-w-0 flex-1 text-list text-ink-2">{{ now }}</span>
      <span class="text-list underline">{{ t(shown ? 'salon.fold' : 'salon.change') }}</span>
    </summary>
    <div class="py-2"><slot /></div>
  </details>
</template>
