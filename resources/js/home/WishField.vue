<script setup lang="ts">
// The client's wish, in weeks: kept beside what was suggested, whatever comes of it.
import { ref } from 'vue';
import { t } from '@/messages/words';

defineProps<{ wish: number | null; client: string }>();
const emit = defineEmits<{ wish: [weeks: number | null] }>();
const WEEKS = [1, 2, 3, 4, 5, 6, 7, 8, 10, 12, 16, 26];
const field = ref<HTMLSelectElement>();

function choose(event: Event): void {
  const { value } = event.target as HTMLSelectElement;
  emit('wish', value === '' ? null : Number(value));
}

defineExpose({ focus: () => field.value?.focus() });
</script>

<template>
  <label class="flex min-h-14 items-center gap-2 text-list">
    {{ t('next.wish', { client }) }}
    <select ref="field" class="field min-h-12 w-auto pr-8" :value="wish ?? ''" @change="choose">
      <option value="">{{ t('next.noWish') }}</option>
      <option v-for="weeks in WEEKS" :key="weeks" :value="weeks">{{ t('next.weeks', { weeks }) }}</option>
    </select>
  </label>
</template>
