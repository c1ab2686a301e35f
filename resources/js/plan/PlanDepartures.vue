<script setup lang="ts">
// Where the groomer departs from the chosen plan: plan, change and reason.
import type { Plan } from '@/api/types';
import { say } from '@/messages/say';

defineProps<{ departures: Plan['departures'] }>();
</script>

<template>
  <section class="border-t border-line pt-2">
    <h2 class="text-lead">Otherwise than planned</h2>
    <p v-for="departure in departures" :key="departure.section" class="text-list">
      <b>{{ say.section(departure.section) }}:</b> {{ say.done(departure.done) }} instead of {{ say.done(departure.planned)
      }}<template v-if="departure.reason">: “{{ departure.reason }}”</template> <span class="text-ink-2">{{ departure.by }}</span>
    </p>
  </section>
</template>
