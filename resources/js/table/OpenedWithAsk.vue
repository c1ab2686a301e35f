<script setup lang="ts">
// Once at the section's end, and only if somebody likes: what opened its mats. It is shown at the dog's next visit.
import type { OpenedWith, SectionId } from '@/api/types';
import { releaseFocus } from '@/device/useKeys';
import { say } from '@/messages/say';

defineProps<{ section: SectionId }>();
const emit = defineEmits<{ say: [openedWith: OpenedWith]; leave: [] }>();
const words = say.text.table.openedWith;

function tell(event: MouseEvent, openedWith: OpenedWith): void {
  releaseFocus(event);
  emit('say', openedWith);
}
</script>

<template>
  <section class="flex flex-wrap items-center gap-2 rounded-md bg-rail px-3 py-1.5" :aria-label="words.label">
    <p class="min-w-0 flex-1 basis-48 text-list">{{ words.ask.replace('{section}', say.section(section)) }}</p>
    <button v-for="(one, name) in words.options" :key="name" type="button" class="btn btn-small min-h-14" @click="tell($event, name)">
      {{ one }}
    </button>
    <button type="button" class="act" @click="emit('leave')">Skip</button>
  </section>
</template>
