<script setup lang="ts">
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import CoatChart from '@/coat-chart/CoatChart.vue';
import HairSwatch from '@/coat-chart/HairSwatch.vue';
import { planChart } from '@/coat-chart/planChart';
import AnswerBar from '@/components/AnswerBar.vue';
import ChartKey from '@/components/ChartKey.vue';
import ChartPane from '@/components/ChartPane.vue';
import PlanTotalsStrip from '@/components/PlanTotalsStrip.vue';
import TaskFoot from '@/components/TaskFoot.vue';
import TreatmentChoices from '@/components/TreatmentChoices.vue';
import VisitShell from '@/components/VisitShell.vue';
import type { Key } from '@/composables/useKeys';
import { usePlan } from '@/composables/usePlan';
import { useSession } from '@/composables/useSession';
import { useSmallScreen } from '@/composables/useSmallScreen';
import { useVisit } from '@/composables/useVisit';
import { say } from '@/messages/say';

const id = String(useRoute().params.visit);
const small = useSmallScreen();
const router = useRouter();
const { decides } = useSession();
const { visit, sections, trouble, refresh } = useVisit(id);
const { plan, selected, current, undecided, trouble: planTrouble, choose, step, undo } = usePlan(id, visit);

const chart = computed(() => (sections.value && plan.value ? planChart(sections.value, plan.value) : null));
const closed = computed(() => visit.value?.closedAt != null);
const reading = computed(() => (selected.value ? (sections.value?.[selected.value] ?? null) : null));
const found = computed(() => {
  const check = reading.value?.check;
  return [
    check?.mattedShare != null ? say.share(check.mattedShare) : '',
    check?.liftMm != null ? `${check.liftMm} mm from the skin` : '',
    current.value ? `coat ${current.value.lengthMm} mm` : '',
  ]
    .filter((word) => word)
    .join(' · ');
});
const heading = computed(() => {
  if (!plan.value) {
    return '';
  }
  if (plan.value.toCheck.length) {
    return plan.value.toCheck.length === 1
      ? 'One section wants the comb first'
      : `${plan.value.toCheck.length} sections want the comb first`;
  }
  if (plan.value.stuck.length) {
    return `Nothing is offered for ${say.sections(plan.value.stuck)}`;
  }
  if (undecided.value.length) {
    return undecided.value.length === 1 ? 'One section to decide' : `${undecided.value.length} sections to decide`;
  }
  return plan.value.agreed
    ? 'Agreed'
    : plan.value.shown?.current && plan.value.shown.answer?.answer === 'no'
      ? 'No: change something, then ask again'
      : 'Everything is decided';
});
const decidable = (): boolean => decides.value && !closed.value;
const keys: Key[] = [
  { keys: ['u'], says: 'Undo', run: undo, when: decidable },
  { keys: ['ArrowLeft'], shown: '←', says: 'Section before', run: () => step(-1), foot: false },
  { keys: ['ArrowRight'], shown: '→', says: 'Section after', run: () => step(1), foot: { shown: '← →', says: 'Section' } },
  { keys: ['r'], says: 'The record', run: () => void router.push({ name: 'record', params: { visit: id } }) },
];
</script>

<template>
  <VisitShell :visit="visit" :trouble="trouble" task="Plan" @retry="refresh">
    <template #chart>
      <ChartPane v-if="chart">
        <template #heading>
          <p class="text-lead font-bold wide:text-title">The plan</p>
          <p class="hidden text-list wide:block">Tap a section to change what is done there.</p>
        </template>
        <CoatChart
          live
          label="Coat chart with the plan"
          :sections="chart"
          :route="visit!.route"
          :selected="selected"
          :coat-mm="visit!.dog.coatMm"
          :plain="small"
          @select="selected = $event"
        />
        <template #key>
          <ChartKey v-if="undecided.length" kind="open">to decide</ChartKey>
          <ChartKey kind="clip">clipped, mm left</ChartKey>
          <ChartKey kind="thin">thinned, then brushed</ChartKey>
          <ChartKey kind="demat">opened by hand, kept</ChartKey>
          <ChartKey v-if="Object.values(plan!.sections).some((section) => section.choice === 'leave')" kind="leave">left alone</ChartKey>
        </template>
      </ChartPane>
    </template>

    <div v-if="plan" class="flex min-h-0 flex-1 flex-col overflow-y-auto px-4 py-3 max-tall:pt-0 tall:px-8">
      <h1 class="text-ask" :class="plan.totals.complete ? '' : 'text-call'">{{ heading }}</h1>
      <p v-if="planTrouble" class="font-semibold" role="status">{{ planTrouble }}</p>
      <p v-if="plan.toCheck.length" class="text-list">
        {{ say.sections(plan.toCheck) }}.
        <RouterLink class="font-bold underline" :to="{ name: 'inspection', params: { visit: id } }">Back to the inspection</RouterLink>
      </p>
      <PlanTotalsStrip class="mt-2 max-tall:order-last max-tall:mt-4 max-tall:border-t max-tall:border-line max-tall:pt-3" :plan="plan" />
      <section v-if="selected" class="mt-3 border-t border-line pt-3" :aria-label="say.section(selected)">
        <div class="mb-2 flex flex-wrap items-center gap-x-3 gap-y-1">
          <h2 class="text-answer">{{ say.section(selected) }}</h2>
          <p v-if="current && current.grade !== null" class="flex items-center gap-2">
            <HairSwatch :grade="current.grade" :width="32" :height="22" /><b>{{ say.grade(current.grade) }}</b>
          </p>
          <p class="text-list text-ink-2">{{ found }}</p>
        </div>
        <TreatmentChoices v-if="current" :key="selected" :section="current" :decides="decides" :closed="closed" @choose="choose" />
        <p v-else>Not checked yet: nothing is offered before the comb.</p>
      </section>
    </div>
    <div v-else class="grid flex-1 place-content-center p-6">
      <p class="text-lead text-ink-2" aria-busy="true">{{ planTrouble || 'Working the plan out …' }}</p>
    </div>
    <AnswerBar v-if="plan && visit" :visit="visit" :plan="plan" :decides="decides" />
    <TaskFoot :keys="keys" />
  </VisitShell>
</template>
