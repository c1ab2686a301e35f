<script setup lang="ts">
// A dog over the years: its charts on one strand, a place's own hair, how it is to handle, its skin, its card, its next visit.
import { computed, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { download } from '@/api/download';
import { api } from '@/api/client';
import type { DogYears, SectionId } from '@/api/types';
import CoatChart from '@/chart/CoatChart.vue';
import { allSections } from '@/chart/geometry';
import { chartOfGrades } from '@/chart/tones';
import type { Key } from '@/device/useKeys';
import { useLoader } from '@/device/useLoader';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import { clockOf, whyOf } from '@/home/nextWords';
import FreshnessNote from '@/ui/FreshnessNote.vue';
import LoadState from '@/ui/LoadState.vue';
import SaveState from '@/ui/SaveState.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import HandlingList from '@/visit/HandlingList.vue';
import CardDialog from './CardDialog.vue';
import { gradeOf } from './sectionStrand';
import SectionStrand from './SectionStrand.vue';
import VisitTable from './VisitTable.vue';
import WeightStrand from './WeightStrand.vue';

const id = String(useRoute().params.dog);
const loaded = useLoader<DogYears>({ ask: () => api('get', '/api/dogs/{dog}/years', { path: { dog: id } }) });
void loaded.refresh();
const years = loaded.value;
const section = ref<SectionId>('behind_ear_l');
const pickedVisit = ref<string | null>(null);
const editing = ref(false);
const { owns } = useSession();
const asTable = ref(false);
const strip = ref<HTMLElement>();

const dog = computed(() => years.value?.dog ?? null);
const visits = computed(() => years.value?.visits ?? []);
const at = computed(() => {
  const index = visits.value.findIndex((visit) => visit.id === pickedVisit.value);
  return index < 0 ? visits.value.length - 1 : index;
});
const visit = computed(() => visits.value[at.value] ?? null);
const mind = computed(() =>
  dog.value
    ? [dog.value.mind, ...dog.value.health.map((fact) => say.within(t(`card.health.${fact}`)))].filter((word) => word).join(' · ')
    : '',
);
const matted = (one: DogYears['visits'][number]): number => [...one.grades].filter((grade) => /[2-5]/.test(grade)).length;
const chart = computed(() => {
  if (!visit.value) {
    return null;
  }
  const drawn = chartOfGrades(visit.value.grades);
  allSections.forEach((one) => {
    const grade = gradeOf(visit.value!, one);
    drawn[one] = {
      ...drawn[one],
      text: grade === null ? undefined : String(grade),
      said: grade === null ? t('coat.notChecked') : say.grade(grade),
    };
  });
  return drawn;
});
/** The last visits stand at the right: the newest is looked at first. */
watch(strip, (element) => element?.scrollTo({ left: element.scrollWidth }));

const photosHere = computed(() => (years.value?.photos ?? []).filter((photo) => photo.section === section.value));
const here = computed(() => {
  const cuts = visits.value.filter((one) => one.leftMm[section.value]! < one.cameMm[section.value]! - 0.5).length;
  const mats = visits.value.filter((one) => (gradeOf(one, section.value) ?? 0) >= 3).length;
  return t('dogs.overTime.here', { mats, visits: visits.value.length, cuts });
});

function step(by: number): void {
  pickedVisit.value = visits.value[Math.max(0, Math.min(visits.value.length - 1, at.value + by))]?.id ?? null;
}
function turn(by: number): void {
  section.value = allSections[(allSections.indexOf(section.value) + by + allSections.length) % allSections.length]!;
}
const keys: Key[] = [
  {
    keys: ['ArrowLeft'],
    shown: '←',
    says: t('dogs.overTime.before'),
    foot: { shown: '← →', says: t('dogs.overTime.visit') },
    run: () => step(-1),
  },
  { keys: ['ArrowRight'], shown: '→', says: t('dogs.overTime.after'), foot: false, run: () => step(1) },
  {
    keys: ['ArrowUp'],
    shown: '↑',
    says: t('dogs.overTime.placeBefore'),
    foot: { shown: '↑ ↓', says: t('dogs.overTime.place') },
    run: () => turn(-1),
  },
  { keys: ['ArrowDown'], shown: '↓', says: t('dogs.overTime.placeAfter'), foot: false, run: () => turn(1) },
  { keys: ['t'], says: t('dogs.overTime.table'), run: () => (asTable.value = !asTable.value), when: () => visits.value.length > 0 },
  { keys: ['e'], says: t('dogs.card.edit'), run: () => (editing.value = true), when: () => dog.value !== null },
];
</script>

<template>
  <div class="grid h-dvh grid-cols-1 grid-rows-[auto_1fr_auto] overflow-hidden short:block short:h-auto short:overflow-visible">
    <header class="flex min-h-16 flex-wrap items-center gap-x-4 border-b border-line bg-rail px-4 py-1 tall:px-6">
      <RouterLink
        :to="{ name: 'dogs' }"
        class="inline-flex min-h-11 items-center pb-0.5 font-name text-name font-extrabold italic"
        :aria-label="t('dogs.overTime.toDogs', { dog: dog?.name ?? '' })"
        >{{ dog?.name ?? '…' }}</RouterLink
      >
      <div v-if="dog" class="min-w-0 flex-1 text-list max-tall:order-last max-tall:basis-full">
        <p>{{ t('visit.dogFacts', { breed: dog.breed, age: say.age(dog.ageMonths), weight: say.kg(dog.weightKg) }) }}</p>
        <p class="leading-tight font-bold">{{ mind }}</p>
      </div>
      <RouterLink class="act ml-auto" :to="{ name: 'day' }">{{ t('ui.theDay') }}</RouterLink>
      <SaveState />
    </header>
    <main class="min-h-0 overflow-y-auto bg-sheet">
      <LoadState v-if="!years || !dog" :loaded="loaded" :fetching="t('dogs.overTime.fetching')" />
      <div v-else class="mx-auto grid max-w-320 grid-cols-1 gap-4 px-4 py-4 tall:px-8">
        <FreshnessNote :loaded="loaded" />
        <div class="flex flex-wrap items-baseline justify-between gap-x-6">
          <h1 class="text-ask">{{ t('dogs.overTime.title', { count: visits.length }) }}</h1>
          <p v-if="years.next" class="text-list">{{ clockOf(years.next, dog.name) }}</p>
        </div>
        <p v-if="visits.length === 0" class="py-4 text-lead text-ink-2">{{ t('dogs.overTime.none', { dog: dog.name }) }}</p>
        <VisitTable v-else-if="asTable" :visits="visits" />
        <template v-else>
          <ol ref="strip" class="flex overflow-x-auto pb-1" :aria-label="t('dogs.overTime.strip')">
            <li v-for="one in visits" :key="one.id" class="relative shrink-0">
              <button
                type="button"
                class="grid w-22 justify-items-center gap-0.5 rounded-md px-1 pt-1 pb-1 text-note"
                :class="one.id === visit?.id ? 'bg-rail font-bold' : 'text-ink-2'"
                :aria-pressed="one.id === visit?.id"
                @click="pickedVisit = one.id"
              >
                <span class="block h-22 w-20 overflow-hidden"
                  ><CoatChart
                    plain
                    :label="t('dogs.overTime.chart', { day: say.shortDay(one.at) })"
                    :sections="chartOfGrades(one.grades)"
                    :selected="section"
                /></span>
                {{ say.dayAndYear(one.at) }}
                <span class="sr-only">{{ t('dogs.overTime.stops', { count: matted(one) }) }}</span>
              </button>
            </li>
          </ol>
          <div class="grid grid-cols-1 gap-6 border-t border-line pt-4 wide:grid-cols-[24rem_minmax(0,1fr)]">
            <div v-if="visit && chart" class="h-96">
              <CoatChart
                live
                :label="t('dogs.overTime.chart', { day: say.shortDay(visit.at) })"
                :sections="chart"
                :selected="section"
                @select="section = $event"
              />
            </div>
            <section class="min-w-0" :aria-label="say.section(section)">
              <h2 class="text-say">{{ say.section(section) }}</h2>
              <p class="text-list">{{ here }}</p>
              <div class="mt-2 overflow-x-auto">
                <SectionStrand
                  class="min-w-160"
                  :visits="visits"
                  :section="section"
                  :selected="visit?.id ?? null"
                  @pick="pickedVisit = $event"
                />
              </div>
              <p v-if="visit" class="mt-2 text-list">
                <b>{{ say.day(visit.at) }}</b>
                {{
                  t('dogs.overTime.that', {
                    stops: matted(visit),
                    minutes: say.minutes(visit.minutes),
                    pulling: say.pulling(visit.pulling),
                    weight: say.kg(visit.weightKg),
                  })
                }}
                <RouterLink class="act underline" :to="{ name: 'record', params: { visit: visit.id } }">{{ t('ui.theRecord') }}</RouterLink>
              </p>
              <ul v-if="photosHere.length" class="mt-2 flex gap-2 overflow-x-auto" :aria-label="t('dogs.overTime.photos')">
                <li v-for="photo in photosHere" :key="photo.id" class="shrink-0">
                  <img
                    :src="`/api/photos/${photo.id}/thumbnail`"
                    :alt="t('dogs.overTime.photo', { section: say.section(section), day: say.shortDay(photo.at) })"
                    loading="lazy"
                    class="h-24 w-32 rounded-md edge border-line-2 object-cover"
                  />
                  <span class="text-note text-ink-2">{{ say.shortDay(photo.at) }}</span>
                </li>
              </ul>
            </section>
          </div>
        </template>
        <div class="grid grid-cols-1 gap-x-8 gap-y-5 border-t border-line pt-4 tall:grid-cols-2 wide:grid-cols-3">
          <HandlingList :handling="years.handling" />
          <section>
            <h2 class="text-lead">{{ t('dogs.overTime.skin') }}</h2>
            <ul v-if="years.findings.length" class="mt-1 grid gap-1.5 text-list">
              <li v-for="finding in years.findings" :key="finding.id" :class="finding.closedAt ? 'text-ink-2' : ''">
                <b v-if="!finding.closedAt" aria-hidden="true">✱ </b
                ><b>{{ t(`skin.findings.${finding.kind}`) }}, {{ say.sections([finding.section]) }}.</b>
                {{ finding.note }}
                {{
                  finding.closedAt
                    ? t('dogs.overTime.gone', { from: say.shortDay(finding.at), to: say.shortDay(finding.closedAt) })
                    : t('dogs.overTime.open', { from: say.shortDay(finding.at) })
                }}
              </li>
            </ul>
            <p v-else class="mt-1 text-list text-ink-2">{{ t('dogs.overTime.nothingFound') }}</p>
          </section>
          <section class="grid content-start gap-2">
            <h2 class="text-lead">{{ t('next.title') }}</h2>
            <template v-if="years.next">
              <p class="text-say">
                {{ years.next.suggestedWeeks ? t('next.inWeeks', { weeks: years.next.suggestedWeeks }) : t('dogs.overTime.noneKeeps') }}
              </p>
              <p class="text-list">{{ whyOf(years.next) }}</p>
            </template>
            <p v-else class="text-list text-ink-2">{{ t('dogs.overTime.noClock') }}</p>
            <template v-if="visits.length > 1">
              <h2 class="mt-2 text-lead">{{ t('dogs.overTime.weight') }}</h2>
              <WeightStrand :visits="visits" />
            </template>
            <h2 class="mt-2 text-lead">{{ t('dogs.card.title') }}</h2>
            <p class="text-list">
              <RouterLink class="underline" :to="{ name: 'client', params: { client: dog.client.id } }">{{
                t('dogs.card.client', { client: dog.client.name })
              }}</RouterLink><template v-if="dog.client.phone">{{ `, ${dog.client.phone}` }}</template
              ><br />{{ t('dogs.card.born', { day: say.dayAndYear(dog.bornOn) }) }}<br />{{
                t('dogs.card.coat', { coat: t(`dogs.coats.${dog.coat}`), length: say.mm(dog.coatMm) })
              }}<br />{{ dog.toAsk.includes('temperament') ? t('dogs.card.toAsk') : t(`card.temperaments.${dog.temperament}`) }}
            </p>
            <div class="flex flex-wrap gap-2">
              <RouterLink class="btn btn-small" :to="{ name: 'days', query: { dog: dog.id } }">{{ t('dogs.time') }}</RouterLink>
              <button type="button" class="btn btn-small" @click="editing = true">{{ t('dogs.card.edit') }}</button>
              <RouterLink v-if="dog.openVisitId" class="btn btn-small" :to="{ name: 'arrival', params: { visit: dog.openVisitId } }">{{
                t('dogs.card.visit')
              }}</RouterLink>
              <a
                v-if="owns"
                class="btn btn-small"
                :href="`/api/dogs/${dog.id}/dossier`"
                download
                @click.prevent="download(`/api/dogs/${dog!.id}/dossier`)"
                >{{ t('dogs.dossier') }}</a
              >
            </div>
          </section>
        </div>
      </div>
    </main>
    <TaskFoot class="max-tall:hidden" :keys="keys" />
    <CardDialog v-if="editing && dog" :dog="dog" @close="editing = false" @saved="((editing = false), loaded.refresh())" />
  </div>
</template>
