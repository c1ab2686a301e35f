<script setup lang="ts">
// A small whole number, by touch; arrows on the keyboard.
import { useId } from 'vue';
import { t } from '@/messages/words';

const props = defineProps<{ label: string; modelValue: number; least: number; most: number; error?: string | undefined }>();
const emit = defineEmits<{ 'update:modelValue': [value: number] }>();
const id = useId();
const MOVES: Record<string, number> = { ArrowUp: 1, ArrowRight: 1, ArrowDown: -1, ArrowLeft: -1 };

function move(by: number): void {
  const to = Math.min(props.most, Math.max(props.least, props.modelValue + by));
  if (to !== props.modelValue) {
    emit('update:modelValue', to);
  }
}

function onKey(event: KeyboardEvent): void {
  const by = MOVES[event.key];
  if (by !== undefined) {
    event.preventDefault();
    move(by);
  }
}
</script>

<template>
  <div class="grid content-start gap-1.5">
    <span :id="id" class="lab">{{ label }}</span>
    <div class="grid min-h-12 grid-cols-[3rem_1fr_3rem] items-center rounded-md edge border-ink bg-white">
      <button type="button" class="min-h-12 text-lead" tabindex="-1" :aria-label="t('salon.less', { what: label })" @click="move(-1)">
        {{ '−' }}
      </button>
      <b
        class="text-center text-lead tabular-nums"
        role="spinbutton"
        tabindex="0"
        :aria-labelledby="id"
        :aria-valuenow="modelValue"
        :aria-valuemin="least"
        :aria-valuemax="most"
        @keydown="onKey"
        >{{ modelValue }}</b
      >
      <button type="button" class="min-h-12 text-lead" tabindex="-1" :aria-label="t('salon.more', { what: label })" @click="move(1)">
        {{ '+' }}
      </button>
    </div>
    <p v-if="error" class="text-list font-semibold" role="alert">{{ error }}</p>
  </div>
</template>
