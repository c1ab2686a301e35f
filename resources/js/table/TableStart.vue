<script setup lang="ts">
// Before the first touch: how far round the dog, how long it should take, and what it rests on.
import { computed, ref } from 'vue';
import type { TableRun, Visit } from '@/api/types';
import { options } from '@/messages/options';
import { say } from '@/messages/say';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';

type Scope = TableRun['scope'];
const props = defineProps<{ visit: Visit; table: TableRun }>();
const emit = defineEmits<{ start: [scope: Scope] }>();
const scope = ref<Scope>(props.table.scopes[0]);
const scopes = computed(() => options(say.text.table.scopes).filter(({ value }) => props.table.scopes.includes(value as Scope)));
const inspected = computed(() => props.visit.summary.toCheck.length === 0);
const treats = computed(() =>
  props.visit.dog.health.includes('food_allergy')
    ? say.text.warnings.food_allergy.text
    : props.table.treats === 'during'
      ? 'Treats while you work.'
      : 'Treats at the end.',
);
const agreed = computed(() => props.visit.stage === 'agreed');
</script>

<template>
  <section class="grid content-start gap-4 py-2">
    <h1 class="text-ask" :class="inspected ? 'text-call' : ''">
      {{ inspected ? `${visit.dog.name} is on the table?` : 'The inspection comes first' }}
    </h1>
    <template v-if="!inspected">
      <p>
        {{ visit.summary.toCheck.length }} of 30 sections have not been combed from the skin. What looks fine on top is not passed without
        the comb.
      </p>
      <RouterLink class="btn btn-main justify-self-start" :to="{ name: 'inspection', params: { visit: visit.id } }"
        >To the inspection</RouterLink
      >
    </template>
    <template v-else>
      <p class="text-lead">
        About <b class="text-say">{{ say.minutes(table.forecast.likely) }}</b> at the table, usually {{ say.range(table.forecast) }}; at
        most <b>{{ say.pulling(table.borne.tolerance) }} min</b> of pulling today.
      </p>
      <p class="text-list text-ink-2">
        {{ say.clock(table.clock) }} By the house’s forecast alone: {{ say.minutes(table.forecast.plain) }}. {{ say.text.rulesOfThumb }}
      </p>
      <p v-if="!agreed" class="text-list font-semibold">
        The client has not agreed to a plan yet: you may brush, but no cut is taken before the yes.
        <RouterLink class="underline" :to="{ name: 'plan', params: { visit: visit.id } }">To the plan</RouterLink>
      </p>
      <ChoiceGroup v-model="scope" label="How far round the dog" :options="scopes" />
      <p class="text-list text-ink-2">
        {{ visit.dog.mind ? `Mind: ${visit.dog.mind}. ` : '' }}A non-slip mat; the loop only while somebody stands there. Never leave a dog
        on a table or in a loop.
        {{ treats }}
      </p>
      <button type="button" class="btn btn-main group min-h-18 text-say" @click="emit('start', scope)">
        {{ scope === 'light_check_first' ? say.text.table.main.gate : say.text.table.begin }}
      </button>
    </template>
  </section>
</template>
