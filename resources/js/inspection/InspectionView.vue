<script setup lang="ts">
import { t } from '@/messages/words';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { CombCheck, Finding, Question, SectionId } from '@/api/types';
import CoatView from '@/chart/CoatView.vue';
import { inspectionChart } from '@/chart/inspectionChart';
import AskStrip from '@/ui/AskStrip.vue';
import ArrivalWarnings from '@/visit/ArrivalWarnings.vue';
import ChartKey from '@/chart/ChartKey.vue';
import ChartPane from '@/chart/ChartPane.vue';
import CombQuestion from '@/visit/CombQuestion.vue';
import EnteredAnswers from './EnteredAnswers.vue';
import type { NewFinding } from '@/visit/FindingDialog.vue';
import FindingList from '@/visit/FindingList.vue';
import GradeForming from './GradeForming.vue';
import InspectionNext from './InspectionNext.vue';
import InspectionProgress from './InspectionProgress.vue';
import SectionAdvice from './SectionAdvice.vue';
import SectionHead from './SectionHead.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import ToggleButton from '@/ui/ToggleButton.vue';
import UndoNote from '@/ui/UndoNote.vue';
import VisitShell from '@/visit/VisitShell.vue';
import { useGuide } from '@/visit/useGuide';
import { useInspection } from './useInspection';
import { type Key, useKeys } from '@/device/useKeys';
import { type ShownPhoto, usePhotos } from '@/device/usePhotos';
import { useSession } from '@/device/useSession';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { type OneAnswer, useTwoAnswers } from '@/visit/twoAnswers';
import { NOT_CHECKED, useVisit } from '@/visit/useVisit';
import { noteSaid } from '@/visit/noteWords';
import { isMatted } from '@/visit/grades';
import { say } from '@/messages/say';
import { later } from '@/ui/later';

// The first comb check does not wait for what few sections open.
const NoteDialog = later(() => import('@/ui/dialogs'), 'NoteDialog');
const FindingDialog = later(() => import('@/visit/dialogs'), 'FindingDialog');
const PhotoViewer = later(() => import('@/visit/dialogs'), 'PhotoViewer');
const PhotoDialog = later(() => import('@/visit/dialogs'), 'PhotoDialog');
const SectionHistory = later(() => import('@/inspection/dialogs'), 'SectionHistory');
const TwoAnswers = later(() => import('@/visit/dialogs'), 'TwoAnswers');
const OwnGradeDialog = later(() => import('@/inspection/dialogs'), 'OwnGradeDialog');

const id = String(useRoute().params.visit);
const small = useSmallScreen();
const router = useRouter();
const { decides } = useSession();
const guide = useGuide();
const { visit, sections, loaded } = useVisit(id);
const { selected, current, place, left, next, select, goOn, step, check, feel, recordHere, judge, undoing } = useInspection(
  id,
  visit,
  sections,
);
const photos = usePhotos();
const shownPhotos = photos.around(visit);
const { asked: twoAsked, decide } = useTwoAnswers(id, visit);
const twoHere = computed(() => twoAsked.value.find((two) => two.section === selected.value) ?? null);
/** Two answers, and neither counts: it is combed again. */
const combing = ref(false);
const dialog = ref<'finding' | 'note' | 'photo' | 'grade' | null>(null);
const lookedAt = ref<ShownPhoto | null>(null);
const reopened = ref<Question | null>(null);
const ghosts = ref(false);
const near = ref(false);
/** A hand goes over the whole coat before any comb: a touch on the chart marks what it feels. */
const feeling = ref(false);
watch(selected, () => {
  reopened.value = null;
  combing.value = false;
});

