<script setup lang="ts">
// Before the first touch: how far round the dog, how long it should take, and what it rests on.
import { tableWords } from './tableWords';
import { there } from '@/api/there';
import { t, wordsOf } from '@/messages/words';
import { computed, ref } from 'vue';
import type { TableRun, Visit } from '@/api/types';
import { options } from '@/messages/options';
import { say } from '@/messages/say';
import BoldWords from '@/ui/BoldWords.vue';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import HandlingList from '@/visit/HandlingList.vue';

type Scope = TableRun['scope'];
const props = defineProps<{ visit: Visit; table: TableRun }>();
const emit = defineEmits<{ start: [scope: Scope] }>();
const scope = ref<Scope>(there(props.table.scopes[0]));
const scopes = computed(() => options(wordsOf('table.scopes')).filter(({ value }) => props.table.scopes.includes(value as Scope)));
const inspected = computed(() => props.visit.summary.toCheck.length === 0);
const treats = computed(() =>
  props.visit.dog.health.includes('food_allergy')
    ? t('card.warnings.food_allergy.text')
    : props.table.treats === 'during'
      ? t('table.start.treatsDuring')
      : t('table.start.treatsAtEnd'),
);
const feet = computed(() => props.visit.feet.inOneVisit);
/** Longer on its feet than the house asks: not before somebody chose a way, or said why. */
const mustSayWhy = computed(() => feet.value.asksWhy);
const agreed = computed(() => props.visit.stage === 'agreed');
</script>

<template>
  <section class="grid content-start gap-4 py-2">
    <h1 class="text-ask" :class="inspected ? 'text-call' : ''">
      {{ inspected ? t('table.start.title', { dog: visit.dog.name }) : t('table.start.inspectionFirst') }}
    </h1>
    <template v-if="!inspected">
      <p>
        {{ t('table.start.notCombed', { count: visit.summary.toCheck.length }) }}
      </p>
      <RouterLink class="btn btn-main justify-self-start" :to="{ name: 'inspection', params: { visit: visit.id } }">{{
        t('visit.goOn.inspection')
      }}</RouterLink>
    </template>
    <template v-else>
      <p class="text-lead">
        <BoldWords
          :words="
            t('table.start.about', {
              minutes: say.minutes(table.forecast.likely),
              range: say.range(table.forecast),
              tolerance: say.pulling(table.borne.tolerance),
            })
          "
        />
      </p>
      <HandlingList :handling="visit.handling" />
      <p class="text-list text-ink-2">
        {{
          t('table.start.clock', {
            clock: tableWords.clock(table.clock),
            plain: say.minutes(table.forecast.plain),
            rules: t('device.rulesOfThumb'),
          })
        }}
      </p>
      <p v-if="mustSayWhy" class="text-list font-semibold">
        {{ t('feet.plan.over', { minutes: Math.round(feet.onItsFeetMinutes), most: Math.round(feet.mostMinutes) }) }}
        <RouterLink class="underline" :to="{ name: 'plan', params: { visit: visit.id } }">{{ t('feet.plan.onThePlan') }}</RouterLink>
      </p>
      <p v-if="!agreed" class="text-list font-semibold">
        {{ t('table.start.notAgreed') }}
        <RouterLink class="underline" :to="{ name: 'plan', params: { visit: visit.id } }">{{ t('visit.goOn.plan') }}</RouterLink>
      </p>
      <ChoiceGroup v-model="scope" :label="t('table.start.scope')" :options="scopes" />
      <p class="text-list text-ink-2">
        {{ visit.dog.mind ? t('table.start.mind', { mind: visit.dog.mind }) : '' }} {{ t('table.start.safety') }} {{ treats }}
      </p>
      <button type="button" class="btn btn-main group min-h-18 text-say" :disabled="mustSayWhy" @click="emit('start', scope)">
        {{ scope === 'light_check_first' ? t('table.main.gate') : t('table.begin') }}
      </button>
    </template>
  </section>
</template>
