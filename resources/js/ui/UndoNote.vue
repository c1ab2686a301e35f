<script setup lang="ts">
// What undo took back, in words; and the question before it takes back what a colleague recorded.
import { t } from '@/messages/words';
import { useUndo } from '@/device/useUndo';
import { say } from '@/messages/say';
import AppDialog from './AppDialog.vue';

defineProps<{ undoing: ReturnType<typeof useUndo> }>();
</script>

<template>
  <p v-if="undoing.said.value" class="no-print shrink-0 bg-rail px-4 py-1.5 text-list tall:px-8" role="status">
    {{ t('device.undo.took') }} <b>{{ say.mark(undoing.said.value) }}</b>
  </p>
  <AppDialog v-if="undoing.asking.value" :title="t('device.undo.title', { by: undoing.asking.value.by })" to-read @close="undoing.leave">
    <p class="mt-3 text-lead">
      <b>{{ say.mark(undoing.asking.value) }}</b>
    </p>
    <p class="mt-1 text-list text-ink-2">{{ t('device.undo.trace') }}</p>
    <div class="mt-5 grid gap-2 tall:grid-cols-2">
      <button type="button" class="btn btn-main" @click="undoing.confirm">{{ t('device.undo.take') }}</button>
      <button type="button" class="btn" @click="undoing.leave">{{ t('device.undo.leave') }}</button>
    </div>
  </AppDialog>
</template>
