<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { CombCheck, MarkKind, SectionId } from '@/api/types';
import CoatView from '@/chart/CoatView.vue';
import { dryChart } from '@/chart/tableChart';
import BathSteps from './BathSteps.vue';
import ChartKey from '@/chart/ChartKey.vue';
import ChartPane from '@/chart/ChartPane.vue';
import DryAreas from './DryAreas.vue';
import FindingDialog, { type NewFinding } from '@/visit/FindingDialog.vue';
import FindingList from '@/visit/FindingList.vue';
import GatePanel from '@/table/GatePanel.vue';
import SecondCheck from './SecondCheck.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import ToggleButton from '@/ui/ToggleButton.vue';
import UndoNote from '@/ui/UndoNote.vue';
import VisitShell from '@/visit/VisitShell.vue';
import { useAfterTable } from './useAfterTable';
import type { Key } from '@/device/useKeys';
import { usePhotos } from '@/device/usePhotos';
import { useSession } from '@/device/useSession';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { useVisit } from '@/visit/useVisit';
import { say } from '@/messages/say';

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
    ? `${passed} of 30 passed`
    : bathed.value
      ? `${areas} of 6 areas dry`
      : part.value === 'bath'
        ? 'In the bath'
        : 'Before the bath';
});

function touch(section: SectionId): void {
  if (part.value === 'dry') {
    const area = bath.value!.areas.find((one) => one.sections.includes(section))!;
    if (bath.value!.drying && !area.dry) {
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
  { keys: ['u'], says: 'Undo', run: undoing.undo, when: () => !closed.value },
  { keys: ['s'], says: 'Skin finding', run: () => (noting.value = true), when: () => !closed.value },
  { keys: ['t'], says: 'To the table', run: () => void router.push({ name: 'table', params: { visit: id } }) },
  { keys: ['e'], says: 'Going home', run: () => void router.push({ name: 'home', params: { visit: id } }) },
];
</script>

<template>
  <VisitShell :visit="visit" :loaded="loaded" task="Bath and dryer" @marked="undoing.made({ id: $event })">
    <template #chart>
      <ChartPane v-if="chart && visit">
        <template #heading>
          <p class="text-lead font-bold wide:text-say">{{ heading }}</p>
          <p class="hidden text-list text-ink-2 wide:block">{{ part === 'dry' ? 'Touch a dry place: its whole area is marked.' : '' }}</p>
        </template>
        <CoatView
          live
          :label="`Coat chart: ${heading}`"
          :sections="chart"
          :route="visit.route"
          :selected="part === 'second' ? selected : null"
          :coat-mm="visit.dog.coatMm"
          :plain="small && !near"
          :near="near && part === 'second'"
          @select="touch"
        />
        <template v-if="part === 'second'" #tools
          ><ToggleButton v-model="near" class="wide:hidden">{{ say.text.closer }}</ToggleButton></template
        >
        <template #key>
          <ChartKey kind="dry">dry to the skin</ChartKey>
          <ChartKey kind="done">passed the second comb check</ChartKey>
        </template>
      </ChartPane>
    </template>
    <div v-if="visit && bath && sections" class="min-h-0 flex-1 overflow-y-auto px-4 pb-4 tall:px-8 tall:pt-4">
      <p v-if="closed" class="mb-3 font-bold">This visit has ended. What was done stays as it is.</p>
      <p v-if="problem" class="mb-3 font-semibold" role="alert">{{ problem }}</p>
      <section v-if="toMind.length && part !== 'second'" class="mb-4 border-b border-line pb-3" :aria-label="say.text.toMind">
        <h2 class="text-lead">{{ say.text.toMind }}</h2>
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
        <h1 class="text-ask">The whole dog passed, dry.</h1>
        <RouterLink class="btn btn-main min-h-18 text-say" :to="{ name: 'home', params: { visit: id } }">Finish and go home</RouterLink>
      </section>
      <ul v-if="bath.waivers.length" class="mt-4 grid gap-1 border-t border-line pt-2">
        <li v-for="waiver in bath.waivers" :key="waiver.section" class="text-list">
          <b>{{ say.section(waiver.section) }}</b> was let go by {{ waiver.who }}: “{{ waiver.reason }}”
        </li>
      </ul>
    </div>
    <UndoNote :undoing="undoing" />
    <TaskFoot :keys="keys" />
    <FindingDialog v-if="noting && visit" :section="selected" :route="visit.route" @save="noteFinding" @close="noting = false" />
  </VisitShell>
</template>