const chart = computed(() =>
  sections.value ? inspectionChart(sections.value, visit.value!.findings, ghosts.value, twoAsked.value) : null,
);
const checked = computed(() => 30 - left.value.length);
const closed = computed(() => visit.value?.closedAt != null);
const asks = computed<Question | null>(
  () =>
    reopened.value ?? (twoHere.value ? 'comb' : null) ?? (current.value?.verdict === 'comb_again' ? 'comb' : (current.value?.asks ?? null)),
);
const findingsHere = computed(() => visit.value?.findings.filter((finding) => finding.section === selected.value && !finding.closed) ?? []);
const notesHere = computed(() => visit.value?.notes.filter((note) => note.section === selected.value) ?? []);
const mayJudge = computed(() => decides.value && !closed.value && asks.value === null && current.value?.grade != null);
/** At the first stop, as long as nothing was photographed today. */
const wantsProof = computed(
  () => !closed.value && asks.value === null && isMatted(current.value?.grade) && !shownPhotos.value.some((photo) => !photo.earlierVisit),
);
const toPlan = (): void => void router.push({ name: 'plan', params: { visit: id } });

function take(answer: CombCheck): void {
  reopened.value = null;
  combing.value = false;
  const outcome = guide.outcome(answer);
  // A clear section is one touch; one with a mat stays in view with what was found.
  check(answer, outcome !== null && outcome.verdict === 'graded' && outcome.asks === null && !isMatted(outcome.grade));
}

/** One of two answers is the right one: recorded once more by somebody who has seen both. */
function settle(answer: OneAnswer): void {
  const section = selected.value!;
  const check = current.value?.check ?? null;
  const mark = decide(section, answer);
  if (mark) {
    undoing.made({ id: mark, shows: { section, check } });
  }
}

async function noteFinding({ picture, ...finding }: NewFinding): Promise<void> {
  const findingId = recordHere('finding_noted', finding);
  dialog.value = null;
  if (picture && findingId) {
    await photos.take(id, picture, { section: selected.value, findingId, moment: 'before' });
  }
}

/** A finding stays open from visit to visit until a groomer closes it; undo brings it back. */
function close(finding: Finding): void {
  recordHere('finding_closed', { findingId: finding.id });
}

function writeNote(text: string): void {
  recordHere('note_written', { text });
  dialog.value = null;
}

function judgeHere(own: Parameters<typeof judge>[0]): void {
  judge(own);
  dialog.value = null;
}

function touch(section: SectionId): void {
  if (feeling.value && !closed.value) {
    feel(section);
  } else {
    select(section);
  }
}

const felt = computed(() => Object.values(sections.value ?? {}).filter((section) => section.felt).length);
const open = (): boolean => !closed.value;
/** "Touch on the chart where …. 3 places felt." */
const feltSaid = computed(() =>
  felt.value === 0 ? t('inspection.feeling.on') : `${t('inspection.feeling.on')} ${t('inspection.feeling.count', { places: felt.value })}`,
);
const keys: Key[] = [
  { keys: ['u'], says: t('ui.undo'), run: undoing.undo, when: open },
  { keys: ['s'], says: t('ui.skin'), run: () => (dialog.value = 'finding'), when: open },
  { keys: ['p'], says: t('ui.photo'), run: () => (dialog.value = 'photo'), when: open },
  { keys: ['n'], says: t('ui.note'), run: () => (dialog.value = 'note') },
  {
    keys: ['0'],
    says: t('inspection.keys.skip'),
    foot: { shown: '0', says: t('ui.skip') },
    run: goOn,
    when: () => asks.value !== null && next.value !== null && open(),
  },
  { keys: ['g'], says: t('inspection.keys.otherwise'), run: () => (dialog.value = 'grade'), when: () => mayJudge.value, foot: false },
  {
    keys: ['f'],
    says: t('inspection.feeling.key'),
    run: () => selected.value && feel(selected.value),
    when: () => open() && left.value.length > 0,
    foot: false,
  },
  { keys: ['z'], says: t('inspection.keys.closer'), run: () => (near.value = !near.value), foot: false },
  {
    keys: ['l'],
    says: t('inspection.keys.lastVisit'),
    run: () => (ghosts.value = !ghosts.value),
    foot: false,
    when: () => visit.value?.lastVisit != null,
  },
  { keys: ['ArrowLeft'], shown: '←', says: t('ui.keys.sectionBefore'), run: () => step(-1), foot: false },
  {
    keys: ['ArrowRight'],
    shown: '→',
    says: t('ui.keys.sectionAfter'),
    run: () => step(1),
    foot: { shown: '← →', says: t('inspection.keys.step') },
  },
];
useKeys(() => [
  {
    keys: [' ', 'Enter'],
    shown: t('ui.space'),
    says: next.value ? t('inspection.keys.nextOpen') : t('inspection.goToPlan'),
    run: () => (next.value ? goOn() : toPlan()),
    when: () => asks.value === null,
  },
]);
</script>

