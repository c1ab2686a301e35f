<script setup lang="ts">
// Nothing fits: which limit is broken, by how much, and the ways out.
import { computed } from 'vue';
import type { Frontier, Plan, SectionId } from '@/api/types';
import { choicesOf } from './frontier';
import { say } from '@/messages/say';

const props = defineProps<{ plan: Plan; shortfall: NonNullable<Frontier['shortfall']>; disabled: boolean }>();
defineEmits<{ time: [minutes: number]; clipDown: []; divide: [] }>();
/** Where the client wants no clip, the easiest plan has none. */
const clips = computed(() =>
  Object.values(choicesOf(props.plan.frontier!, props.shortfall.clipDown)).some((choice) => choice.startsWith('clip:')),
);
const between = computed(() => say.daysApart(say.text.split.between, props.shortfall.several!));

/** Places that pull are named; the rest is brushed. */
function work(sections: SectionId[]): string {
  const brushed = (section: SectionId): boolean => props.shortfall.several!.choices[section] === 'brush';
  const named = say.sections(sections.filter((section) => !brushed(section)));
  return [named, sections.some(brushed) ? say.text.split.rest : ''].filter(Boolean).join('; ');
}
</script>

<template>
  <section class="rounded-md edge border-dashed border-call px-4 py-3" role="status">
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
      <li v-if="shortfall.several">
        <p>
          <b>{{
            say.text.split.offer
              .replace('{count}', String(shortfall.several.visits.length))
              .replace('{keep}', say.percent(shortfall.several.keep))
          }}</b>, {{ between }}
        </p>
        <ol class="mt-1 grid gap-1">
          <li v-for="(one, index) in shortfall.several.visits" :key="index" class="text-list">
            <b>{{
              say.text.split.visit
                .replace('{visit}', String(index + 1))
                .replace('{minutes}', say.minutes(one.minutes))
                .replace('{pulling}', say.pulling(one.tension))
            }}</b>: {{ work(one.sections) }}
          </li>
        </ol>
        <button type="button" class="btn btn-main btn-small mt-1" :disabled="disabled" @click="$emit('divide')">
          {{ say.text.split.take }}
        </button>
      </li>
      <li v-else-if="shortfall.visits > 1">
        <b>{{ shortfall.visits }} visits</b>, with no bath in between: wetting a mat tightens it.
      </li>
      <li>
        <button type="button" class="btn btn-small mr-2" :disabled="disabled" @click="$emit('clipDown')">
          {{ clips ? say.text.clipDown : say.text.easiestAllTheSame }}
        </button>
        {{ say.minutes(shortfall.clipDown.minutes) }}, pulls {{ say.pulling(shortfall.clipDown.tension) }} min, keeps
        {{ say.percent(shortfall.clipDown.keep) }}.
      </li>
      <li><b>A vet’s advice.</b> Only a vet sedates.</li>
    </ul>
  </section>
</template>
