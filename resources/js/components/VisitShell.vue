<script setup lang="ts">
// Rail above; the coat chart always in the same place and size; one thing to do beside it, below it, or over it.
import { ref } from 'vue';
import type { Visit } from '@/api/types';
import RefusedMarks from './RefusedMarks.vue';
import VisitRail from './VisitRail.vue';

defineProps<{ visit: Visit | null; trouble: 'missing' | 'unreachable' | null; task: string; big?: boolean }>();
const emit = defineEmits<{ retry: [] }>();
const sheetOpen = ref(true);
</script>

<template>
  <div class="grid h-dvh grid-rows-[auto_1fr] overflow-hidden print:block print:h-auto print:overflow-visible">
    <VisitRail :visit="visit" />
    <main v-if="trouble" class="grid place-content-center gap-4 p-8 text-center">
      <template v-if="trouble === 'missing'">
        <h1 class="text-title">There is no visit at this address.</h1>
        <p>It may have been typed wrong. Nothing is lost.</p>
      </template>
      <template v-else>
        <h1 class="text-title">No network, and this visit is not on this device yet.</h1>
        <p>What you entered here is kept. It opens as soon as the server answers.</p>
        <button class="btn" type="button" @click="emit('retry')">Try again</button>
      </template>
      <RouterLink class="btn" :to="{ name: 'day' }">To the day</RouterLink>
    </main>
    <main v-else-if="!visit" class="grid place-content-center" aria-busy="true">
      <p class="text-lead text-ink-2">Fetching the visit …</p>
    </main>
    <main
      v-else
      class="grid min-h-0 print:block"
      :class="
        big
          ? 'grid-rows-[minmax(0,1fr)]'
          : 'grid-rows-[minmax(0,1fr)_auto] tall:grid-rows-[minmax(0,38%)_minmax(0,62%)] wide:grid-cols-2 wide:grid-rows-[minmax(0,1fr)]'
      "
    >
      <section v-if="!big" class="relative min-h-0 overflow-hidden print:overflow-visible" aria-label="Coat chart">
        <slot name="chart" />
      </section>
      <section
        class="flex min-h-0 min-w-0 flex-col border-line bg-sheet max-tall:rounded-t-lg max-tall:border-t-2 tall:border-t wide:border-t-0 wide:border-l"
        :class="[big ? 'big-print' : sheetOpen ? 'max-tall:h-[58dvh]' : 'max-tall:h-12 max-tall:overflow-hidden']"
        :aria-label="task"
      >
        <button
          type="button"
          class="no-print grid h-8 shrink-0 place-items-center tall:hidden"
          :aria-expanded="sheetOpen"
          @click="sheetOpen = !sheetOpen"
        >
          <span class="sr-only">{{ sheetOpen ? 'See the whole chart' : 'Show the questions' }}</span>
          <span class="h-1.5 w-14 rounded-full bg-line-2" aria-hidden="true"></span>
        </button>
        <RefusedMarks />
        <slot />
      </section>
    </main>
  </div>
</template>
