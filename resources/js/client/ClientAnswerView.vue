<script setup lang="ts">
// The client's page: what was found, the ways, and the answer. Made for a phone, reached by a link that expires.
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue';
import { computed, ref, shallowRef } from 'vue';
import { useRoute } from 'vue-router';
import { at, Refused, Unreachable } from '@/api/client';
import type { ClientAnswer, ClientOffer, ClientPage, SectionId } from '@/api/types';
import CoatChart from '@/chart/CoatChart.vue';
import { allSections } from '@/chart/geometry';
import HairSwatch from '@/chart/HairSwatch.vue';
import type { ChartSection, Tone } from '@/chart/tones';
import ReadBack from '@/ui/ReadBack.vue';
import TextField from '@/ui/TextField.vue';
import { isOverFee } from '@/plan/frontier';
import { say } from '@/messages/say';

/** Far enough apart for eyes that tell tones badly; the words beside the chart say the same. */
const TONES: Record<'combed' | 'tangled' | 'matted', Tone> = { combed: '0', tangled: '3', matted: '5' };
const route = useRoute();
const address = `answer/${String(route.params.link)}${window.location.search}`;
const page = shallowRef<ClientPage | null>(null);
const over = ref('');
const trouble = ref('');
const offerId = ref('suggested');
const who = ref('');
const words = ref('');
const wordsProblem = ref('');
const given = ref<ClientAnswer | null>(null);
const busy = ref(false);
const readingBack = ref(false);

async function load(): Promise<void> {
  over.value = '';
  try {
    page.value = await at<ClientPage>('GET', address);
    who.value = page.value.client;
    given.value = (page.value.settledWith as ClientAnswer | null) ?? null;
  } catch (failure) {
    if (failure instanceof Unreachable) {
      over.value = 'No network. This page opens when you have some again.';
    } else if (failure instanceof Refused) {
      over.value = failure.message;
    } else {
      throw failure;
    }
  }
}
void load();

