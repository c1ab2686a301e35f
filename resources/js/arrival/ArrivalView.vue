<script setup lang="ts">
import { t, wordsOf, type Words } from '@/messages/words';
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import type { SectionId } from '@/api/types';
import { allSections } from '@/chart/geometry';
import CoatView from '@/chart/CoatView.vue';
import { inspectionChart } from '@/chart/inspectionChart';
import ExpectedNote from '@/visit/ExpectedNote.vue';
import HandlingList from '@/visit/HandlingList.vue';
import HomePlanNote from '@/visit/HomePlanNote.vue';
import ArrivalWarnings from '@/visit/ArrivalWarnings.vue';
import ChartKey from '@/chart/ChartKey.vue';
import ChartPane from '@/chart/ChartPane.vue';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import AskFirst from './AskFirst.vue';
import DogToday from './DogToday.vue';
import KeyCap from '@/ui/KeyCap.vue';
import LifeAtHome from './LifeAtHome.vue';
import NumberAnswer from './NumberAnswer.vue';
import PhotoStrip from '@/visit/PhotoStrip.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import TextField from '@/ui/TextField.vue';
import TickGroup from '@/ui/TickGroup.vue';
import { yesNo } from '@/ui/yesNo';
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
import { later } from '@/ui/later';

const PhotoDialog = later(() => import('@/visit/dialogs'), 'PhotoDialog');
const PhotoViewer = later(() => import('@/visit/dialogs'), 'PhotoViewer');
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
    (Object.keys(wordsOf('coat.parts')) as (keyof Words['coat']['parts'])[]).filter((part) =>
      sectionsOf([part]).every((section) => prized.includes(section)),
    )
  );
});
const styles = computed(() => options(wordsOf('arrival.finishStyles')).filter(({ value }) => visit.value?.finishStyles.includes(value)));
const service = computed(() => answers.value.service ?? visit.value?.service);
const asksFirst = ref(false);
/** Once asked it stays, so that no answer jumps away under the finger. */
watch(
  () => visit.value?.dog.toAsk.length,
  (left) => (asksFirst.value = asksFirst.value || Boolean(left)),
  { immediate: true },
);
const goOn = (): void => void router.push({ name: 'inspection', params: { visit: id } });
const keys: Key[] = [
  { keys: ['i'], says: t('visit.goOn.inspection'), run: goOn, foot: false },
  { keys: ['p'], says: t('ui.photo'), run: () => (photographing.value = true), when: () => !closed.value },
  { keys: ['d'], says: t('ui.theDay'), run: () => void router.push({ name: 'day' }) },
];
</script>

