<script setup lang="ts">
// How a dog is to handle, as its visits tell it: one sentence each, with its day.
import { computed } from 'vue';
import type { Handling } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

const props = defineProps<{ handling: Handling }>();
const MOST = 5;
/** As its card has it: what holds every day. */
const card = computed(() => {
  const { onTheBack, releaseWord, chinHold, kinks } = props.handling;
  return [
    onTheBack ? t(`handling.back.${onTheBack}`) : '',
    releaseWord ? t('handling.release', { word: say.quoted(releaseWord) }) : '',
    chinHold === null ? '' : t(chinHold ? 'handling.chin.yes' : 'handling.chin.no'),
    kinks ? t('handling.kinks', { where: kinks }) : '',
  ].filter((line) => line);
});
const lines = computed(() => [
  ...props.handling.signals.slice(0, MOST).map((one) => ({
    says: t('handling.signal', {
      signal: t(`table.signals.${one.signal}`),
      place: one.section ? say.sections([one.section]) : t('handling.anywhere'),
      visits: one.visits,
    }),
    at: one.at,
  })),
  ...props.handling.opened.slice(0, MOST).map((one) => ({
    says: t(`handling.opened.${one.with}`, { place: say.sections([one.section]) }),
    at: one.at,
  })),
]);
</script>

<template>
  <section>
    <h2 class="text-lead">{{ t('handling.title') }}</h2>
    <ul v-if="card.length || lines.length || handling.calm.length" class="mt-1 grid gap-1.5 text-list">
      <li v-for="line in card" :key="line">{{ line }}</li>
      <li v-for="line in lines" :key="line.says">
        {{ line.says }} <span class="text-ink-2">{{ say.shortDay(line.at) }}</span>
      </li>
      <li v-if="handling.calm.length">{{ t('handling.calm', { places: say.sections(handling.calm) }) }}</li>
    </ul>
    <p v-else class="mt-1 text-list text-ink-2">{{ t('handling.nothing') }}</p>
  </section>
</template>