const offer = computed(() => page.value?.offers.find((one) => one.id === offerId.value) ?? null);
const chart = computed(
  () =>
    Object.fromEntries(
      allSections.map((section) => {
        const found = page.value!.coat[section];
        const choice = offer.value?.choices[section] ?? 'brush';
        const clip = choice.startsWith('clip:');
        return [
          section,
          {
            tone: TONES[found],
            said: say.text.client.tones[found],
            mark: clip ? 'clip' : undefined,
            text: clip ? choice.slice(5) : undefined,
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
    const where = found !== 'combed' ? say.sections(sections) : all ? say.text.client.wholeCoat : say.text.client.elsewhere;
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
    ...say.split(split),
  ];
});
type Warned = keyof typeof say.text.client.warnings;
const warned = computed(() => (offer.value?.warnings ?? []).map((warning) => say.text.client.warnings[warning as Warned]));
const whys = computed(() =>
  (page.value?.route ?? []).flatMap((section) => {
    const reason = offer.value?.reasons?.[section];
    return reason ? [{ section, says: say.why(reason) }] : [];
  }),
);
const money = (one: ClientOffer): string => say.money(one.priceCents, page.value!.currency);
const named = (one: ClientOffer): string => say.text.client.offers[one.id as 'suggested'].replace('{dog}', page.value!.dog);

function back(one: ClientOffer): string {
  const clips = Object.values(one.choices).some((choice) => choice.startsWith('clip:'));
  return one.regrowthWeeks
    ? `What shows grows back in about ${say.weeks(one.regrowthWeeks)}.`
    : clips && page.value!.double
      ? say.text.doubleRegrows
      : 'What shows stays long.';
}

async function give(answer: ClientAnswer): Promise<void> {
  wordsProblem.value = answer === 'question' && !words.value.trim() ? 'Write your question first.' : '';
  if (wordsProblem.value) {
    return;
  }
  busy.value = true;
  trouble.value = '';
  try {
    await at('POST', address, {
      answer,
      who: who.value.trim() || page.value!.client,
      ...(answer === 'yes' ? { offer: offerId.value } : {}),
      ...(words.value.trim() ? { words: words.value.trim() } : {}),
    });
    given.value = answer;
    readingBack.value = false;
  } catch (failure) {
    if (failure instanceof Unreachable) {
      trouble.value = 'No network. Nothing was sent; what you wrote is still here. Try again in a moment.';
    } else if (failure instanceof Refused) {
      trouble.value = failure.message;
    } else {
      throw failure;
    }
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <main class="mx-auto min-h-dvh max-w-[35rem] bg-sheet px-5 py-6">
    <template v-if="over">
      <h1 class="text-ask">This page is not open.</h1>
      <p class="mt-2 text-lead">{{ over }}</p>
      <button type="button" class="btn mt-4" @click="load">Try again</button>
    </template>
    <p v-else-if="!page" class="text-lead text-ink-2" aria-busy="true">One moment …</p>
    <template v-else>
      <p class="text-list font-bold">{{ page.salon }}</p>
      <h1 class="mt-1 text-ask">
        <span class="font-name text-name font-extrabold italic">{{ page.dog }}</span>: what we found
      </h1>
      <div v-if="given" class="mt-4 rounded-md edge border-ink bg-rail px-4 py-3" role="status">
        <p class="text-lead font-bold">{{ say.text.client.done[given] }}</p>
      </div>
      <div class="mx-auto mt-3 h-[23.75rem] max-w-[25rem]">
        <CoatChart
          plain
          :label="`Where ${page.dog} is matted, and what would be clipped`"
          :sections="chart"
          :route="page.route"
          :coat-mm="20"
        />
      </div>
      <ul class="mt-2 grid gap-1.5">
        <li v-for="row in foundRows" :key="row.found" class="grid grid-cols-[1.875rem_1fr] items-start gap-2">
          <HairSwatch :grade="Number(TONES[row.found])" :width="30" :height="20" class="mt-0.5" />
          <span
            ><b>{{ say.start(say.text.client.tones[row.found]) }}:</b> {{ row.where }}.</span
          >
        </li>
      </ul>
      <section v-if="page.photos.length" class="mt-4">
        <h2 class="text-lead">Photos of today</h2>
        <ul class="mt-2 flex flex-wrap gap-2">
          <li v-for="photo in page.photos" :key="photo.id">
            <img
              :src="photo.url"
              :alt="photo.section ? say.section(photo.section) : say.text.wholeDog"
              class="h-28 w-36 rounded-md border border-line-2 object-cover"
            />
            <span class="text-note">{{ photo.section ? say.section(photo.section) : say.text.wholeDog }}</span>
          </li>
        </ul>
      </section>
      <RadioGroup v-model="offerId" class="mt-6" :disabled="given === 'yes' || given === 'no' || readingBack">
        <RadioGroupLabel as="h2" class="text-lead font-bold">What we could do</RadioGroupLabel>
        <div class="mt-2 grid gap-3">
          <RadioGroupOption v-for="one in page.offers" :key="one.id" v-slot="{ checked }" :value="one.id" as="template">
            <button
              type="button"
              class="rounded-lg edge border-ink px-4 py-3 text-left"
              :class="checked ? 'border-[3px] bg-rail' : 'bg-white'"
            >
              <span class="flex flex-wrap items-baseline justify-between gap-x-3">
                <b class="text-lead">{{ named(one) }}</b><b class="text-lead">{{ money(one) }}</b>
              </span>
              <span class="mt-1 block">
                {{ one.keep === null ? '' : `Keeps ${say.percent(one.keep)} of the coat that shows. ` }}{{ back(one) }}
                {{ say.start(say.plainPulling(one.tension)) }}; about {{ say.minutes(one.minutes) }} at the table.
              </span>
              <b v-if="isOverFee(page.feeLimitCents, one.priceCents)" class="mt-1 block">
                This is over the {{ say.money(page.feeLimitCents, page.currency) }} you named.
              </b>
            </button>
          </RadioGroupOption>
        </div>
      </RadioGroup>
      <section v-if="lines.length" class="mt-4">
        <h2 class="text-lead">In this way</h2>
        <ul class="mt-1 grid gap-1">
          <li v-for="line in lines" :key="line">{{ line }}</li>
          <li>{{ say.text.client.readBack.elsewhere }}</li>
        </ul>
      </section>
      <section v-if="warned.length" class="mt-4 rounded-md edge border-ink bg-rail px-4 py-3">
        <h2 class="text-lead">{{ say.text.client.before }}</h2>
        <ul class="mt-1 grid gap-1">
          <li v-for="line in warned" :key="line">{{ line }}</li>
        </ul>
      </section>
      <section v-if="whys.length" class="mt-4">
        <h2 class="text-lead">{{ say.text.client.why }}</h2>
        <ul class="mt-1 grid gap-1">
          <li v-for="why in whys" :key="why.section">
            <b>{{ say.section(why.section) }}:</b> {{ why.says }}
          </li>
        </ul>
      </section>
      <ul class="mt-4 grid gap-1 border-t border-line pt-3 text-list">
        <li v-if="page.consent">{{ say.text.client.allowed[page.consent] }}</li>
        <li v-for="caution in say.text.client.cautions" :key="caution">{{ caution }}</li>
        <li>Figures are estimates; growing back is a rule of thumb.</li>
      </ul>
      <p v-if="trouble" class="mt-5 font-semibold" role="alert">{{ trouble }}</p>
      <ReadBack
        v-if="readingBack && offer"
        class="mt-5"
        :title="say.text.client.readBack.here"
        :way="named(offer)"
        :lines="[...lines, say.text.client.readBack.elsewhere]"
        :price="money(offer)"
        :busy="busy"
        @agree="give('yes')"
        @back="readingBack = false"
      />
      <!-- No form: Enter in a field must not agree to anything. -->
      <div v-else-if="given !== 'yes' && given !== 'no'" class="mt-5 grid gap-4 border-t border-line pt-4">
        <TextField v-model="who" label="Your name" :max="120" />
        <TextField v-model="words" label="A question, or something to mind" :max="500" :error="wordsProblem" />
        <button type="button" class="btn btn-main" :disabled="busy" @click="readingBack = true">Yes, do this</button>
        <div class="grid grid-cols-2 gap-3">
          <button type="button" class="btn btn-small min-h-13" :disabled="busy" @click="give('call')">Call me first</button>
          <button type="button" class="btn btn-small min-h-13" :disabled="busy" @click="give('question')">Ask this</button>
        </div>
        <button type="button" class="act justify-self-center" :disabled="busy" @click="give('no')">No, none of these</button>
      </div>
    </template>
  </main>
</template>
