<script setup lang="ts">
// A mat in hand: its own little clock, and what becomes of it.
import { computed, ref, watch } from 'vue';
import type { TableRun, TableSection } from '@/api/types';
import { useCue } from '@/device/useCue';
import { useKeys } from '@/device/useKeys';
import { say } from '@/messages/say';
import MarkButton from '@/ui/MarkButton.vue';

const props = defineProps<{ here: TableSection; table: TableRun; extra: number; clipAgreed: boolean }>();
const emit = defineEmits<{ worked: [outcome: 'opened' | 'thinned' | 'clipped', closes: number]; park: []; wont: [] }>();
const words = say.text.table;
const closes = ref(0);
watch(
  () => props.table.mat?.id,
  () => (closes.value = 0),
);
const left = computed(() => props.table.thinningLeft[Math.min(closes.value, props.table.thinningLeft.length - 1)]);

const seconds = computed(() => (props.table.mat?.seconds ?? 0) + props.extra);
const over = computed(() => seconds.value > props.table.matLimitSeconds);
useCue(() => over.value);

function close(by: number): void {
  closes.value = Math.max(0, Math.min(props.table.thinningLeft.length - 1, closes.value + by));
}
function end(outcome: 'opened' | 'thinned' | 'clipped'): void {
  emit('worked', outcome, outcome === 'thinned' ? Math.max(1, closes.value) : 0);
}
useKeys(() => [
  { keys: ['o', ' '], shown: 'Space', says: 'Mat opened', run: () => end('opened') },
  { keys: ['t'], says: 'Mat thinned', run: () => end('thinned'), when: () => props.here.thinningOffered },
  { keys: ['x'], says: say.text.table.matOutcomes.clipped, run: () => end('clipped'), when: () => props.clipAgreed },
  { keys: ['k'], says: 'Park it', run: () => emit('park') },
  { keys: ['+', '='], says: 'One close more', run: () => close(1), when: () => props.here.thinningOffered },
  { keys: ['-'], says: 'One close less', run: () => close(-1), when: () => props.here.thinningOffered },
]);
</script>

<template>
  <section class="grid gap-2" aria-label="Mat in hand">
    <div class="flex items-baseline gap-3">
      <h2 class="text-answer whitespace-nowrap">Mat in hand</h2>
      <p class="text-say font-extrabold" role="timer">{{ say.stopwatch(seconds) }}</p>
    </div>
    <p class="text-list" :class="over ? 'font-bold text-call' : 'sr-only'" role="status">{{ over ? say.text.table.lineOver : '' }}</p>
    <div v-if="here.thinningOffered" class="flex flex-wrap items-center gap-2">
      <button type="button" class="btn min-h-14 w-16 px-0 text-say" aria-label="One close less" @click="close(-1)">–</button>
      <p class="min-w-0 flex-1 text-list" role="status">
        <b class="text-lead">{{ closes === 1 ? '1 close' : `${closes} closes` }}</b> of the thinning shear leave
        <b class="text-lead">{{ say.percent(left) }}</b> of the hair there.
        <span class="text-note text-ink-2">{{ say.text.table.thinningCautions }}</span>
      </p>
      <button type="button" class="btn min-h-14 w-16 px-0 text-say" aria-label="One close more" @click="close(1)">+</button>
    </div>
    <p v-else class="text-note text-ink-2">Thinning is not offered here.</p>
    <div class="grid grid-cols-[1.6fr_1fr_1fr_1fr] gap-2 max-tall:grid-cols-2">
      <MarkButton main :says="say.text.table.matOutcomes.opened" shortcut="Space" @press="end('opened')" />
      <MarkButton :says="say.text.table.matOutcomes.thinned" shortcut="T" :disabled="!here.thinningOffered" @press="end('thinned')" />
      <MarkButton
        :says="say.text.table.clippedOut"
        :note="say.text.table.bladeFlat"
        shortcut="X"
        :disabled="!clipAgreed"
        @press="end('clipped')"
      />
      <MarkButton says="Park it" shortcut="K" @press="emit('park')" />
    </div>
    <div class="flex flex-wrap items-center gap-x-4">
      <details v-if="here.openingWays.length" class="min-w-0 flex-1 basis-60">
        <summary class="act -ml-2 cursor-pointer text-list">{{ words.openingWays.title }}</summary>
        <ul class="mt-1 grid gap-1 text-list">
          <li v-for="way in here.openingWays" :key="way">{{ words.openingWays[way] }}</li>
        </ul>
      </details>
      <button type="button" class="act -ml-2 self-start text-list tall:ml-0" @click="emit('wont')">{{ words.wontOpen.ask }}</button>
    </div>
    <p v-if="!clipAgreed" class="text-note text-ink-2">{{ say.text.table.clipOutNotAgreed }}</p>
  </section>
</template>
