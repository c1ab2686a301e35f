<script setup lang="ts">
// Nothing fits: which limit is broken, by how much, and the ways out.
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { Frontier, Plan } from '@/api/types';
import { choicesOf } from './frontier';
import { say } from '@/messages/say';
import SeveralOffer from './SeveralOffer.vue';

const props = defineProps<{ plan: Plan; shortfall: NonNullable<Frontier['shortfall']>; disabled: boolean }>();
defineEmits<{ time: [minutes: number]; clipDown: []; divide: [] }>();
/** Where the client wants no clip, the easiest plan has none. */
const clips = computed(() =>
  Object.values(choicesOf(props.plan.frontier!, props.shortfall.clipDown)).some((choice) => choice.startsWith('clip:')),
);
</script>

<template>
  <section class="rounded-md edge border-dashed border-call px-4 py-3" role="status">
    <h2 class="text-lead">{{ t('plan.shortfall.title') }}</h2>
    <p v-if="shortfall.tensionOver > 0">
      {{ t('plan.shortfall.pulls', { over: say.pulling(shortfall.tensionOver), tolerance: say.pulling(plan.tolerance.minutes) }) }}
    </p>
    <p v-if="shortfall.minutesOver > 0">
      {{ t('plan.shortfall.wants', { over: say.minutes(Math.ceil(shortfall.minutesOver)), slot: plan.slotMinutes }) }}
    </p>
    <ul class="mt-2 grid gap-2">
      <li v-if="shortfall.minutesNeeded !== null">
        <button type="button" class="btn btn-small" :disabled="disabled" @click="$emit('time', shortfall.minutesNeeded)">
          {{ t('plan.shortfall.planMinutes', { minutes: shortfall.minutesNeeded }) }}
        </button>
      </li>
      <li v-if="plan.frontier?.several">
        <p>
          <b>{{ t('split.offer', { count: plan.frontier.several.visits.length, keep: say.percent(plan.frontier.several.keep) }) }}</b>
        </p>
        <SeveralOffer :several="plan.frontier.several" :disabled="disabled" @divide="$emit('divide')" />
      </li>
      <li v-else-if="shortfall.visits > 1">
        <b>{{ t('plan.shortfall.visits', { visits: shortfall.visits }) }}</b>{{ t('plan.shortfall.noBath') }}
      </li>
      <li>
        <button type="button" class="btn btn-small mr-2" :disabled="disabled" @click="$emit('clipDown')">
          {{ clips ? t('plan.clipDown') : t('plan.easiestAllTheSame') }}
        </button>
        {{
          t('plan.shortfall.clipDown', {
            minutes: say.minutes(shortfall.clipDown.minutes),
            pulling: say.pulling(shortfall.clipDown.tension),
            keep: say.percent(shortfall.clipDown.keep),
          })
        }}
      </li>
      <li>
        <b>{{ t('plan.shortfall.vet') }}</b> {{ t('plan.shortfall.sedates') }}
      </li>
    </ul>
  </section>
</template>
