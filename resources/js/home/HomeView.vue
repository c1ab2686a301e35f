<script setup lang="ts">
import { t, wordsOf } from '@/messages/words';
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { Aftercare, FinishItem, SectionId } from '@/api/types';
import CoatView from '@/chart/CoatView.vue';
import { lengthsOf, tableChart } from '@/chart/tableChart';
import ChartPane from '@/chart/ChartPane.vue';
import FindingList from '@/visit/FindingList.vue';
import MarkButton from '@/ui/MarkButton.vue';
import MindFirst from '@/visit/MindFirst.vue';
import AppDialog from '@/ui/AppDialog.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import UndoNote from '@/ui/UndoNote.vue';
import TellReady from '@/visit/TellReady.vue';
import VisitShell from '@/visit/VisitShell.vue';
import { useAfterTable } from '@/bath/useAfterTable';
import { aimAt, type Key } from '@/device/useKeys';
import { useSession } from '@/device/useSession';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { useVisit } from '@/visit/useVisit';
import { say } from '@/messages/say';
import { later } from '@/ui/later';

const NoteDialog = later(() => import('@/ui/dialogs'), 'NoteDialog');
const id = String(useRoute().params.visit);
const router = useRouter();
const small = useSmallScreen();
const { decides } = useSession();
const { visit, sections, loaded } = useVisit(id);
const { drawn, problem, closed, record, decide, undoing } = useAfterTable(id, visit, [
  'posture_taken',
  'rest_began',
  'finish_ticked',
  'clipped',
  'aftercare_chosen',
  'signed_off',
  'ready_told',
]);
const handing = ref(false);
const telling = ref(false);
function toldReady(mark: string): void {
  telling.value = false;
  undoing.made({ id: mark });
}
const signButton = ref<HTMLButtonElement>();
const homeButton = ref<HTMLButtonElement>();

const home = computed(() => drawn.value?.home ?? null);
const chart = computed(() => (sections.value && drawn.value ? tableChart(sections.value, drawn.value.table) : null));
const lengths = computed(() => (sections.value && drawn.value ? lengthsOf(sections.value, drawn.value.table) : undefined));
const items = Object.keys(wordsOf('table.finishItems')) as FinishItem[];
const topics = Object.keys(wordsOf('table.aftercare')) as Aftercare[];
/** What was switched here and is not kept yet: nothing that comes in meanwhile switches it back. */
const switched = ref<Aftercare[] | null>(null);
/** What the client is told: as switched, else as kept, else what the work asks for. */
const chosen = computed<Aftercare[]>(() => switched.value ?? home.value?.aftercare?.items ?? home.value?.advised ?? []);
const settled = computed(() => home.value?.aftercare != null && sameSet(home.value.aftercare.items, chosen.value));
const skipped = computed(() => home.value?.skipped ?? []);
const dogName = computed(() => visit.value?.dog.name ?? '');
const failing = computed(
  () =>
    (drawn.value?.bath.toCombAgain.length ?? 0) > 0 &&
    (drawn.value?.bath.steps.rinsed_out ?? drawn.value?.bath.steps.sponged) !== undefined,
);

function sameSet(one: readonly string[], other: readonly string[]): boolean {
  return one.length === other.length && one.every((item) => other.includes(item));
}

function tick(item: FinishItem): void {
  const done = home.value?.ticks[item];
  if (done) {
    undoing.takeBack(done.id);
  } else {
    record('finish_ticked', { item });
  }
}

function toggle(topic: Aftercare): void {
  switched.value = chosen.value.includes(topic) ? chosen.value.filter((one) => one !== topic) : [...chosen.value, topic];
}

/** By length: a body at 16 mm is one touch. */
const cuts = computed(() => {
  const byLength = new Map<number, NonNullable<typeof home.value>['cuts']>();
  home.value?.cuts.forEach((cut) => byLength.set(cut.mm, [...(byLength.get(cut.mm) ?? []), cut]));
  return [...byLength]
    .sort(([one], [other]) => other - one)
    .map(([mm, places]) => ({ mm, places, agreed: places.every((place) => place.agreed) }));
});
/** What sits on the skin where a cut is planned, and nobody has seen it since it was noted. */
const toMind = computed(() =>
  (home.value?.cuts ?? []).map(({ section }) => section).filter((section) => drawn.value?.table.sections[section].toMind),
);
const findingsToMind = computed(() =>
  (visit.value?.findings ?? []).filter((finding) => toMind.value.includes(finding.section) && !finding.closed),
);
function seen(): void {
  toMind.value.forEach((section, index) => record('finding_minded', {}, section, index > 0));
}
function cutTo(mm: number, places: { section: SectionId }[]): void {
  places.forEach(({ section }, index) => record('clipped', { mm }, section, index > 0));
}

