<script setup lang="ts">
// The client's page: what was found, the ways, and the answer. Made for a phone, reached by a link that expires.
import { there } from '@/api/there';
import { sayPlan } from '@/messages/sayPlan';
import { t, wordsOf, type Words } from '@/messages/words';
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue';
import { computed, ref } from 'vue';
import { useRoute } from 'vue-router';
import type { ClientAnswer, ClientOffer, ClientPage, SectionId } from '@/api/types';
import CoatChart from '@/chart/CoatChart.vue';
import { allSections } from '@/chart/geometry';
import HairSwatch from '@/chart/HairSwatch.vue';
import type { ChartSection, Tone } from '@/chart/tones';
import ReadBack from '@/ui/ReadBack.vue';
import TextField from '@/ui/TextField.vue';
import { isOverFee } from '@/plan/frontier';
import { say } from '@/messages/say';
import PageByLink from './PageByLink.vue';
import { useClientPage } from './useClientPage';

/** Far enough apart for eyes that tell tones badly; the words beside the chart say the same. */
const TONES: Record<'combed' | 'tangled' | 'matted', Tone> = { combed: '0', tangled: '3', matted: '5' };
const route = useRoute();
const address = `answer/${String(route.params.link)}${window.location.search}`;
const offerId = ref('suggested');
const who = ref('');
const words = ref('');
const wordsProblem = ref('');
const given = ref<ClientAnswer | null>(null);
const readingBack = ref(false);
const {
  page,
  over,
  trouble,
  busy,
  load,
  answer: send,
} = useClientPage<ClientPage>(address, route.meta.words, (found) => {
  who.value = found.client;
  given.value = (found.settledWith as ClientAnswer | null) ?? null;
});

const offer = computed(() => page.value?.offers.find((one) => one.id === offerId.value) ?? null);
const chart = computed(
  () =>
    Object.fromEntries(
      allSections.map((section) => {
        const found = there(there(page.value).coat[section]);
        const choice = offer.value?.choices[section] ?? 'brush';
        const clip = choice.startsWith('clip:');
        return [
          section,
          {
            tone: TONES[found],
            said: t(`client.tones.${found}`),
            mark: clip ? 'clip' : undefined,
            text: clip ? say.lengthFigure(Number(choice.slice(5))) : undefined,
          },
        ];
      }),
    ) as Record<SectionId, ChartSection>,
);
/** The chart in words: what was found where, the worst first. */
const foundRows = computed(() =>
  (['matted', 'tangled', 'combed'] as const).flatMap((found) => {
    const sections = page.value!.route.filter((section) => page.value!.coat[section] === found);
    const all = sections.length === page.value!.route.length;
    const where = found !== 'combed' ? say.sections(sections) : all ? t('plan.wholeCoat') : t('plan.elsewhere');
    return sections.length > 0 ? [{ found, where }] : [];
  }),
);
const lines = computed(() => {
  const groups = new Map<string, SectionId[]>();
  for (const section of page.value?.route ?? []) {
    const choice = offer.value?.choices[section];
    if (choice && choice !== 'brush') {
      groups.set(choice, [...(groups.get(choice) ?? []), section]);
    }
  }
  const split = offerId.value === 'suggested' ? (page.value?.split ?? null) : null;
  const later = new Set(split?.later ?? []);
  const done = [...groups].map(([choice, sections]) => [choice, sections.filter((section) => !later.has(section))] as const);
  return [
    ...done
      .filter(([, sections]) => sections.length)
      .map(([choice, sections]) => `${say.start(say.sections(sections))}: ${say.done(choice)}.`),
    ...sayPlan.split(split),
  ];
});
type Warned = keyof Words['client']['warnings'];
const warned = computed(() => (offer.value?.warnings ?? []).map((warning) => t(`client.warnings.${warning as Warned}`)));
const whys = computed(() =>
  (page.value?.route ?? []).flatMap((section) => {
    const says = offer.value?.reasons?.[section];
    return says ? [{ section, says }] : [];
  }),
);
const money = (one: ClientOffer): string => say.money(one.priceCents, page.value!.currency);
const named = (one: ClientOffer): string => t(`plan.offers.${one.id as 'suggested'}`, { dog: page.value!.dog });

function back(one: ClientOffer): string {
  const clips = Object.values(one.choices).some((choice) => choice.startsWith('clip:'));
  return one.regrowthWeeks
    ? t('client.growsBack', { weeks: say.weeks(one.regrowthWeeks) })
    : clips
      ? // A smooth coat is not waited for.
        page.value!.double
        ? t('plan.doubleRegrows')
        : ''
      : t('client.staysLong');
}

async function give(answer: ClientAnswer): Promise<void> {
  wordsProblem.value = answer === 'question' && !words.value.trim() ? t('client.writeFirst') : '';
  if (wordsProblem.value) {
    return;
  }
  const outcome = await send({
    answer,
    who: who.value.trim() || page.value!.client,
    ...(answer === 'yes' ? { offer: offerId.value } : {}),
    ...(words.value.trim() ? { words: words.value.trim() } : {}),
  });
  if (outcome === 'taken') {
    given.value = answer;
    readingBack.value = false;
  }
}
</script>

