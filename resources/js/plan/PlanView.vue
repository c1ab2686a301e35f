<script setup lang="ts">
import { computed, nextTick, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { SectionId } from '@/api/types';
import CoatView from '@/chart/CoatView.vue';
import { allSections } from '@/chart/geometry';
import FreshnessNote from '@/ui/FreshnessNote.vue';
import LoadState from '@/ui/LoadState.vue';
import { inspectionChart } from '@/chart/inspectionChart';
import { planChart } from '@/chart/planChart';
import AnswerBar from './AnswerBar.vue';
import ChartKey from '@/chart/ChartKey.vue';
import ChartPane from '@/chart/ChartPane.vue';
import FrontierPicture from './FrontierPicture.vue';
import NoteDialog from '@/ui/NoteDialog.vue';
import PlanDepartures from './PlanDepartures.vue';
import PlanReasons from './PlanReasons.vue';
import PlanSection from './PlanSection.vue';
import PlanShortfall from './PlanShortfall.vue';
import PlanTable from './PlanTable.vue';
import PlanTotalsStrip from './PlanTotalsStrip.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import ToggleButton from '@/ui/ToggleButton.vue';
import UndoNote from '@/ui/UndoNote.vue';
import VisitShell from '@/visit/VisitShell.vue';
import { overreachOf } from './frontier';
import { planKeys } from './planKeys';
import { usePlan } from './usePlan';
import { useSession } from '@/device/useSession';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { useVisit } from '@/visit/useVisit';
import { say } from '@/messages/say';

const id = String(useRoute().params.visit);
const small = useSmallScreen();
const router = useRouter();
const { decides } = useSession();
const { visit, sections, loaded } = useVisit(id);
const { plan, selected, current, undecided, loaded: planLoaded, choose, step, undoing, ...along } = usePlan(id, visit);
const { preview, place, choosePlan, stepPlan, free, wantEven, tryBlade, giveTime, clipDown, divide } = along;
/** A section was touched: what can be done there comes into sight, and the plans fold to a line each. */
const opened = ref(false);
const near = ref(false);
const sectionPanel = ref<InstanceType<typeof PlanSection>>();
async function touch(section: SectionId): Promise<void> {
  opened.value = !opened.value || selected.value !== section;
  selected.value = section;
  await nextTick();
  if (opened.value && small.value) {
    (sectionPanel.value?.$el as HTMLElement | undefined)?.scrollIntoView({ block: 'start' });
  }
}
/** A treatment that departs from the agreed plan waits for its reason. */
const departing = ref<string | null>(null);

const chart = computed(() => (sections.value && plan.value ? planChart(sections.value, plan.value) : null));
const asFound = computed(() => (sections.value && !plan.value ? inspectionChart(sections.value, visit.value!.findings) : null));
const closed = computed(() => visit.value?.closedAt != null);
const reading = computed(() => (selected.value ? (sections.value?.[selected.value] ?? null) : null));
const frontier = computed(() => plan.value?.frontier ?? null);
const shown = computed(() => preview.value ?? place.value);
/** The outline of each place now and after the groom: "short" is a picture, not a number. */
const lengths = computed(
  () =>
    Object.fromEntries(
      allSections.map((section) => {
        const before = sections.value![section].lengthMm;
        const choice = plan.value?.sections[section]?.choice;
        return [section, { before, after: choice?.startsWith('clip:') ? Number(choice.slice(5)) : before }];
      }),
    ) as Record<SectionId, { before: number; after: number }>,
);

function take(treatment: string): void {
  if (plan.value?.agreed && plan.value.aim && treatment !== current.value?.choice) {
    departing.value = treatment;
  } else {
    choose(treatment);
  }
}

function depart(reason: string): void {
  choose(departing.value!, reason);
  departing.value = null;
}

/** What is decided asks more than fits today. */
const overreaches = computed(() => plan.value !== null && overreachOf(plan.value));
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
    ? plan.value.begun
      ? `Agreed. ${30 - plan.value.done.length} sections left`
      : 'Agreed'
    : plan.value.shown?.current && plan.value.shown.answer?.answer === 'no'
      ? 'No: change something, then ask again'
      : overreaches.value
        ? say.text.overreach.title
        : say.text.decided;
});
const usual = computed(() => {
  const forecast = plan.value?.forecast;
  if (!forecast) {
    return '';
  }
  const plain =
    Math.round(forecast.plain) === Math.round(forecast.likely) ? '' : ` (${Math.round(forecast.plain)} by the house’s rules alone)`;
  return `At the table about ${say.minutes(forecast.likely)}, usually ${say.range(forecast)}${plain}.`;
});
const decidable = (): boolean => decides.value && !closed.value;

const keys = planKeys({
  ...{ frontier, decidable, undo: undoing.undo, step, choosePlan, stepPlan },
  record: () => void router.push({ name: 'record', params: { visit: id } }),
});
</script>

