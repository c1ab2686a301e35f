<script setup lang="ts">
// The client's answer: what still needs it, and the ways to get it.
import { there } from '@/api/there';
import { t } from '@/messages/words';
import { computed, ref, shallowRef, watch } from 'vue';
import { api, Refused } from '@/api/client';
import type { Frontier, Plan, Visit } from '@/api/types';
import { aimAt, choicesOf, overreachOf } from './frontier';
import { aimAt as focusOn, useKeys } from '@/device/useKeys';
import { useOutbox } from '@/device/useOutbox';
import { say } from '@/messages/say';
import ClientWord from '@/visit/ClientWord.vue';
import ClientAnswerDialog, { type GivenAnswer } from './ClientAnswerDialog.vue';
import KeyCap from '@/ui/KeyCap.vue';

const props = defineProps<{ visit: Visit; plan: Plan; place: number | null; decides: boolean }>();
const outbox = useOutbox();
/** What the client is asked, as it stood when the question was put: it does not change under their eyes. */
const asking = shallowRef<{ planId: string; via: 'here' | 'phone'; plan: Plan; place: number | null } | null>(null);
const ahead = ref<HTMLButtonElement>();
const link = ref<HTMLButtonElement>();
const trouble = ref('');
const busy = ref(false);

const client = computed(() => props.visit.dog.client.name);
const ready = computed(() => props.plan.totals.complete && props.plan.toAsk.length === 0 && props.decides && !props.visit.closedAt);
const beyond = computed(() => {
  const byTreatment = new Map<string, Plan['asks']>();
  for (const section of props.plan.asks) {
    const treatment = props.plan.sections[section]?.choice ?? '';
    byTreatment.set(treatment, [...(byTreatment.get(treatment) ?? []), section]);
  }
  return [...byTreatment]
    .map(([treatment, sections]) => t('plan.sectionsAt', { sections: say.sections(sections), length: say.mm(Number(treatment.slice(5))) }))
    .join('; ');
});
const overreaches = computed(() => overreachOf(props.plan));
const answer = computed(() => (props.plan.shown?.current ? props.plan.shown.answer : null));
/** A question, or the wish to be telephoned, settles nothing; after a no it can be asked anew. */
const settled = computed(() => answer.value?.answer === 'yes' && props.plan.agreed);
/** Nobody has to be asked; but a no is the client's to end. */
const mayGoAhead = computed(() => beyond.value === '' && props.plan.totals.complete && props.plan.word?.why !== 'no');
const sent = ref('');
/** Somebody sends it, or it is passed on by hand; null: there is no address. */
const sender = ref<'mail' | 'phone' | 'hand' | null>(null);
const LINK_SAID = {
  mail: 'plan.answer.linkSent',
  phone: 'plan.answer.linkSent',
  hand: 'plan.answer.linkNotSent',
  nobody: 'plan.answer.linkToNobody',
} as const;

const codes = (): Record<string, string> =>
  Object.fromEntries(Object.entries(props.plan.sections).map(([section, known]) => [section, known!.choice!]));

async function doing(what: () => Promise<void>): Promise<void> {
  busy.value = true;
  trouble.value = '';
  try {
    await what();
  } catch (failure) {
    trouble.value = failure instanceof Refused ? failure.message : t('plan.answer.noServer');
  } finally {
    busy.value = false;
  }
}

const shown = async (): Promise<string> =>
  props.plan.shown?.current && answer.value?.answer !== 'no'
    ? props.plan.shown.id
    : outbox.recordNow(props.visit.id, 'plan_shown', { choices: codes(), priceCents: props.plan.price.totalCents });

const ask = (via: 'here' | 'phone'): Promise<void> =>
  doing(async () => {
    const { plan, place } = props;
    asking.value = { planId: await shown(), via, plan, place };
  });

const sendLink = (): Promise<void> =>
  doing(async () => {
    const link = await api('post', '/api/visits/{visit}/client-links', {
      path: { visit: props.visit.id },
      body: { planId: await shown() },
    });
    sender.value = link.sender;
    sent.value = t(LINK_SAID[link.sender ?? 'nobody'], {
      client: client.value,
      time: say.time(link.expiresAt),
    });
  });

const goAhead = (): Promise<void> =>
  doing(
    async () =>
      void (await outbox.recordNow(props.visit.id, 'answer_given', {
        planId: await shown(),
        answer: 'yes',
        via: 'standing',
        who: client.value,
      })),
  );

/** The plan moved on while the client was being asked: what they answer is still what they were shown. */
const moved = ref(false);
let seen = false;
watch(
  () => [asking.value?.planId, props.plan.shown] as const,
  ([planId, now], before) => {
    seen = planId !== undefined && (now?.id === planId || (seen && planId === before?.[0]));
    moved.value = seen && !(now?.id === planId && now?.current === true);
  },
);

/** Another way than the one in force becomes the plan first, and is shown as what it is. */
async function shownAt(frontier: Frontier, place: number): Promise<string> {
  const plan = there(frontier.plans[place]);
  const choices = choicesOf(frontier, plan);
  await outbox.recordNow(props.visit.id, 'plan_chosen', { aim: aimAt(frontier, place), choices });
  return outbox.recordNow(props.visit.id, 'plan_shown', { choices, priceCents: plan.priceCents });
}

