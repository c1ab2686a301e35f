<script setup lang="ts">
// A stage of de-shedding after the bath: which rake, where, and one touch when it is done.
import { computed } from 'vue';
import type { Bath } from '@/api/types';
import { say } from '@/messages/say';
import AskStrip from '@/ui/AskStrip.vue';

const props = defineProps<{ bath: Pick<Bath, 'shedding' | 'steps'>; stage: 'raked_towelled' | 'raked_under_dryer'; disabled: boolean }>();
defineEmits<{ done: [] }>();
const words = say.text.table.shedding;
const says = computed(() => {
  const at = props.bath.shedding?.fineAt ?? [];
  const fine = props.bath.shedding?.byRubberBrush ? '' : at.length ? words.fineAt.replace('{sections}', say.sections(at)) : words.fine;
  return `${words[props.stage]} ${fine}`.trim();
});
const done = computed(() => props.bath.steps[props.stage] ?? null);
</script>

<template>
  <p v-if="done" class="text-list">{{ say.text.table.bathStepDone[stage] }}, {{ say.time(done.at) }}, {{ done.by }}</p>
  <AskStrip v-else-if="bath.shedding" :says="says" :does="words.done" :disabled="disabled" @press="$emit('done')" />
</template>
