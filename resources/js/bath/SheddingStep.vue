<script setup lang="ts">
// A stage of de-shedding after the bath: which rake, where, and one touch when it is done.
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { Bath } from '@/api/types';
import { say } from '@/messages/say';
import AskStrip from '@/ui/AskStrip.vue';

const props = defineProps<{ bath: Pick<Bath, 'shedding' | 'steps'>; stage: 'raked_towelled' | 'raked_under_dryer'; disabled: boolean }>();
defineEmits<{ done: [] }>();

const says = computed(() => {
  const at = props.bath.shedding?.fineAt ?? [];
  const fine = props.bath.shedding?.byRubberBrush
    ? ''
    : at.length
      ? t('table.shedding.fineAt', { sections: say.sections(at) })
      : t('table.shedding.fine');
  return `${t(`table.shedding.${props.stage}`)} ${fine}`.trim();
});
const done = computed(() => props.bath.steps[props.stage] ?? null);
</script>

<template>
  <p v-if="done" class="text-list">{{ t(`table.bathStepDone.${stage}`) }}, {{ say.time(done.at) }}, {{ done.by }}</p>
  <AskStrip v-else-if="bath.shedding" :says="says" :does="t('table.shedding.done')" :disabled="disabled" @press="$emit('done')" />
</template>