<template>
  <PageByLink :over="over" :fetched="page !== null" @again="load">
    <template v-if="page">
      <p class="text-list font-bold">{{ page.salon }}</p>
      <h1 class="mt-1 text-ask">
        <span class="font-name text-name font-extrabold italic">{{ page.dog }}</span>{{ t('client.whatWeFound') }}
      </h1>
      <div v-if="given" class="mt-4 rounded-md edge border-ink bg-rail px-4 py-3" role="status">
        <p class="text-lead font-bold">{{ t(`client.done.${given}`) }}</p>
      </div>
      <div class="mx-auto mt-3 h-95 max-w-100">
        <CoatChart plain :label="t('client.where', { dog: page.dog })" :sections="chart" :route="page.route" :coat-mm="20" />
      </div>
      <ul class="mt-2 grid gap-1.5">
        <li v-for="row in foundRows" :key="row.found" class="grid grid-cols-[1.875rem_1fr] items-start gap-2">
          <HairSwatch :grade="Number(TONES[row.found])" :width="30" :height="20" class="mt-0.5" />
          <span
            ><b>{{ say.start(t(`client.tones.${row.found}`)) }}:</b> {{ row.where }}.</span
          >
        </li>
      </ul>
      <section v-if="page.photos.length" class="mt-4">
        <h2 class="text-lead">{{ t('client.photosOfToday') }}</h2>
        <ul class="mt-2 flex flex-wrap gap-2">
          <li v-for="photo in page.photos" :key="photo.id">
            <img
              :src="photo.url"
              :alt="photo.section ? say.section(photo.section) : t('coat.wholeDog')"
              class="h-28 w-36 rounded-md border border-line-2 object-cover"
            />
            <span class="text-note">{{ photo.section ? say.section(photo.section) : t('coat.wholeDog') }}</span>
          </li>
        </ul>
      </section>
      <RadioGroup v-model="offerId" class="mt-6" :disabled="given === 'yes' || given === 'no' || readingBack">
        <RadioGroupLabel as="h2" class="text-lead font-bold">{{ t('client.whatWeCouldDo') }}</RadioGroupLabel>
        <div class="mt-2 grid gap-3">
          <RadioGroupOption v-for="one in page.offers" :key="one.id" v-slot="{ checked }" :value="one.id" as="template">
            <button type="button" class="rounded-lg edge border-ink px-4 py-3 text-left" :class="checked ? 'border-3 bg-rail' : 'bg-white'">
              <span class="flex flex-wrap items-baseline justify-between gap-x-3">
                <b class="text-lead">{{ named(one) }}</b><b class="text-lead">{{ money(one) }}</b>
              </span>
              <span class="mt-1 block">
                {{ one.keep === null ? '' : t('client.keeps', { keep: say.percent(one.keep) }) }} {{ back(one) }}
                {{ t('client.pulls', { pulling: say.start(sayPlan.plainPulling(one.tension)), minutes: say.minutes(one.minutes) }) }}
              </span>
              <b v-if="isOverFee(page.feeLimitCents, one.priceCents)" class="mt-1 block">
                {{ t('client.overLimit', { limit: say.money(page.feeLimitCents, page.currency) }) }}
              </b>
            </button>
          </RadioGroupOption>
        </div>
      </RadioGroup>
      <section v-if="lines.length" class="mt-4">
        <h2 class="text-lead">{{ t('client.inThisWay') }}</h2>
        <ul class="mt-1 grid gap-1">
          <li v-for="line in lines" :key="line">{{ line }}</li>
          <li>{{ t('plan.readBack.elsewhere') }}</li>
        </ul>
      </section>
      <section v-if="warned.length" class="mt-4 rounded-md edge border-ink bg-rail px-4 py-3">
        <h2 class="text-lead">{{ t('client.before') }}</h2>
        <ul class="mt-1 grid gap-1">
          <li v-for="line in warned" :key="line">{{ line }}</li>
        </ul>
      </section>
      <section v-if="whys.length" class="mt-4">
        <h2 class="text-lead">{{ t('client.why') }}</h2>
        <ul class="mt-1 grid gap-1">
          <li v-for="why in whys" :key="why.section">
            <b>{{ say.section(why.section) }}:</b> {{ why.says }}
          </li>
        </ul>
      </section>
      <ul class="mt-4 grid gap-1 border-t border-line pt-3 text-list">
        <li v-if="page.consent">{{ t(`client.allowed.${page.consent}`) }}</li>
        <li v-for="caution in wordsOf('client.cautions')" :key="caution">{{ caution }}</li>
        <li>{{ t('client.estimates') }}</li>
      </ul>
      <p v-if="trouble" class="mt-5 font-semibold" role="alert">{{ trouble }}</p>
      <ReadBack
        v-if="readingBack && offer"
        class="mt-5"
        :title="t('plan.readBack.here')"
        :way="named(offer)"
        :lines="[...lines, t('plan.readBack.elsewhere')]"
        :price="money(offer)"
        :busy="busy"
        @agree="give('yes')"
        @back="readingBack = false"
      />
      <!-- No form: Enter in a field must not agree to anything. -->
      <div v-else-if="given !== 'yes' && given !== 'no'" class="mt-5 grid gap-4 border-t border-line pt-4">
        <TextField v-model="who" :label="t('client.yourName')" :max="120" />
        <TextField v-model="words" :label="t('client.question')" :max="500" :error="wordsProblem" />
        <button type="button" class="btn btn-main" :disabled="busy" @click="readingBack = true">{{ t('plan.say.yes') }}</button>
        <div class="grid grid-cols-2 gap-3">
          <button type="button" class="btn btn-small min-h-13" :disabled="busy" @click="give('call')">{{ t('plan.say.call') }}</button>
          <button type="button" class="btn btn-small min-h-13" :disabled="busy" @click="give('question')">{{ t('plan.say.ask') }}</button>
        </div>
        <button type="button" class="act justify-self-center" :disabled="busy" @click="give('no')">{{ t('plan.say.no') }}</button>
      </div>
    </template>
  </PageByLink>
</template>
