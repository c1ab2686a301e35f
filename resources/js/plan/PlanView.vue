<script setup lang="ts">
import { sayPlan } from '@/messages/sayPlan';
import { t } from '@/messages/words';
import { computed, nextTick, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { SectionId } from '@/api/types';
import CoatView from '@/chart/CoatView.vue';
import { allSections } from '@/chart/geometry';
import FreshnessNote from '@/ui/FreshnessNote.vue';
import LoadState from '@/ui/LoadState.vue';
import { inspectionChart } from '@/chart/inspectionChart';
import { planChart } from '@/chart/planChart';
import BathedTonightDialog from './BathedTonightDialog.vue';
import AnswerBar from './AnswerBar.vue';
import ChartKey from '@/chart/ChartKey.vue';
import ChartPane from '@/chart/ChartPane.vue';
import FeetAhead from './FeetAhead.vue';
import FrontierPicture from './FrontierPicture.vue';
import PlanDepartures from './PlanDepartures.vue';
import PlanReasons from './PlanReasons.vue';
import PlanSection from './PlanSection.vue';
import PlanShortfall from './PlanShortfall.vue';
import SeveralOffer from './SeveralOffer.vue';
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
import { later } from '@/ui/later';

const NoteDialog = later(() => import('@/ui/dialogs'), 'NoteDialog');
const id = String(useRoute().params.visit);
const small = useSmallScreen();
const router = useRouter();
const { decides } = useSession();
const { visit, sections, loaded } = useVisit(id);
const { plan, selected, current, undecided, loaded: planLoaded, choose, step, undoing, ...along } = usePlan(id, visit);
const { preview, place, choosePlan, stepPlan, free, wantEven, tryBlade, giveTime, clipDown, divide, planFeet, takeService } = along;
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
  if (plan.value.toAsk.length) {
    return t('plan.state.askFirst', { dog: visit.value?.dog.name ?? '' });
  }
  if (plan.value.toCheck.length) {
    return t('plan.state.combFirst', { count: plan.value.toCheck.length });
  }
  if (plan.value.stuck.length) {
    return t('plan.state.stuck', { sections: say.sections(plan.value.stuck) });
  }
  if (undecided.value.length) {
    return t('plan.state.toDecide', { count: undecided.value.length });
  }
  return plan.value.agreed
    ? plan.value.begun
      ? t('plan.state.agreedLeft', { count: 30 - plan.value.done.length })
      : t('plan.state.agreed')
    : plan.value.shown?.current && plan.value.shown.answer?.answer === 'no'
      ? t('plan.state.no')
      : overreaches.value
        ? t('plan.overreach.title')
        : t('plan.decided');
});
const usual = computed(() => {
  const forecast = plan.value?.forecast;
  if (!forecast) {
    return '';
  }
  const plain =
    Math.round(forecast.plain) === Math.round(forecast.likely) ? '' : ` ${t('plan.state.plain', { minutes: Math.round(forecast.plain) })}`;
  return t('plan.state.forecast', { likely: say.minutes(forecast.likely), range: say.range(forecast), plain });
});
const tonight = ref(false);
const matted = computed(() => Object.values(sections.value ?? {}).some((section) => (section.inForce ?? 0) >= 2));
const decidable = (): boolean => decides.value && !closed.value;
/** A dog that nobody asked about offers no plan to press. */
const offersPlans = (): boolean => decidable() && frontier.value !== null && plan.value!.toAsk.length === 0;

const keys = planKeys({
  ...{ frontier, decidable, offersPlans, undo: undoing.undo, step, choosePlan, stepPlan },
  record: () => void router.push({ name: 'record', params: { visit: id } }),
});
</script>

