<script setup lang="ts">
import { t } from '@/messages/words';
import { useLocalStorage } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { BladeResult, SectionId, Signal, TableRun } from '@/api/types';
import CombQuestion from '@/visit/CombQuestion.vue';
import type { NewFinding } from '@/visit/FindingDialog.vue';
import GatePanel from './GatePanel.vue';
import MatPanel from './MatPanel.vue';
import MindFirst from '@/visit/MindFirst.vue';
import OpenedWithAsk from './OpenedWithAsk.vue';
import RakePanel from './RakePanel.vue';
import SignalButtons from './SignalButtons.vue';
import TableChart from './TableChart.vue';
import TableDialogs, { type TableDialog } from './TableDialogs.vue';
import TableHead from './TableHead.vue';
import TableMarks from './TableMarks.vue';
import TableProgress from './TableProgress.vue';
import TableStart from './TableStart.vue';
import TableWay from './TableWay.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import UndoNote from '@/ui/UndoNote.vue';
import ClientWord from '@/visit/ClientWord.vue';
import VisitShell from '@/visit/VisitShell.vue';
import { useFeet } from '@/visit/useFeet';
import { mainMark, type MainMark, treatmentOf } from './mainMark';
import { tableKeys } from './tableKeys';
import { useKeys } from '@/device/useKeys';
import { useOpenedWith } from './useOpenedWith';
import { useMats } from './useMats';
import { usePhotos } from '@/device/usePhotos';
import { useSession } from '@/device/useSession';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { useTable, useTicking } from './useTable';
import { type TablePanel, useTableComb } from './useTableComb';
import { useVisit } from '@/visit/useVisit';
import { useScreenAwake } from '@/device/useScreenAwake';
import { isMatted } from '@/visit/grades';

const id = String(useRoute().params.visit);
const router = useRouter();
const { decides } = useSession();
const small = useSmallScreen();
const photos = usePhotos();
const { visit, sections, loaded } = useVisit(id);
const run = useTable(id, visit);
const { drawn, table, selected, here, inHand, left, next, line, record, recordWhole, take, step, undoing } = run;

const panel = ref<TablePanel>('marks');
const dialog = ref<TableDialog | null>(null);
const big = useLocalStorage('hound-check.big-print', false);
watch(selected, () => {
  if (panel.value === 'comb' || panel.value === 'rake') {
    panel.value = 'marks';
  }
});

const { combing, combAsks, ask, combed, pass } = useTableComb(run, sections, panel);

const closed = computed(() => visit.value?.closedAt != null);
const running = computed(() => table.value?.current != null && !table.value.paused && !closed.value);
const extra = useTicking(
  running,
  computed(() => drawn.value?.lastMs ?? null),
  computed(() => table.value?.silence.seconds ?? 0),
);
useScreenAwake(running);

const treatment = computed(() => treatmentOf(here.value?.choice ?? null));
const kind = computed(() => treatment.value.kind);
/** What is cut at the table; a cut on clean coat waits for the dryer. */
const clipMm = computed(() => (here.value?.cutAfterDrying ? null : treatment.value.clipMm));
const matted = computed(() => isMatted(here.value?.grade));
const mats = useMats(table, selected, record);
/** A growth, a hot spot or pain wants one touch before the first tool. */
const minds = computed(() => here.value?.toMind === true && table.value?.begun === true && !closed.value);
/** On its back nothing pulls. */
const { posture } = useFeet(visit);
const onItsBack = computed(() => posture.value === 'back');
const mayHold = computed(
  () => !table.value?.borne.spent && !onItsBack.value && here.value?.held !== true && here.value?.matMayBeTaken !== false,
);
function react(signal: Signal): void {
  record('reacted', { signal });
}

async function noteFinding({ picture, ...finding }: NewFinding): Promise<void> {
  const findingId = record('finding_noted', finding);
  dialog.value = null;
  if (picture) {
    await photos.take(id, picture, { section: selected.value, findingId, moment: 'before' });
  }
}

