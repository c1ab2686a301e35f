<script setup lang="ts">
import { isKey, language, t } from '@/messages/words';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { Refused } from '@/api/client';
import CoatView from '@/chart/CoatView.vue';
import { inspectionChart } from '@/chart/inspectionChart';
import { planChart } from '@/chart/planChart';
import { lengthsOf, tableChart } from '@/chart/tableChart';
import BoldWords from '@/ui/BoldWords.vue';
import ChartPane from '@/chart/ChartPane.vue';
import FindingList from '@/visit/FindingList.vue';
import FoundTable from './FoundTable.vue';
import LateEntries from './LateEntries.vue';
import KeyCap from '@/ui/KeyCap.vue';
import LoadState from '@/ui/LoadState.vue';
import PhotoStrip from '@/visit/PhotoStrip.vue';
import RecordPrint from './RecordPrint.vue';
import TakenTable from './TakenTable.vue';
import SheetDialog from './SheetDialog.vue';
import ShownPlans from './ShownPlans.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import VisitShell from '@/visit/VisitShell.vue';
import type { Key } from '@/device/useKeys';
import { useOutbox } from '@/device/useOutbox';
import { type ShownPhoto, usePhotos } from '@/device/usePhotos';
import { placeOf } from '@/visit/steps';
import { useRecord } from './useRecord';
import { useSession } from '@/device/useSession';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { useVisit } from '@/visit/useVisit';
import { noteSaid } from '@/visit/noteWords';
import { say } from '@/messages/say';
import { later } from '@/ui/later';

const NoteDialog = later(() => import('@/ui/dialogs'), 'NoteDialog');
const PhotoDialog = later(() => import('@/visit/dialogs'), 'PhotoDialog');
const PhotoViewer = later(() => import('@/visit/dialogs'), 'PhotoViewer');
const id = String(useRoute().params.visit);
const small = useSmallScreen();
const router = useRouter();
const { decides } = useSession();
const outbox = useOutbox();
const { visit, sections, loaded } = useVisit(id);
const { record, loaded: recordLoaded, decisions, story, late, taken } = useRecord(id, visit);
/** Before: what the comb found. After: what was planned, and once the work has begun, what was done. */
const shown = ref<'found' | 'planned'>('found');
const dialog = ref<'stop' | 'note' | 'photo' | 'send' | null>(null);
const photos = usePhotos().around(visit);
const lookedAt = ref<ShownPhoto | null>(null);
const problem = ref('');

const charts = computed(() =>
  sections.value && record.value
    ? {
        found: inspectionChart(sections.value, visit.value!.findings),
        planned: visit.value!.table.begun ? tableChart(sections.value, visit.value!.table) : planChart(sections.value, record.value.plan),
      }
    : null,
);
const open = computed(() => visit.value?.closedAt == null);
/** Where somebody is needed before the dog goes home. */
const goOn = computed(() => {
  const place = visit.value ? placeOf(visit.value) : null;

  const key = place && `visit.goOn.${place.name}`;
  return key && isKey(key) ? { place, says: t(key) } : null;
});
const lengths = computed(() => (sections.value && visit.value?.table.begun ? lengthsOf(sections.value, visit.value.table) : undefined));
const chartNames = computed(() =>
  visit.value?.table.begun
    ? { found: t('record.found.before'), planned: t('record.found.after') }
    : { found: t('record.found.foundShort'), planned: t('record.found.plannedShort') },
);
const dogName = computed(() => visit.value?.dog.name ?? '');
const people = computed(() => [...new Set(story.value.map((line) => line.by))].join(', '));
const until = computed(() => (visit.value?.closedAt ? `–${say.time(visit.value.closedAt)}` : t('record.stillHere')));

async function stop(reason: string): Promise<void> {
  problem.value = '';
  try {
    await outbox.recordNow(id, 'stopped', { reason });
  } catch (failure) {
    problem.value = failure instanceof Refused ? failure.message : t('record.noNetworkEnd');
  } finally {
    dialog.value = null;
  }
}

function writeNote(text: string): void {
  outbox.record(id, 'note_written', { text });
  dialog.value = null;
}

/** The late entry that somebody says counts. */
const counting = ref<string | null>(null);
function count(reason: string): void {
  outbox.record(id, 'late_counted', { markId: counting.value!, reason });
  counting.value = null;
}

function reopen(): void {
  const closing = visit.value?.undoable.find((mark) => mark.kind === 'handed_over' || mark.kind === 'stopped');
  if (closing) {
    outbox.record(id, 'withdrawn', { markId: closing.id });
  }
}

