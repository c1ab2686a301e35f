<script setup lang="ts">
// What undo took back, in words; and the question before it takes back what a colleague recorded.
import { t } from '@/messages/words';
import type { useUndo } from '@/device/useUndo';
import { say } from '@/messages/say';
import { later } from './later';

const UndoQuestion = later(() => import('./UndoQuestion.vue'));
defineProps<{ undoing: ReturnType<typeof useUndo> }>();
</script>

<template>
  <p v-if="undoing.said.value" class="no-print shrink-0 bg-rail px-4 py-1.5 text-list tall:px-8" role="status">
    {{ t('device.undo.took') }} <b>{{ say.mark(undoing.said.value) }}</b>
  </p>
  <UndoQuestion v-if="undoing.asking.value" :mark="undoing.asking.value" @take="undoing.confirm" @leave="undoing.leave" />
</template>