<template>
  <VisitShell :visit="visit" :loaded="loaded" task="Plan">
    <template #chart>
      <ChartPane v-if="chart">
        <template #heading>
          <p class="text-lead font-bold wide:text-title">{{ plan?.begun ? 'From here' : 'The plan' }}</p>
          <p class="hidden text-list wide:block">Tap a section to change what is done there.</p>
        </template>
        <template #tools
          ><ToggleButton v-model="near" class="wide:hidden">{{ say.text.closer }}</ToggleButton></template
        >
        <CoatView
          live
          label="Coat chart with the plan"
          :sections="chart"
          :route="visit!.route"
          :selected="selected"
          :lengths="lengths"
          :plain="small && !near"
          :near="near"
          @select="touch"
        />
        <template #key>
          <ChartKey v-if="undecided.length" kind="open">to decide</ChartKey>
          <ChartKey kind="clip">clipped, mm left</ChartKey>
          <ChartKey kind="thin">thinned, then brushed</ChartKey>
          <ChartKey kind="demat">opened by hand, kept</ChartKey>
          <p class="text-ink-2">Pale outline: the coat now.</p>
          <ChartKey v-if="Object.values(plan!.sections).some((section) => section.choice === 'leave')" kind="leave">left alone</ChartKey>
        </template>
      </ChartPane>
      <!-- What was found is there before what is to be done is worked out, and when that cannot be had. -->
      <ChartPane v-else-if="asFound">
        <template #heading
          ><p class="text-lead font-bold wide:text-title">{{ say.text.asFound }}</p></template
        >
        <CoatView :label="say.text.asFound" :sections="asFound" :route="visit!.route" :coat-mm="visit!.dog.coatMm" :plain="small" />
      </ChartPane>
    </template>

    <div v-if="plan" class="flex min-h-0 flex-1 flex-col overflow-y-auto px-4 py-3 max-tall:pt-0 tall:px-8">
      <h1 class="text-ask" :class="[plan.totals.complete && !overreaches ? '' : 'text-call', opened ? 'sr-only' : '']">{{ heading }}</h1>
      <FreshnessNote class="-mx-4 tall:-mx-8" :loaded="planLoaded" />
      <p v-if="plan.toCheck.length" class="text-list">
        {{ say.sections(plan.toCheck) }}.
        <RouterLink class="font-bold underline" :to="{ name: 'inspection', params: { visit: id } }">Back to the inspection</RouterLink>
      </p>
      <template v-if="frontier && frontier.plans.length">
        <FrontierPicture
          class="mt-1"
          :frontier="frontier"
          :place="place"
          :tolerance="plan.tolerance.minutes"
          :disabled="!decidable()"
          :low="opened"
          @hold="preview = $event"
          @let-go="preview = null"
          @settle="choosePlan"
        />
        <PlanTable
          class="mt-1"
          :plan="plan"
          :frontier="frontier"
          :coat="visit!.dog.coat"
          :shown="shown"
          :disabled="!decidable()"
          :low="opened"
          @choose="choosePlan"
        />
        <p v-if="!opened" class="mt-1 text-note text-ink-2">
          <template v-if="place !== null">{{ usual }}</template> Bath {{ say.minutes(plan.bathMinutes) }}, drying
          {{ say.minutes(plan.dryMinutes) }} {{ plan.airDryAllowed ? say.text.airDry : say.text.dryer }}. {{ say.text.rulesOfThumb }}
          <template v-if="visit!.dog.coat === 'double'">{{ say.text.doubleRegrows }}</template>
        </p>
      </template>
      <PlanShortfall
        v-else-if="frontier?.shortfall && !plan.split"
        class="mt-2"
        :plan="plan"
        :shortfall="frontier.shortfall"
        :disabled="!decidable()"
        @time="giveTime"
        @clip-down="clipDown"
        @divide="divide"
      />
      <section v-if="plan.split" class="mt-2 rounded-md edge border-ink bg-rail px-4 py-3" role="status">
        <h2 class="text-lead">{{ say.visitOf(say.text.split.title, plan.split) }}</h2>
        <p v-for="line in say.split(plan.split)" :key="line" class="text-list">{{ line }}</p>
      </section>
      <PlanTotalsStrip
        v-if="place === null && !opened"
        class="mt-2 max-tall:order-last max-tall:mt-4 max-tall:border-t max-tall:border-line max-tall:pt-3"
        :plan="plan"
      />
      <PlanSection
        v-if="selected"
        ref="sectionPanel"
        :visit="id"
        :plan="plan"
        :section="selected"
        :reading="reading"
        :opened="opened"
        :decides="decides"
        :closed="closed"
        @take="take"
        @free="free(selected)"
        @even="wantEven"
        @tried="(mm, result) => tryBlade(selected!, mm, result)"
        @fold="opened = false"
      />
      <PlanReasons v-if="plan.totals.complete" class="mt-3" :plan="plan" :route="visit!.route" />
      <PlanDepartures v-if="plan.departures.length" class="mt-3" :departures="plan.departures" />
    </div>
    <LoadState v-else class="flex-1" :loaded="planLoaded" :fetching="say.text.fetching.plan" />
    <AnswerBar v-if="plan && visit" :visit="visit" :plan="plan" :place="place" :decides="decides" />
    <UndoNote :undoing="undoing" />
    <TaskFoot :keys="keys" />
    <NoteDialog
      v-if="departing && selected"
      :title="`${say.section(selected)}: otherwise than agreed`"
      label="Why is it done otherwise?"
      :hint="`The client agreed to: ${say.done(current?.choice ?? '')}. Plan, change and reason stay in the record, and the client is asked again.`"
      action="Do it otherwise"
      needed="Say why, in a few words."
      @save="depart"
      @close="departing = null"
    />
  </VisitShell>
</template>
