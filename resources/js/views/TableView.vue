<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { CombCheck, Question, SectionId, Signal, VisitSection } from '@/api/types';
import CoatChart from '@/coat-chart/CoatChart.vue';
import { tableChart } from '@/coat-chart/tableChart';
import AppDialog from '@/components/AppDialog.vue';
import BladeTestPanel from '@/components/BladeTestPanel.vue';
import ChartKey from '@/components/ChartKey.vue';
import ChartPane from '@/components/ChartPane.vue';
import CombQuestion from '@/components/CombQuestion.vue';
import FindingDialog, { type NewFinding } from '@/components/FindingDialog.vue';
import GatePanel from '@/components/GatePanel.vue';
import LinePicture from '@/components/LinePicture.vue';
import MarkButton from '@/components/MarkButton.vue';
import MatPanel from '@/components/MatPanel.vue';
import NoteDialog from '@/components/NoteDialog.vue';
import PhotoDialog from '@/components/PhotoDialog.vue';
import RakePanel from '@/components/RakePanel.vue';
import SectionClock from '@/components/SectionClock.vue';
import TableStart from '@/components/TableStart.vue';
import TaskFoot from '@/components/TaskFoot.vue';
import VisitShell from '@/components/VisitShell.vue';
import { useGuide } from '@/composables/useGuide';
import { type Key, useKeys } from '@/composables/useKeys';
import { usePhotos } from '@/composables/usePhotos';
import { useSession } from '@/composables/useSession';
import { useSmallScreen } from '@/composables/useSmallScreen';
import { useTable, useTicking } from '@/composables/useTable';
import { useVisit } from '@/composables/useVisit';
import { useWakeLock } from '@/composables/useWakeLock';
import { say } from '@/messages/say';

const id = String(useRoute().params.visit);
const router = useRouter();
const small = useSmallScreen();
const { decides } = useSession();
const guide = useGuide();
const photos = usePhotos();
const { visit, sections, trouble, refresh } = useVisit(id);
const run = useTable(id, visit);
const { drawn, table, selected, here, inHand, left, next, line, record, recordWhole, take, step, undo } = run;

/** What stands in place of the marks: nothing, the comb's question, the rake, or the gate. */
const panel = ref<'marks' | 'comb' | 'rake' | 'gate'>('marks');
const dialog = ref<'finding' | 'note' | 'photo' | 'blades' | 'park' | 'more' | null>(null);
const big = ref(localStorage.getItem('hound-check.big-print') === '1');
watch(big, (on) => localStorage.setItem('hound-check.big-print', on ? '1' : '0'));
watch(selected, () => {
  if (panel.value === 'comb' || panel.value === 'rake') {
    panel.value = 'marks';
  }
});

const closed = computed(() => visit.value?.closedAt != null);
const running = computed(() => table.value?.current != null && !table.value.paused && !closed.value);
const extra = useTicking(
  running,
  computed(() => drawn.value?.lastMs ?? null),
);
useWakeLock(running);

const chart = computed(() => (sections.value && table.value ? tableChart(sections.value, table.value) : null));
const done = computed(() => Object.values(table.value?.sections ?? {}).filter((section) => section.done).length);
const kind = computed(() => here.value?.choice?.split(':')[0] ?? null);
const clipMm = computed(() => (kind.value === 'clip' ? Number(here.value!.choice!.slice(5)) : null));
const matted = computed(() => (here.value?.grade ?? 0) >= 2);
const matHere = computed(() => table.value?.mat?.section === selected.value);
const parkedHere = computed(() => table.value?.parked.find((mat) => mat.section === selected.value) ?? null);
/** What is asked at the comb: the same questions as at the inspection, answered at the table. */
const combing = computed<VisitSection | null>(() => {
  const known = selected.value ? sections.value?.[selected.value] : null;
  const check = here.value?.comb ?? null;
  const outcome = check ? guide.outcome(check) : null;
  return known ? { ...known, check, grade: outcome?.grade ?? null, verdict: outcome?.verdict ?? 'not_checked' } : null;
});
const combAsks = ref<Question>('comb');
const todo = computed(() => {
  const words = say.text.table.toDo;
  if (!here.value || kind.value === null) {
    return words.open;
  }
  return kind.value === 'clip' ? `${say.treatment(here.value.choice!).toLowerCase()}` : words[kind.value as 'brush'];
});
const gateSays = computed(() => {
  const gate = drawn.value?.gate;
  if (!gate || gate.cleared) {
    return 'open';
  }
  const parked = gate.lacks.filter((lack) => lack.reason === 'mat_parked').length;
  const sectionsLeft = gate.lacks.length - parked;
  return gate.open
    ? 'nothing is missing'
    : [sectionsLeft ? `${sectionsLeft} to pass` : '', parked ? `${parked} parked` : ''].filter((word) => word).join(', ');
});
const comesNext = computed(() => left.value.filter((section) => section !== selected.value).slice(0, 3));

