<script setup lang="ts">
// What is wanted less often at the table, under the keys that it has there.
import { useKeys } from '@/device/useKeys';
import MarkButton from '@/ui/MarkButton.vue';

type Dialog = 'finding' | 'photo' | 'note';
const props = defineProps<{ closed: boolean; big: boolean }>();
const emit = defineEmits<{ open: [what: Dialog]; print: [] }>();
useKeys(() => [
  { keys: ['s'], says: 'Skin finding', run: () => emit('open', 'finding'), when: () => !props.closed },
  { keys: ['f'], says: 'Photo', run: () => emit('open', 'photo'), when: () => !props.closed },
  { keys: ['n'], says: 'Note', run: () => emit('open', 'note') },
  { keys: ['z'], says: 'Big print', run: () => emit('print') },
]);
</script>

<template>
  <div class="grid grid-cols-2 gap-2">
    <MarkButton says="Skin finding" shortcut="S" :disabled="closed" @press="emit('open', 'finding')" />
    <MarkButton says="Photo" shortcut="F" :disabled="closed" @press="emit('open', 'photo')" />
    <MarkButton says="Note" shortcut="N" @press="emit('open', 'note')" />
    <MarkButton :says="big ? 'Ordinary print' : 'Big print'" shortcut="Z" :pressed="big" @press="emit('print')" />
  </div>
</template>
