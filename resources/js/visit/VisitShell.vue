<script setup lang="ts">
// Rail above; the coat chart always in the same place and size; one thing to do beside it, below it, or over it.
import { t } from '@/messages/words';
import { computed, nextTick, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import type { Visit } from '@/api/types';
import type { Loaded } from '@/device/useLoader';
import FreshnessNote from '@/ui/FreshnessNote.vue';
import LoadState from '@/ui/LoadState.vue';
import RefusedMarks from '@/ui/RefusedMarks.vue';
import StandingBar from './StandingBar.vue';
import TwoAnswersNote from './TwoAnswersNote.vue';
import VisitRail from './VisitRail.vue';

/** `deep`: on a phone the task needs more of the height than elsewhere. */
const props = defineProps<{ visit: Visit | null; loaded: Loaded; task: string; big?: boolean; deep?: boolean }>();
/** `marked`: the dog lies, stands or rests; undo of the screen takes it back. */
const emit = defineEmits<{ marked: [id: string] }>();
const sheetOpen = ref(true);
const route = useRoute();
/** Hands are on the dog, from the table to the finish. */
const onItsFeet = computed(() => {
  const visit = props.visit;
  const begun = visit !== null && (visit.table.begun || Object.keys(visit.bath.steps).length > 0);
  return begun && visit.closedAt === null && visit.home.signedOff === null && ['table', 'dry', 'home'].includes(String(route.name));
});
const place = ref<HTMLElement>();
/** Whoever comes here by key or by ear begins at the task, not at the top of the page; a field keeps the focus it has. */
watch(
  () => props.visit !== null,
  async (isThere) => {
    await nextTick();
    if (isThere && (document.activeElement === document.body || document.activeElement?.closest('nav, header'))) {
      place.value?.focus({ preventScroll: true });
    }
  },
  { immediate: true },
);
</script>

<template>
  <div
    class="grid h-dvh grid-rows-[auto_1fr] overflow-hidden short:block short:h-auto short:overflow-visible print:block print:h-auto print:overflow-visible"
  >
    <VisitRail :visit="visit" />
    <main v-if="!visit" class="grid">
      <LoadState :loaded="loaded" :fetching="t('device.fetching.visit')">
        <RouterLink class="btn" :to="{ name: 'day' }">{{ t('device.broken.day') }}</RouterLink>
      </LoadState>
    </main>
    <main
      v-else
      class="grid min-h-0 short:block print:block"
      :class="
        big
          ? 'grid-rows-[minmax(0,1fr)]'
          : 'grid-rows-[minmax(0,1fr)_auto] tall:grid-rows-[minmax(0,38%)_minmax(0,62%)] wide:grid-cols-2 wide:grid-rows-[minmax(0,1fr)]'
      "
    >
      <section v-if="!big" class="relative min-h-0 overflow-hidden short:h-86 print:overflow-visible" :aria-label="t('visit.chart')">
        <slot name="chart" />
      </section>
      <section
        ref="place"
        tabindex="-1"
        class="flex min-h-0 min-w-0 flex-col border-line outline-none bg-sheet short:h-auto! max-tall:rounded-t-lg max-tall:border-t-2 tall:border-t wide:border-t-0 wide:border-l"
        :class="[
          big ? 'big-print' : sheetOpen ? (deep ? 'max-tall:h-[65dvh]' : 'max-tall:h-[58dvh]') : 'max-tall:h-12 max-tall:overflow-hidden',
        ]"
        :aria-label="task"
      >
        <button
          type="button"
          class="no-print grid h-8 shrink-0 place-items-center tall:hidden"
          :aria-expanded="sheetOpen"
          @click="sheetOpen = !sheetOpen"
        >
          <span class="sr-only">{{ sheetOpen ? t('visit.seeChart') : t('visit.seeQuestions') }}</span>
          <span class="h-1.5 w-14 rounded-full bg-line-2" aria-hidden="true"></span>
        </button>
        <RefusedMarks />
        <FreshnessNote v-if="loaded.seenAt.value !== null" :loaded="loaded" />
        <!-- The inspection asks at the place itself. -->
        <TwoAnswersNote v-if="visit.twoAnswers.length && route.name !== 'inspection'" :visit="visit" />
        <StandingBar v-if="onItsFeet" :visit="visit" @marked="emit('marked', $event)" />
        <slot />
      </section>
    </main>
  </div>
</template>
