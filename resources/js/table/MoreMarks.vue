<script setup lang="ts">
// What is wanted less often at the table, under the keys that it has there.
import { t } from '@/messages/words';
import { useKeys } from '@/device/useKeys';
import MarkButton from '@/ui/MarkButton.vue';

type Dialog = 'finding' | 'photo' | 'note';
const props = defineProps<{ closed: boolean; big: boolean }>();
const emit = defineEmits<{ open: [what: Dialog]; print: [] }>();
useKeys(() => [
  { keys: ['s'], says: t('ui.skinFinding'), run: () => emit('open', 'finding'), when: () => !props.closed },
  { keys: ['f'], says: t('ui.photo'), run: () => emit('open', 'photo'), when: () => !props.closed },
  { keys: ['n'], says: t('ui.note'), run: () => emit('open', 'note') },
  { keys: ['z'], says: t('ui.bigPrint'), run: () => emit('print') },
]);
</script>

<template>
  <div class="grid grid-cols-2 gap-2">
    <MarkButton :says="t('ui.skinFinding')" shortcut="S" :disabled="closed" @press="emit('open', 'finding')" />
    <MarkButton :says="t('ui.photo')" shortcut="F" :disabled="closed" @press="emit('open', 'photo')" />
    <MarkButton :says="t('ui.note')" shortcut="N" @press="emit('open', 'note')" />
    <MarkButton :says="big ? t('ui.ordinaryPrint') : t('ui.bigPrint')" shortcut="Z" :pressed="big" @press="emit('print')" />
  </div>
</template>
