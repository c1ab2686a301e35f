<script setup lang="ts">
// A dog read in from a table: what protects it is asked, never assumed. Words that warn are proposed, and somebody answers.
import type { Visit } from '@/api/types';
import { computed } from 'vue';
import { options } from '@/messages/options';
import { say } from '@/messages/say';
import { t, wordsOf } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import TickGroup from '@/ui/TickGroup.vue';
import type { useArrival } from './useArrival';

const props = defineProps<{ arrival: ReturnType<typeof useArrival>; visit: Visit }>();
const { answers, answer } = props.arrival;
/** Asked as long as this visit lasts, so that an answer does not jump away under the finger. */
const asks = computed(() => ({
  temperament: props.visit.dog.toAsk.includes('temperament') || answers.value.temperament != null,
  health: props.visit.dog.toAsk.includes('health') || answers.value.health != null,
}));
const proposed = computed(() => {
  const { temperament, health } = props.visit.dog.proposed;
  return [...(temperament ? [t(`card.temperaments.${temperament}`)] : []), ...health.map((fact) => t(`card.health.${fact}`))]
    .map((word) => say.within(word))
    .join(', ');
});
</script>

<template>
  <section class="grid gap-4 rounded-md edge border-dashed border-call px-4 py-3" :aria-label="t('arrival.askFirst.title')">
    <div>
      <h2 class="text-lead font-bold">{{ t('arrival.askFirst.title') }}</h2>
      <p class="text-list">
        {{ t('arrival.askFirst.why') }}
        <b v-if="proposed">{{ t('arrival.askFirst.proposed', { words: proposed }) }}</b>
      </p>
    </div>
    <ChoiceGroup
      v-if="asks.temperament"
      :model-value="answers.temperament ?? null"
      :label="t('arrival.ask.onTheTable')"
      :options="options(wordsOf('card.temperaments'))"
      @update:model-value="answer({ temperament: $event })"
    />
    <TickGroup
      v-if="asks.health"
      :model-value="answers.health ?? null"
      :label="t('arrival.ask.health')"
      :options="options(wordsOf('card.health'))"
      :none="t('arrival.ask.nothingKnown')"
      @update:model-value="answer({ health: $event })"
    />
  </section>
</template>
