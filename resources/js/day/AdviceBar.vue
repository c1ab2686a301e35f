<script setup lang="ts">
// The promise most in danger and who is next, at the foot: whatever is tried out never pushes the list.
import KeyCap from '@/ui/KeyCap.vue';
import { t } from '@/messages/words';
import { type AdviceOf, useAdvice } from './useAdvice';

const props = defineProps<AdviceOf>();
const emit = defineEmits<{ open: [] }>();
const { danger, next } = useAdvice(props);
</script>

<template>
  <section
    v-if="danger || next.length"
    class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line bg-paper px-4 py-2 tall:px-6"
    :aria-label="t('days.advice.label')"
  >
    <template v-if="danger">
      <p class="text-lead font-bold text-call">{{ danger.says }}</p>
      <button v-if="danger.ways.length" type="button" class="btn btn-small group max-tall:w-full" @click="emit('open')">
        {{ t('days.advice.ways', { count: danger.ways.length, dog: danger.dog }) }} <KeyCap>W</KeyCap>
      </button>
      <p v-else class="text-list">{{ t('days.advice.nothing', { client: danger.client }) }}</p>
    </template>
    <p v-for="one in next" :key="one.who" class="text-list" :class="danger ? 'max-tall:hidden' : ''">
      <b>{{ one.who }}</b>, {{ one.why }}.
    </p>
  </section>
</template>
