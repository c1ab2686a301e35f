<script setup lang="ts">
// The marks at the table: one touch each, the line and the comb largest, a gap before the snap.
import type { Signal, TableRun, TableSection } from '@/api/types';
import { type MainMark, sayMainMark } from '@/composables/mainMark';
import { signals } from '@/composables/useTable';
import { say } from '@/messages/say';
import MarkButton from './MarkButton.vue';

defineProps<{ here: TableSection; table: TableRun; main: MainMark; mayMain: boolean }>();
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
    <div class="grid grid-cols-[1fr_210px] gap-2 max-tall:grid-cols-[1fr_120px]">
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
        :says="say.text.table.main.comb"
        shortcut="C"
        :disabled="here.held || here.done"
        @press="emit('comb')"
      />
    </div>
    <div
      class="flex flex-wrap gap-1.5 *:flex-1 *:basis-[62px] tall:grid tall:grid-cols-[repeat(4,1fr)_12px_1.2fr] tall:gap-2"
      role="group"
      aria-label="The dog’s signals"
    >
      <template v-for="(signal, index) in signals" :key="signal">
        <span v-if="signal === 'snaps'" class="max-tall:hidden" aria-hidden="true"></span>
        <MarkButton
          :says="say.text.signals[signal]"
          :shortcut="String(index + 1)"
          :note="table.signals[signal] === null ? 'takes all' : `takes ${table.signals[signal]}`"
          @press="emit('react', signal)"
        />
      </template>
    </div>
    <div class="flex flex-wrap gap-2 *:flex-1 *:basis-[60px] tall:*:basis-[72px]">
      <MarkButton stacked says="Mist" shortcut="M" @press="emit('mist')" />
      <MarkButton stacked says="Hold a mat" shortcut="H" :disabled="table.borne.spent" @press="emit('hold')" />
      <MarkButton stacked says="Park a mat" shortcut="K" @press="emit('park')" />
      <MarkButton v-if="here.undercoat" stacked says="Rake" shortcut="R" @press="emit('rake')" />
      <MarkButton v-if="here.blades" stacked says="Blade test" shortcut="B" @press="emit('blades')" />
      <MarkButton stacked :says="table.paused ? 'Hands on' : 'Pause'" shortcut="P" :pressed="table.paused" @press="emit('pause')" />
      <MarkButton stacked says="Undo" shortcut="U" @press="emit('undo')" />
    </div>
  </div>
</template>