function ask(): void {
  combAsks.value = 'comb';
  panel.value = 'comb';
}

/** A comb that stops asks on, as at the inspection; one that glides ends the section. */
function combed(check: CombCheck): void {
  const outcome = guide.outcome(check);
  const passes = outcome?.verdict === 'graded' && outcome.grade === 0;
  run.comb(check, passes);
  if (outcome?.asks && !passes) {
    combAsks.value = outcome.asks;
  } else {
    panel.value = 'marks';
  }
}

function react(signal: Signal): void {
  record('reacted', { signal });
}

function takeMat(): void {
  record('mat_taken', parkedHere.value ? { parkedId: parkedHere.value.id } : {});
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
  record('mat_parked', note ? { note } : {});
  dialog.value = null;
}

function main(): void {
  if (!here.value || here.value.done || here.value.held) {
    if (next.value) {
      take(next.value);
    } else {
      panel.value = 'gate';
    }
  } else if (kind.value === null) {
    void router.push({ name: 'plan', params: { visit: id } });
  } else if (!inHand.value) {
    take();
  } else if (clipMm.value !== null) {
    if (here.value.clipAgreed) {
      run.clipped(clipMm.value);
    }
  } else if (line.value !== null) {
    run.lineDone();
  } else {
    ask();
  }
}
const mainSays = computed(() => {
  if (!here.value || here.value.done || here.value.held) {
    return next.value ? `Next: ${say.section(next.value).toLowerCase()}` : 'To the bath gate';
  }
  if (kind.value === null) {
    return 'Plan from here';
  }
  if (!inHand.value) {
    return here.value.seconds > 0 ? 'Go on here' : 'Start here';
  }
  if (clipMm.value !== null) {
    return `Clipped to ${clipMm.value} mm`;
  }
  return line.value === null ? 'Comb check' : `Line ${line.value} done`;
});
const mayMain = computed(() => !closed.value && !(inHand.value && clipMm.value !== null && !here.value?.clipAgreed));

function tryBlade(mm: number, result: string): void {
  record('blade_tried', { mm, result });
}

function go(section: SectionId): void {
  selected.value = section;
  panel.value = 'marks';
}

const pressed = (): boolean => !closed.value && panel.value !== 'gate';
const onMarks = (): boolean => pressed() && panel.value === 'marks' && !matHere.value;
const signals = ['looks', 'tucks', 'cries', 'mouths', 'snaps'] as const;
const keys: Key[] = [
  { keys: [' ', 'Enter'], shown: 'Space', says: 'Line done, start, next', run: main, foot: false, when: () => onMarks() && mayMain.value },
  { keys: ['c'], says: 'Comb check', run: ask, foot: false, when: onMarks },
  ...signals.map((signal, index) => ({
    keys: [String(index + 1)],
    says: say.text.signals[signal],
    run: () => react(signal),
    foot: false as const,
    when: onMarks,
  })),
  { keys: ['m'], says: 'Mist', run: () => record('misted'), foot: false, when: onMarks },
  { keys: ['h'], says: 'A mat in hand', run: takeMat, foot: false, when: () => onMarks() && !table.value?.borne.spent },
  { keys: ['k'], says: 'Park a mat', run: () => (dialog.value = 'park'), foot: false, when: onMarks },
  {
    keys: ['b'],
    says: 'Blade test',
    run: () => (dialog.value = 'blades'),
    foot: false,
    when: () => onMarks() && here.value?.blades != null,
  },
  {
    keys: ['r'],
    says: 'Undercoat',
    run: () => (panel.value = 'rake'),
    foot: false,
    when: () => onMarks() && here.value?.undercoat != null,
  },
  {
    keys: ['p'],
    says: 'Pause, or hands on again',
    run: () => recordWhole(table.value?.paused ? 'resumed' : 'paused'),
    foot: false,
    when: () => pressed() && table.value?.begun === true,
  },
  { keys: ['u'], says: 'Undo', run: undo, foot: false, when: () => !closed.value },
  { keys: ['s'], says: 'Skin', run: () => (dialog.value = 'finding'), foot: false, when: pressed },
  { keys: ['n'], says: 'Note', run: () => (dialog.value = 'note'), foot: false, when: pressed },
  { keys: ['f'], says: 'Photo', run: () => (dialog.value = 'photo'), foot: false, when: pressed },
  { keys: ['g'], says: 'The bath gate', run: () => (panel.value = panel.value === 'gate' ? 'marks' : 'gate'), foot: false },
  { keys: ['z'], says: 'Big print', run: () => (big.value = !big.value), foot: false },
  { keys: ['ArrowLeft'], shown: '←', says: 'Section before', run: () => step(-1), foot: false },
  { keys: ['ArrowRight'], shown: '→', says: 'Section after', run: () => step(1), foot: false },
];
useKeys(() => (panel.value === 'comb' ? [{ keys: ['Escape'], says: 'Back to the lines', run: () => (panel.value = 'marks') }] : []));
</script>