/** Rules that came with a dog from elsewhere have numbers below zero. */
const rulesSaid = computed(() => {
  const version = record.value!.houseRulesVersion;
  return version > 0 ? t('record.rulesHere', { version }) : t('record.rulesElsewhere');
});
const mayEnd = (): boolean => open.value && decides.value;
const print = (): void => window.print();
/** The same record as a file. */
const sheet = computed(() => `/api/visits/${id}/sheet?language=${language()}`);
const keys: Key[] = [
  { keys: ['p'], says: t('record.printIt'), run: print, foot: false },
  { keys: ['n'], says: t('ui.note'), run: () => (dialog.value = 'note') },
  { keys: ['f'], says: t('ui.photo'), run: () => (dialog.value = 'photo'), when: () => open.value },
  {
    keys: ['c'],
    says: t('record.keys.foundOrPlanned'),
    run: () => (shown.value = shown.value === 'found' ? 'planned' : 'found'),
    foot: { shown: 'C', says: t('record.keys.chart') },
  },
  { keys: ['x'], says: t('record.stop.title'), run: () => (dialog.value = 'stop'), when: mayEnd },
  { keys: ['d'], says: t('ui.theDay'), run: () => void router.push({ name: 'day' }), foot: false },
];
</script>

<template>
  <VisitShell :visit="visit" :loaded="loaded" :task="t('record.title')" class="print:hidden">
    <template #chart>
      <ChartPane v-if="charts">
        <template #heading>
          <div class="flex gap-1 max-tall:grid tall:justify-end wide:justify-start" role="group" :aria-label="t('record.chart.shows')">
            <button
              v-for="what in ['found', 'planned'] as const"
              :key="what"
              type="button"
              class="chip capitalize"
              :class="shown === what ? 'bg-ink! text-on-ink' : ''"
              :aria-pressed="shown === what"
              @click="shown = what"
            >
              {{ chartNames[what] }}
            </button>
          </div>
        </template>
        <CoatView
          :label="t('record.chart.dogOf', { dog: dogName, what: chartNames[shown] })"
          :sections="charts[shown]"
          :route="visit!.route"
          :coat-mm="visit!.dog.coatMm"
          :lengths="shown === 'planned' ? lengths : undefined"
          :plain="small"
        />
      </ChartPane>
    </template>
    <div v-if="record && visit" class="min-h-0 flex-1 overflow-y-auto px-4 pb-4 tall:px-8 tall:pt-4">
      <h1 class="text-ask">
        <span class="font-name text-name font-extrabold italic">{{ dogName }}</span>, {{ say.day(visit.arrivedAt) }}
      </h1>
      <p class="text-list">
        {{ t('record.summary.facts', { people, from: say.time(visit.arrivedAt), until, load: Math.round(visit.summary.matLoad) }) }}
        <BoldWords :words="record.work" />
      </p>
      <section class="mt-4">
        <h2 class="text-lead">{{ t('record.decided') }}</h2>
        <p v-if="decisions.length === 0" class="text-list text-ink-2">{{ t('record.nothingDecided') }}</p>
        <ol class="mt-1 grid gap-1.5">
          <li v-for="line in decisions" :key="line.id" class="grid grid-cols-[3.5rem_1fr] text-list">
            <time class="text-ink-2">{{ say.moment(line.at, visit!.arrivedAt) }}</time>
            <p>
              <b>{{ line.decision.what }}</b><template v-if="line.decision.why">, {{ line.decision.why }}</template
              >. <span class="text-ink-2">{{ line.by }}</span>
            </p>
          </li>
        </ol>
      </section>
      <section class="mt-4">
        <h2 class="text-lead">{{ t('record.whatWasFound') }}</h2>
        <FoundTable class="mt-1" :rows="record.found" />
      </section>
      <TakenTable v-if="taken.length" class="mt-4" :taken="taken" :forecast="visit.table.forecast" :seconds="visit.table.seconds" />
      <section v-if="visit.findings.length" class="mt-4">
        <h2 class="text-lead">{{ t('record.watch') }}</h2>
        <FindingList class="mt-1 text-list" :findings="visit.findings" :photos="photos" with-place @look="lookedAt = $event" />
      </section>
      <section v-if="photos.some((photo) => !photo.earlierVisit)" class="mt-4 grid gap-3">
        <h2 class="text-lead">{{ t('record.photos') }}</h2>
        <PhotoStrip
          v-for="moment in ['before', 'after'] as const"
          :key="moment"
          :photos="photos.filter((photo) => photo.moment === moment && !photo.earlierVisit)"
          :label="t(`device.momentChoices.${moment}`)"
          @look="lookedAt = $event"
        />
      </section>
      <section v-if="visit.notes.length" class="mt-4">
        <h2 class="text-lead">{{ t('record.notes') }}</h2>
        <ul class="mt-1 grid gap-1">
          <li v-for="note in visit.notes" :key="note.id" class="text-list">
            <template v-if="note.section">{{ say.section(note.section) }}: </template>{{ noteSaid(note) }}
            <span class="text-ink-2">{{ note.by }}, {{ say.moment(note.at, visit!.arrivedAt) }}</span>
          </li>
        </ul>
      </section>
      <LateEntries v-if="late.length" class="mt-4" :late="late" :visit="visit!" :decides="decides" @count="counting = $event" />
      <ShownPlans class="mt-4" :plans="record.shownPlans" />
      <details class="mt-4 border-t border-line pt-2">
        <summary class="act -ml-2">{{ t('record.everything', { count: story.length }) }}</summary>
        <ol class="mt-1 grid gap-1">
          <li
            v-for="line in story"
            :key="line.id"
            class="grid grid-cols-[3.5rem_1fr] text-list"
            :class="line.withdrawn ? 'text-ink-2 line-through' : ''"
          >
            <time class="text-ink-2">{{ say.moment(line.at, visit!.arrivedAt) }}</time>
            <p>
              <b>{{ line.said.what }}</b><template v-if="line.said.why">. {{ line.said.why }}</template>
              <span class="text-ink-2">
                · {{ line.by }}{{ line.withdrawn ? t('record.takenBack') : line.setApart ? t('record.setApart.notCounted') : '' }}</span
              >
            </p>
          </li>
        </ol>
      </details>
      <p class="mt-4 border-t border-line pt-2 text-note text-ink-2">
        {{ t('record.foot', { rules: rulesSaid, notVeterinary: t('device.notVeterinary') }) }}
      </p>
    </div>
    <LoadState v-else class="flex-1" :loaded="recordLoaded" :fetching="t('device.fetching.record')" />
    <section class="shrink-0 border-t border-line bg-paper px-4 py-2.5 tall:px-8" :aria-label="t('record.end')">
      <p v-if="problem" class="font-semibold" role="alert">{{ problem }}</p>
      <div class="flex flex-wrap items-center gap-2">
        <template v-if="open && decides">
          <RouterLink v-if="goOn" class="btn btn-main btn-small min-h-13 flex-1 max-tall:basis-full" :to="goOn.place">{{
            goOn.says
          }}</RouterLink>
          <RouterLink
            class="btn btn-small min-h-13"
            :class="goOn ? 'max-tall:flex-1' : 'btn-main flex-1'"
            :to="{ name: 'home', params: { visit: id } }"
            >{{ t('ui.goesHome', { dog: dogName }) }}</RouterLink
          >
          <a class="btn btn-small min-h-13" :href="sheet" target="_blank" rel="noopener">{{ t('record.sheet.pdf') }}</a>
          <button type="button" class="btn btn-small group min-h-13" @click="print">{{ t('record.printIt') }} <KeyCap>P</KeyCap></button>
        </template>
        <template v-else>
          <p class="text-lead font-bold" :class="!open && decides ? 'basis-full' : 'min-w-0 flex-1'">
            {{ open ? t('record.groomerEnds') : visit?.stage === 'stopped' ? t('ui.stopped') : t('ui.gone', { dog: dogName }) }}
          </p>
          <button v-if="!open && decides && record" type="button" class="btn btn-small flex-1 max-tall:basis-full" @click="dialog = 'send'">
            {{ t('record.sheet.short') }}
          </button>
          <button v-if="!open && decides" type="button" class="btn btn-small" @click="reopen">{{ t('record.takeThatBack') }}</button>
          <a class="btn btn-small" :href="sheet" target="_blank" rel="noopener">{{ t('record.sheet.pdf') }}</a>
          <button type="button" class="btn btn-small group" @click="print">{{ t('record.printIt') }} <KeyCap>P</KeyCap></button>
        </template>
      </div>
    </section>
    <TaskFoot :keys="keys" />
    <SheetDialog
      v-if="dialog === 'send' && record && visit"
      :visit="id"
      :client="visit.dog.client.name"
      :sent="record.sent"
      :reach="record.reach"
      @changed="recordLoaded.refresh()"
      @close="dialog = null"
    />
    <PhotoDialog v-if="dialog === 'photo'" :visit="id" :section="null" @close="dialog = null" />
    <PhotoViewer v-if="lookedAt" :visit="id" :photos="photos" :start="lookedAt" @close="lookedAt = null" />
    <NoteDialog
      v-if="dialog === 'note'"
      :title="t('record.noteTitle')"
      :label="t('ui.notes.yours')"
      :action="t('ui.notes.keep')"
      :needed="t('ui.notes.needed')"
      @save="writeNote"
      @close="dialog = null"
    />
    <NoteDialog
      v-if="counting"
      :title="t('record.setApart.count')"
      :label="t('record.setApart.why')"
      :action="t('record.setApart.count')"
      :needed="t('ui.sayWhy')"
      @save="count"
      @close="counting = null"
    />
    <NoteDialog
      v-if="dialog === 'stop'"
      :title="t('record.stop.title')"
      :label="t('record.stop.why')"
      :action="t('record.stop.title')"
      :needed="t('ui.sayWhy')"
      @save="stop"
      @close="dialog = null"
    />
  </VisitShell>
  <RecordPrint
    v-if="record && visit && charts"
    :visit="visit"
    :record="record"
    :charts="charts"
    :decisions="decisions"
    :people="people"
    :chart-names="chartNames"
  />
</template>
