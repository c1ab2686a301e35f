<script setup lang="ts" generic="T extends string">
// Any of a few, all visible, one touch each.
const props = defineProps<{ label: string; options: { value: T; says: string }[]; modelValue: T[] | null; none?: string }>();
const emit = defineEmits<{ 'update:modelValue': [value: T[]] }>();

function toggle(value: T): void {
  const now = props.modelValue ?? [];
  emit('update:modelValue', now.includes(value) ? now.filter((one) => one !== value) : [...now, value]);
}
</script>

<template>
  <fieldset>
    <legend class="lab mb-1.5">{{ label }}</legend>
    <div class="flex flex-wrap gap-2">
      <button
        v-for="option in options"
        :key="option.value"
        type="button"
        class="min-h-12 rounded-md edge border-ink px-4 text-body font-semibold"
        :class="modelValue?.includes(option.value) ? 'bg-ink text-on-ink' : 'bg-white'"
        :aria-pressed="modelValue?.includes(option.value) ?? false"
        @click="toggle(option.value)"
      >
        {{ option.says }}
      </button>
      <button
        v-if="none"
        type="button"
        class="min-h-12 rounded-md edge border-ink px-4 text-body font-semibold"
        :class="modelValue?.length === 0 ? 'bg-ink text-on-ink' : 'bg-white'"
        :aria-pressed="modelValue?.length === 0"
        @click="emit('update:modelValue', [])"
      >
        {{ none }}
      </button>
    </div>
  </fieldset>
</template>
