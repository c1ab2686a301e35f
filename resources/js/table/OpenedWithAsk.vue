<script setup lang="ts">
// Once at the section's end, and only if somebody likes: what opened its mats. It is shown at the dog's next visit.
import { t, wordsOf } from '@/messages/words';
import type { OpenedWith, SectionId } from '@/api/types';
import { releaseFocus } from '@/device/useKeys';
import { say } from '@/messages/say';

defineProps<{ section: SectionId }>();
const emit = defineEmits<{ say: [openedWith: OpenedWith]; leave: [] }>();

function tell(event: MouseEvent, openedWith: OpenedWith): void {
  releaseFocus(event);
  emit('say', openedWith);
}
</script>

<template>
  <section class="flex flex-wrap items-center gap-2 rounded-md bg-rail px-3 py-1.5" :aria-label="t('table.openedWith.label')">
    <p class="min-w-0 flex-1 basis-48 text-list">{{ t('table.openedWith.ask', { section: say.section(section) }) }}</p>
    <button
      v-for="(one, name) in wordsOf('table.openedWith.options')"
      :key="name"
      type="button"
      class="btn btn-small min-h-14"
      @click="tell($event, name)"
    >
      {{ one }}
    </button>
    <button type="button" class="act" @click="emit('leave')">{{ t('ui.skip') }}</button>
  </section>
</template>
