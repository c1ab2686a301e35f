<script setup lang="ts">
import { ref } from 'vue';
import AppDialog from './AppDialog.vue';

const props = defineProps<{ title: string; label: string; action: string; needed?: string; hint?: string; optional?: boolean }>();
const emit = defineEmits<{ save: [text: string]; close: [] }>();
const text = ref('');
const problem = ref('');

function save(): void {
  problem.value = text.value.trim() || props.optional ? '' : (props.needed ?? '');
  if (!problem.value) {
    emit('save', text.value.trim());
  }
}
</script>

<template>
  <AppDialog :title="title" @close="emit('close')">
    <form class="mt-4 grid gap-4" novalidate @submit.prevent="save">
      <p v-if="hint">{{ hint }}</p>
      <label class="grid gap-1.5">
        <span class="lab">{{ label }}</span>
        <textarea v-model="text" class="field min-h-28" maxlength="500" :aria-invalid="problem !== ''"></textarea>
      </label>
      <p v-if="problem" class="text-list font-semibold" role="alert">{{ problem }}</p>
      <button type="submit" class="btn btn-main">{{ action }}</button>
    </form>
  </AppDialog>
</template>
