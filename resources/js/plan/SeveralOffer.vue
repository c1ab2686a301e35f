<script setup lang="ts">
// Two or three visits instead of one: what each of them does.
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { Frontier, SectionId } from '@/api/types';
import { say } from '@/messages/say';

const props = defineProps<{ several: NonNullable<Frontier['several']>; disabled: boolean }>();
defineEmits<{ divide: [] }>();
const between = computed(() => t('split.between', { from: props.several.daysFrom, to: props.several.daysTo }));

/** Places that pull are named; the rest is brushed. */
function work(sections: SectionId[]): string {
  const brushed = (section: SectionId): boolean => props.several.choices[section] === 'brush';
  const named = say.sections(sections.filter((section) => !brushed(section)));
  return [named, sections.some(brushed) ? t('split.rest') : ''].filter(Boolean).join('; ');
}
</script>

<template>
  <p class="text-list">{{ between }}</p>
  <ol class="mt-1 grid gap-1">
    <li v-for="(one, index) in several.visits" :key="index" class="text-list">
      <b>{{ t('split.visit', { visit: index + 1, minutes: say.minutes(one.minutes), pulling: say.pulling(one.tension) }) }}</b>:
      {{ work(one.sections) }}
    </li>
  </ol>
  <button type="button" class="btn btn-small mt-1" :disabled="disabled" @click="$emit('divide')">{{ t('split.take') }}</button>
</template>
