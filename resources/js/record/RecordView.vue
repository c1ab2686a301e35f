<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { Refused } from '@/api/client';
import CoatView from '@/chart/CoatView.vue';
import { inspectionChart } from '@/chart/inspectionChart';
import { planChart } from '@/chart/planChart';
import { lengthsOf, tableChart } from '@/chart/tableChart';
import ChartPane from '@/chart/ChartPane.vue';
import FindingList from '@/visit/FindingList.vue';
import FoundTable from './FoundTable.vue';
import KeyCap from '@/ui/KeyCap.vue';
import LoadState from '@/ui/LoadState.vue';
import NoteDialog from '@/ui/NoteDialog.vue';
import PhotoDialog from '@/visit/PhotoDialog.vue';
import PhotoStrip from '@/visit/PhotoStrip.vue';
import PhotoViewer from '@/visit/PhotoViewer.vue';
import RecordPrint from './RecordPrint.vue';
import TakenTable from './TakenTable.vue';
import ShownPlans from './ShownPlans.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import VisitShell from '@/visit/VisitShell.vue';
import type { Key } from '@/device/useKeys';
import { useOutbox } from '@/device/useOutbox';
import { type ShownPhoto, usePhotos } from '@/device/usePhotos';
import { placeOf } from '@/visit/dayWords';
import { useRecord } from './useRecord';
import { useSession } from '@/device/useSession';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { useVisit } from '@/visit/useVisit';
import { say } from '@/messages/say';

const id = String(useRoute().params.visit);
const small = useSmallScreen();
const router = useRouter();
const { decides } = useSession();
const outbox = useOutbox();
const { visit, sections, loaded } = useVisit(id);
const { record, loaded: recordLoaded, decisions, story, found, taken } = useRecord(id, visit);
/** Before: what the comb found. After: what was planned, and once the work has begun, what was done. */
const shown = ref<'found' | 'planned'>('found');
const dialog = ref<'stop' | 'note' | 'photo' | null>(null);
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
  const words: Record<string, string> = say.text.table.goOn;
  return place && place.name in words ? { place, says: words[place.name] } : null;
});
const lengths = computed(() => (sections.value && visit.value?.table.begun ? lengthsOf(sections.value, visit.value.table) : undefined));
const chartNames = computed(() =>
  visit.value?.table.begun ? { found: 'before', planned: 'after' } : { found: 'found', planned: 'planned' },
);
const dogName = computed(() => visit.value?.dog.name ?? '');
/** "tucked up twice, cried" */
const signals = computed(() => {
  const counts = new Map<string, number>();
  visit.value?.table.reactions.forEach(({ signal }) => counts.set(signal, (counts.get(signal) ?? 0) + 1));
  return [...counts]
    .map(([signal, count]) => `${say.text.table.signalSays[signal as 'looks']}${count > 1 ? ` ${count} times` : ''}`)
    .join(', ');
});
const people = computed(() => [...new Set(story.value.map((line) => line.by))].join(', '));
const until = computed(() => (visit.value?.closedAt ? `–${say.time(visit.value.closedAt)}` : ', still here'));

async function stop(reason: string): Promise<void> {
  problem.value = '';
  try {
    await outbox.recordNow(id, 'stopped', { reason });
  } catch (failure) {
    problem.value = failure instanceof Refused ? failure.message : 'No network. The visit is still open; end it when the server answers.';
  } finally {
    dialog.value = null;
  }
}

function writeNote(text: string): void {
  outbox.record(id, 'note_written', { text });
  dialog.value = null;
}

function reopen(): void {
  const closing = visit.value?.undoable.find((mark) => mark.kind === 'handed_over' || mark.kind === 'stopped');
  if (closing) {
    outbox.record(id, 'withdrawn', { markId: closing.id });
  }
}

const mayEnd = (): boolean => open.value && decides.value;
const print = (): void => window.print();
const keys: Key[] = [
  { keys: ['p'], says: 'Print', run: print, foot: false },
  { keys: ['n'], says: 'Note', run: () => (dialog.value = 'note') },
  { keys: ['f'], says: 'Photo', run: () => (dialog.value = 'photo'), when: () => open.value },
  {
    keys: ['c'],
    says: 'Found or planned',
    run: () => (shown.value = shown.value === 'found' ? 'planned' : 'found'),
    foot: { shown: 'C', says: 'Chart' },
  },
  { keys: ['x'], says: 'Stop the visit', run: () => (dialog.value = 'stop'), when: mayEnd },
  { keys: ['d'], says: 'The day', run: () => void router.push({ name: 'day' }), foot: false },
];
</script>

