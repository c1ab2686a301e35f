<script setup lang="ts">
import { say } from '@/messages/say';
import { t, wordsOf } from '@/messages/words';
import { nextTick, reactive, ref } from 'vue';
import { ulid } from 'ulid';
import { api, Refused } from '@/api/client';
import type { Client, Dog, NewDog } from '@/api/types';
import { figure, languageOptions, options } from '@/messages/options';
import { useSession } from '@/device/useSession';
import { kgOf, mmOf } from '@/messages/salon';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import TextField from '@/ui/TextField.vue';
import BreedField from './BreedField.vue';
import CoatField from './CoatField.vue';
import SexField from './SexField.vue';
import TickGroup from '@/ui/TickGroup.vue';

const props = defineProps<{ name: string }>();
const emit = defineEmits<{ made: [dog: Dog]; cancel: [] }>();

const id = ulid();
const form = reactive({
  name: props.name,
  breed: '',
  sex: null as 'male' | 'female' | null,
  entire: false,
  years: '',
  months: '',
  coat: null as NewDog['coat'] | null,
  primitive: false,
  coatMm: '',
  weightKg: '',
  temperament: null as NewDog['temperament'] | null,
  health: [] as NonNullable<NewDog['health']>,
  mind: '',
  clientName: '',
  clientPhone: '',
  clientLanguage: null as string | null,
});
const { salon } = useSession();
const known = ref<Client[]>([]);
const client = ref<Client | null>(null);
const problems = ref<Record<string, string>>({});
const trouble = ref('');
const busy = ref(false);
const root = ref<HTMLFormElement>();

async function lookForClient(name: string): Promise<void> {
  form.clientName = name;
  client.value = null;
  known.value =
    name.length < 2
      ? []
      : (await api('get', '/api/clients', { query: { search: name } }).catch(() => ({ clients: [] }))).clients.slice(0, 4);
}

function bornOn(): string {
  const date = new Date();
  date.setMonth(date.getMonth() - (figure(form.years || '0') * 12 + figure(form.months || '0')));
  return date.toISOString().slice(0, 10);
}

function check(): boolean {
  const wrong: Record<string, string> = {};
  const needed: [keyof typeof form, string][] = [
    ['name', t('dogs.give.name')],
    ['breed', t('dogs.give.breed')],
    ['sex', t('dogs.give.one')],
    ['coat', t('dogs.give.coat')],
    ['coatMm', t('dogs.give.length', { length: say.mm(40) })],
    ['weightKg', t('dogs.give.weight', { weight: say.kg(8) })],
    ['temperament', t('dogs.give.nearest')],
  ];
  for (const [field, says] of needed) {
    if (form[field] === null || form[field] === '') {
      wrong[field] = says;
    }
  }
  if (form.years === '' && form.months === '') {
    wrong.bornOn = t('dogs.give.age');
  } else if (!(figure(form.years || '0') >= 0) || !(figure(form.months || '0') >= 0)) {
    wrong.bornOn = t('dogs.give.ageFigures');
  }
  if (!client.value && form.clientName.trim() === '') {
    wrong['client.name'] = t('dogs.give.client');
  }
  problems.value = wrong;
  return Object.keys(wrong).length === 0;
}

