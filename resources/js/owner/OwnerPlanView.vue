<script setup lang="ts">
// What the owner brushes at home: the places that save the most for the minutes they give; printed, or on their phone.
import { computed, ref, watch } from 'vue';
import { useRoute } from 'vue-router';
import { ulid } from 'ulid';
import { api, Refused } from '@/api/client';
import type { OwnerPlan } from '@/api/types';
import ChartPane from '@/chart/ChartPane.vue';
import CoatView from '@/chart/CoatView.vue';
import type { Key } from '@/device/useKeys';
import { useLoader } from '@/device/useLoader';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import LoadState from '@/ui/LoadState.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { useVisit } from '@/visit/useVisit';
import VisitShell from '@/visit/VisitShell.vue';
import LeftOut from './LeftOut.vue';
import OwnerPrint from './OwnerPrint.vue';
import { minutesSaid, oftenSaid, placeSaid } from './ownerWords';
import { planChart } from './planChart';

const MINUTES = [10, 15];
const SESSIONS = [1, 2, 3, 7];
const id = String(useRoute().params.visit);
const small = useSmallScreen();
const { decides, salon } = useSession();
const { visit, loaded } = useVisit(id);
const minutes = ref(10);
const sessions = ref(2);
const asked = useLoader<OwnerPlan>({
  ask: () =>
    api('get', '/api/visits/{visit}/owner-plan', { path: { visit: id }, query: { minutes: minutes.value, sessions: sessions.value } }),
});
void asked.refresh();
watch([minutes, sessions], () => void asked.refresh());
const plan = asked.value;
const busy = ref(false);
const problem = ref('');
/** Made once a choice, so that pressing twice sends one page. */
let sending = { of: '', id: '' };

const dogName = computed(() => visit.value?.dog.name ?? '');
const client = computed(() => visit.value?.dog.client.name ?? '');
const currency = computed(() => salon.value?.currency ?? 'EUR');
const given = computed(() => plan.value?.given ?? null);
const isGiven = computed(() => given.value?.minutes === minutes.value && given.value.sessions === sessions.value);
const chart = computed(() => plan.value && planChart(plan.value.places));
const total = computed(() => (plan.value?.places ?? []).reduce((sum, place) => sum + place.minutes, 0));

async function act(work: () => Promise<unknown>): Promise<void> {
  busy.value = true;
  problem.value = '';
  try {
    await work();
  } catch (failure) {
    problem.value = failure instanceof Refused ? failure.message : t('owner.noNetwork');
  } finally {
    busy.value = false;
    await asked.refresh();
  }
}
const send = (): Promise<void> => {
  const of = `${minutes.value} ${sessions.value} ${given.value?.id ?? ''}`;
  sending = sending.of === of ? sending : { of, id: ulid() };
  const body = { id: sending.id, minutes: minutes.value, sessions: sessions.value };
  return act(() => api('post', '/api/visits/{visit}/owner-plans', { path: { visit: id }, body }));
};
const withdraw = (): Promise<void> => act(() => api('delete', '/api/owner-plans/{plan}', { path: { plan: given.value!.id } }));
const print = (): void => window.print();

const keys: Key[] = [
  {
    keys: ['m'],
    says: t('owner.keys.minutes'),
    run: () => (minutes.value = MINUTES[(MINUTES.indexOf(minutes.value) + 1) % MINUTES.length]!),
  },
  {
    keys: ['o'],
    says: t('owner.keys.often'),
    run: () => (sessions.value = SESSIONS[(SESSIONS.indexOf(sessions.value) + 1) % SESSIONS.length]!),
  },
  { keys: ['p'], says: t('owner.print'), run: print },
];
</script>

