<script setup lang="ts">
// Read this to the client, or turn the tablet round: what is done where, in words, then the answer.
import { computed, ref } from 'vue';
import type { Plan, SectionId, Visit } from '@/api/types';
import { useSession } from '@/composables/useSession';
import { say } from '@/messages/say';
import AppDialog from './AppDialog.vue';
import TextField from './TextField.vue';

const props = defineProps<{ visit: Visit; plan: Plan; via: 'here' | 'phone'; trouble: string }>();
const emit = defineEmits<{ given: [answer: { answer: 'yes' | 'no'; who: string; note?: string }]; close: [] }>();
const who = ref<string>(props.visit.dog.client.name);
const note = ref('');
const problem = ref('');

const { salon } = useSession();
const money = (cents: number): string => say.money(cents, salon.value?.currency ?? 'EUR');
/** Until what shows of the clipped places is back, by the longest range among them. */
const regrowth = computed(() =>
  Object.values(props.plan.sections)
    .map((section) => section.regrowthWeeks)
    .reduce((longest, weeks) => ((weeks?.to ?? 0) > (longest?.to ?? 0) ? weeks : longest), null),
);
const lines = computed(() => {
  const byTreatment = new Map<string, SectionId[]>();
  for (const section of props.visit.route) {
    const choice = props.plan.sections[section]?.choice;
    if (choice && choice !== 'brush') {
      byTreatment.set(choice, [...(byTreatment.get(choice) ?? []), section]);
    }
  }
  return [...byTreatment].map(([treatment, sections]) => ({ treatment: say.done(treatment), sections: say.sections(sections) }));
});

function give(answer: 'yes' | 'no'): void {
  problem.value = who.value.trim() ? '' : 'Who gave the answer?';
  if (!problem.value) {
    emit('given', { answer, who: who.value.trim(), ...(note.value.trim() ? { note: note.value.trim() } : {}) });
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
    <p class="mt-3">
      About {{ say.minutes(plan.totals.minutes) }} at the table, then bath and drying.
      <template v-if="plan.totals.coatKept !== null">{{ say.percent(plan.totals.coatKept) }} of the coat that shows stays.</template>
    </p>
    <p class="mt-2 text-lead">
      <b>{{ money(plan.price.totalCents) }}</b>, of it {{ money(plan.price.matCents) }} for opening mats beyond what is included.
      <b v-if="plan.feeLimitCents !== null && plan.price.totalCents > plan.feeLimitCents" class="text-call"
        >That is over the {{ money(plan.feeLimitCents) }} that was named on arrival.</b
      >
    </p>
    <p v-if="regrowth" class="mt-1">What is clipped grows back in about {{ say.weeks(regrowth) }}, a rule of thumb.</p>
    <p v-else-if="visit.dog.coat === 'double'" class="mt-1">{{ say.text.doubleRegrows }}</p>
    <p class="mt-2 text-note text-ink-2">Clipped skin wants warmth and shade and may flake. {{ say.text.notVeterinary }}</p>
    <div class="mt-4 grid gap-4 tall:grid-cols-2">
      <TextField v-model="who" label="Who answers" :max="120" :error="problem" />
      <TextField v-model="note" label="In their words" :max="500" />
    </div>
    <p v-if="trouble" class="mt-3 font-semibold" role="alert">{{ trouble }}</p>
    <div class="mt-5 grid gap-2 tall:grid-cols-2">
      <button type="button" class="btn btn-main" @click="give('yes')">Yes, do this</button>
      <button type="button" class="btn" @click="give('no')">No, change something</button>
    </div>
  </AppDialog>
</template>