async function sign(): Promise<void> {
  const items = chosen.value;
  if (!settled.value && !(await decide('aftercare_chosen', { items }))) {
    return;
  }
  if (await decide('signed_off', {})) {
    switched.value = null;
  }
}

async function handOver(because?: string): Promise<void> {
  handing.value = false;
  await decide('handed_over', because ? { skippedBecause: because } : {});
}

function goHome(): void {
  if (visit.value?.split && home.value?.goesOn) {
    void handOver(t('split.handOver', { visit: visit.value.split.visit, of: visit.value.split.of }));
  } else if (skipped.value.length) {
    handing.value = true;
  } else {
    void handOver();
  }
}

const mayDecide = (): boolean => decides.value && !closed.value;
const keys: Key[] = [
  { keys: ['u'], says: t('ui.undo'), run: undoing.undo, when: () => !closed.value },
  ...items.map((item, index) => ({
    keys: [String(index + 1)],
    says: t(`table.finishItems.${item}`),
    run: () => tick(item),
    foot: false as const,
    when: () => !closed.value,
  })),
  {
    keys: ['g'],
    says: t('home.sign'),
    run: aimAt(() => signButton.value),
    foot: false,
    when: () => mayDecide() && home.value?.signedOff == null,
  },
  { keys: ['h'], says: t('home.goesHome'), run: aimAt(() => homeButton.value), foot: false, when: mayDecide },
  { keys: ['v'], says: t('home.next.title'), run: () => void router.push({ name: 'next-visit', params: { visit: id } }) },
  { keys: ['r'], says: t('ui.theRecord'), run: () => void router.push({ name: 'record', params: { visit: id } }) },
];
</script>

