<script setup lang="ts">
import { t } from '@/messages/words';
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';
import { onUnmounted, ref } from 'vue';
import { blockKeys } from '@/device/useKeys';

/** `toRead`: nothing is filled in here, so the focus begins at Close, and a touch outside closes it. */
// Elsewhere a knuckle beside the dialog must not drop what was written in it: Escape and Close do that.
defineProps<{ title: string; wide?: boolean; toRead?: boolean }>();
const emit = defineEmits<{ close: [] }>();
const close = ref<HTMLButtonElement>();
onUnmounted(blockKeys());
</script>

<template>
  <Dialog
    open
    class="relative z-20"
    :initial-focus="toRead ? close : null"
    @close="toRead && emit('close')"
    @keydown.esc="toRead || emit('close')"
  >
    <div class="fixed inset-0 bg-ink/45" aria-hidden="true"></div>
    <div class="fixed inset-0 grid place-items-end tall:place-items-center tall:p-6">
      <DialogPanel
        class="relative max-h-[92dvh] w-full overflow-y-auto rounded-lg edge border-ink bg-sheet p-5 tall:p-8"
        :class="wide ? 'tall:max-w-215' : 'tall:max-w-155'"
      >
        <DialogTitle as="h2" class="pr-20 text-ask">{{ title }}</DialogTitle>
        <slot />
        <!-- Last in the order of keys, so that the first field has the focus. -->
        <button ref="close" type="button" class="act absolute top-4 right-4 tall:top-7 tall:right-7" @click="emit('close')">
          {{ t('ui.close') }}
        </button>
      </DialogPanel>
    </div>
  </Dialog>
</template>
