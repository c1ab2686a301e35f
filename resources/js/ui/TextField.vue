<script setup lang="ts">
// A line of text or a figure with its unit. Hands on what was typed when the field is left.
import { say } from '@/messages/say';
import { computed, ref, useId, watch } from 'vue';

const props = withDefaults(
  defineProps<{
    label: string;
    modelValue: string | number | null;
    unit?: string;
    kind?: 'text' | 'number' | 'tel' | 'email' | 'date' | 'time';
    max?: number;
    hint?: string;
    error?: string;
    required?: boolean;
    /** Hands every letter on, for a button that waits for a change. */
    live?: boolean;
  }>(),
  { unit: '', kind: 'text', max: 500, hint: '', error: '' },
);
const emit = defineEmits<{ 'update:modelValue': [value: string] }>();
const id = useId();
const shownOf = (value: string | number | null): string => (typeof value === 'number' ? say.figure(value) : (value ?? ''));
const typed = ref(shownOf(props.modelValue));
const focused = ref(false);
/** What stood here when the hand came: only another text than this was typed. */
let found = '';
const told = computed(() => [props.hint && `${id}-hint`, props.error && `${id}-error`].filter((part) => part).join(' ') || undefined);

watch(
  () => props.modelValue,
  (value) => {
    if (!focused.value) {
      typed.value = shownOf(value);
    }
  },
);

function come(): void {
  focused.value = true;
  found = typed.value;
}

function type(): void {
  if (props.live) {
    found = typed.value;
    emit('update:modelValue', typed.value);
  }
}

function leave(): void {
  focused.value = false;
  if (typed.value !== found) {
    found = typed.value;
    emit('update:modelValue', typed.value);
  } else {
    // Another tablet's answer that came meanwhile stands.
    typed.value = props.error ? typed.value : String(props.modelValue ?? '');
  }
}
</script>

<template>
  <div class="grid content-start gap-1.5">
    <label class="lab" :for="id">{{ label }}</label>
    <div class="flex items-center gap-2.5">
      <input
        :id="id"
        v-model="typed"
        class="field"
        :type="kind === 'number' ? 'text' : kind"
        :inputmode="kind === 'number' ? 'decimal' : undefined"
        :maxlength="max"
        :required="required"
        :aria-describedby="told"
        :aria-invalid="error !== ''"
        autocomplete="off"
        @focus="come"
        @input="type"
        @blur="leave"
        @keydown.enter="leave"
      />
      <span v-if="unit" class="text-list whitespace-nowrap text-ink-2">{{ unit }}</span>
    </div>
    <p v-if="hint" :id="`${id}-hint`" class="text-note text-ink-2">{{ hint }}</p>
    <p v-if="error" :id="`${id}-error`" class="text-list font-semibold" role="alert">{{ error }}</p>
  </div>
</template>