<template>
  <VisitShell :visit="visit" :loaded="loaded" :task="t('visit.steps.plan')">
    <template #chart>
      <ChartPane v-if="chart">
        <template #heading>
          <p class="text-lead font-bold wide:text-title">{{ plan?.begun ? t('plan.fromHere') : t('plan.thePlan') }}</p>
          <p class="hidden text-list wide:block">{{ t('plan.tapASection') }}</p>
        </template>
        <template #tools
          ><ToggleButton v-model="near" class="wide:hidden">{{ t('device.closer') }}</ToggleButton></template
        >
        <CoatView
          live
          :label="t('plan.chart')"
          :sections="chart"
          :route="visit!.route"
          :selected="selected"
          :lengths="lengths"
          :plain="small && !near"
          :near="near"
          @select="touch"
        />
        <template #key>
          <ChartKey v-if="undecided.length" kind="open">{{ t('plan.key.toDecide') }}</ChartKey>
          <ChartKey kind="clip">{{ t('plan.key.clipped', { unit: say.unit('length') }) }}</ChartKey>
          <ChartKey kind="thin">{{ t('plan.key.thinned') }}</ChartKey>
          <ChartKey kind="demat">{{ t('plan.key.opened') }}</ChartKey>
          <p class="text-ink-2">{{ t('plan.key.pale') }}</p>
          <ChartKey v-if="Object.values(plan!.sections).some((section) => section.choice === 'leave')" kind="leave">{{
            t('coat.leftAlone')
          }}</ChartKey>
        </template>
      </ChartPane>
      <!-- What was found is there before what is to be done is worked out, and when that cannot be had. -->
      <ChartPane v-else-if="asFound">
        <template #heading
          ><p class="text-lead font-bold wide:text-title">{{ t('device.asFound') }}</p></template
        >
        <CoatView :label="t('device.asFound')" :sections="asFound" :route="visit!.route" :coat-mm="visit!.dog.coatMm" :plain="small" />
      </ChartPane>
    </template>

    <div v-if="plan" class="flex min-h-0 flex-1 flex-col overflow-y-auto px-4 py-3 max-tall:pt-0 tall:px-8">
      <h1 class="text-ask" :class="[plan.totals.complete && !overreaches ? '' : 'text-call', opened ? 'sr-only' : '']">{{ heading }}</h1>
      <FreshnessNote class="-mx-4 tall:-mx-8" :loaded="planLoaded" />
      <p v-if="plan.toAsk.length" class="text-list">
        {{ t('plan.askFirst') }}
        <RouterLink class="font-bold underline" :to="{ name: 'arrival', params: { visit: id } }">{{ t('plan.toArrival') }}</RouterLink>
      </p>
      <p v-if="plan.toCheck.length" class="text-list">
        {{ say.sections(plan.toCheck) }}.
        <RouterLink class="font-bold underline" :to="{ name: 'inspection', params: { visit: id } }">{{
          t('plan.backToInspection')
        }}</RouterLink>
      </p>
      <FeetAhead
        v-if="plan.totals.complete && plan.toAsk.length === 0 && !closed && !opened"
        class="my-1.5 shrink-0"
        :feet="plan.standing.inOneVisit"
        :service="visit!.service"
        :disabled="!decidable()"
        @plan="planFeet"
        @smaller="takeService"
        @free="undoing.takeBack($event)"
      />
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
          <template v-if="place !== null">{{ usual }}</template>
          {{
            t('plan.after', {
              bath: say.minutes(plan.bathMinutes),
              drying: say.minutes(plan.dryMinutes),
              way: plan.airDryAllowed ? t('coat.airDry') : t('coat.dryer'),
              rules: t('device.rulesOfThumb'),
            })
          }}
          <template v-if="visit!.dog.coat === 'double'">{{ t('plan.doubleRegrows') }}</template>
        </p>
        <details v-if="frontier.several && !opened" class="mt-1">
          <summary class="act font-bold">
            {{ t('split.offer', { count: frontier.several.visits.length, keep: say.percent(frontier.several.keep) }) }}
          </summary>
          <SeveralOffer :several="frontier.several" :disabled="!decidable()" @divide="divide" />
        </details>
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
        <h2 class="text-lead">{{ t('split.title', { visit: plan.split.visit, of: plan.split.of }) }}</h2>
        <p v-for="line in sayPlan.split(plan.split)" :key="line" class="text-list">{{ line }}</p>
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
      <p v-if="plan.totals.complete && !plan.begun" class="mt-3 flex flex-wrap gap-x-4">
        <button v-if="matted" type="button" class="act -ml-3 underline" @click="tonight = true">{{ t('plan.tonight.open') }}</button>
        <RouterLink class="act underline" :class="matted ? '' : '-ml-3'" :to="{ name: 'keepable', params: { visit: id } }">{{
          t('plan.keepable')
        }}</RouterLink>
      </p>
      <PlanDepartures v-if="plan.departures.length" class="mt-3" :departures="plan.departures" />
    </div>
    <LoadState v-else class="flex-1" :loaded="planLoaded" :fetching="t('device.fetching.plan')" />
    <AnswerBar v-if="plan && visit" :visit="visit" :plan="plan" :place="place" :decides="decides" />
    <UndoNote :undoing="undoing" />
    <TaskFoot :keys="keys" />
    <BathedTonightDialog v-if="tonight && visit" :visit="id" :dog="visit.dog.name" @close="tonight = false" />
    <NoteDialog
      v-if="departing && selected"
      :title="t('plan.depart.title', { section: say.section(selected) })"
      :label="t('plan.depart.why')"
      :hint="t('plan.depart.hint', { done: say.done(current?.choice ?? '') })"
      :action="t('plan.depart.do')"
      :needed="t('ui.sayWhy')"
      @save="depart"
      @close="departing = null"
    />
  </VisitShell>
</template>
