<script setup lang="ts">
// The dog's five signals, one touch each: on a phone always in reach, the snap first; elsewhere in their order, with a gap before it.
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { Signal, TableRun } from '@/api/types';
import { signals } from './useTable';
import MarkButton from '@/ui/MarkButton.vue';

const props = defineProps<{ table: TableRun; phone?: boolean }>();
const emit = defineEmits<{ react: [signal: Signal] }>();
const order = computed(() => (props.phone ? [signals[4], ...signals.slice(0, 4)] : [...signals]));
const takes = (signal: Signal): string =>
  props.table.signals[signal] === null ? t('table.takesAll') : t('table.takes', { minutes: say.figure(props.table.signals[signal]) });
</script>

<template>
  <div
    :class="phone ? 'flex flex-wrap gap-1 *:flex-1 *:basis-15.5' : 'grid grid-cols-[repeat(4,1fr)_0.75rem_1.2fr] gap-2'"
    role="group"
    :aria-label="t('table.signalsLabel')"
  >
    <template v-for="signal in order" :key="signal">
      <span v-if="signal === 'snaps' && !phone" aria-hidden="true"></span>
      <MarkButton
        :says="t(`table.signals.${signal}`)"
        :shortcut="String(signals.indexOf(signal) + 1)"
        :note="phone ? undefined : takes(signal)"
        :stacked="phone"
        @press="emit('react', signal)"
      />
    </template>
  </div>
</template>
