<script setup lang="ts">
// The marks at the table: one touch each, what comes next largest, a gap before the snap.
import { t } from '@/messages/words';
import type { Signal, TableRun, TableSection } from '@/api/types';
import { type MainMark, sayMainMark } from './mainMark';
import { useSmallScreen } from '@/ui/useSmallScreen';
import MarkButton from '@/ui/MarkButton.vue';
import SignalButtons from './SignalButtons.vue';

defineProps<{ here: TableSection; table: TableRun; main: MainMark; mayMain: boolean; mayHold: boolean }>();
/** On a phone the signals stand below, always in reach. */
const small = useSmallScreen();
const emit = defineEmits<{
  main: [];
  comb: [];
  react: [signal: Signal];
  mist: [];
  hold: [];
  park: [];
  rake: [];
  blades: [];
  pause: [];
  undo: [];
}>();
</script>

<template>
  <div class="grid shrink-0 gap-2">
    <div class="grid grid-cols-[1fr_13.125rem] gap-2 max-tall:grid-cols-[1fr_7.5rem]">
      <MarkButton
        main
        class="min-h-21"
        :class="main.does === 'comb' && 'col-span-full'"
        :says="sayMainMark(main, here)"
        :shortcut="t('ui.space')"
        :disabled="!mayMain"
        @press="emit('main')"
      />
      <MarkButton
        v-if="main.does !== 'comb'"
        :says="main.does === 'pass' ? t('table.main.otherwise') : t('table.main.comb')"
        shortcut="C"
        :disabled="here.held || here.done"
        @press="emit('comb')"
      />
    </div>
    <SignalButtons v-if="!small" :table="table" @react="emit('react', $event)" />
    <div class="flex flex-wrap gap-2 *:flex-1 *:basis-15 tall:*:basis-18">
      <MarkButton stacked :says="t('table.keys.mist')" shortcut="M" :disabled="here.held" @press="emit('mist')" />
      <MarkButton stacked :says="t('table.keys.holdAMat')" shortcut="H" :disabled="!mayHold" @press="emit('hold')" />
      <MarkButton stacked :says="t('table.keys.parkAMat')" shortcut="K" @press="emit('park')" />
      <MarkButton v-if="here.undercoat" stacked :says="t('table.keys.rake')" shortcut="R" @press="emit('rake')" />
      <MarkButton v-if="here.blades" stacked :says="t('plan.blade.title')" shortcut="B" @press="emit('blades')" />
      <MarkButton
        stacked
        :says="table.paused ? t('visit.markKinds.section_taken') : t('visit.markKinds.paused')"
        shortcut="P"
        :pressed="table.paused"
        @press="emit('pause')"
      />
      <MarkButton stacked :says="t('ui.undo')" shortcut="U" @press="emit('undo')" />
    </div>
  </div>
</template>
