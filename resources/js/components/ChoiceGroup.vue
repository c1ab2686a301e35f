<script setup lang="ts" generic="T extends string | boolean">
// One of a few, all visible, one touch.
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue';

defineProps<{ label: string; options: { value: T; says: string }[]; modelValue: T | null }>();
const emit = defineEmits<{ 'update:modelValue': [value: T] }>();
</script>

<template>
  <RadioGroup :model-value="modelValue ?? undefined" @update:model-value="(value: T) => emit('update:modelValue', value)">
    <RadioGroupLabel class="lab mb-1.5 block">{{ label }}</RadioGroupLabel>
    <div class="flex flex-wrap gap-2">
      <RadioGroupOption v-for="option in options" :key="String(option.value)" v-slot="{ checked }" :value="option.value" as="template">
        <button
          type="button"
          class="min-h-12 rounded-md border-[1.5px] border-ink px-4 text-body font-semibold"
          :class="checked ? 'bg-ink text-on-ink' : 'bg-white'"
        >
          {{ option.says }}
        </button>
      </RadioGroupOption>
    </div>
  </RadioGroup>
</template>
