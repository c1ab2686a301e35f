<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { CombCheck, Finding, FindingKind, Question } from '@/api/types';
import CoatChart from '@/coat-chart/CoatChart.vue';
import HairSwatch from '@/coat-chart/HairSwatch.vue';
import { inspectionChart } from '@/coat-chart/inspectionChart';
import ChartKey from '@/components/ChartKey.vue';
import ChartPane from '@/components/ChartPane.vue';
import CombQuestion from '@/components/CombQuestion.vue';
import EnteredAnswers from '@/components/EnteredAnswers.vue';
import FindingDialog from '@/components/FindingDialog.vue';
import FindingList from '@/components/FindingList.vue';
import GradeForming from '@/components/GradeForming.vue';
import KeyCap from '@/components/KeyCap.vue';
import NoteDialog from '@/components/NoteDialog.vue';
import SectionAdvice from '@/components/SectionAdvice.vue';
import SectionHead from '@/components/SectionHead.vue';
import TaskFoot from '@/components/TaskFoot.vue';
import VisitShell from '@/components/VisitShell.vue';
import { useGuide } from '@/composables/useGuide';
import { useInspection } from '@/composables/useInspection';
import { type Key, useKeys } from '@/composables/useKeys';
import { useSession } from '@/composables/useSession';
import { useSmallScreen } from '@/composables/useSmallScreen';
import { useVisit } from '@/composables/useVisit';
import { say } from '@/messages/say';

const id = String(useRoute().params.visit);
const small = useSmallScreen();
const router = useRouter();
const { decides } = useSession();
const guide = useGuide();
const { visit, sections, trouble, refresh } = useVisit(id);
const { selected, current, place, left, next, select, goOn, step, check, recordHere, undo } = useInspection(id, visit, sections);
const dialog = ref<'finding' | 'note' | null>(null);
const reopened = ref<Question | null>(null);
watch(selected, () => (reopened.value = null));

const chart = computed(() => (sections.value ? inspectionChart(sections.value, visit.value!.findings) : null));
const checked = computed(() => 30 - left.value.length);
const closed = computed(() => visit.value?.closedAt != null);
const asks = computed<Question | null>(
  () => reopened.value ?? (current.value?.verdict === 'comb_again' ? 'comb' : (current.value?.asks ?? null)),
);
const findingsHere = computed(() => visit.value?.findings.filter((finding) => finding.section === selected.value && !finding.closed) ?? []);
const notesHere = computed(() => visit.value?.notes.filter((note) => note.section === selected.value) ?? []);
const toPlan = (): void => void router.push({ name: 'plan', params: { visit: id } });

function take(answer: CombCheck): void {
  reopened.value = null;
  const outcome = guide.outcome(answer);
  // A clear section is one touch; one with a mat stays in view with what was found.
  check(answer, outcome !== null && outcome.verdict === 'graded' && outcome.asks === null && (outcome.grade ?? 0) < 2);
}

function noteFinding(finding: { kind: FindingKind; note?: string; sizeMm?: number }): void {
  recordHere('finding_noted', finding);
  dialog.value = null;
}

/** A finding stays open from visit to visit until a groomer closes it; undo brings it back. */
function close(finding: Finding): void {
  recordHere('finding_closed', { findingId: finding.id });
}

function writeNote(text: string): void {
  recordHere('note_written', { text });
  dialog.value = null;
}

const open = (): boolean => !closed.value;
const keys: Key[] = [
  { keys: ['u'], says: 'Undo', run: undo, when: open },
  { keys: ['s'], says: 'Skin', run: () => (dialog.value = 'finding'), when: open },
  { keys: ['n'], says: 'Note', run: () => (dialog.value = 'note') },
  { keys: ['ArrowLeft'], shown: '←', says: 'Section before', run: () => step(-1), foot: false },
  { keys: ['ArrowRight'], shown: '→', says: 'Section after', run: () => step(1), foot: { shown: '← →', says: 'Section' } },
];
useKeys(() => [
  {
    keys: [' ', 'Enter'],
    shown: 'Space',
    says: next.value ? 'Next open section' : 'Go to the plan',
    run: () => (next.value ? goOn() : toPlan()),
    when: () => asks.value === null,
  },
]);
</script>