<template>
  <VisitShell :visit="visit" :loaded="loaded" :task="t('visit.steps.inspection')">
    <template #chart>
      <ChartPane v-if="chart">
        <template #heading>
          <InspectionProgress :left="left" :seconds="visit!.summary.inspectionSeconds" />
          <p v-if="checked === 0 && !closed" class="mt-1 hidden text-list wide:block">{{ t('inspection.feeling.short') }}</p>
        </template>
        <template #tools>
          <ToggleButton v-if="left.length && !closed && !small" v-model="feeling">{{ t('inspection.feeling.mode') }}</ToggleButton>
          <ToggleButton v-model="near">{{ t('device.closer') }}</ToggleButton>
          <ToggleButton v-if="visit!.lastVisit" v-model="ghosts">{{ t('ui.lastVisit') }}</ToggleButton>
        </template>
        <CoatView
          live
          :label="t('inspection.chart', { checked })"
          :sections="chart"
          :route="visit!.route"
          :selected="selected"
          :coat-mm="visit!.dog.coatMm"
          :plain="small && !near"
          :near="near"
          @select="touch"
        />
        <template #key>
          <ChartKey v-if="left.length" kind="unchecked">{{ t('inspection.key.notChecked') }}</ChartKey>
          <ChartKey v-if="left.length" kind="first">{{ t('coat.said.lookFirst') }}</ChartKey>
          <ChartKey v-if="left.length && felt" kind="felt">{{ t('coat.lookFirst.felt') }}</ChartKey>
          <ChartKey v-if="ghosts" kind="ghost">{{ t('inspection.key.lastVisit') }}</ChartKey>
          <ChartKey v-if="visit!.findings.some((finding) => !finding.closed)" kind="finding">{{ t('inspection.key.finding') }}</ChartKey>
        </template>
      </ChartPane>
    </template>

    <div v-if="selected && current && sections" class="min-h-0 flex-1 overflow-y-auto px-4 py-3 tall:px-8 tall:py-4">
      <ArrivalWarnings v-if="checked === 0 && !closed" class="mb-3" :warnings="visit!.warnings" :name="visit!.dog.name" />
      <AskStrip
        v-if="feeling || (checked === 0 && !closed)"
        class="mb-3"
        :class="feeling ? '' : 'wide:hidden'"
        :says="feeling ? feltSaid : t('inspection.feeling.first')"
        :does="feeling ? t('inspection.feeling.done') : t('inspection.feeling.mode')"
        :disabled="closed"
        @press="feeling = !feeling"
      />
      <AskStrip
        v-if="twoAsked.length && !twoHere"
        class="mb-3"
        :says="t('visit.two.strip', { section: say.section(twoAsked[0]!.section), more: '' })"
        :does="t('visit.two.ask')"
        :disabled="closed"
        @press="select(twoAsked[0]!.section)"
      />
      <p class="sr-only" role="status">{{ t('inspection.place', { section: say.section(selected), place }) }}</p>
      <SectionHead :id="selected" :section="current" :sections="sections" :where="t('inspection.placeShort', { place })" />
      <FindingList
        v-if="findingsHere.length"
        class="mt-3"
        :findings="findingsHere"
        :photos="shownPhotos"
        :closable="decides && !closed"
        @gone="close"
        @look="lookedAt = $event"
      />
      <p v-if="closed" class="mt-3 font-bold">{{ t('inspection.ended') }}</p>

      <p v-if="current.leaveAlone" class="mt-4 text-lead font-bold">{{ t('skin.referrals.leave_alone_see_vet') }}</p>
      <TwoAnswers v-else-if="twoHere && !combing" class="mt-3" :two="twoHere" :disabled="closed" @decide="settle" @comb="combing = true" />
      <template v-else>
        <div
          v-if="current.verdict === 'comb_again' && !reopened"
          class="mt-3 rounded-md edge border-dashed border-call px-4 py-3"
          role="status"
        >
          <p class="text-lead font-bold">{{ t('inspection.combAgainTitle') }}</p>
          <p>{{ t('inspection.combAgainText') }}</p>
        </div>
        <CombQuestion
          v-if="asks"
          :key="asks === 'comb' ? asks : `${selected}-${asks}`"
          class="mt-3"
          :section="combing ? { ...current, ...NOT_CHECKED, check: null } : current"
          :primitive="visit!.dog.primitive"
          :undercoat="visit!.dog.undercoat"
          :mat-school="visit!.matSchool"
          :asks="asks"
          :disabled="closed"
          @answer="take"
        />
        <AskStrip
          v-if="wantsProof"
          class="mt-3"
          :says="t('visit.proof.firstStop')"
          :does="t('visit.proof.does')"
          :disabled="closed"
          @press="dialog = 'photo'"
        />
        <GradeForming v-if="current.grade !== null" class="mt-3" :section="current" :judgeable="mayJudge" @judge="dialog = 'grade'" />
      </template>

      <InspectionNext class="mt-3" :asked="asks !== null" :next="next" :left="left" @go-on="goOn" @plan="toPlan" />

      <div class="mt-3 grid gap-4 border-t border-line pt-2 tall:grid-cols-[1fr_auto]">
        <EnteredAnswers
          :section="current"
          :primitive="visit!.dog.primitive"
          :disabled="closed"
          @reopen="reopened = $event"
          @change="check($event, false)"
        />
        <SectionHistory
          :id="selected"
          class="tall:col-start-2"
          :section="current"
          :visit="visit!"
          :photos="shownPhotos"
          @look="lookedAt = $event"
        />
      </div>
      <SectionAdvice class="mt-4 border-t border-line pt-3 tall:hidden" :section="current" />
      <ul v-if="notesHere.length" class="mt-3 grid gap-1">
        <li v-for="note in notesHere" :key="note.id" class="text-list">
          <b>{{ t('inspection.noteBy', { by: note.by }) }}</b> {{ noteSaid(note) }}
        </li>
      </ul>
    </div>
    <UndoNote :undoing="undoing" />
    <TaskFoot :keys="keys" />

    <FindingDialog v-if="dialog === 'finding' && selected" :section="selected" @save="noteFinding" @close="dialog = null" />
    <PhotoDialog v-if="dialog === 'photo' && selected" :visit="id" :section="selected" @close="dialog = null" />
    <PhotoViewer v-if="lookedAt" :visit="id" :photos="shownPhotos" :start="lookedAt" @close="lookedAt = null" />
    <OwnGradeDialog
      v-if="dialog === 'grade' && selected && current && current.grade !== null"
      :id="selected"
      :section="current"
      @judge="judgeHere"
      @take-back="judgeHere(null)"
      @close="dialog = null"
    />
    <NoteDialog
      v-if="dialog === 'note' && selected"
      :title="t('say.titled', { what: t('ui.note'), section: say.within(say.section(selected)) })"
      :label="t('ui.notes.yours')"
      :action="t('ui.notes.keep')"
      :needed="t('ui.notes.needed')"
      @save="writeNote"
      @close="dialog = null"
    />
  </VisitShell>
</template>