<template>
  <VisitShell :visit="visit" :trouble="trouble" task="Table" :big="big" @retry="refresh">
    <template #chart>
      <ChartPane v-if="chart && table">
        <template #heading>
          <p class="text-title leading-9 font-extrabold">{{ done }} <span class="text-lead font-semibold">of 30 passed</span></p>
          <p class="text-note text-ink-2">
            <template v-if="table.left.likely >= 0.5"
              >About {{ say.minutes(table.left.likely) }} to go,<br class="max-tall:hidden" />
              usually {{ say.range(table.left) }}.</template
            >
            <template v-else>Nothing left to do.</template>
          </p>
        </template>
        <CoatChart
          live
          :label="`Coat chart, ${done} of 30 sections passed`"
          :sections="chart"
          :route="visit!.route"
          :selected="selected"
          :coat-mm="visit!.dog.coatMm"
          :plain="small"
          @select="go"
        />
        <template #key>
          <ChartKey kind="done">passed the comb today</ChartKey>
          <ChartKey kind="clip">clipped, or to clip (mm)</ChartKey>
          <ChartKey v-if="table.parked.length" kind="parked">{{
            table.parked.length === 1 ? 'mat parked' : `${table.parked.length} mats parked`
          }}</ChartKey>
        </template>
      </ChartPane>
    </template>

    <div v-if="visit && table && here && selected" class="flex min-h-0 flex-1 flex-col overflow-y-auto px-4 pt-2 pb-3 tall:px-8 tall:pt-3">
      <GatePanel
        v-if="panel === 'gate'"
        :visit="visit"
        :gate="drawn!.gate"
        :decides="decides"
        @go="go"
        @cleared="router.push({ name: 'dry', params: { visit: id } })"
      />
      <TableStart v-else-if="!table.begun && !closed" :visit="visit" :table="table" @start="run.begin" />
      <template v-else>
        <div class="flex flex-wrap items-baseline justify-between gap-x-4">
          <h1 class="text-say tall:text-title">{{ say.section(selected) }}</h1>
          <p class="text-list text-ink-2">
            {{ todo }}<template v-if="here.grade !== null && !here.done"> · {{ say.grade(here.grade) }}</template>
          </p>
        </div>
        <dl class="grid grid-cols-[52px_1fr] gap-x-2 text-list max-tall:hidden" :class="big ? 'hidden' : ''">
          <dt class="text-ink-2">Hold</dt>
          <dd>{{ sections![selected].holds.map((hold) => say.text.holds[hold]).join(' ') }}</dd>
          <template v-if="matted && !here.done && kind && kind !== 'leave'">
            <dt class="text-ink-2">Mats</dt>
            <dd>{{ say.text.table.matSteps[kind as 'demat'] }}</dd>
          </template>
          <template v-else>
            <dt class="text-ink-2">Tools</dt>
            <dd>
              {{ say.start(say.text.brushes[sections![selected].tools.brush]) }}:
              {{ say.text.toolReasons[sections![selected].tools.reason] }}; steel comb
              {{ say.text.directions[sections![selected].direction] }}
            </dd>
          </template>
        </dl>
        <p v-if="closed" class="mt-1 font-bold">This visit has ended. What was done stays as it is.</p>
        <div v-if="here.held" class="mt-3">
          <p class="text-lead font-bold">{{ say.text.referrals.leave_alone_see_vet }}</p>
        </div>
        <template v-else-if="panel !== 'comb'">
          <div class="mt-1 grid shrink-0 grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] gap-4">
            <LinePicture
              class="max-h-[130px] min-h-[96px] tall:max-h-[230px] tall:min-h-[110px]"
              :section="selected"
              :grade="here.done ? 0 : here.grade"
              :lines="here.lines"
              :done="here.done ? Array.from({ length: here.lines }, (_, index) => index + 1) : here.linesDone"
              :line="inHand ? line : null"
              :clip="clipMm !== null && !here.done"
              :disabled="closed || here.done || clipMm !== null"
              @up-to="run.linesUpTo"
            />
            <SectionClock :here="here" :table="table" :line="line" :extra="extra" :in-hand="inHand" :clip="clipMm !== null" />
          </div>
          <div v-if="here.guards.length || table.paused" role="status" class="my-1.5">
            <ul class="grid gap-1">
              <li v-if="table.paused" class="text-lead font-bold">Paused. The clocks stand; the day’s does not.</li>
              <li
                v-for="guard in here.guards"
                :key="guard.kind"
                class="rounded-md border-[1.5px] border-dashed border-ink px-3 py-1.5 text-list font-semibold"
              >
                {{ say.guard(guard) }}
                <RouterLink
                  v-if="guard.kind === 'snapped' || guard.kind === 'tolerance_spent'"
                  class="font-bold underline"
                  :to="{ name: 'plan', params: { visit: id } }"
                  >Plan from here</RouterLink
                >
              </li>
            </ul>
          </div>
          <p v-if="clipMm !== null && !here.done && !here.clipAgreed" class="my-1.5 text-list font-semibold text-call">
            The client has not agreed to this cut.
            <RouterLink class="underline" :to="{ name: 'plan', params: { visit: id } }">Ask first</RouterLink>
          </p>
        </template>

        <CombQuestion
          v-if="panel === 'comb' && combing"
          :key="combAsks"
          class="mt-2"
          :section="combing"
          :primitive="visit.dog.primitive"
          :mat-school="visit.matSchool"
          :asks="combAsks"
          :disabled="closed"
          @answer="combed"
        />
        <button v-if="panel === 'comb'" type="button" class="btn mt-2" @click="panel = 'marks'">Back to the lines</button>
        <MatPanel
          v-else-if="matHere && !closed"
          class="mt-2"
          :here="here"
          :table="table"
          :extra="extra"
          :clip-agreed="here.matCutAgreed"
          @worked="(outcome, closes) => record('mat_worked', { outcome, closes })"
          @park="record('mat_parked')"
        />
        <RakePanel
          v-else-if="panel === 'rake' && here.undercoat && !closed"
          class="mt-2"
          :undercoat="here.undercoat"
          :table="table"
          @pass="(rake, handfuls) => record('rake_passed', { rake, handfuls })"
          @done="panel = 'marks'"
        />
        <div v-else-if="!closed" class="mt-2 grid shrink-0 gap-2">
          <div class="grid grid-cols-[1fr_210px] gap-2 max-tall:grid-cols-[1fr_120px]">
            <MarkButton main class="min-h-21" :says="mainSays" shortcut="Space" :disabled="!mayMain" @press="main" />
            <MarkButton says="Comb check" shortcut="C" :disabled="here.held || here.done" @press="ask" />
          </div>
          <div
            class="grid grid-cols-[repeat(4,1fr)_1.2fr] gap-1.5 tall:grid-cols-[repeat(4,1fr)_12px_1.2fr] tall:gap-2"
            role="group"
            aria-label="The dog’s signals"
          >
            <template v-for="(signal, index) in signals" :key="signal">
              <span v-if="signal === 'snaps'" class="max-tall:hidden" aria-hidden="true"></span>
              <MarkButton
                :says="say.text.signals[signal]"
                :shortcut="String(index + 1)"
                :note="table.signals[signal] === null ? 'takes all' : `takes ${table.signals[signal]}`"
                @press="react(signal)"
              />
            </template>
          </div>
          <div class="flex flex-wrap gap-2 *:flex-1 *:basis-[60px] tall:*:basis-[72px]">
            <MarkButton stacked says="Mist" shortcut="M" @press="record('misted')" />
            <MarkButton stacked says="Hold a mat" shortcut="H" :disabled="table.borne.spent" @press="takeMat" />
            <MarkButton stacked says="Park a mat" shortcut="K" @press="dialog = 'park'" />
            <MarkButton v-if="here.undercoat" stacked says="Rake" shortcut="R" @press="panel = 'rake'" />
            <MarkButton v-if="here.blades" stacked says="Blade test" shortcut="B" @press="dialog = 'blades'" />
            <MarkButton
              stacked
              :says="table.paused ? 'Hands on' : 'Pause'"
              shortcut="P"
              :pressed="table.paused"
              @press="recordWhole(table.paused ? 'resumed' : 'paused')"
            />
            <MarkButton stacked says="Undo" shortcut="U" @press="undo" />
          </div>
        </div>
      </template>
    </div>
    <TaskFoot v-if="visit && table" :keys="keys">
      <div class="min-w-0 flex-1 px-2 text-list tall:px-4">
        <p v-if="table.begun && comesNext.length" class="truncate text-ink-2">
          <b class="text-ink">{{ selected ? say.section(selected).toLowerCase() : '' }}</b>
          <template v-for="section in comesNext" :key="section"> › {{ say.section(section).toLowerCase() }}</template>
          <template v-if="left.length > 4"> › {{ left.length - 4 }} more</template>
        </p>
        <p class="truncate">
          <b>Bath gate {{ drawn!.gate.cleared || drawn!.gate.open ? 'open' : 'shut' }}:</b> {{ gateSays }}
        </p>
      </div>
      <button type="button" class="toggle" :aria-pressed="panel === 'gate'" @click="panel = panel === 'gate' ? 'marks' : 'gate'">
        Gate
      </button>
      <button type="button" class="toggle ml-1.5" @click="dialog = 'more'">More</button>
    </TaskFoot>

    <AppDialog v-if="dialog === 'more'" title="More" @close="dialog = null">
      <div class="mt-4 grid grid-cols-2 gap-2">
        <MarkButton says="Skin finding" shortcut="S" :disabled="closed" @press="dialog = 'finding'" />
        <MarkButton says="Photo" shortcut="F" :disabled="closed" @press="dialog = 'photo'" />
        <MarkButton says="Note" shortcut="N" @press="dialog = 'note'" />
        <MarkButton :says="big ? 'Ordinary print' : 'Big print'" shortcut="Z" :pressed="big" @press="big = !big" />
      </div>
    </AppDialog>
    <FindingDialog v-if="dialog === 'finding' && selected" :section="selected" @save="noteFinding" @close="dialog = null" />
    <PhotoDialog v-if="dialog === 'photo'" :visit="id" :section="selected" @close="dialog = null" />
    <AppDialog
      v-if="dialog === 'blades' && here?.blades && selected"
      :title="`Blade test: ${say.section(selected).toLowerCase()}`"
      @close="dialog = null"
    >
      <BladeTestPanel class="mt-2" open :blades="here.blades" :disabled="closed" @tried="tryBlade" />
      <p class="mt-3 text-list">
        Each try is kept. The longest blade that passes is the gap to the skin, and the plan follows it.
        <RouterLink class="font-bold underline" :to="{ name: 'plan', params: { visit: id } }">Plan from here</RouterLink>
      </p>
    </AppDialog>
    <NoteDialog
      v-if="dialog === 'note' && selected"
      :title="`Note: ${say.section(selected).toLowerCase()}`"
      label="Your note"
      action="Keep the note"
      needed="Write something, or close this."
      @save="writeNote"
      @close="dialog = null"
    />
    <NoteDialog
      v-if="dialog === 'park' && selected"
      :title="`A mat for later: ${say.section(selected).toLowerCase()}`"
      label="Where exactly, if it helps"
      hint="It stands on the list and on the chart, and must be gone before the bath."
      action="Park it"
      optional
      @save="park"
      @close="dialog = null"
    />
  </VisitShell>
</template>
