<script setup lang="ts">
import { computed, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { SectionId } from '@/api/types';
import { allSections } from '@/chart/geometry';
import CoatView from '@/chart/CoatView.vue';
import { inspectionChart } from '@/chart/inspectionChart';
import ArrivalWarnings from '@/visit/ArrivalWarnings.vue';
import ChartKey from '@/chart/ChartKey.vue';
import ChartPane from '@/chart/ChartPane.vue';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import NumberAnswer from './NumberAnswer.vue';
import PhotoDialog from '@/visit/PhotoDialog.vue';
import PhotoStrip from '@/visit/PhotoStrip.vue';
import PhotoViewer from '@/visit/PhotoViewer.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import TextField from '@/ui/TextField.vue';
import TickGroup from '@/ui/TickGroup.vue';
import VisitShell from '@/visit/VisitShell.vue';
import WantedLengths from './WantedLengths.vue';
import { useArrival } from './useArrival';
import type { Key } from '@/device/useKeys';
import { type ShownPhoto, usePhotos } from '@/device/usePhotos';
import { useSession } from '@/device/useSession';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { useVisit } from '@/visit/useVisit';
import { options } from '@/messages/options';
import { say } from '@/messages/say';

const id = String(useRoute().params.visit);
const small = useSmallScreen();
const router = useRouter();
const { salon } = useSession();
const { visit, sections, loaded } = useVisit(id);
const arrival = useArrival(id, visit);
const { answers, problems, answer, answerFee, answerText } = arrival;

const photos = usePhotos().around(visit);
const ofTheDog = computed(() => photos.value.filter((photo) => photo.section === null));
const photographing = ref(false);
const lookedAt = ref<ShownPhoto | null>(null);

const chart = computed(() => (sections.value ? inspectionChart(sections.value, visit.value!.findings) : null));
const coatChange = computed(() => Object.values(sections.value ?? {}).some((section) => section.lookFirst.includes('coat_change')));
const closed = computed(() => visit.value?.closedAt != null);
const name = computed(() => visit.value?.dog.name ?? '');
/** A part of the body on both sides: what the client cares about is not one leg. */
const sectionsOf = (parts: string[]): SectionId[] => allSections.filter((section) => parts.includes(section.replace(/_[lr]$/, '')));
const prizedParts = computed(() => {
  const prized = answers.value.prized ?? null;
  return (
    prized &&
    (Object.keys(say.text.parts) as (keyof typeof say.text.parts)[]).filter((part) =>
      sectionsOf([part]).every((section) => prized.includes(section)),
    )
  );
});
const styles = computed(() => options(say.text.finishStyles).filter(({ value }) => visit.value?.finishStyles.includes(value)));
const service = computed(() => answers.value.service ?? visit.value?.service);
const yesNo = [
  { value: true, says: 'Yes' },
  { value: false, says: 'No' },
];
const goOn = (): void => void router.push({ name: 'inspection', params: { visit: id } });
const keys: Key[] = [
  { keys: ['i'], says: 'To the inspection', run: goOn },
  { keys: ['p'], says: 'Photo', run: () => (photographing.value = true), when: () => !closed.value },
  { keys: ['d'], says: 'The day', run: () => void router.push({ name: 'day' }) },
];
</script>

<template>
  <VisitShell :visit="visit" :loaded="loaded" task="Arrival">
    <template #chart>
      <ChartPane v-if="chart">
        <template #heading><p class="text-lead font-bold wide:text-title">Where to look first</p></template>
        <CoatView
          :label="`Where to look first on ${name}`"
          :sections="chart"
          :route="visit!.route"
          :coat-mm="visit!.dog.coatMm"
          :plain="small"
        />
        <template #key>
          <p v-if="coatChange">Coat change: look everywhere.</p>
          <ChartKey kind="first">look here first: gear, last visit, and where it always mats</ChartKey>
          <ChartKey v-if="visit!.findings.length" kind="finding">noted at an earlier visit</ChartKey>
        </template>
      </ChartPane>
    </template>
    <div class="min-h-0 flex-1 overflow-y-auto px-4 pb-4 tall:px-8 tall:pt-4">
      <h1 class="text-ask text-call">What does the client want today?</h1>
      <fieldset :disabled="closed" class="mt-4 grid gap-6">
        <TextField :model-value="answers.wishes ?? null" label="Wishes" :max="1000" @update:model-value="answerText('wishes', $event)" />
        <ChoiceGroup
          :model-value="answers.consent ?? null"
          label="Clipping where mats cannot be opened"
          :options="options(say.text.consent)"
          @update:model-value="answer({ consent: $event })"
        />
        <div class="grid gap-4 tall:grid-cols-3">
          <NumberAnswer
            :arrival="arrival"
            field="weightKg"
            label="Weight today"
            unit="kg"
            :max="6"
            :hint="`${visit!.dog.weightKg} kg on the card`"
          />
          <NumberAnswer
            :arrival="arrival"
            field="wantedMm"
            label="Length wanted"
            unit="mm"
            :max="5"
            :hint="`${visit!.dog.coatMm} mm now`"
          />
          <TextField
            :model-value="answers.feeLimitCents == null ? null : answers.feeLimitCents / 100"
            label="Fee limit"
            kind="number"
            :unit="salon?.currency ?? ''"
            :max="7"
            hint="empty: none given"
            :error="problems.feeLimit"
            @update:model-value="answerFee"
          />
        </div>
        <WantedLengths :arrival="arrival" />
        <TickGroup
          :model-value="prizedParts"
          :label="say.text.prized"
          :options="options(say.text.parts)"
          none="No place in particular"
          @update:model-value="answer({ prized: sectionsOf($event) })"
        />
        <ChoiceGroup
          :model-value="service ?? null"
          label="Booked"
          :options="options(say.text.services)"
          @update:model-value="answer({ service: $event })"
        />
        <ChoiceGroup
          v-if="service === 'full_groom'"
          :model-value="answers.finishStyle ?? visit!.finishStyle"
          label="Finish"
          :options="styles"
          @update:model-value="answer({ finishStyle: $event })"
        />
        <TickGroup
          :model-value="answers.extras ?? null"
          label="Extras"
          :options="options(say.text.extras)"
          @update:model-value="answer({ extras: $event })"
        />
        <div class="grid gap-4 tall:grid-cols-2">
          <NumberAnswer :arrival="arrival" field="daysSinceCombOut" label="Last full comb-out" unit="days ago" />
          <NumberAnswer :arrival="arrival" field="daysSinceBath" label="Last bath" unit="days ago" />
        </div>
        <ChoiceGroup
          :model-value="answers.washedOverKnots ?? null"
          label="Washed, and left to dry over knots?"
          :options="yesNo"
          @update:model-value="answer({ washedOverKnots: $event })"
        />
        <TickGroup
          :model-value="answers.gear ?? null"
          :label="`What rubs ${name}, day by day`"
          :options="options(say.text.gear)"
          none="Nothing"
          @update:model-value="answer({ gear: $event })"
        />
        <div class="grid gap-1.5">
          <ChoiceGroup
            :model-value="answers.gearOff ?? null"
            label="Taken off now?"
            :options="yesNo"
            @update:model-value="answer({ gearOff: $event })"
          />
          <p class="text-note text-ink-2">It rubs, and mats sit under it.</p>
        </div>
        <ChoiceGroup
          :model-value="answers.homeBrushing ?? null"
          label="Brushed at home"
          :options="options(say.text.homeBrushing)"
          @update:model-value="answer({ homeBrushing: $event })"
        />
        <ChoiceGroup
          :model-value="answers.coatState ?? null"
          label="State of the coat"
          :options="options(say.text.coatStates)"
          @update:model-value="answer({ coatState: $event })"
        />
        <div class="grid gap-6 tall:grid-cols-2">
          <ChoiceGroup
            :model-value="answers.firstGroom ?? null"
            label="First groom of its life?"
            :options="yesNo"
            @update:model-value="answer({ firstGroom: $event })"
          />
          <ChoiceGroup
            :model-value="answers.moult ?? null"
            label="In moult?"
            :options="yesNo"
            @update:model-value="answer({ moult: $event })"
          />
        </div>
        <ChoiceGroup
          :model-value="answers.temperament ?? visit!.dog.temperament"
          label="On the table today"
          :options="options(say.text.temperaments)"
          @update:model-value="answer({ temperament: $event })"
        />
        <TickGroup
          :model-value="answers.health ?? visit!.dog.health"
          label="Health, as the client or a vet told you"
          :options="options(say.text.health)"
          none="Nothing known"
          @update:model-value="answer({ health: $event })"
        />
        <ChoiceGroup
          :model-value="answers.neverOnTheBack ?? null"
          label="Back trouble, bloat risk, late pregnancy?"
          :options="yesNo"
          @update:model-value="answer({ neverOnTheBack: $event })"
        />
        <div class="grid gap-6 tall:grid-cols-2">
          <ChoiceGroup
            :model-value="answers.liesDown ?? null"
            :label="say.text.feet.liesAsked"
            :options="yesNo"
            @update:model-value="answer({ liesDown: $event })"
          />
          <NumberAnswer
            :arrival="arrival"
            field="standsMinutes"
            :label="say.text.feet.standsAsked"
            unit="min"
            :max="3"
            :hint="say.text.feet.standsHint.replace('{minutes}', String(visit!.feet.standsMinutes))"
          />
        </div>
        <div class="grid gap-4 tall:grid-cols-2">
          <TextField
            :model-value="answers.newHealth ?? null"
            label="New about its health"
            @update:model-value="answerText('newHealth', $event)"
          />
          <NumberAnswer
            v-if="visit!.dog.sex === 'female' && visit!.dog.entire"
            :arrival="arrival"
            field="weeksSinceHeat"
            label="Last heat began"
            unit="weeks ago"
            :max="3"
          />
          <NumberAnswer
            :arrival="arrival"
            field="coatMm"
            label="Coat length today"
            unit="mm"
            :max="5"
            :hint="`${visit!.dog.coatMm} mm on the card`"
          />
          <NumberAnswer :arrival="arrival" field="slotMinutes" label="Table time planned" unit="min" :max="3" :usual="visit!.slotMinutes" />
          <TextField
            :model-value="answers.phone ?? visit!.dog.client.phone"
            :label="`Reach ${visit!.dog.client.name} at`"
            kind="tel"
            :max="40"
            @update:model-value="answerText('phone', $event)"
          />
        </div>
      </fieldset>
      <section class="mt-6 grid gap-3">
        <PhotoStrip :photos="ofTheDog.filter((photo) => !photo.earlierVisit)" label="The whole dog, today" @look="lookedAt = $event" />
        <PhotoStrip :photos="ofTheDog.filter((photo) => photo.earlierVisit)" label="The whole dog, last visit" @look="lookedAt = $event" />
        <button v-if="!closed" type="button" class="btn btn-small justify-self-start" @click="photographing = true">
          Photo of the whole dog
        </button>
      </section>
      <ArrivalWarnings class="mt-8" :warnings="visit!.warnings" :name="name" />
      <button type="button" class="btn btn-main mt-6 w-full" @click="goOn">Start the inspection</button>
    </div>
    <TaskFoot :keys="keys" />
    <PhotoDialog v-if="photographing" :visit="id" :section="null" @close="photographing = false" />
    <PhotoViewer v-if="lookedAt" :visit="id" :photos="photos" :start="lookedAt" @close="lookedAt = null" />
  </VisitShell>
</template>