<template>
  <VisitShell :visit="visit" :loaded="loaded" task="Record" class="print:hidden">
    <template #chart>
      <ChartPane v-if="charts">
        <template #heading>
          <div class="flex gap-1 max-tall:grid tall:justify-end wide:justify-start" role="group" aria-label="What the chart shows">
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
          :label="`Coat chart of ${dogName}, ${chartNames[shown]}`"
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
        With {{ people }}, {{ say.time(visit.arrivedAt) }}{{ until }}. Mat load {{ Math.round(visit.summary.matLoad) }} of 100. Forecast
        {{ say.minutes(visit.table.forecast.likely) }}{{ record.plan.totals.complete ? '' : ' so far' }} at the table<template
          v-if="visit.table.begun"
          >, taken <b>{{ say.minutes(visit.table.seconds / 60) }}</b></template
        >; pulling {{ say.pulling(visit.table.begun ? visit.table.borne.byWork : record.plan.totals.tension) }} of the
        {{ say.pulling(visit.summary.tolerance.minutes) }} min we ask of this dog<template v-if="visit.table.reactions.length"
          >; signals: {{ signals }}</template
        >.
      </p>
      <section class="mt-4">
        <h2 class="text-lead">Decided, and why</h2>
        <p v-if="decisions.length === 0" class="text-list text-ink-2">Nothing has been decided with the client yet.</p>
        <ol class="mt-1 grid gap-1.5">
          <li v-for="line in decisions" :key="line.id" class="grid grid-cols-[3.5rem_1fr] text-list">
            <time class="text-ink-2">{{ say.moment(line.at, visit!.arrivedAt) }}</time>
            <p>
              <b>{{ line.what }}</b><template v-if="line.why">, {{ line.why }}</template
              >. <span class="text-ink-2">{{ line.by }}</span>
            </p>
          </li>
        </ol>
      </section>
      <section class="mt-4">
        <h2 class="text-lead">What was found</h2>
        <FoundTable class="mt-1" :rows="found" />
      </section>
      <TakenTable v-if="taken.length" class="mt-4" :taken="taken" :forecast="visit.table.forecast" :seconds="visit.table.seconds" />
      <section v-if="visit.findings.length" class="mt-4">
        <h2 class="text-lead">Please watch</h2>
        <FindingList class="mt-1 text-list" :findings="visit.findings" :photos="photos" with-place @look="lookedAt = $event" />
      </section>
      <section v-if="photos.some((photo) => !photo.earlierVisit)" class="mt-4 grid gap-3">
        <h2 class="text-lead">Photos</h2>
        <PhotoStrip
          v-for="moment in ['before', 'after'] as const"
          :key="moment"
          :photos="photos.filter((photo) => photo.moment === moment && !photo.earlierVisit)"
          :label="say.text.momentChoices[moment]"
          @look="lookedAt = $event"
        />
      </section>
      <section v-if="visit.notes.length" class="mt-4">
        <h2 class="text-lead">Notes</h2>
        <ul class="mt-1 grid gap-1">
          <li v-for="note in visit.notes" :key="note.id" class="text-list">
            <template v-if="note.section">{{ say.section(note.section) }}: </template>{{ note.text }}
            <span class="text-ink-2">{{ note.by }}, {{ say.moment(note.at, visit!.arrivedAt) }}</span>
          </li>
        </ul>
      </section>
      <ShownPlans class="mt-4" :plans="record.shownPlans" />
      <details class="mt-4 border-t border-line pt-2">
        <summary class="act -ml-2 cursor-pointer">Everything that was recorded, {{ story.length }} entries</summary>
        <ol class="mt-1 grid gap-1">
          <li
            v-for="line in story"
            :key="line.id"
            class="grid grid-cols-[3.5rem_1fr] text-list"
            :class="line.withdrawn ? 'text-ink-2 line-through' : ''"
          >
            <time class="text-ink-2">{{ say.moment(line.at, visit!.arrivedAt) }}</time>
            <p>
              <b>{{ line.what }}</b><template v-if="line.why">. {{ line.why }}</template>
              <span class="text-ink-2"> · {{ line.by }}{{ line.withdrawn ? ', taken back' : '' }}</span>
            </p>
          </li>
        </ol>
      </details>
      <p class="mt-4 border-t border-line pt-2 text-note text-ink-2">
        Grades by a comb drawn from the skin: 0 Clear to 5 Pelted. House rules version {{ record.houseRulesVersion }}.
        {{ say.text.notVeterinary }}
      </p>
    </div>
    <LoadState v-else class="flex-1" :loaded="recordLoaded" :fetching="say.text.fetching.record" />
    <section class="shrink-0 border-t border-line bg-paper px-4 py-2.5 tall:px-8" aria-label="End of the visit">
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
            >{{ dogName }} goes home</RouterLink
          >
          <button type="button" class="btn btn-small group min-h-13" @click="print">Print <KeyCap>P</KeyCap></button>
        </template>
        <template v-else>
          <p class="min-w-0 flex-1 text-lead font-bold">
            {{ open ? 'A groomer ends the visit.' : visit?.stage === 'stopped' ? 'This visit was stopped.' : `${dogName} has gone home.` }}
          </p>
          <button v-if="!open && decides" type="button" class="btn btn-small" @click="reopen">Take that back</button>
          <button type="button" class="btn btn-small group" @click="print">Print <KeyCap>P</KeyCap></button>
        </template>
      </div>
    </section>
    <TaskFoot :keys="keys" />
    <PhotoDialog v-if="dialog === 'photo'" :visit="id" :section="null" @close="dialog = null" />
    <PhotoViewer v-if="lookedAt" :visit="id" :photos="photos" :start="lookedAt" @close="lookedAt = null" />
    <NoteDialog
      v-if="dialog === 'note'"
      title="A note on the visit"
      label="Your note"
      action="Keep the note"
      needed="Write something, or close this."
      @save="writeNote"
      @close="dialog = null"
    />
    <NoteDialog
      v-if="dialog === 'stop'"
      title="Stop the visit"
      label="Why does it end here?"
      action="Stop the visit"
      needed="Say why, in a few words."
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
    :found="found"
    :people="people"
    :chart-names="chartNames"
  />
</template>
