<script setup lang="ts">
// Nothing fits: which limit is broken, by how much, and the ways out.
import type { Frontier, Plan } from '@/api/types';
import { say } from '@/messages/say';

defineProps<{ plan: Plan; shortfall: NonNullable<Frontier['shortfall']>; disabled: boolean }>();
defineEmits<{ time: [minutes: number]; clipDown: [] }>();
</script>

<template>
  <section class="rounded-md border-[1.5px] border-dashed border-call px-4 py-3" role="status">
    <h2 class="text-lead">No plan fits today</h2>
    <p v-if="shortfall.tensionOver > 0">
      Even the easiest plan pulls {{ say.pulling(shortfall.tensionOver) }} min more than the {{ say.pulling(plan.tolerance.minutes) }} this
      dog should bear.
    </p>
    <p v-if="shortfall.minutesOver > 0">
      It wants {{ say.minutes(Math.ceil(shortfall.minutesOver)) }} more than the {{ plan.slotMinutes }} at the table.
    </p>
    <ul class="mt-2 grid gap-2">
      <li v-if="shortfall.minutesNeeded !== null">
        <button type="button" class="btn btn-small" :disabled="disabled" @click="$emit('time', shortfall.minutesNeeded)">
          Plan {{ shortfall.minutesNeeded }} min at the table
        </button>
      </li>
      <li v-if="shortfall.visits > 1">
        <b>{{ shortfall.visits }} visits</b>, with no bath in between: wetting a mat tightens it.
      </li>
      <li>
        <button type="button" class="btn btn-small mr-2" :disabled="disabled" @click="$emit('clipDown')">Clip down all the same</button>
        {{ say.minutes(shortfall.clipDown.minutes) }}, pulls {{ say.pulling(shortfall.clipDown.tension) }} min, keeps
        {{ say.percent(shortfall.clipDown.keep) }}.
      </li>
      <li><b>A vet’s advice.</b> Only a vet sedates.</li>
    </ul>
  </section>
</template>
