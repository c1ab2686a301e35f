<script setup lang="ts">
// Where the groomer departs from the chosen plan: plan, change and reason.
import { t } from '@/messages/words';
import type { Plan } from '@/api/types';
import { say } from '@/messages/say';

defineProps<{ departures: Plan['departures'] }>();
</script>

<template>
  <section class="border-t border-line pt-2">
    <h2 class="text-lead">{{ t('plan.departures.title') }}</h2>
    <p v-for="departure in departures" :key="departure.section" class="text-list">
      <b>{{ say.section(departure.section) }}:</b>
      {{ t('plan.departures.instead', { done: say.done(departure.done), planned: say.done(departure.planned) })
      }}<template v-if="departure.because">: {{ t(`visit.causes.${departure.because}`) }}</template
      ><template v-if="departure.reason">: {{ say.quoted(departure.reason) }}</template> <span class="text-ink-2">{{ departure.by }}</span>
    </p>
  </section>
</template>