function writeNote(text: string): void {
  record('note_written', { text });
  dialog.value = null;
}

function park(note: string): void {
  mats.park(note, onItsBack.value ? 'from_behind' : null);
  dialog.value = null;
}

function instead(treatment: string): void {
  mats.instead(treatment);
  dialog.value = null;
}

const { opened, lastTime, answered, tell } = useOpenedWith({ selected, sections, table, here, matted, kind, combed, record });

/** With line brushing left for the clean dry coat there is nothing to do here but the gate. */
function begin(scope: TableRun['scope']): void {
  run.begin(scope);
  panel.value = scope === 'light_check_first' ? 'gate' : 'marks';
}

const main = computed(() => mainMark(here.value, inHand.value, line.value, next.value));
const mayMain = computed(() => !closed.value && (main.value.does !== 'clip' || main.value.allowed));
function press(mark: MainMark): void {
  switch (mark.does) {
    case 'next':
      return take(mark.section);
    case 'gate':
      panel.value = 'gate';
      return;
    case 'plan':
      return void router.push({ name: 'plan', params: { visit: id } });
    case 'take':
      return take();
    case 'clip':
      return run.clipped(mark.mm);
    case 'line':
      return run.lineDone();
    case 'pass':
      return pass();
    case 'comb':
      return ask();
  }
}

function tryBlade(mm: number, result: BladeResult): void {
  record('blade_tried', { mm, result });
}

function go(section: SectionId): void {
  selected.value = section;
  panel.value = 'marks';
}

/** Before Begin nobody has the dog under the hands: no key records anything. */
const pressed = (): boolean => !closed.value && panel.value !== 'gate' && table.value?.begun === true;
const onMarks = (): boolean => pressed() && panel.value === 'marks' && !mats.here.value && !minds.value;
const keys = tableKeys({
  pressed,
  onMarks,
  main: () => press(main.value),
  mayMain: () => mayMain.value,
  mayHold: () => mayHold.value,
  mayPause: pressed,
  mayUndo: () => !closed.value && table.value?.begun === true,
  hasBlades: () => here.value?.blades != null,
  hasUndercoat: () => here.value?.undercoat != null,
  ...{ ask, react, takeMat: mats.take, undo: undoing.undo, step },
  mist: () => record('misted', {}),
  pause: () => recordWhole(table.value?.paused ? 'resumed' : 'paused', {}),
  rake: () => (panel.value = 'rake'),
  gate: () => (panel.value = panel.value === 'gate' ? 'marks' : 'gate'),
  open: (what) => (dialog.value = what),
  print: () => (big.value = !big.value),
});
useKeys(() => (panel.value === 'comb' ? [{ keys: ['Escape'], says: t('table.backToLines'), run: () => (panel.value = 'marks') }] : []));
</script>

