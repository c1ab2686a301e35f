<script setup lang="ts">
// A mat in hand: its own little clock, and what becomes of it.
import { there } from '@/api/there';
import { t } from '@/messages/words';
import { computed, ref, watch } from 'vue';
import type { TableRun, TableSection } from '@/api/types';
import { useCue } from '@/device/useCue';
import { useKeys } from '@/device/useKeys';
import { say } from '@/messages/say';
import BoldWords from '@/ui/BoldWords.vue';
import MarkButton from '@/ui/MarkButton.vue';

const props = defineProps<{ here: TableSection; table: TableRun; extra: number; clipAgreed: boolean }>();
const emit = defineEmits<{ worked: [outcome: 'opened' | 'thinned' | 'clipped', closes: number]; park: []; wont: [] }>();

/** A finding that is for a vet was noted meanwhile: the mat can only be let go. */
const mayThin = computed(() => props.here.thinningOffered && !props.here.held);
const closes = ref(0);
watch(
  () => props.table.mat?.id,
  () => (closes.value = 0),
);
const left = computed(() => there(props.table.thinningLeft[Math.min(closes.value, props.table.thinningLeft.length - 1)]));

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
  { keys: ['o', ' '], shown: t('ui.space'), says: t('table.keys.matOpened'), run: () => end('opened'), when: () => !props.here.held },
  { keys: ['t'], says: t('table.keys.matThinned'), run: () => end('thinned'), when: () => mayThin.value },
  { keys: ['x'], says: t('table.matOutcomes.clipped'), run: () => end('clipped'), when: () => props.clipAgreed && !props.here.held },
  { keys: ['k'], says: t('table.keys.parkIt'), run: () => emit('park') },
  { keys: ['+', '='], says: t('table.keys.closeMore'), run: () => close(1), when: () => props.here.thinningOffered },
  { keys: ['-'], says: t('table.keys.closeLess'), run: () => close(-1), when: () => props.here.thinningOffered },
]);
</script>

<template>
  <section class="grid gap-2" :aria-label="t('table.matInHand')">
    <div class="flex items-baseline gap-3">
      <h2 class="text-answer whitespace-nowrap">{{ t('table.matInHand') }}</h2>
      <p class="text-say font-extrabold" role="timer">{{ say.stopwatch(seconds) }}</p>
    </div>
    <p class="text-list" :class="over ? 'font-bold text-call' : 'sr-only'" role="status">{{ over ? t('table.lineOver') : '' }}</p>
    <div v-if="here.thinningOffered" class="flex flex-wrap items-center gap-2">
      <button type="button" class="btn min-h-14 w-16 px-0 text-say" :aria-label="t('table.keys.closeLess')" @click="close(-1)">–</button>
      <p class="min-w-0 flex-1 text-list" role="status">
        <BoldWords :words="t('table.closesLeave', { closes, left: say.percent(left) })" />{{ ' ' }}
        <span class="text-note text-ink-2">{{ t('table.thinningCautions') }}</span>
      </p>
      <button type="button" class="btn min-h-14 w-16 px-0 text-say" :aria-label="t('table.keys.closeMore')" @click="close(1)">+</button>
    </div>
    <p v-else class="text-note text-ink-2">{{ t('table.noThinning') }}</p>
    <div class="grid grid-cols-[1.6fr_1fr_1fr_1fr] gap-2 max-tall:grid-cols-2">
      <MarkButton main :says="t('table.matOutcomes.opened')" :shortcut="t('ui.space')" :disabled="here.held" @press="end('opened')" />
      <MarkButton :says="t('table.matOutcomes.thinned')" shortcut="T" :disabled="!mayThin" @press="end('thinned')" />
      <MarkButton
        :says="t('table.clippedOut')"
        :note="t('table.bladeFlat')"
        shortcut="X"
        :disabled="!clipAgreed || here.held"
        @press="end('clipped')"
      />
      <MarkButton :says="t('table.keys.parkIt')" shortcut="K" @press="emit('park')" />
    </div>
    <div class="flex flex-wrap items-center gap-x-4">
      <details v-if="here.openingWays.length" class="min-w-0 flex-1 basis-60">
        <summary class="act -ml-2 text-list">{{ t('table.openingWays.title') }}</summary>
        <ul class="mt-1 grid gap-1 text-list">
          <li v-for="way in here.openingWays" :key="way">{{ t(`table.openingWays.${way}`) }}</li>
        </ul>
      </details>
      <button type="button" class="act -ml-2 self-start text-list tall:ml-0" @click="emit('wont')">{{ t('table.wontOpen.ask') }}</button>
    </div>
    <p v-if="here.held" class="text-list font-bold text-call" role="status">{{ t('table.matHeld') }}</p>
    <p v-else-if="!clipAgreed" class="text-note text-ink-2">{{ t('table.clipOutNotAgreed') }}</p>
  </section>
</template>