<template>
  <VisitShell :visit="visit" :loaded="loaded" :task="t('visit.steps.arrival')">
    <template #chart>
      <ChartPane v-if="chart">
        <template #heading
          ><p class="text-lead font-bold wide:text-title">{{ t('arrival.look.title') }}</p></template
        >
        <CoatView
          :label="t('arrival.look.on', { name })"
          :sections="chart"
          :route="visit!.route"
          :coat-mm="visit!.dog.coatMm"
          :plain="small"
        />
        <template #key>
          <p v-if="coatChange">{{ t('arrival.look.coatChange') }}</p>
          <ChartKey kind="first">{{ t('arrival.look.key') }}</ChartKey>
          <ChartKey v-if="visit!.findings.length" kind="finding">{{ t('arrival.look.noted') }}</ChartKey>
        </template>
      </ChartPane>
    </template>
    <div class="min-h-0 flex-1 overflow-y-auto px-4 pb-4 tall:px-8 tall:pt-4">
      <h1 class="text-ask text-call">{{ t('arrival.ask.today') }}</h1>
      <ExpectedNote class="mt-2" :visit="visit!" />
      <HomePlanNote class="mt-2" :visit="visit!" />
      <fieldset :disabled="closed" class="mt-4 grid gap-6">
        <AskFirst v-if="asksFirst" :arrival="arrival" :visit="visit!" />
        <TextField
          :model-value="answers.wishes ?? null"
          :label="t('arrival.ask.wishes')"
          :max="1000"
          @update:model-value="answerText('wishes', $event)"
        />
        <ChoiceGroup
          :model-value="answers.consent ?? null"
          :label="t('arrival.ask.clipping')"
          :options="options(wordsOf('arrival.consent'))"
          @update:model-value="answer({ consent: $event })"
        />
        <div class="grid gap-4 tall:grid-cols-3">
          <NumberAnswer
            :arrival="arrival"
            field="weightKg"
            :label="t('arrival.ask.weightToday')"
            kind="weight"
            :max="6"
            :hint="t('arrival.onTheCard', { value: say.kg(visit!.dog.weightKg) })"
          />
          <NumberAnswer
            :arrival="arrival"
            field="wantedMm"
            :label="t('arrival.ask.lengthWanted')"
            kind="length"
            :max="5"
            :hint="t('arrival.lengthNow', { length: say.mm(visit!.dog.coatMm) })"
          />
          <TextField
            :model-value="answers.feeLimitCents == null ? null : answers.feeLimitCents / 100"
            :label="t('arrival.ask.feeLimit')"
            kind="number"
            :unit="salon?.currency ?? ''"
            :max="7"
            :hint="t('arrival.ask.feeLimitHint')"
            :error="problems.feeLimit"
            @update:model-value="answerFee"
          />
        </div>
        <WantedLengths :arrival="arrival" />
        <TickGroup
          :model-value="prizedParts"
          :label="t('arrival.prized')"
          :options="options(wordsOf('coat.parts'))"
          :none="t('arrival.ask.noPlace')"
          @update:model-value="answer({ prized: sectionsOf($event) })"
        />
        <ChoiceGroup
          :model-value="service ?? null"
          :label="t('arrival.ask.booked')"
          :options="options(wordsOf('arrival.services'))"
          @update:model-value="answer({ service: $event })"
        />
        <ChoiceGroup
          v-if="service === 'full_groom'"
          :model-value="answers.finishStyle ?? visit!.finishStyle"
          :label="t('arrival.ask.finish')"
          :options="styles"
          @update:model-value="answer({ finishStyle: $event })"
        />
        <TickGroup
          :model-value="answers.extras ?? null"
          :label="t('arrival.ask.extras')"
          :options="options(wordsOf('arrival.extras'))"
          @update:model-value="answer({ extras: $event })"
        />
        <div class="grid gap-4 tall:grid-cols-2">
          <NumberAnswer
            :arrival="arrival"
            field="daysSinceCombOut"
            :label="t('arrival.ask.lastCombOut')"
            :unit="t('arrival.units.daysAgo')"
          />
          <NumberAnswer :arrival="arrival" field="daysSinceBath" :label="t('arrival.ask.lastBath')" :unit="t('arrival.units.daysAgo')" />
        </div>
        <ChoiceGroup
          :model-value="answers.washedOverKnots ?? null"
          :label="t('arrival.ask.washedOverKnots')"
          :options="yesNo()"
          @update:model-value="answer({ washedOverKnots: $event })"
        />
        <TickGroup
          :model-value="answers.gear ?? null"
          :label="t('arrival.ask.rubs', { name })"
          :options="options(wordsOf('card.gear'))"
          :none="t('ui.nothing')"
          @update:model-value="answer({ gear: $event })"
        />
        <div class="grid gap-1.5">
          <ChoiceGroup
            :model-value="answers.gearOff ?? null"
            :label="t('arrival.ask.takenOff')"
            :options="yesNo()"
            @update:model-value="answer({ gearOff: $event })"
          />
          <p class="text-note text-ink-2">{{ t('card.warnings.gear_still_on.text') }}</p>
        </div>
        <LifeAtHome :arrival="arrival" :name="name" />
        <ChoiceGroup
          :model-value="answers.coatState ?? null"
          :label="t('arrival.ask.stateOfTheCoat')"
          :options="options(wordsOf('arrival.coatStates'))"
          @update:model-value="answer({ coatState: $event })"
        />
        <DogToday :arrival="arrival" :visit="visit!" />
      </fieldset>
      <section class="mt-6 grid gap-3">
        <PhotoStrip
          :photos="ofTheDog.filter((photo) => !photo.earlierVisit)"
          :label="t('arrival.photos.today')"
          @look="lookedAt = $event"
        />
        <PhotoStrip
          :photos="ofTheDog.filter((photo) => photo.earlierVisit)"
          :label="t('arrival.photos.lastVisit')"
          @look="lookedAt = $event"
        />
        <button v-if="!closed" type="button" class="btn btn-small justify-self-start" @click="photographing = true">
          {{ t('visit.photo.wholeDog') }}
        </button>
      </section>
      <HandlingList class="mt-8" :handling="visit!.handling" />
      <ArrivalWarnings class="mt-8" :warnings="visit!.warnings" :name="name" />
    </div>
    <!-- Not at the end of the sheet: what an answer brings to know would push it from under the finger. -->
    <div class="shrink-0 border-t border-line bg-paper px-4 py-2.5 tall:px-8">
      <button type="button" class="btn btn-main group w-full" @click="goOn">{{ t('arrival.start') }} <KeyCap>I</KeyCap></button>
    </div>
    <TaskFoot :keys="keys" />
    <PhotoDialog v-if="photographing" :visit="id" :section="null" @close="photographing = false" />
    <PhotoViewer v-if="lookedAt" :visit="id" :photos="photos" :start="lookedAt" @close="lookedAt = null" />
  </VisitShell>
</template>