<template>
  <VisitShell :visit="visit" :loaded="loaded" :task="t('visit.goingHome')" @marked="undoing.made({ id: $event })">
    <template #chart>
      <ChartPane v-if="chart && visit">
        <template #heading>
          <p class="text-lead font-bold wide:text-say">{{ t('home.asItGoes') }}</p>
        </template>
        <CoatView :label="t('home.chart', { dog: dogName })" :sections="chart" :route="visit.route" :lengths="lengths" :plain="small" />
      </ChartPane>
    </template>
    <div v-if="visit && home" class="min-h-0 flex-1 overflow-y-auto px-4 pb-4 tall:px-8 tall:pt-4">
      <h1 class="text-ask">
        {{ closed ? (visit.stage === 'stopped' ? t('ui.stopped') : t('ui.gone', { dog: dogName })) : t('home.before', { dog: dogName }) }}
      </h1>
      <p v-if="problem" class="mt-2 font-semibold" role="alert">{{ problem }}</p>
      <div class="mt-3 grid grid-cols-2 gap-2 tall:grid-cols-4" role="group" :aria-label="t('visit.markKinds.finish_ticked')">
        <MarkButton
          v-for="(item, index) in items"
          :key="item"
          :says="t(`table.finishItems.${item}`)"
          :shortcut="String(index + 1)"
          :note="home.ticks[item] ? t('ui.done') : ' '"
          :pressed="home.ticks[item] != null"
          :disabled="closed"
          @press="tick(item)"
        />
      </div>
      <p v-if="!closed && !home.ticks.eyes" class="mt-2 text-list text-ink-2">{{ t('table.finishHints.eyes') }}</p>
      <section v-if="cuts.length && !closed" class="mt-4 border-t border-line pt-3">
        <h2 class="text-lead">{{ t('table.finishCuts.title') }}</h2>
        <p class="text-list text-ink-2">{{ t('table.finishCuts.hint') }}</p>
        <template v-if="toMind.length">
          <FindingList class="mt-2 text-list" :findings="findingsToMind" with-place />
          <MindFirst class="mt-2" @seen="seen" />
        </template>
        <ul v-else class="mt-2 grid gap-2">
          <li v-for="cut in cuts" :key="cut.mm" class="flex flex-wrap items-center gap-x-4 gap-y-1">
            <button type="button" class="btn btn-small min-h-14" :disabled="!cut.agreed" @click="cutTo(cut.mm, cut.places)">
              {{ t('table.finishCuts.cut', { length: say.mm(cut.mm) }) }}
            </button>
            <span class="min-w-0 flex-1 text-list"
              >{{ say.sections(cut.places.map((place) => place.section))
              }}<template v-if="!cut.agreed">. {{ t('table.finishCuts.ask') }}</template></span
            >
          </li>
        </ul>
      </section>
      <section class="mt-4 flex flex-wrap items-center gap-x-4 gap-y-2 border-t border-line pt-3">
        <div class="min-w-0 flex-1">
          <h2 class="text-lead">{{ t('home.next.title') }}</h2>
          <p class="text-list">
            {{ home.nextVisit ? t('home.next.told', { weeks: home.nextVisit.weeks, by: home.nextVisit.by }) : t('home.next.open') }}
          </p>
        </div>
        <RouterLink class="btn btn-small min-h-14" :to="{ name: 'next-visit', params: { visit: id } }">{{
          home.nextVisit ? t('home.next.again') : t('home.next.when', { dog: dogName })
        }}</RouterLink>
      </section>
      <section class="mt-4 border-t border-line pt-3">
        <h2 class="text-lead">{{ t('home.told', { client: visit.dog.client.name }) }}</h2>
        <p class="text-list text-ink-2">
          {{ home.advised.length ? t('home.chosen') : t('home.noCare') }}
        </p>
        <div class="mt-2 flex flex-wrap gap-2">
          <button
            v-for="topic in topics"
            :key="topic"
            type="button"
            class="toggle min-h-12 text-list"
            :aria-pressed="chosen.includes(topic)"
            :disabled="closed || !decides"
            @click="toggle(topic)"
          >
            {{ t(`table.aftercare.${topic}.say`) }}
          </button>
        </div>
        <p v-if="chosen.includes('redness') && !closed" class="mt-2 text-list font-semibold">{{ t('table.rednessAsk') }}</p>
        <ul v-if="chosen.length" class="mt-2 grid gap-1.5">
          <li v-for="topic in chosen" :key="topic">{{ t(`table.aftercare.${topic}.text`) }}</li>
        </ul>
        <p v-if="chosen.some((topic) => home!.nextDay.includes(topic))" class="mt-2 text-list">
          {{ t('table.nextDay', { client: visit.dog.client.name, dog: dogName }) }}
        </p>
        <p class="mt-2 text-note text-ink-2">{{ t('device.notVeterinary') }}</p>
      </section>
      <p v-if="!closed && skipped.length" class="mt-3 border-t border-line pt-3 text-list">
        <b>{{ t('home.notRecorded') }}</b> {{ skipped.map((step) => t(`table.skipped.${step}`)).join(', ') }}.
      </p>
    </div>
    <section
      v-if="visit && home"
      class="shrink-0 border-t border-line bg-paper px-4 py-2.5 tall:px-8"
      :aria-label="t('home.signAndHandOver')"
    >
      <div v-if="decides && !closed" class="flex flex-wrap items-center gap-2">
        <p v-if="home.signedOff" class="min-w-0 flex-1 text-list max-tall:basis-full">
          <b>{{ t('home.signedAt', { time: say.time(home.signedOff.at) }) }}</b> {{ t('home.signedBy', { by: home.signedOff.by }) }}
        </p>
        <button v-else ref="signButton" type="button" class="btn group flex-1" :class="failing ? '' : 'btn-main'" @click="sign">
          {{ settled ? t('home.sign') : t('home.keepAndSign') }}
        </button>
        <button ref="homeButton" type="button" class="btn group flex-1" :class="home.signedOff ? 'btn-main' : ''" @click="goHome">
          {{ t('ui.goesHome', { dog: dogName }) }}
        </button>
        <button v-if="home.signedOff" type="button" class="btn btn-small min-h-14" @click="telling = true">
          {{ home.readyTold ? t('home.toldAt', { time: say.time(home.readyTold.at) }) : t('home.tell', { client: visit.dog.client.name }) }}
        </button>
        <RouterLink class="btn btn-small min-h-14" :to="{ name: 'record', params: { visit: id } }">{{ t('ui.theRecord') }}</RouterLink>
      </div>
      <div v-else class="flex flex-wrap items-center gap-2">
        <p class="min-w-0 flex-1 text-lead font-bold">{{ closed ? '' : t('home.groomerSigns') }}</p>
        <RouterLink class="btn" :to="{ name: 'record', params: { visit: id } }">{{ t('ui.theRecord') }}</RouterLink>
      </div>
    </section>
    <UndoNote :undoing="undoing" />
    <TaskFoot :keys="keys" />
    <AppDialog v-if="telling && visit" :title="t('home.tell', { client: visit.dog.client.name })" @close="telling = false">
      <TellReady class="mt-4" :visit="id" :client="visit.dog.client.name" @told="toldReady" />
    </AppDialog>
    <NoteDialog
      v-if="handing"
      :title="t('ui.goesHome', { dog: dogName })"
      :label="t('home.skipped.why')"
      :hint="t('home.skipped.what', { steps: skipped.map((step) => t(`table.skipped.${step}`)).join(', ') })"
      :action="t('home.skipped.handOver')"
      :needed="t('home.skipped.sayWhy')"
      @save="handOver"
      @close="handing = false"
    />
  </VisitShell>
</template>
