<script setup lang="ts">
// The dog, what to mind, and the steps of the visit as places one can walk between.
import { t } from '@/messages/words';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import type { Visit } from '@/api/types';
import { placeOf, steps } from './steps';
import { say } from '@/messages/say';
import SaveState from '@/ui/SaveState.vue';
import StopNow from './StopNow.vue';

const props = defineProps<{ visit: Visit | null }>();
const route = useRoute();
/** The record is no step: the comb stands where the visit is. */
const walked = computed(() => steps.findIndex((step) => step === route.name));
const here = computed(() => {
  if (walked.value >= 0 || !props.visit) {
    return walked.value;
  }
  const { name } = placeOf(props.visit);
  return steps.indexOf(name === 'record' ? 'home' : name);
});
const at = computed(() => `${((Math.max(0, here.value) + 0.5) / steps.length) * 100}%`);
const facts = computed(() => {
  const dog = props.visit?.dog;
  return dog ? t('visit.dogFacts', { breed: dog.breed, age: say.age(dog.ageMonths), weight: say.kg(dog.weightKg) }) : '';
});
const mind = computed(() => {
  const dog = props.visit?.dog;
  return dog ? [dog.mind, ...dog.health.map((fact) => say.within(t(`card.health.${fact}`)))].filter((word) => word).join(' · ') : '';
});
</script>

<template>
  <header
    class="no-print grid grid-cols-[1fr_auto] items-center gap-x-6 border-b border-line bg-rail px-4 tall:px-6 wide:min-h-16 wide:grid-cols-[1fr_28.125rem_9.375rem]"
  >
    <div class="flex min-w-0 items-center gap-x-4 py-2 max-tall:flex-wrap wide:py-0">
      <RouterLink
        :to="{ name: 'day' }"
        class="inline-flex min-h-11 items-center pb-0.5 font-name text-name font-extrabold italic"
        :aria-label="t('visit.backTo', { dog: visit?.dog.name ?? '' })"
        >{{ visit?.dog.name ?? '…' }}</RouterLink
      >
      <div class="min-w-0 text-list max-tall:order-last max-tall:basis-full">
        <p class="truncate">{{ facts }}</p>
        <!-- A safety text is never cut off. -->
        <p class="leading-tight font-bold">{{ mind }}</p>
      </div>
      <StopNow v-if="visit && visit.closedAt === null && route.name !== 'arrival'" class="ml-auto shrink-0" :visit="visit" />
    </div>
    <SaveState class="wide:order-3" />
    <!-- Before the dog is known it is not known either where the steps stand: what is said of the dog pushes them on. -->
    <nav
      class="relative col-span-2 -mx-1 flex pb-1 wide:col-span-1 wide:mx-0 wide:h-full wide:pb-0"
      :class="visit ? '' : 'invisible'"
      :aria-label="t('visit.label')"
    >
      <RouterLink
        v-for="(step, index) in steps"
        :key="step"
        :to="{ name: step, params: { visit: visit?.id ?? route.params.visit } }"
        class="flex min-h-13 flex-1 flex-col items-center justify-end pb-6 text-note tall:text-body wide:min-h-0"
        :class="index === here ? 'font-extrabold' : index < here ? '' : 'text-ink-2'"
        :aria-current="index === walked ? 'page' : index === here ? 'step' : undefined"
      >
        {{ t(`visit.steps.${step}`) }}
      </RouterLink>
      <svg class="pointer-events-none absolute bottom-1 left-0 h-5 w-full wide:bottom-1.5" aria-hidden="true" focusable="false">
        <rect y="1" :width="at" height="18" fill="url(#hc-strand-combed)" />
        <rect y="1" :x="at" width="100%" height="18" fill="url(#hc-strand-loose)" />
        <svg :x="at" overflow="visible"><use href="#hc-rail-comb" x="-19" /></svg>
      </svg>
    </nav>
  </header>
</template>
