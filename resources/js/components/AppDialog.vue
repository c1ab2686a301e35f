<script setup lang="ts">
import { Dialog, DialogPanel, DialogTitle } from '@headlessui/vue';
import { onUnmounted } from 'vue';
import { blockKeys } from '@/composables/useKeys';

defineProps<{ title: string; wide?: boolean }>();
const emit = defineEmits<{ close: [] }>();
onUnmounted(blockKeys());
</script>

<template>
  <Dialog open class="relative z-20" @close="emit('close')">
    <div class="fixed inset-0 bg-ink/45" aria-hidden="true"></div>
    <div class="fixed inset-0 grid place-items-end tall:place-items-center tall:p-6">
      <DialogPanel
        class="max-h-[92dvh] w-full overflow-y-auto rounded-lg border-[1.5px] border-ink bg-sheet p-5 tall:p-8"
        :class="wide ? 'tall:max-w-[860px]' : 'tall:max-w-[620px]'"
      >
        <div class="flex items-start justify-between gap-4">
          <DialogTitle as="h2" class="text-ask">{{ title }}</DialogTitle>
          <button type="button" class="act shrink-0" @click="emit('close')">Close</button>
        </div>
        <slot />
      </DialogPanel>
    </div>
  </Dialog>
</template>
