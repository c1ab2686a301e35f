<script setup lang="ts">
// Read this to the client, or turn the tablet round: the ways, what is done where in words, then the answer.
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue';
import { computed, ref } from 'vue';
import type { Plan, SectionId, Visit, Weeks } from '@/api/types';
import { choicesOf, isOverFee, namedPlaces } from './frontier';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import AppDialog from '@/ui/AppDialog.vue';
import ReadBack from '@/ui/ReadBack.vue';
import SignaturePad from './SignaturePad.vue';
import TextField from '@/ui/TextField.vue';

export interface GivenAnswer {
  answer: 'yes' | 'no';
  who: string;
  note?: string;
  signature?: string;
}

/** One way that the client may choose; `place` on the frontier, or null for the plan as it stands. */
interface Way {
  place: number | null;
  says: string;
  choices: Record<string, string>;
  keep: number | null;
  minutes: number;
  tension: number;
  priceCents: number;
  weeks: Weeks;
}

/** `plan` and `place` are as they were when the client was asked; `moved` says that the plan is another one by now. */
const props = defineProps<{
  visit: Visit;
  plan: Plan;
  place: number | null;
  moved: boolean;
  via: 'here' | 'phone';
  trouble: string;
  busy: boolean;
}>();
const emit = defineEmits<{ given: [answer: GivenAnswer, place: number | null]; close: [] }>();
const { salon } = useSession();
const picked = ref(0);
const who = ref<string>(props.visit.dog.client.name);
const note = ref('');
const signature = ref('');
const problem = ref('');
const readingBack = ref(false);

/** Until what shows of the clipped places is back, by the longest range among them. */
const weeksNow = computed<Weeks>(() =>
  Object.values(props.plan.sections)
    .map((section) => section.regrowthWeeks)
    .reduce<Weeks>((longest, weeks) => ((weeks?.to ?? 0) > (longest?.to ?? 0) ? weeks : longest), null),
);
const ways = computed<Way[]>(() => {
  const { plan } = props;
  const now: Way = {
    place: null,
    says: say.text.client.offers.suggested,
    choices: Object.fromEntries(Object.entries(plan.sections).map(([section, known]) => [section, known!.choice ?? 'brush'])),
    ...{ keep: plan.totals.coatKept, minutes: plan.totals.minutes, tension: plan.totals.tension },
    ...{ priceCents: plan.price.totalCents, weeks: weeksNow.value },
  };
  const frontier = plan.frontier;
  const others = frontier ? namedPlaces(frontier).filter((place) => place !== props.place) : [];
  return [
    now,
    ...others.map((place): Way => {
      const one = frontier!.plans[place];
      const id = place === frontier!.balanced ? 'balanced' : place === frontier!.easiest ? 'easiest' : 'keep_coat';
      const says = say.text.client.offers[id].replace('{dog}', props.visit.dog.name);
      return { ...one, place, says, choices: choicesOf(frontier!, one), weeks: one.regrowthWeeks };
    }),
  ];
});
const way = computed(() => ways.value[picked.value]);
const lines = computed(() => {
  const byTreatment = new Map<string, SectionId[]>();
  for (const section of props.visit.route) {
    const choice = way.value.choices[section];
    if (choice && choice !== 'brush') {
      byTreatment.set(choice, [...(byTreatment.get(choice) ?? []), section]);
    }
  }
  const later = new Set(props.plan.split?.later ?? []);
  return [...byTreatment]
    .map(([treatment, sections]) => [treatment, sections.filter((section) => !later.has(section))] as const)
    .filter(([, sections]) => sections.length)
    .map(([treatment, sections]) => ({ treatment: say.done(treatment), sections: say.sections(sections) }));
});
const money = (cents: number): string => say.money(cents, salon.value?.currency ?? 'EUR');
const overFee = computed(() =>
  isOverFee(props.plan.feeLimitCents, way.value.priceCents)
    ? `That is over the ${money(props.plan.feeLimitCents)} that was named on arrival.`
    : '',
);
const said = computed(() => {
  const words = say.text.client.readBack;
  return {
    title: props.via === 'here' ? words.here : words.phone.replace('{who}', who.value.trim()),
    lines: [
      ...lines.value.map((line) => `${say.start(line.sections)}: ${line.treatment}.`),
      ...say.split(props.plan.split),
      words.elsewhere,
      overFee.value,
    ].filter((line) => line),
  };
});

function named(): boolean {
  problem.value = who.value.trim() ? '' : 'Who gave the answer?';
  return problem.value === '';
}

