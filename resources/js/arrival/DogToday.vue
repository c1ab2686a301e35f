<script setup lang="ts">
// How the dog itself is today: what may differ from its card.
import type { Visit } from '@/api/types';
import { options } from '@/messages/options';
import { say } from '@/messages/say';
import { t, wordsOf } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import TextField from '@/ui/TextField.vue';
import TickGroup from '@/ui/TickGroup.vue';
import { yesNo } from '@/ui/yesNo';
import ClientLanguage from './ClientLanguage.vue';
import LengthsToday from './LengthsToday.vue';
import NumberAnswer from './NumberAnswer.vue';
import type { useArrival } from './useArrival';

const props = defineProps<{ arrival: ReturnType<typeof useArrival>; visit: Visit }>();
const { answers, answer, answerText } = props.arrival;
</script>

<template>
  <div class="grid gap-6 tall:grid-cols-2">
    <ChoiceGroup
      :model-value="answers.firstGroom ?? null"
      :label="t('arrival.ask.firstGroom')"
      :options="yesNo()"
      @update:model-value="answer({ firstGroom: $event })"
    />
    <ChoiceGroup
      :model-value="answers.moult ?? null"
      :label="t('arrival.ask.inMoult')"
      :options="yesNo()"
      @update:model-value="answer({ moult: $event })"
    />
  </div>
  <ChoiceGroup
    :model-value="answers.temperament ?? (visit.dog.toAsk.includes('temperament') ? null : visit.dog.temperament)"
    :label="t('arrival.ask.onTheTable')"
    :options="options(wordsOf('card.temperaments'))"
    @update:model-value="answer({ temperament: $event })"
  />
  <TickGroup
    :model-value="answers.health ?? (visit.dog.toAsk.includes('health') ? null : visit.dog.health)"
    :label="t('arrival.ask.health')"
    :options="options(wordsOf('card.health'))"
    :none="t('arrival.ask.nothingKnown')"
    @update:model-value="answer({ health: $event })"
  />
  <ChoiceGroup
    :model-value="answers.neverOnTheBack ?? null"
    :label="t('arrival.ask.neverOnTheBack')"
    :options="yesNo()"
    @update:model-value="answer({ neverOnTheBack: $event })"
  />
  <div class="grid gap-6 tall:grid-cols-2">
    <ChoiceGroup
      :model-value="answers.liesDown ?? null"
      :label="t('feet.liesAsked')"
      :options="yesNo()"
      @update:model-value="answer({ liesDown: $event })"
    />
    <NumberAnswer
      :arrival="arrival"
      field="standsMinutes"
      :label="t('feet.standsAsked')"
      :unit="t('ui.min')"
      :max="3"
      :hint="t('feet.standsHint', { minutes: visit.feet.standsMinutes })"
    />
  </div>
  <div class="grid gap-4 tall:grid-cols-2">
    <NumberAnswer
      :arrival="arrival"
      field="coatMm"
      :label="t('arrival.ask.coatToday')"
      kind="length"
      :max="5"
      :hint="
        visit.dog.lengthsFrom
          ? t('arrival.grownSince', { length: say.mm(visit.dog.coatMm), day: say.shortDay(visit.dog.lengthsFrom) })
          : t('arrival.onTheCard', { value: say.mm(visit.dog.coatMm) })
      "
    />
    <NumberAnswer
      :arrival="arrival"
      field="slotMinutes"
      :label="t('arrival.ask.tableTime')"
      :unit="t('ui.min')"
      :max="3"
      :usual="visit.slotMinutes"
    />
  </div>
  <LengthsToday :arrival="arrival" :visit="visit" />
  <div class="grid gap-4 tall:grid-cols-2">
    <TextField
      :model-value="answers.newHealth ?? null"
      :label="t('arrival.ask.newHealth')"
      @update:model-value="answerText('newHealth', $event)"
    />
    <NumberAnswer
      v-if="visit.dog.sex === 'female' && visit.dog.entire"
      :arrival="arrival"
      field="weeksSinceHeat"
      :label="t('arrival.ask.lastHeat')"
      :unit="t('arrival.units.weeksAgo')"
      :max="3"
    />
    <TextField
      :model-value="answers.phone ?? visit.dog.client.phone"
      :label="t('arrival.ask.reach', { client: visit.dog.client.name })"
      kind="tel"
      :max="40"
      @update:model-value="answerText('phone', $event)"
    />
    <ClientLanguage :client="visit.dog.client" />
  </div>
</template>
