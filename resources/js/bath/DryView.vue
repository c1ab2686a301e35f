<script setup lang="ts">
import { t } from '@/messages/words';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { CombCheck, MarkKind, SectionId } from '@/api/types';
import CoatView from '@/chart/CoatView.vue';
import { dryChart } from '@/chart/tableChart';
import BathSteps from './BathSteps.vue';
import ChartKey from '@/chart/ChartKey.vue';
import ChartPane from '@/chart/ChartPane.vue';
import DryAreas from './DryAreas.vue';
import type { NewFinding } from '@/visit/FindingDialog.vue';
import FindingList from '@/visit/FindingList.vue';
import GatePanel from '@/table/GatePanel.vue';
import SecondCheck from './SecondCheck.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import ToggleButton from '@/ui/ToggleButton.vue';
import UndoNote from '@/ui/UndoNote.vue';
import VisitShell from '@/visit/VisitShell.vue';
import { useAfterTable } from './useAfterTable';
import type { Key } from '@/device/useKeys';
import { useBounce } from '@/device/bounce';
import { usePhotos } from '@/device/usePhotos';
import { useSession } from '@/device/useSession';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { useVisit } from '@/visit/useVisit';
import { say } from '@/messages/say';
import { later } from '@/ui/later';

const FindingDialog = later(() => import('@/visit/dialogs'), 'FindingDialog');
const OF_BATH_AND_DRYER: MarkKind[] = [
  'posture_taken',
  'rest_began',
  'finding_noted',
  'held_place_settled',
  'bath_stepped',
  'dry_started',
  'dried',
  'second_combed',
  'waived',
  'bath_cleared',
];
const id = String(useRoute().params.visit);
const router = useRouter();
const small = useSmallScreen();
const { decides } = useSession();
const { visit, sections, loaded } = useVisit(id);
const { drawn, problem, closed, record, decide, undoing } = useAfterTable(id, visit, OF_BATH_AND_DRYER);
const selected = ref<SectionId | null>(null);
const near = ref(false);
const bounce = useBounce();
/** Parted hair in the bath and under the dryer shows what sits on the skin. */
const noting = ref(false);
const photos = usePhotos();

const bath = computed(() => drawn.value?.bath ?? null);
const bathed = computed(() => bath.value?.steps.rinsed_out !== undefined || bath.value?.steps.sponged !== undefined);
const dry = computed(() => bath.value !== null && bath.value.areas.every((area) => area.dry));
/** What was found on the skin, once before the water and while it is dried. */
const toMind = computed(() => (visit.value?.findings ?? []).filter((finding) => !finding.closed));
/** One thing at a time: gate, bath, dryer, comb, done. */
const part = computed(() =>
  bathed.value ? (dry.value ? (bath.value!.toCombAgain.length ? 'second' : 'done') : 'dry') : drawn.value?.gate.cleared ? 'bath' : 'gate',
);
const held = (section: SectionId): boolean => visit.value?.table.sections[section].held === true;
const chart = computed(() => (bath.value && visit.value ? dryChart(bath.value, held) : null));
const heading = computed(() => {
  const passed = 30 - (bath.value?.toCombAgain.length ?? 0);
  const areas = bath.value?.areas.filter((area) => area.dry).length ?? 0;
  return part.value === 'second' || part.value === 'done'
    ? t('ui.passedOf', { passed })
    : bathed.value
      ? t('bath.areasDry', { areas })
      : part.value === 'bath'
        ? t('bath.inTheBath')
        : t('bath.beforeTheBath');
});

function touch(section: SectionId): void {
  if (part.value === 'dry') {
    const area = bath.value!.areas.find((one) => one.sections.includes(section))!;
    if (bath.value!.drying && !area.dry && bounce.takes(area.area)) {
      record('dried', { area: area.area });
    }
  } else {
    selected.value = section;
  }
}

async function noteFinding({ picture, ...finding }: NewFinding, section: SectionId): Promise<void> {
  noting.value = false;
  const findingId = record('finding_noted', finding, section);
  if (picture && findingId) {
    await photos.take(id, picture, { section, findingId, moment: 'before' });
  }
}

function combed(section: SectionId, check: CombCheck): void {
  record('second_combed', { ...check }, section);
}

const keys: Key[] = [
  { keys: ['u'], says: t('ui.undo'), run: undoing.undo, when: () => !closed.value },
  { keys: ['s'], says: t('ui.skinFinding'), run: () => (noting.value = true), when: () => !closed.value },
  { keys: ['t'], says: t('visit.goOn.table'), run: () => void router.push({ name: 'table', params: { visit: id } }) },
  { keys: ['e'], says: t('visit.goingHome'), run: () => void router.push({ name: 'home', params: { visit: id } }) },
];
</script>