<template>
  <VisitShell class="print:hidden" :visit="visit" :loaded="loaded" :task="t('owner.title')">
    <template #chart>
      <ChartPane v-if="visit && chart">
        <template #heading>
          <p class="text-lead font-bold wide:text-say">{{ t('owner.atHome') }}</p>
          <p class="text-note text-ink-2 max-tall:hidden">{{ t('owner.inThisOrder') }}</p>
        </template>
        <CoatView
          :label="t('owner.chart.label', { dog: dogName })"
          :sections="chart"
          :route="visit.route"
          :coat-mm="visit.dog.coatMm"
          :plain="small"
        />
      </ChartPane>
    </template>
    <div v-if="visit && plan" class="min-h-0 flex-1 overflow-y-auto px-4 pb-4 tall:px-8 tall:pt-4">
      <h1 class="text-ask">{{ t('owner.ask', { client }) }}</h1>
      <p v-if="problem" class="mt-1 font-semibold" role="alert">{{ problem }}</p>
      <div class="mt-2 flex flex-wrap gap-x-6 gap-y-2">
        <div class="flex flex-wrap items-center gap-2" role="group" :aria-label="t('owner.minutes')">
          <button
            v-for="one in MINUTES"
            :key="one"
            type="button"
            class="toggle min-h-12"
            :aria-pressed="minutes === one"
            @click="minutes = one"
          >
            {{ say.minutes(one) }}
          </button>
        </div>
        <div class="flex flex-wrap items-center gap-2" role="group" :aria-label="t('owner.sessions')">
          <button
            v-for="one in SESSIONS"
            :key="one"
            type="button"
            class="toggle min-h-12"
            :aria-pressed="sessions === one"
            @click="sessions = one"
          >
            {{ oftenSaid(one) }}
          </button>
        </div>
      </div>
      <p v-if="plan.places.length" class="mt-3 text-lead">
        <b>{{ t('owner.saves', { without: say.tenth(plan.tanglesWithout), with: say.tenth(plan.tanglesWith), weeks: plan.weeks }) }}</b>
      </p>
      <p v-if="plan.places.length" class="text-list">
        {{
          t(plan.savesCents > 0 ? 'owner.savesMore' : 'owner.savesWork', {
            minutes: say.aboutMinutes(plan.savesMinutes),
            pulling: say.pulling(plan.savesPulling),
            price: say.money(plan.savesCents, currency),
          })
        }}
      </p>
      <p v-else class="mt-3 text-lead">{{ t('owner.nothing', { dog: dogName }) }}</p>
      <LeftOut class="mt-3" :left-out="plan.leftOut" />
      <ol class="mt-3 border-t border-line" :aria-label="t('owner.places')">
        <li v-for="(place, index) in plan.places" :key="place.part" class="flex min-h-10 items-center gap-3 border-b border-line">
          <b class="w-6 text-right">{{ index + 1 }}</b>
          <span class="flex-1">{{ placeSaid(place) }}</span>
          <span class="text-list">{{ minutesSaid(place.minutes) }}</span>
        </li>
      </ol>
      <p v-if="plan.places.length" class="mt-1 text-right text-list text-ink-2">{{ t('owner.inAll', { minutes: minutesSaid(total) }) }}</p>
      <p class="mt-2 text-list">{{ t('owner.with', { brush: t(`coat.brushes.${plan.brush}`) }) }}</p>
      <p class="mt-2 text-note text-ink-2">{{ t('owner.thumb') }}</p>
    </div>
    <LoadState v-else-if="visit" :loaded="asked" :fetching="t('owner.fetching')" />
    <section v-if="visit && plan" class="shrink-0 border-t border-line bg-paper px-4 py-2.5 tall:px-8" :aria-label="t('owner.give')">
      <p v-if="given?.leftOutSince.length" class="mb-1 font-bold text-call" role="status">
        {{ t('owner.leftOut.since', { places: say.sections(given.leftOutSince) }) }}
      </p>
      <p v-if="given" class="mb-2 flex flex-wrap items-center gap-x-3 text-list">
        <span
          ><b>{{ t('owner.given', { client }) }}</b>
          {{ t('owner.givenWhat', { minutes: given.minutes, often: oftenSaid(given.sessions), day: say.shortDay(given.until) }) }}</span
        >
        <button v-if="decides" type="button" class="act underline" :disabled="busy" @click="withdraw">{{ t('owner.withdraw') }}</button>
      </p>
      <div class="flex flex-wrap items-center gap-2">
        <button
          v-if="decides"
          type="button"
          class="btn group flex-1 max-tall:basis-full"
          :class="isGiven ? '' : 'btn-main'"
          :disabled="busy || isGiven"
          @click="send"
        >
          {{ isGiven ? t('owner.sent') : t('owner.send', { client }) }}
        </button>
        <button type="button" class="btn btn-small min-h-14" @click="print">{{ t('owner.print') }}</button>
        <RouterLink class="btn btn-small min-h-14" :to="{ name: 'next-visit', params: { visit: id } }">{{ t('owner.back') }}</RouterLink>
      </div>
    </section>
    <TaskFoot :keys="keys" />
  </VisitShell>
  <OwnerPrint v-if="visit && plan && chart" :plan="plan" :dog="dogName" :chart="chart" />
</template>
