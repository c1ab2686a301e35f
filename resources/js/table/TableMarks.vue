<script setup lang="ts">
// The marks at the table: one touch each, what comes next largest, a gap before the snap.
import type { Signal, TableRun, TableSection } from '@/api/types';
import { type MainMark, sayMainMark } from './mainMark';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { say } from '@/messages/say';
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
        shortcut="Space"
        :disabled="!mayMain"
        @press="emit('main')"
      />
      <MarkButton
        v-if="main.does !== 'comb'"
        :says="main.does === 'pass' ? say.text.table.main.otherwise : say.text.table.main.comb"
        shortcut="C"
        :disabled="here.held || here.done"
        @press="emit('comb')"
      />
    </div>
    <SignalButtons v-if="!small" :table="table" @react="emit('react', $event)" />
    <div class="flex flex-wrap gap-2 *:flex-1 *:basis-[3.75rem] tall:*:basis-[4.5rem]">
      <MarkButton stacked says="Mist" shortcut="M" @press="emit('mist')" />
      <MarkButton stacked says="Hold a mat" shortcut="H" :disabled="!mayHold" @press="emit('hold')" />
      <MarkButton stacked says="Park a mat" shortcut="K" @press="emit('park')" />
      <MarkButton v-if="here.undercoat" stacked says="Rake" shortcut="R" @press="emit('rake')" />
      <MarkButton v-if="here.blades" stacked says="Blade test" shortcut="B" @press="emit('blades')" />
      <MarkButton stacked :says="table.paused ? 'Hands on' : 'Pause'" shortcut="P" :pressed="table.paused" @press="emit('pause')" />
      <MarkButton stacked says="Undo" shortcut="U" @press="emit('undo')" />
    </div>
  </div>
</template>