async function save(): Promise<void> {
  trouble.value = '';
  if (!check()) {
    await nextTick();
    root.value?.querySelector<HTMLElement>('[aria-invalid="true"]')?.focus();
    return;
  }
  busy.value = true;
  try {
    const body: NewDog = {
      id,
      ...(client.value
        ? { clientId: client.value.id }
        : { client: { name: form.clientName, phone: form.clientPhone || null, language: form.clientLanguage } }),
      name: form.name,
      breed: form.breed,
      sex: form.sex!,
      entire: form.entire,
      bornOn: bornOn(),
      coat: form.coat!,
      primitive: form.coat === 'double' && form.primitive,
      coatMm: mmOf(figure(form.coatMm)),
      weightKg: kgOf(figure(form.weightKg)),
      temperament: form.temperament!,
      health: form.health,
      mind: form.mind || null,
    };
    emit('made', await api('post', '/api/dogs', { body }));
  } catch (failure) {
    if (failure instanceof Refused && failure.problem.fields) {
      problems.value = Object.fromEntries(Object.entries(failure.problem.fields).map(([field, messages]) => [field, messages[0] ?? '']));
    }
    trouble.value = failure instanceof Refused ? failure.message : t('dogs.noNetworkSave');
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <form ref="root" class="grid gap-6" novalidate @submit.prevent="save">
    <h1 class="text-ask text-call">{{ t('dogs.aNewDog') }}</h1>
    <div class="grid gap-5 tall:grid-cols-2">
      <TextField v-model="form.name" :label="t('dogs.ask.name')" :max="60" :error="problems.name" />
      <BreedField
        v-model="form.breed"
        :coat="form.coat"
        :primitive="form.primitive"
        :error="problems.breed"
        @usual="(coat, primitive) => Object.assign(form, { coat, primitive })"
      />
      <div class="grid content-start gap-1.5">
        <TextField
          :model-value="form.clientName"
          :label="t('dogs.ask.client')"
          :max="120"
          :error="problems['client.name']"
          @update:model-value="lookForClient"
        />
        <p v-if="client" class="text-list">
          {{ t('dogs.known') }} <b>{{ client.name }}</b><template v-if="client.phone">, {{ client.phone }}</template>
        </p>
        <div v-else-if="known.length" class="flex flex-wrap gap-2">
          <button v-for="one in known" :key="one.id" type="button" class="chip" @click="((client = one), (form.clientName = one.name))">
            {{ t('dogs.itIs', { name: one.name }) }}
          </button>
        </div>
      </div>
      <TextField v-if="!client" v-model="form.clientPhone" :label="t('dogs.ask.phone')" kind="tel" :max="40" />
      <ChoiceGroup
        v-if="!client"
        :model-value="form.clientLanguage ?? salon?.language ?? null"
        :label="t('dogs.ask.language')"
        :options="languageOptions()"
        @update:model-value="form.clientLanguage = $event"
      />
      <div class="grid grid-cols-2 gap-3">
        <TextField
          v-model="form.years"
          :label="t('dogs.ask.age')"
          kind="number"
          :unit="t('dogs.years')"
          :max="2"
          :error="problems.bornOn"
        />
        <TextField v-model="form.months" :label="t('dogs.ask.and')" kind="number" :unit="t('dogs.months')" :max="3" />
      </div>
      <TextField
        v-model="form.weightKg"
        :label="t('dogs.ask.weight')"
        kind="number"
        :unit="say.unit('weight')"
        :max="6"
        :error="problems.weightKg"
      />
    </div>
    <SexField v-model:sex="form.sex" v-model:entire="form.entire" :error="problems.sex" />
    <CoatField v-model:coat="form.coat" v-model:primitive="form.primitive" :error="problems.coat" />
    <div class="grid gap-5 tall:grid-cols-2">
      <TextField
        v-model="form.coatMm"
        :label="t('dogs.ask.length')"
        kind="number"
        :unit="say.unit('length')"
        :max="4"
        :hint="t('dogs.ask.lengthHint', { finger: say.mm(15) })"
        :error="problems.coatMm"
      />
      <TextField v-model="form.mind" :label="t('dogs.ask.mind')" :max="200" :hint="t('dogs.ask.mindHint')" />
    </div>
    <ChoiceGroup
      v-model="form.temperament"
      :label="t('dogs.ask.onTheTable')"
      :options="options(wordsOf('card.temperaments'))"
      :error="problems.temperament"
    />
    <TickGroup
      v-model="form.health"
      :label="t('arrival.ask.health')"
      :options="options(wordsOf('card.health'))"
      :none="t('arrival.ask.nothingKnown')"
    />
    <p v-if="trouble" role="alert" class="font-semibold">{{ trouble }}</p>
    <div class="flex flex-wrap gap-3">
      <button class="btn btn-main" type="submit" :disabled="busy">{{ busy ? t('dogs.saving') : t('dogs.save') }}</button>
      <button class="btn" type="button" @click="emit('cancel')">{{ t('dogs.back') }}</button>
    </div>
  </form>
</template>
