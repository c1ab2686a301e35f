<script setup lang="ts">
// Read this to the client, or turn the tablet round: the ways, what is done where in words, then the answer.
import { there } from '@/api/there';
import { sayPlan } from '@/messages/sayPlan';
import { t } from '@/messages/words';
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue';
import { computed, ref } from 'vue';
import type { Plan, SectionId, Visit, Weeks } from '@/api/types';
import { choicesOf, isOverFee, namedPlaces } from './frontier';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import BoldWords from '@/ui/BoldWords.vue';
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
/** After a no on their phone the name is not taken for granted: whoever says yes is named, and the phone is told. */
const afterANo = computed(() => props.plan.word?.why === 'no' && props.plan.word.via === 'link');
const who = ref<string>(afterANo.value ? '' : props.visit.dog.client.name);
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
    says: t('plan.offers.suggested'),
    choices: Object.fromEntries(Object.entries(plan.sections).map(([section, known]) => [section, known!.choice ?? 'brush'])),
    ...{ keep: plan.totals.coatKept, minutes: plan.totals.minutes, tension: plan.totals.tension },
    ...{ priceCents: plan.price.totalCents, weeks: weeksNow.value },
  };
  const frontier = plan.frontier;
  const others = frontier ? namedPlaces(frontier).filter((place) => place !== props.place) : [];
  return [
    now,
    ...others.map((place): Way => {
      const one = there(frontier!.plans[place]);
      const id = place === frontier!.balanced ? 'balanced' : place === frontier!.easiest ? 'easiest' : 'keep_coat';
      const says = t(`plan.offers.${id}`, { dog: props.visit.dog.name });
      return { ...one, place, says, choices: choicesOf(frontier!, one), weeks: one.regrowthWeeks };
    }),
  ];
});
const way = computed(() => there(ways.value[picked.value]));
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
  isOverFee(props.plan.feeLimitCents, way.value.priceCents) ? t('plan.ask.overLimit', { limit: money(props.plan.feeLimitCents) }) : '',
);
const said = computed(() => {
  return {
    title: props.via === 'here' ? t('plan.readBack.here') : t('plan.readBack.phone', { who: who.value.trim() }),
    lines: [
      ...lines.value.map((line) => `${say.start(line.sections)}: ${line.treatment}.`),
      ...sayPlan.split(props.plan.split),
      t('plan.readBack.elsewhere'),
      overFee.value,
    ].filter((line) => line),
  };
});

function named(): boolean {
  problem.value = who.value.trim() ? '' : t('plan.ask.whoGave');
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
    :title="
      via === 'here' ? t('plan.ask.whatWeWouldDo', { dog: visit.dog.name }) : t('plan.ask.telephone', { client: visit.dog.client.name })
    "
    wide
    @close="emit('close')"
  >
    <p v-if="via === 'phone'" class="mt-1 text-lead font-bold">
      {{ visit.arrival.phone ?? visit.dog.client.phone ?? t('plan.ask.noNumber') }}
    </p>
    <p v-if="moved" class="mt-3 font-semibold" role="status">{{ t('plan.readBack.moved') }}</p>
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
        <RadioGroupLabel class="sr-only">{{ t('plan.ask.whichWay') }}</RadioGroupLabel>
        <div class="grid gap-2" :class="ways.length === 2 ? 'tall:grid-cols-2' : 'tall:grid-cols-3'">
          <RadioGroupOption v-for="(one, index) in ways" :key="one.says" v-slot="{ checked }" :value="index" as="template">
            <button
              type="button"
              class="rounded-lg edge border-ink px-3 py-2 text-left"
              :class="checked ? 'bg-ink text-on-ink' : 'bg-white'"
            >
              <b class="block">{{ one.says }}</b>
              <span class="block text-list">
                {{ money(one.priceCents) }}, {{ say.minutes(one.minutes) }},
                {{ one.keep === null ? '' : t('plan.ask.keeps', { keep: say.percent(one.keep) }) }}
              </span>
              <span class="block text-list">{{ sayPlan.plainPulling(one.tension) }}</span>
            </button>
          </RadioGroupOption>
        </div>
      </RadioGroup>
      <table class="mt-4 w-full text-left">
        <thead class="sr-only">
          <tr>
            <th>{{ t('plan.ask.what') }}</th>
            <th>{{ t('plan.ask.where') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="line in lines" :key="line.treatment" class="border-t border-line align-top">
            <td class="w-[38%] py-2 pr-4 font-bold">{{ line.treatment }}</td>
            <td class="py-2">{{ line.sections }}</td>
          </tr>
          <tr class="border-t border-b border-line align-top">
            <td class="py-2 pr-4 font-bold">{{ t('plan.ask.brushed') }}</td>
            <td class="py-2">{{ lines.length ? t('plan.elsewhere') : t('plan.wholeCoat') }}</td>
          </tr>
        </tbody>
      </table>
      <p v-for="line in sayPlan.split(plan.split)" :key="line" class="mt-2">{{ line }}</p>
      <p class="mt-3 text-lead">
        <BoldWords
          :words="
            t(plan.split ? 'plan.ask.price' : 'plan.ask.priceAndBath', {
              price: money(way.priceCents),
              minutes: say.minutes(way.minutes),
            })
          "
        />
        <b v-if="overFee" class="text-call">{{ overFee }}</b>
      </p>
      <p class="mt-1">
        <template v-if="way.keep !== null">{{ t('plan.ask.stays', { keep: say.percent(way.keep) }) }}</template>
        <template v-if="way.weeks">{{ t('plan.ask.growsBack', { weeks: say.weeks(way.weeks) }) }}</template>
        <template v-else-if="visit.dog.coat === 'double'">{{ ` ${t('plan.doubleRegrows')}` }}</template>
      </p>
      <p class="mt-2 text-note text-ink-2">{{ t('plan.ask.cautions', { notVeterinary: t('device.notVeterinary') }) }}</p>
      <SignaturePad v-if="via === 'here'" v-model="signature" class="mt-4" />
      <p v-if="afterANo" class="mt-4 font-bold text-call">{{ t('plan.ask.afterANo') }}</p>
      <div class="mt-4 grid gap-4 tall:grid-cols-2">
        <TextField v-model="who" :label="t('plan.ask.who')" :max="120" :error="problem" />
        <TextField v-model="note" :label="t('plan.ask.words')" :max="500" />
      </div>
      <div class="mt-5 grid gap-2 tall:grid-cols-2">
        <button type="button" class="btn btn-main" :disabled="busy" @click="readingBack = named()">{{ t('plan.say.yes') }}</button>
        <button type="button" class="btn" :disabled="busy" @click="give('no')">{{ t('plan.ask.no') }}</button>
      </div>
    </div>
    <p v-if="trouble" class="mt-3 font-semibold" role="alert">{{ trouble }}</p>
  </AppDialog>
</template>
