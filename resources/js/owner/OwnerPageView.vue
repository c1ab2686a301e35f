<script setup lang="ts">
// The owner's page at home: the dog with its places in order, one large at a time, a tick for each. Made for a phone.
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import CoatChart from '@/chart/CoatChart.vue';
import { say } from '@/messages/say';
import { t, wordsOf } from '@/messages/words';
import { minutesSaid, oftenSaid, placeSaid } from './ownerWords';
import { planChart } from './planChart';
import LeftOut from './LeftOut.vue';
import { useOwnerPage } from './useOwnerPage';

const route = useRoute();
const { page, over, offline, load, isDone, tick } = useOwnerPage(String(route.params.plan), window.location.search, route.meta.words);
const picked = ref<string | null>(null);

const places = computed(() => page.value?.places ?? []);
const done = computed(() => new Set(places.value.filter(({ part }) => isDone(part)).map(({ part }) => part as string)));
/** The one that was touched, else the first that is not done. */
const here = computed(
  () => places.value.find(({ part }) => part === picked.value) ?? places.value.find(({ part }) => !done.value.has(part)) ?? null,
);
const after = computed(() => places.value.find((place) => place !== here.value && !done.value.has(place.part)) ?? null);
const chart = computed(() => planChart(places.value, here.value?.part ?? null, done.value));
const combed = computed(() => (places.value.length ? (100 * done.value.size) / places.value.length : 0));

function finish(): void {
  if (here.value) {
    tick(here.value.part);
    picked.value = null;
  }
}
</script>

<template>
  <main class="mx-auto min-h-dvh max-w-140 bg-paper pb-8">
    <div v-if="over" class="px-4 py-6">
      <h1 class="text-ask">{{ t('owner.page.notOpen') }}</h1>
      <p class="mt-2 text-lead">{{ over }}</p>
      <button type="button" class="btn mt-4" @click="load">{{ t('device.tryAgain') }}</button>
    </div>
    <p v-else-if="!page" class="px-4 py-6 text-lead text-ink-2" aria-busy="true">{{ t('device.fetching.page') }}</p>
    <template v-else>
      <header class="px-4 pt-4">
        <p class="text-list font-bold">{{ page.salon }}</p>
        <h1 class="font-name text-name font-extrabold italic">{{ page.dog }}</h1>
        <p class="text-lead font-bold">{{ t('owner.page.plan', { minutes: page.minutes, often: oftenSaid(page.sessions) }) }}</p>
        <svg class="mt-1 block h-5 w-full" aria-hidden="true" focusable="false">
          <rect y="1" :width="`${combed}%`" height="18" fill="url(#hc-strand-combed)" />
          <rect y="1" :x="`${combed}%`" width="100%" height="18" fill="url(#hc-strand-loose)" />
        </svg>
        <p v-if="offline" class="text-note" role="status">{{ t('owner.page.offline') }}</p>
      </header>
      <LeftOut class="mx-4 mt-2" :left-out="page.leftOut ?? []" />
      <p v-if="places.length === 0" class="px-4 py-4 text-lead">{{ t('owner.nothing', { dog: page.dog }) }}</p>
      <div v-if="places.length" class="mx-auto h-68 max-w-90 px-3 pt-1">
        <CoatChart plain :label="t('owner.chart.label', { dog: page.dog })" :sections="chart" :coat-mm="15" />
      </div>
      <section v-if="here" class="border-t border-line bg-sheet px-4 py-3" :aria-label="placeSaid(here)">
        <div class="flex flex-wrap items-baseline justify-between gap-x-4">
          <h2 class="text-ask" :class="done.has(here.part) ? '' : 'text-call'">{{ placeSaid(here) }}</h2>
          <p class="font-semibold">{{ t('owner.page.about', { minutes: minutesSaid(here.minutes) }) }}</p>
        </div>
        <p class="mt-2">
          <b>{{ t('owner.page.hold') }}</b> {{ t(`owner.holds.${here.part}`) }}
        </p>
        <p class="mt-1">{{ t('owner.page.brush', { brush: t(`coat.brushes.${page.brush}`) }) }}</p>
        <p class="mt-1">{{ t('owner.page.comb') }}</p>
        <button type="button" class="btn mt-3 w-full" :class="done.has(here.part) ? '' : 'btn-main'" @click="finish">
          {{
            done.has(here.part)
              ? t('owner.page.notDone')
              : after
                ? t('owner.page.doneNow', { place: say.within(placeSaid(after)) })
                : t('owner.page.doneLast')
          }}
        </button>
      </section>
      <section v-else-if="places.length" class="mt-3 border-t border-line bg-sheet px-4 py-4" role="status">
        <h2 class="text-ask">{{ t('owner.page.allDone') }}</h2>
        <p class="mt-1">{{ t('owner.page.wellDone', { dog: page.dog }) }}</p>
      </section>
      <div v-if="places.length" class="bg-sheet px-3 pb-3">
        <ol :aria-label="t('owner.places')">
          <li v-for="(place, index) in places" :key="place.part">
            <button
              type="button"
              class="flex min-h-11 w-full items-center gap-2 rounded-md px-2 text-left text-list"
              :class="place === here ? 'bg-ink font-bold text-on-ink' : 'border-b border-line'"
              :aria-current="place === here ? 'step' : undefined"
              @click="picked = place.part"
            >
              <span class="w-5 shrink-0 text-center font-bold">{{ done.has(place.part) ? '✓' : index + 1 }}</span>
              <span class="min-w-0 flex-1"
                >{{ placeSaid(place) }}<span v-if="done.has(place.part)" class="sr-only">{{ `, ${t('ui.done')}` }}</span></span
              >
              <span class="shrink-0 text-note">{{ minutesSaid(place.minutes) }}</span>
            </button>
          </li>
        </ol>
      </div>
      <section class="px-4 pt-4">
        <ul class="grid gap-1.5">
          <li>
            <b>{{ t('owner.page.knot') }}</b> {{ page.phone ? t('owner.page.knotCall', { phone: page.phone }) : t('owner.page.knotWait') }}
          </li>
          <li>
            <b>{{ t('owner.page.minds') }}</b> {{ t('owner.page.mindsWhat') }}
          </li>
          <li v-if="page.brushSlidesOver">{{ t('owner.page.slidesOver') }}</li>
        </ul>
        <h2 class="mt-4 text-lead">{{ t('owner.page.good') }}</h2>
        <p class="mt-1">
          {{ t('owner.page.saves', { without: say.tenth(page.tanglesWithout), with: say.tenth(page.tanglesWith), weeks: page.weeks }) }}
        </p>
        <ul class="mt-2 grid gap-1.5">
          <li v-for="caution in wordsOf('owner.cautions')" :key="caution">{{ caution }}</li>
        </ul>
        <p class="mt-4 text-note text-ink-2">{{ t('owner.thumb') }}</p>
      </section>
    </template>
  </main>
</template>