function give(answer: 'yes' | 'no'): void {
  if (named()) {
    const given: GivenAnswer = {
      ...{ answer, who: who.value.trim() },
      ...(note.value.trim() ? { note: note.value.trim() } : {}),
      ...(signature.value && answer === 'yes' ? { signature: signature.value } : {}),
    };
    emit('given', given, answer === 'yes' ? way.value.place : null);
  }
}
</script>

<template>
  <AppDialog
    :title="via === 'here' ? `${visit.dog.name}: what we would do` : `Telephone ${visit.dog.client.name}`"
    wide
    @close="emit('close')"
  >
    <p v-if="via === 'phone'" class="mt-1 text-lead font-bold">
      {{ visit.arrival.phone ?? visit.dog.client.phone ?? 'No number is known.' }}
    </p>
    <p v-if="moved" class="mt-3 font-semibold" role="status">{{ say.text.client.readBack.moved }}</p>
    <ReadBack
      v-if="readingBack"
      class="mt-4"
      :title="said.title"
      :way="way.says"
      :lines="said.lines"
      :price="money(way.priceCents)"
      :busy="busy"
      @agree="give('yes')"
      @back="readingBack = false"
    />
    <!-- Kept as it is meanwhile: a signature is no less one for being read back. -->
    <div v-show="!readingBack">
      <RadioGroup v-if="ways.length > 1" v-model="picked" class="mt-3">
        <RadioGroupLabel class="sr-only">Which way</RadioGroupLabel>
        <div class="grid gap-2" :class="ways.length === 2 ? 'tall:grid-cols-2' : 'tall:grid-cols-3'">
          <RadioGroupOption v-for="(one, index) in ways" :key="one.says" v-slot="{ checked }" :value="index" as="template">
            <button
              type="button"
              class="rounded-lg edge border-ink px-3 py-2 text-left"
              :class="checked ? 'bg-ink text-on-ink' : 'bg-white'"
            >
              <b class="block">{{ one.says }}</b>
              <span class="block text-list">
                {{ money(one.priceCents) }}, {{ say.minutes(one.minutes) }}, {{ one.keep === null ? '' : `keeps ${say.percent(one.keep)}` }}
              </span>
              <span class="block text-list">{{ say.plainPulling(one.tension) }}</span>
            </button>
          </RadioGroupOption>
        </div>
      </RadioGroup>
      <table class="mt-4 w-full text-left">
        <thead class="sr-only">
          <tr>
            <th>What is done</th>
            <th>Where</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in lines" :key="line.treatment" class="border-t border-line align-top">
            <td class="w-[38%] py-2 pr-4 font-bold">{{ line.treatment }}</td>
            <td class="py-2">{{ line.sections }}</td>
          </tr>
          <tr class="border-t border-b border-line align-top">
            <td class="py-2 pr-4 font-bold">brushed and combed</td>
            <td class="py-2">{{ lines.length ? 'everywhere else' : 'the whole coat' }}</td>
          </tr>
        </tbody>
      </table>
      <p v-for="line in say.split(plan.split)" :key="line" class="mt-2">{{ line }}</p>
      <p class="mt-3 text-lead">
        <b>{{ money(way.priceCents) }}</b>, about {{ say.minutes(way.minutes) }} at the table{{
          plan.split ? '' : ', then bath and drying'
        }}.
        <b v-if="overFee" class="text-call">{{ overFee }}</b>
      </p>
      <p class="mt-1">
        <template v-if="way.keep !== null">{{ say.percent(way.keep) }} of the coat that shows stays.</template>
        <template v-if="way.weeks">{{ ` What is clipped grows back in about ${say.weeks(way.weeks)}, a rule of thumb.` }}</template>
        <template v-else-if="visit.dog.coat === 'double'">{{ ` ${say.text.doubleRegrows}` }}</template>
      </p>
      <p class="mt-2 text-note text-ink-2">Clipped skin wants warmth and shade and may flake. {{ say.text.notVeterinary }}</p>
      <SignaturePad v-if="via === 'here'" v-model="signature" class="mt-4" />
      <div class="mt-4 grid gap-4 tall:grid-cols-2">
        <TextField v-model="who" label="Who answers" :max="120" :error="problem" />
        <TextField v-model="note" label="In their words" :max="500" />
      </div>
      <div class="mt-5 grid gap-2 tall:grid-cols-2">
        <button type="button" class="btn btn-main" :disabled="busy" @click="readingBack = named()">Yes, do this</button>
        <button type="button" class="btn" :disabled="busy" @click="give('no')">No, change something</button>
      </div>
    </div>
    <p v-if="trouble" class="mt-3 font-semibold" role="alert">{{ trouble }}</p>
  </AppDialog>
</template>
