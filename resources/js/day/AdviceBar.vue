<script setup lang="ts">
// The promise most in danger and who is next, at the foot: whatever is tried out never pushes the list.
import { shallowRef, watch } from 'vue';
import KeyCap from '@/ui/KeyCap.vue';
import { later } from '@/ui/later';
import { t } from '@/messages/words';
import { type AdviceOf, useAdvice } from './useAdvice';

const AdviceDialog = later(() => import('./dialogs'), 'AdviceDialog');
const props = defineProps<AdviceOf & { decides: boolean }>();
const emit = defineEmits<{ tell: [visit: string]; made: [made: { visit: string; mark: string }] }>();
const { danger, next } = useAdvice(props);

const open = defineModel<boolean>('open', { required: true });
/** What is being read stays as it was opened: advice is tried anew every minute, and nothing changes under a finger. */
const read = shallowRef<AdviceOf | null>(null);
watch(open, (isOpen) => {
  const { advice, dogs, expected, groomers } = props;
  read.value = isOpen && danger.value ? { advice, dogs, expected, groomers } : null;
});

function helped(then: () => void): void {
  open.value = false;
  then();
}
</script>

<template>
  <section
    v-if="danger || next.length"
    class="flex flex-wrap items-center gap-x-4 gap-y-1 border-t border-line bg-paper px-4 py-2 tall:px-6"
    :aria-label="t('days.advice.label')"
  >
    <template v-if="danger">
      <p class="text-lead font-bold text-call">{{ danger.says }}</p>
      <button v-if="danger.ways.length" type="button" class="btn btn-small group max-tall:w-full" @click="open = true">
        {{ t('days.advice.ways', { count: danger.ways.length, dog: danger.dog }) }} <KeyCap>W</KeyCap>
      </button>
      <p v-else class="text-list">{{ t('days.advice.nothing', { client: danger.client }) }}</p>
    </template>
    <p v-for="one in next" :key="one.who" class="text-list" :class="danger ? 'max-tall:hidden' : ''">
      <b>{{ one.who }}</b>, {{ one.why }}.
    </p>
  </section>
  <AdviceDialog
    v-if="read"
    v-bind="read"
    :decides="decides"
    @tell="helped(() => emit('tell', $event))"
    @made="helped(() => emit('made', $event))"
    @close="open = false"
  />
</template>
