<script setup lang="ts">
// One of many: the list of the device itself, which a thumb and a screen reader know.
import { useId } from 'vue';

defineProps<{ label: string; options: { value: string; says: string }[]; modelValue: string; error?: string | undefined }>();
const emit = defineEmits<{ 'update:modelValue': [value: string] }>();
const id = useId();
</script>

<template>
  <div class="grid content-start gap-1.5">
    <label class="lab" :for="id">{{ label }}</label>
    <select
      :id="id"
      class="field"
      :value="modelValue"
      :aria-invalid="error !== undefined"
      :aria-describedby="error ? `${id}-error` : undefined"
      @change="emit('update:modelValue', ($event.target as HTMLSelectElement).value)"
    >
      <option v-for="option in options" :key="option.value" :value="option.value">{{ option.says }}</option>
    </select>
    <p v-if="error" :id="`${id}-error`" class="text-list font-semibold" role="alert">{{ error }}</p>
  </div>
</template>
