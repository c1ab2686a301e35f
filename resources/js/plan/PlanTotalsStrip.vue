<script setup lang="ts">
import { t, type Words } from '@/messages/words';
import { computed } from 'vue';
import type { Plan } from '@/api/types';
import { say } from '@/messages/say';
import ToleranceHairs from './ToleranceHairs.vue';

const props = defineProps<{ plan: Plan }>();
const factors = computed(() => {
  const tolerance = props.plan.tolerance;
  const words = [
    t(`card.ageGroups.${tolerance.ageGroup}`),
    ...Object.keys(tolerance.healthFactors).map((fact) => say.within(t(`card.health.${fact as keyof Words['card']['health']}`))),
  ];
  return words.join(', ');
});
const stands = computed(() => {
  const { minutes, restMinutes, rests, workingMinutes, inOneVisit } = props.plan.standing;

  const figures = {
    ...{ minutes: Math.round(minutes), rest: Math.round(restMinutes), work: Math.round(workingMinutes), slot: props.plan.slotMinutes },
    ...{
      rests: t('plan.standing.rests', { rests }),
      most: Math.round(inOneVisit.mostMinutes),
      feet: Math.round(inOneVisit.onItsFeetMinutes),
    },
  };
  return [t(rests > 0 ? 'plan.standing.long' : 'plan.standing.none', figures), t('plan.standing.altogether', figures)].join(' ');
});
const partial = computed(() => !props.plan.totals.complete);
</script>

<template>
  <section :aria-label="t('plan.totals.label')">
    <dl class="grid grid-cols-3 gap-x-4">
      <div>
        <dt class="text-note text-ink-2">{{ t('plan.totals.atTheTable') }}</dt>
        <dd class="text-say font-bold" :class="plan.totals.fitsSlot ? '' : 'text-call'">{{ say.minutes(plan.totals.minutes) }}</dd>
        <dd class="text-note text-ink-2">
          {{ t(plan.totals.fitsSlot ? 'plan.totals.ofWork' : 'plan.totals.overWork', { minutes: Math.round(plan.standing.workingMinutes) })
          }}<template v-if="partial">{{ t('plan.totals.soFar') }}</template>
        </dd>
      </div>
      <div>
        <dt class="text-note text-ink-2">{{ t('plan.table.pulling') }}</dt>
        <dd class="text-say font-bold" :class="plan.totals.fitsTolerance ? '' : 'text-call'">
          {{ t('plan.totals.min', { minutes: say.pulling(plan.totals.tension) }) }}
        </dd>
        <dd class="text-note text-ink-2">
          {{
            t(plan.totals.fitsTolerance ? 'plan.totals.toBear' : 'plan.totals.overToBear', { minutes: say.pulling(plan.tolerance.minutes) })
          }}
        </dd>
      </div>
      <div>
        <dt class="text-note text-ink-2">{{ t('plan.totals.coatKept') }}</dt>
        <dd class="text-say font-bold">{{ plan.totals.coatKept === null ? '–' : say.percent(plan.totals.coatKept) }}</dd>
        <dd class="text-note text-ink-2">
          {{ plan.totals.coatKept === null ? t('plan.totals.onceDecided') : t('plan.totals.ofWhatShows') }}
        </dd>
      </div>
    </dl>
    <ToleranceHairs class="mt-2" :used="plan.totals.tension" :tolerance="plan.tolerance.minutes" />
    <p class="mt-1 text-note text-ink-2 max-tall:hidden">
      {{
        t('plan.totals.note', {
          stands,
          tolerance: say.pulling(plan.tolerance.minutes),
          factors,
          bath: say.minutes(plan.bathMinutes),
          drying: say.minutes(plan.dryMinutes),
          way: plan.airDryAllowed ? t('coat.airDry') : t('coat.dryer'),
        })
      }}
    </p>
  </section>
</template>