const given = (what: GivenAnswer, place: number | null): Promise<void> =>
  doing(async () => {
    const { planId, via, plan, place: asked } = asking.value!;
    const answered = place === null || place === asked ? planId : await shownAt(plan.frontier!, place);
    await outbox.recordNow(props.visit.id, 'answer_given', { planId: answered, via, ...what });
    asking.value = null;
  });

const mayAsk = (): boolean => ready.value && !settled.value && !busy.value;
useKeys(() => [
  { keys: ['g'], says: t('plan.answer.goAheadWithin'), run: focusOn(() => ahead.value), when: () => mayAsk() && mayGoAhead.value },
  { keys: ['h'], says: t('plan.answer.here'), run: () => ask('here'), when: mayAsk },
  { keys: ['c'], says: t('plan.answer.telephone'), run: () => ask('phone'), when: mayAsk },
  { keys: ['l'], says: t('plan.answer.sendLink'), run: focusOn(() => link.value), when: mayAsk },
]);
</script>

<template>
  <section
    class="no-print shrink-0 border-t border-line bg-paper px-4 py-2.5 tall:px-8"
    :class="plan.totals.complete ? '' : 'max-tall:hidden'"
    :aria-label="t('plan.answer.label')"
  >
    <p class="truncate text-list">
      {{ client }} {{ t(`arrival.consentShort.${plan.consent}`)
      }}<template v-if="visit.arrival.wishes">{{ t('plan.answer.wishes', { wishes: visit.arrival.wishes }) }}</template
      >.
    </p>
    <template v-if="plan.word">
      <ClientWord class="text-lead" :word="plan.word" />
      <p v-if="plan.shown?.answer?.note" class="text-list">{{ say.quoted(plan.shown.answer.note) }}</p>
    </template>
    <p v-else-if="plan.begun && plan.agreed && plan.totals.complete" class="text-lead font-bold">
      {{ t('plan.answer.within', { client }) }}
    </p>
    <p v-else-if="answer" class="text-lead font-bold">
      {{ answer.who }} {{ t(`visit.answers.${answer.answer}`) }}, {{ t(`record.via.${answer.via}`) }}, {{ say.time(answer.at) }}.
      <span v-if="answer.note" class="font-normal">{{ say.quoted(answer.note) }}</span>
    </p>
    <p v-else-if="!plan.totals.complete" class="text-lead font-bold">{{ t('plan.answer.decideThen', { client }) }}</p>
    <p v-else-if="beyond" class="text-lead font-bold text-call">{{ t('plan.answer.needsYes', { beyond }) }}</p>
    <p v-else-if="overreaches" class="text-lead font-bold">{{ t('plan.overreach.allowed') }}</p>
    <p v-else class="text-lead font-bold">{{ t('plan.answer.allWithin') }}</p>
    <p v-if="plan.shown?.answer && !plan.shown.current && !plan.word && !(plan.begun && plan.agreed)" class="text-list">
      {{ t('plan.answer.changed', { who: plan.shown.answer.who }) }}
    </p>
    <p v-if="sent && !settled" class="text-list" role="status">
      {{ sent }}
      <RouterLink v-if="sender === 'hand'" class="font-bold underline" :to="{ name: 'pass-on' }">{{ t('plan.answer.passOn') }}</RouterLink>
      <RouterLink v-else-if="sender === 'phone'" class="font-bold underline" :to="{ name: 'phone' }">{{
        t('plan.answer.standIn')
      }}</RouterLink>
    </p>
    <p v-if="trouble" class="text-list font-semibold" role="alert">{{ trouble }}</p>
    <p v-if="!decides" class="text-list">{{ t('plan.answer.groomers') }}</p>
    <RouterLink
      v-if="plan.begun && plan.agreed && plan.totals.complete"
      class="btn btn-small btn-main mt-2 min-h-13 w-full"
      :to="{ name: 'table', params: { visit: visit.id } }"
      >{{ t('plan.answer.backToTable') }}</RouterLink
    >
    <div v-else-if="!settled && decides" class="mt-2 grid grid-cols-3 gap-2" :class="mayGoAhead ? 'tall:grid-cols-4' : ''">
      <button
        v-if="mayGoAhead"
        ref="ahead"
        type="button"
        class="btn btn-small group col-span-3 min-h-13 tall:col-span-1"
        :class="overreaches ? '' : 'btn-main'"
        :disabled="!ready || busy"
        @click="goAhead"
      >
        {{ t('plan.answer.goAhead') }} <KeyCap>G</KeyCap>
      </button>
      <button
        type="button"
        class="btn btn-small group min-h-13"
        :class="!mayGoAhead && ready ? 'btn-main' : ''"
        :disabled="!ready || busy"
        @click="ask('here')"
      >
        {{ t('plan.answer.isHere') }} <KeyCap>H</KeyCap>
      </button>
      <button type="button" class="btn btn-small group min-h-13" :disabled="!ready || busy" @click="ask('phone')">
        {{ t('plan.answer.phone') }} <KeyCap>C</KeyCap>
      </button>
      <button ref="link" type="button" class="btn btn-small group min-h-13" :disabled="!ready || busy" @click="sendLink">
        {{ t('plan.answer.send') }} <KeyCap>L</KeyCap>
      </button>
    </div>
    <ClientAnswerDialog
      v-if="asking"
      :visit="visit"
      :plan="asking.plan"
      :place="asking.place"
      :moved="moved"
      :via="asking.via"
      :trouble="trouble"
      :busy="busy"
      @given="given"
      @close="asking = null"
    />
  </section>
</template>