<template>
  <VisitShell :visit="visit" :loaded="loaded" :task="t('visit.steps.table')" :big="big" deep @marked="undoing.made({ id: $event })">
    <template #chart>
      <TableChart v-if="visit && sections && table" :visit="visit" :sections="sections" :table="table" :selected="selected" @select="go" />
    </template>

    <div v-if="visit && table && here && selected" class="flex min-h-0 flex-1 flex-col overflow-y-auto px-4 pb-3 tall:px-8 tall:pt-3">
      <ClientWord v-if="visit.word && !closed" class="mb-1 text-list" :word="visit.word" />
      <GatePanel
        v-if="panel === 'gate'"
        :visit="visit"
        :gate="drawn!.gate"
        :decides="decides"
        @go="go"
        @cleared="router.push({ name: 'dry', params: { visit: id } })"
      />
      <TableStart v-else-if="!table.begun && !closed" :visit="visit" :table="table" @start="begin" />
      <template v-else>
        <TableHead :visit="visit" :section="selected" :here="here" :reading="sections![selected]" :big="big">
          <p v-if="lastTime" class="text-list font-semibold">{{ lastTime }}</p>
        </TableHead>
        <MindFirst v-if="minds" class="mt-2" @seen="record('finding_minded', {})" />
        <p v-if="closed" class="mt-1 font-bold">{{ t('visit.ended') }}</p>
        <OpenedWithAsk v-if="opened && !closed" class="mt-2" :section="opened" @say="tell" @leave="opened = null" />
        <div v-if="here.held" class="mt-3">
          <p class="text-lead font-bold">
            {{
              here.later ? t('split.title', { visit: visit.split!.visit, of: visit.split!.of }) : t('skin.referrals.leave_alone_see_vet')
            }}
          </p>
        </div>
        <TableProgress
          v-else-if="panel !== 'comb'"
          v-bind="{ section: selected, here, table, line, extra, inHand, clipMm, closed }"
          :visit="id"
          @up-to="run.linesUpTo"
        />

        <CombQuestion
          v-if="panel === 'comb' && combing"
          :key="combAsks"
          class="mt-2"
          :section="combing"
          :primitive="visit.dog.primitive"
          :undercoat="visit.dog.undercoat"
          :mat-school="visit.matSchool"
          :asks="combAsks"
          :disabled="closed"
          @answer="answered"
        />
        <button v-if="panel === 'comb'" type="button" class="btn mt-2" @click="panel = 'marks'">{{ t('table.backToLines') }}</button>
        <MatPanel
          v-else-if="mats.here.value && !closed && !minds"
          class="mt-2"
          :here="here"
          :table="table"
          :extra="extra"
          :clip-agreed="here.matCutAgreed"
          @worked="(outcome, closes) => record('mat_worked', { outcome, closes })"
          @park="mats.park('')"
          @wont="dialog = 'wont'"
        />
        <RakePanel
          v-else-if="panel === 'rake' && here.undercoat && !closed && !minds"
          class="mt-2"
          :undercoat="here.undercoat"
          :table="table"
          @pass="(rake, handfuls) => record('rake_passed', { rake, handfuls })"
          @done="panel = 'marks'"
        />
        <TableMarks
          v-else-if="!closed && !minds"
          class="mt-2"
          :here="here"
          :table="table"
          :may-hold="mayHold"
          :main="main"
          :may-main="mayMain"
          @main="press(main)"
          @comb="ask"
          @react="react"
          @mist="record('misted', {})"
          @hold="mats.take"
          @park="dialog = 'park'"
          @rake="panel = 'rake'"
          @blades="dialog = 'blades'"
          @pause="recordWhole(table.paused ? 'resumed' : 'paused', {})"
          @undo="undoing.undo"
        />
      </template>
    </div>
    <SignalButtons
      v-if="small && table?.begun && !closed && panel !== 'gate'"
      class="shrink-0 border-t border-line bg-paper px-2 py-1.5"
      :table="table"
      phone
      @react="react"
    />
    <UndoNote :undoing="undoing" />
    <TaskFoot v-if="visit && table" :keys="keys">
      <TableWay :begun="table.begun" :selected="selected" :left="left" :gate="drawn!.gate" />
      <button type="button" class="toggle" :aria-pressed="panel === 'gate'" @click="panel = panel === 'gate' ? 'marks' : 'gate'">
        {{ t('table.gateShort') }}
      </button>
      <button type="button" class="toggle ml-1.5" @click="dialog = 'more'">{{ t('ui.more') }}</button>
    </TaskFoot>

    <TableDialogs
      v-if="selected"
      v-model="dialog"
      v-model:big="big"
      :visit="id"
      :section="selected"
      :blades="here?.blades ?? null"
      :closed="closed"
      @finding="noteFinding"
      @note="writeNote"
      @park="park"
      @tried="tryBlade"
      @instead="instead"
    />
  </VisitShell>
</template>
