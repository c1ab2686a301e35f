<script setup lang="ts">
// A dog's card: what it says counts from the next arrival on; past visits keep what was known then.
import { reactive, ref } from 'vue';
import { api, Refused } from '@/api/client';
import type { Dog, DogChange } from '@/api/types';
import { figure, options } from '@/messages/options';
import { kgOf, mmOf } from '@/messages/salon';
import { say } from '@/messages/say';
import { t, wordsOf } from '@/messages/words';
import AppDialog from '@/ui/AppDialog.vue';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import TextField from '@/ui/TextField.vue';
import { yesNo } from '@/ui/yesNo';
import BreedField from './BreedField.vue';
import TickGroup from '@/ui/TickGroup.vue';
import PartLengths from '@/visit/PartLengths.vue';
import CoatField from './CoatField.vue';
import SexField from './SexField.vue';

const props = defineProps<{ dog: Dog }>();
const emit = defineEmits<{ close: []; saved: [] }>();
const { dog } = props;
const card = reactive({
  name: dog.name,
  breed: dog.breed,
  bornOn: dog.bornOn,
  coat: dog.coat,
  primitive: dog.primitive,
  coatMm: say.lengthFigure(dog.coatMm),
  naturalMm: dog.naturalMm === null ? '' : say.lengthFigure(dog.naturalMm),
  temperament: dog.toAsk.includes('temperament') ? null : dog.temperament,
  health: dog.toAsk.includes('health') ? null : [...dog.health],
  mind: dog.mind ?? '',
  standsMinutes: dog.standsMinutes === null ? '' : say.figure(dog.standsMinutes),
  liesDown: dog.liesDown,
  sex: dog.sex,
  entire: dog.entire,
  sectionMm: { ...dog.sectionMm },
  onTheBack: dog.onTheBack,
  releaseWord: dog.releaseWord ?? '',
  chinHold: dog.chinHold,
  kinks: dog.kinks ?? '',
});
const weight = ref(say.figure(dog.weightKg));
const problems = ref<Record<string, string>>({});
const trouble = ref('');
const busy = ref(false);
const orNone = (typed: string, of: (value: number) => number = (value) => value): number | null =>
  typed.trim() === '' ? null : of(figure(typed));

async function save(): Promise<void> {
  busy.value = true;
  trouble.value = '';
  problems.value = {};
  const body: DogChange = {
    ...card,
    // What nobody has answered stays to be asked.
    temperament: card.temperament ?? undefined,
    health: card.health ?? undefined,
    primitive: card.coat === 'double' && card.primitive,
    coatMm: mmOf(figure(card.coatMm)),
    naturalMm: orNone(card.naturalMm, mmOf),
    standsMinutes: orNone(card.standsMinutes),
    weightKg: weight.value === say.figure(dog.weightKg) ? dog.weightKg : kgOf(figure(weight.value)),
    mind: card.mind.trim() || null,
    releaseWord: card.releaseWord.trim() || null,
    kinks: card.kinks.trim() || null,
  };
  try {
    await api('patch', '/api/dogs/{dog}', { path: { dog: dog.id }, body });
    emit('saved');
  } catch (failure) {
    if (!(failure instanceof Refused)) {
      trouble.value = t('dogs.noNetworkSave');
      return;
    }
    problems.value = Object.fromEntries(Object.entries(failure.problem.fields ?? {}).map(([field, messages]) => [field, messages[0]!]));
    trouble.value = failure.message;
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <AppDialog :title="t('dogs.card.of', { dog: dog.name })" wide @close="emit('close')">
    <form class="mt-4 grid gap-5" novalidate @submit.prevent="save">
      <div class="grid gap-4 tall:grid-cols-2">
        <TextField v-model="card.name" :label="t('dogs.ask.name')" :max="60" :error="problems.name" />
        <BreedField
          v-model="card.breed"
          :coat="card.coat"
          :primitive="card.primitive"
          :error="problems.breed"
          @usual="(coat, primitive) => Object.assign(card, { coat, primitive })"
        />
        <TextField v-model="card.bornOn" :label="t('dogs.card.bornOn')" kind="date" :error="problems.bornOn" />
        <TextField
          v-model="weight"
          :label="t('dogs.ask.weight')"
          kind="number"
          :unit="say.unit('weight')"
          :max="6"
          :error="problems.weightKg"
        />
      </div>
      <SexField v-model:sex="card.sex" v-model:entire="card.entire" :error="problems.sex" />
      <CoatField v-model:coat="card.coat" v-model:primitive="card.primitive" :error="problems.coat" />
      <div class="grid gap-4 tall:grid-cols-3">
        <TextField
          v-model="card.coatMm"
          :label="t('dogs.ask.length')"
          kind="number"
          :unit="say.unit('length')"
          :max="5"
          :error="problems.coatMm"
        />
        <TextField
          v-model="card.naturalMm"
          :label="t('dogs.card.natural')"
          kind="number"
          :unit="say.unit('length')"
          :max="5"
          :hint="t('dogs.card.naturalHint')"
          :error="problems.naturalMm"
        />
        <TextField
          v-model="card.standsMinutes"
          :label="t('dogs.card.stands')"
          kind="number"
          :unit="t('ui.min')"
          :max="3"
          :error="problems.standsMinutes"
        />
      </div>
      <PartLengths
        :coat-mm="mmOf(figure(card.coatMm)) || dog.coatMm"
        :section-mm="card.sectionMm"
        :label="t('dogs.card.parts')"
        @change="card.sectionMm = $event"
      />
      <ChoiceGroup v-model="card.liesDown" :label="t('dogs.card.lies')" :options="yesNo()" />
      <ChoiceGroup v-model="card.onTheBack" :label="t('dogs.card.onTheBack')" :options="options(wordsOf('dogs.card.back'))" />
      <ChoiceGroup v-model="card.chinHold" :label="t('dogs.card.chinHold')" :options="yesNo()" />
      <div class="grid gap-4 tall:grid-cols-2">
        <TextField v-model="card.releaseWord" :label="t('dogs.card.releaseWord')" :max="40" :error="problems.releaseWord" />
        <TextField v-model="card.kinks" :label="t('dogs.card.kinks')" :max="120" :error="problems.kinks" />
      </div>
      <ChoiceGroup v-model="card.temperament" :label="t('dogs.ask.onTheTable')" :options="options(wordsOf('card.temperaments'))" />
      <TickGroup
        v-model="card.health"
        :label="t('dogs.card.health')"
        :options="options(wordsOf('card.health'))"
        :none="t('dogs.card.nothingKnown')"
      />
      <TextField v-model="card.mind" :label="t('dogs.ask.mind')" :max="200" :hint="t('dogs.ask.mindHint')" :error="problems.mind" />
      <p v-if="trouble" role="alert" class="font-semibold">{{ trouble }}</p>
      <button class="btn btn-main" type="submit" :disabled="busy">{{ busy ? t('dogs.saving') : t('dogs.card.save') }}</button>
    </form>
  </AppDialog>
</template>
