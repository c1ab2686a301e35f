<script setup lang="ts">
// Undercoat work: what each pass brought out, and when the coat has stopped giving.
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { Rake, TableRun, TableSection } from '@/api/types';
import { say } from '@/messages/say';
import MarkButton from '@/ui/MarkButton.vue';

const props = defineProps<{ undercoat: NonNullable<TableSection['undercoat']>; table: TableRun }>();
const emit = defineEmits<{ pass: [rake: Rake, handfuls: number]; done: [] }>();
const handfuls = [
  { name: 'none', handfuls: 0 },
  { name: 'pinch', handfuls: 0.25 },
  { name: 'half', handfuls: 0.5 },
  { name: 'one', handfuls: 1 },
  { name: 'two', handfuls: 2 },
  { name: 'three', handfuls: 3 },
] as const;
const most = computed(() => Math.max(1, ...props.undercoat.passes.map((pass) => pass.handfuls)));
const advice = computed(() => t(`table.rakeAdvice.${props.undercoat.next}`, { rake: t(`table.rakes.${props.undercoat.rake}`) }));
</script>

<template>
  <section class="grid gap-2" :aria-label="t('table.undercoat.title')">
    <div class="flex items-end justify-between gap-3">
      <div>
        <h2 class="text-answer">{{ t('table.undercoat.with', { rake: t(`table.rakes.${undercoat.rake}`) }) }}</h2>
        <p class="text-list" :class="undercoat.next === 'rake_on' ? 'text-ink-2' : 'font-bold'" role="status">{{ advice }}</p>
        <p class="text-note text-ink-2">{{ table.bladedDeshedders ? t('table.bladesAllowed') : t('table.noBlades') }}</p>
      </div>
      <svg
        v-if="undercoat.passes.length"
        class="h-14 shrink-0"
        :width="undercoat.passes.length * 18"
        :viewBox="`0 0 ${undercoat.passes.length * 18} 56`"
        role="img"
        :aria-label="
          undercoat.passes
            .map((pass) => t('table.undercoat.pass', { handfuls: say.figure(pass.handfuls), rake: t(`table.rakes.${pass.rake}`) }))
            .join(', ')
        "
      >
        <path
          v-for="(pass, index) in undercoat.passes"
          :key="index"
          :d="`M${index * 18 + 9},54V${50 - 44 * (pass.handfuls / most)}`"
          fill="none"
          :stroke="pass.rake === 'wide' ? 'var(--color-g1-strand)' : 'var(--color-ink)'"
          stroke-width="10"
          stroke-linecap="round"
        />
      </svg>
    </div>
    <p class="text-list font-semibold">{{ t('table.undercoat.ask') }}</p>
    <div class="grid grid-cols-6 gap-2 max-tall:grid-cols-3">
      <MarkButton
        v-for="(yieldOf, index) in handfuls"
        :key="yieldOf.name"
        stacked
        :says="t(`table.handfuls.${yieldOf.name}`)"
        :shortcut="String(index + 1)"
        @press="emit('pass', undercoat.rake, yieldOf.handfuls)"
      />
    </div>
    <button type="button" class="btn" @click="emit('done')">{{ t('table.backToLines') }}</button>
  </section>
</template>