<template>
  <VisitShell :visit="visit" :loaded="loaded" :task="t('bath.title')" @marked="undoing.made({ id: $event })">
    <template #chart>
      <ChartPane v-if="chart && visit">
        <template #heading>
          <p class="text-lead font-bold wide:text-say">{{ heading }}</p>
          <p class="hidden text-list text-ink-2 wide:block">{{ part === 'dry' ? t('bath.touchADryPlace') : '' }}</p>
        </template>
        <CoatView
          live
          :label="t('ui.coatChart', { heading })"
          :sections="chart"
          :route="visit.route"
          :selected="part === 'second' ? selected : null"
          :coat-mm="visit.dog.coatMm"
          :plain="small && !near"
          :near="near && part === 'second'"
          @select="touch"
        />
        <template v-if="part === 'second'" #tools
          ><ToggleButton v-model="near" class="wide:hidden">{{ t('device.closer') }}</ToggleButton></template
        >
        <template #key>
          <ChartKey kind="dry">{{ t('coat.said.dry') }}</ChartKey>
          <ChartKey kind="done">{{ t('coat.said.passedSecond') }}</ChartKey>
        </template>
      </ChartPane>
    </template>
    <div v-if="visit && bath && sections" class="min-h-0 flex-1 overflow-y-auto px-4 pb-4 tall:px-8 tall:pt-4">
      <p v-if="closed" class="mb-3 font-bold">{{ t('visit.ended') }}</p>
      <p v-if="problem" class="mb-3 font-semibold" role="alert">{{ problem }}</p>
      <section v-if="toMind.length && part !== 'second'" class="mb-4 border-b border-line pb-3" :aria-label="t('skin.toMind')">
        <h2 class="text-lead">{{ t('skin.toMind') }}</h2>
        <FindingList class="mt-1 text-list" :findings="toMind" with-place />
      </section>
      <GatePanel
        v-if="part === 'gate'"
        :visit="visit"
        :gate="drawn!.gate"
        :decides="decides"
        @go="router.push({ name: 'table', params: { visit: id } })"
        @cleared="loaded.refresh()"
      />
      <BathSteps
        v-else-if="part === 'bath'"
        :bath="bath"
        :settled="drawn!.gate.settled"
        :minutes="visit.summary.bathMinutes"
        :disabled="closed"
        @done="
          (step, product, contactMinutes) =>
            record('bath_stepped', { step, ...(product ? { product } : {}), ...(contactMinutes ? { contactMinutes } : {}) })
        "
      />
      <DryAreas
        v-else-if="part === 'dry'"
        :bath="bath"
        :minutes="visit.summary.dryMinutes"
        :disabled="closed"
        @start="record('dry_started', { method: $event })"
        @dry="record('dried', { area: $event })"
        @wet="undoing.takeBack"
        @shed="record('bath_stepped', { step: $event })"
      />
      <SecondCheck
        v-else-if="part === 'second'"
        :bath="bath"
        :route="visit.route"
        :sections="sections"
        :decides="decides"
        :disabled="closed"
        :selected="selected"
        :lines="drawn!.table.scope === 'light_check_first' ? drawn!.table.sections : null"
        :problem="problem"
        :primitive="visit.dog.primitive"
        @select="selected = $event"
        @combed="combed"
        @waive="(section, who, reason) => decide('waived', { step: 'after_drying', who, reason }, section)"
      />
      <section v-else class="grid content-start gap-4">
        <h1 class="text-ask">{{ t('bath.wholeDogPassed') }}</h1>
        <RouterLink class="btn btn-main min-h-18 text-say" :to="{ name: 'home', params: { visit: id } }">{{
          t('bath.finishAndGoHome')
        }}</RouterLink>
      </section>
      <ul v-if="bath.waivers.length" class="mt-4 grid gap-1 border-t border-line pt-2">
        <li v-for="waiver in bath.waivers" :key="waiver.section" class="text-list">
          <b>{{ say.section(waiver.section) }}</b> {{ t('table.letGoBy', { who: waiver.who, reason: waiver.reason }) }}
        </li>
      </ul>
    </div>
    <UndoNote :undoing="undoing" />
    <TaskFoot :keys="keys" />
    <FindingDialog v-if="noting && visit" :section="selected" :route="visit.route" @save="noteFinding" @close="noting = false" />
  </VisitShell>
</template>