<template>
  <VisitShell :visit="visit" :trouble="trouble" task="Inspection" @retry="refresh">
    <template #chart>
      <ChartPane v-if="chart">
        <template #heading>
          <p class="text-list font-medium tall:text-lead">
            <b class="text-answer tall:text-title">{{ checked }}</b> of 30 <span class="max-tall:block">checked</span>
          </p>
        </template>
        <CoatChart
          live
          :label="`Coat chart, ${checked} of 30 sections checked`"
          :sections="chart"
          :route="visit!.route"
          :selected="selected"
          :coat-mm="visit!.dog.coatMm"
          :plain="small"
          @select="select"
        />
        <template #key>
          <ChartKey v-if="left.length" kind="unchecked">not checked yet</ChartKey>
          <ChartKey v-if="left.length" kind="first">look here first</ChartKey>
          <ChartKey v-if="visit!.findings.some((finding) => !finding.closed)" kind="finding">finding</ChartKey>
        </template>
      </ChartPane>
    </template>

    <div v-if="selected && current" class="min-h-0 flex-1 overflow-y-auto px-4 py-3 tall:px-8 tall:py-4">
      <SectionHead :id="selected" :section="current" :where="`${place} of 30`" />
      <FindingList v-if="findingsHere.length" class="mt-3" :findings="findingsHere" :closable="decides && !closed" @gone="close" />
      <p v-if="closed" class="mt-3 font-bold">This visit has ended. What was found stays as it is.</p>

      <p v-if="current.leaveAlone" class="mt-4 text-lead font-bold">{{ say.text.referrals.leave_alone_see_vet }}</p>
      <template v-else>
        <div
          v-if="current.verdict === 'comb_again' && !reopened"
          class="mt-3 rounded-md border-[1.5px] border-dashed border-call px-4 py-3"
          role="status"
        >
          <p class="text-lead font-bold">{{ say.text.combAgainTitle }}</p>
          <p>{{ say.text.combAgainText }}</p>
        </div>
        <CombQuestion
          v-if="asks"
          :key="`${selected}-${asks}`"
          class="mt-3"
          :section="current"
          :primitive="visit!.dog.primitive"
          :mat-school="visit!.matSchool"
          :asks="asks"
          :disabled="closed"
          @answer="take"
        />
        <GradeForming v-if="current.grade !== null" class="mt-3" :section="current" />
      </template>

      <button v-if="asks === null && next" type="button" class="btn btn-main group mt-3 w-full" @click="goOn">
        {{ say.text.next }} {{ say.section(next) }} <KeyCap>Space</KeyCap>
      </button>
      <div v-if="left.length === 0 && !next" class="mt-4 grid gap-2">
        <p class="text-lead font-bold">{{ say.text.allChecked }}.</p>
        <button v-if="asks === null" type="button" class="btn btn-main group" @click="toPlan">
          {{ say.text.goToPlan }} <KeyCap>Space</KeyCap>
        </button>
      </div>

      <div class="mt-3 grid gap-4 border-t border-line pt-2 tall:grid-cols-[1fr_auto]">
        <EnteredAnswers
          :section="current"
          :primitive="visit!.dog.primitive"
          :disabled="closed"
          @reopen="reopened = $event"
          @change="check($event, false)"
        />
        <div
          v-if="current.lastGrade !== null && visit!.lastVisit"
          class="flex min-h-11 flex-wrap items-center gap-2.5 self-start tall:justify-self-end"
        >
          <RouterLink class="text-note text-ink-2 underline" :to="{ name: 'record', params: { visit: visit!.lastVisit.id } }"
            >{{ say.text.lastVisit }}, {{ say.shortDay(visit!.lastVisit.at) }}</RouterLink
          >
          <p class="flex items-center gap-2.5">
            <HairSwatch :grade="current.lastGrade" /><b>{{ say.grade(current.lastGrade) }}</b>
          </p>
        </div>
      </div>
      <SectionAdvice class="mt-4 border-t border-line pt-3 tall:hidden" :section="current" />
      <ul v-if="notesHere.length" class="mt-3 grid gap-1">
        <li v-for="note in notesHere" :key="note.id" class="text-list">
          <b>Note, {{ note.by }}:</b> {{ note.text }}
        </li>
      </ul>
    </div>
    <TaskFoot :keys="keys" />

    <FindingDialog v-if="dialog === 'finding' && selected" :section="selected" @save="noteFinding" @close="dialog = null" />
    <NoteDialog
      v-if="dialog === 'note' && selected"
      :title="`Note: ${say.section(selected).toLowerCase()}`"
      label="Your note"
      action="Keep the note"
      needed="Write something, or close this."
      @save="writeNote"
      @close="dialog = null"
    />
  </VisitShell>
</template>
