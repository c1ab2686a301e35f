<script setup lang="ts">
import { computed } from 'vue';
import type { Plan } from '@/api/types';
import { say } from '@/messages/say';
import ToleranceHairs from './ToleranceHairs.vue';

const props = defineProps<{ plan: Plan }>();
const factors = computed(() => {
  const tolerance = props.plan.tolerance;
  const words = [
    say.text.ageGroups[tolerance.ageGroup],
    ...Object.keys(tolerance.healthFactors).map((fact) => say.text.health[fact as keyof typeof say.text.health].toLowerCase()),
  ];
  return words.join(', ');
});
const stands = computed(() => {
  const { minutes, restMinutes, rests, workingMinutes, inOneVisit } = props.plan.standing;
  const words = say.text.standing;
  const figures = {
    ...{ minutes: Math.round(minutes), rest: Math.round(restMinutes), work: Math.round(workingMinutes), slot: props.plan.slotMinutes },
    ...{ rests: words.rests[Math.min(rests, 2)].replace('{count}', String(rests)), most: Math.round(inOneVisit ?? 0) },
  };
  return [rests > 0 ? words.long : words.none, ...(inOneVisit === null ? [] : [words.split])]
    .join(' ')
    .replace(/\{(\w+)\}/g, (_, name: keyof typeof figures) => String(figures[name]));
});
const partial = computed(() => !props.plan.totals.complete);
</script>

<template>
  <section aria-label="What the choices add up to">
    <dl class="grid grid-cols-3 gap-x-4">
      <div>
        <dt class="text-note text-ink-2">at the table</dt>
        <dd class="text-say font-bold" :class="plan.totals.fitsSlot ? '' : 'text-call'">{{ say.minutes(plan.totals.minutes) }}</dd>
        <dd class="text-note text-ink-2">
          {{ plan.totals.fitsSlot ? 'of' : 'over the' }} {{ Math.round(plan.standing.workingMinutes) }} of work<template v-if="partial"
            >, so far</template
          >
        </dd>
      </div>
      <div>
        <dt class="text-note text-ink-2">pulling</dt>
        <dd class="text-say font-bold" :class="plan.totals.fitsTolerance ? '' : 'text-call'">{{ say.pulling(plan.totals.tension) }} min</dd>
        <dd class="text-note text-ink-2">
          {{ plan.totals.fitsTolerance ? 'of' : 'over the' }} {{ say.pulling(plan.tolerance.minutes) }} to bear
        </dd>
      </div>
      <div>
        <dt class="text-note text-ink-2">coat kept</dt>
        <dd class="text-say font-bold">{{ plan.totals.coatKept === null ? '–' : say.percent(plan.totals.coatKept) }}</dd>
        <dd class="text-note text-ink-2">{{ plan.totals.coatKept === null ? 'once all is decided' : 'of what shows' }}</dd>
      </div>
    </dl>
    <ToleranceHairs class="mt-2" :used="plan.totals.tension" :tolerance="plan.tolerance.minutes" />
    <p class="mt-1 text-note text-ink-2 max-tall:hidden">
      {{ stands }} A hair is a minute of pulling; {{ say.pulling(plan.tolerance.minutes) }} for this dog ({{ factors }}). Then bath
      {{ say.minutes(plan.bathMinutes) }}, drying {{ say.minutes(plan.dryMinutes) }}
      {{ plan.airDryAllowed ? say.text.airDry : say.text.dryer }}. Rules of thumb of the house, not clinical limits.
    </p>
  </section>
</template>
