<script setup lang="ts">
// A password, kept nowhere but in the field.
import { useId } from 'vue';

withDefaults(
  defineProps<{ label: string; autocomplete: 'new-password' | 'current-password'; numeric?: boolean; hint?: string; error?: string }>(),
  {
    hint: '',
    error: '',
  },
);
const password = defineModel<string>({ required: true });
const id = useId();
</script>

<template>
  <div class="grid gap-1.5">
    <label class="lab" :for="id">{{ label }}</label>
    <input
      :id="id"
      v-model="password"
      class="field"
      type="password"
      maxlength="200"
      :inputmode="numeric ? 'numeric' : undefined"
      :autocomplete="autocomplete"
      :aria-invalid="error !== ''"
      :aria-describedby="`${id}-more`"
    />
    <p :id="`${id}-more`" class="text-list" :class="error ? 'font-semibold' : 'text-ink-2'">{{ error || hint }}</p>
  </div>
</template>
