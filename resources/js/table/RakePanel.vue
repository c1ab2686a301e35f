<script setup lang="ts">
// Undercoat work: what each pass brought out, and when the coat has stopped giving.
import { computed } from 'vue';
import type { Rake, TableRun, TableSection } from '@/api/types';
import { say } from '@/messages/say';
import MarkButton from '@/ui/MarkButton.vue';

const props = defineProps<{ undercoat: NonNullable<TableSection['undercoat']>; table: TableRun }>();
const emit = defineEmits<{ pass: [rake: Rake, handfuls: number]; done: [] }>();
const most = computed(() => Math.max(1, ...props.undercoat.passes.map((pass) => pass.handfuls)));
const advice = computed(() =>
  say.text.table.rakeAdvice[props.undercoat.next].replace('{rake}', say.text.table.rakes[props.undercoat.rake]),
);
</script>

<template>
  <section class="grid gap-2" aria-label="Undercoat">
    <div class="flex items-end justify-between gap-3">
      <div>
        <h2 class="text-answer">Undercoat: {{ say.text.table.rakes[undercoat.rake] }}</h2>
        <p class="text-list" :class="undercoat.next === 'rake_on' ? 'text-ink-2' : 'font-bold'" role="status">{{ advice }}</p>
        <p class="text-note text-ink-2">{{ table.bladedDeshedders ? say.text.table.bladesAllowed : say.text.table.noBlades }}</p>
      </div>
      <svg
        v-if="undercoat.passes.length"
        class="h-14 shrink-0"
        :width="undercoat.passes.length * 18"
        :viewBox="`0 0 ${undercoat.passes.length * 18} 56`"
        role="img"
        :aria-label="undercoat.passes.map((pass) => `${pass.handfuls} with the ${say.text.table.rakes[pass.rake]}`).join(', ')"
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
    <p class="text-list font-semibold">How much did this pass bring, in handfuls?</p>
    <div class="grid grid-cols-6 gap-2 max-tall:grid-cols-3">
      <MarkButton
        v-for="(yieldOf, index) in say.text.table.handfuls"
        :key="yieldOf.value"
        stacked
        :says="yieldOf.say"
        :shortcut="String(index + 1)"
        @press="emit('pass', undercoat.rake, yieldOf.value)"
      />
    </div>
    <button type="button" class="btn" @click="emit('done')">Back to the lines</button>
  </section>
</template>
