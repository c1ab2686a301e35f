<script setup lang="ts">
import { keysNow } from '@/composables/useKeys';
import AppDialog from './AppDialog.vue';
import KeyCap from './KeyCap.vue';

const emit = defineEmits<{ close: [] }>();
const keys = keysNow();
</script>

<template>
  <AppDialog title="Keys that work here" @close="emit('close')">
    <dl class="mt-4 grid grid-cols-[auto_1fr] items-baseline gap-x-5 gap-y-2.5">
      <template v-for="key in keys" :key="key.says">
        <dt>
          <KeyCap>{{ key.shown ?? key.keys[0].toUpperCase() }}</KeyCap>
        </dt>
        <dd>{{ key.says }}</dd>
      </template>
    </dl>
    <p class="mt-5 text-note text-ink-2">
      Letters and numbers work while no field is being typed in. In the coat chart, arrow keys go round the dog.
    </p>
  </AppDialog>
</template>
