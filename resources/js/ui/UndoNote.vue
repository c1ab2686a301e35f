<script setup lang="ts">
// A touch that bounced; what undo took back, in words; and the question before it takes back what a colleague recorded.
import { t } from '@/messages/words';
import { useBounce } from '@/device/bounce';
import type { useUndo } from '@/device/useUndo';
import { say } from '@/messages/say';
import { later } from './later';

const UndoQuestion = later(() => import('@/ui/dialogs'), 'UndoQuestion');
defineProps<{ undoing: ReturnType<typeof useUndo> }>();
const { said: bounced } = useBounce();
</script>

<template>
  <p v-if="bounced" class="no-print shrink-0 bg-rail px-4 py-1.5 text-list font-bold tall:px-8" role="status">
    {{ t('device.bounced') }}
  </p>
  <p v-if="undoing.said.value" class="no-print shrink-0 bg-rail px-4 py-1.5 text-list tall:px-8" role="status">
    {{ t('device.undo.took') }} <b>{{ say.mark(undoing.said.value) }}</b>
  </p>
  <UndoQuestion v-if="undoing.asking.value" :mark="undoing.asking.value" @take="undoing.confirm" @leave="undoing.leave" />
</template>
