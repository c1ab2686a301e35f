<script setup lang="ts">
// The question before undo takes back what a colleague recorded.
import { t } from '@/messages/words';
import type { useUndo } from '@/device/useUndo';
import { say } from '@/messages/say';
import AppDialog from './AppDialog.vue';

type Undoing = ReturnType<typeof useUndo>;
defineProps<{ mark: NonNullable<Undoing['asking']['value']> }>();
const emit = defineEmits<{ take: []; leave: [] }>();
</script>

<template>
  <AppDialog :title="t('device.undo.title', { by: mark.by })" to-read @close="emit('leave')">
    <p class="mt-3 text-lead">
      <b>{{ say.mark(mark) }}</b>
    </p>
    <p class="mt-1 text-list text-ink-2">{{ t('device.undo.trace') }}</p>
    <div class="mt-5 grid gap-2 tall:grid-cols-2">
      <button type="button" class="btn btn-main" @click="emit('take')">{{ t('device.undo.take') }}</button>
      <button type="button" class="btn" @click="emit('leave')">{{ t('device.undo.leave') }}</button>
    </div>
  </AppDialog>
</template>
