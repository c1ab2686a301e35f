<script setup lang="ts" generic="T extends string | boolean">
// One of a few, all visible, one touch. By hand, not Headless UI's: there an arrow chooses each option that it passes, and
// here every choice is recorded. Arrows move the focus; Space, Enter or a touch choose.
import { computed, ref, useId } from 'vue';

const props = defineProps<{ label: string; options: { value: T; says: string }[]; modelValue: T | null; error?: string | undefined }>();
const emit = defineEmits<{ 'update:modelValue': [value: T] }>();
const id = useId();
const buttons = ref<HTMLButtonElement[]>([]);
const MOVES: Record<string, number> = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };
/** The Tab key comes to what is chosen, or else to the first. */
const tabStop = computed(() =>
  Math.max(
    0,
    props.options.findIndex((option) => option.value === props.modelValue),
  ),
);

function move(event: KeyboardEvent, from: number): void {
  const by = MOVES[event.key];
  if (by !== undefined) {
    event.preventDefault();
    event.stopPropagation();
    buttons.value[(from + by + props.options.length) % props.options.length]?.focus();
  }
}
</script>

<template>
  <div role="radiogroup" :aria-labelledby="id">
    <span :id="id" class="lab mb-1.5 block">{{ label }}</span>
    <div class="flex flex-wrap gap-2">
      <button
        v-for="(option, index) in options"
        :key="String(option.value)"
        ref="buttons"
        type="button"
        role="radio"
        class="flex min-h-12 items-center gap-2 rounded-md edge border-ink px-4 text-body font-semibold"
        :class="option.value === modelValue ? 'bg-ink text-on-ink' : 'bg-white'"
        :aria-checked="option.value === modelValue"
        :tabindex="index === tabStop ? 0 : -1"
        @click="emit('update:modelValue', option.value)"
        @keydown="move($event, index)"
      >
        <slot :value="option.value" />{{ option.says }}
      </button>
    </div>
    <p v-if="error" class="mt-1.5 text-list font-semibold" role="alert">{{ error }}</p>
  </div>
</template>
