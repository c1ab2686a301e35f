<script setup lang="ts">
import { nextTick, reactive, ref } from 'vue';
import { ulid } from 'ulid';
import { api, Refused } from '@/api/client';
import type { Client, Dog, NewDog } from '@/api/types';
import { figure, options } from '@/messages/options';
import { say } from '@/messages/say';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import TextField from '@/ui/TextField.vue';
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
});
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
    ['name', 'Give the dog a name.'],
    ['breed', 'Say what dog it is; “cross” will do.'],
    ['sex', 'Choose one.'],
    ['coat', 'Choose the coat; it decides brush and minutes.'],
    ['coatMm', 'About how long is the coat, in mm?'],
    ['weightKg', 'About how heavy, in kg? Weigh it on arrival.'],
    ['temperament', 'Choose what comes nearest; you can change it.'],
  ];
  for (const [field, says] of needed) {
    if (form[field] === null || form[field] === '') {
      wrong[field] = says;
    }
  }
  if (form.years === '' && form.months === '') {
    wrong.bornOn = 'About how old?';
  } else if (!(figure(form.years || '0') >= 0) || !(figure(form.months || '0') >= 0)) {
    wrong.bornOn = 'Use figures, such as 4 years or 9 months.';
  }
  if (!client.value && form.clientName.trim() === '') {
    wrong['client.name'] = 'Who brings the dog?';
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
      ...(client.value ? { clientId: client.value.id } : { client: { name: form.clientName, phone: form.clientPhone || null } }),
      name: form.name,
      breed: form.breed,
      sex: form.sex!,
      entire: form.entire,
      bornOn: bornOn(),
      coat: form.coat!,
      primitive: form.coat === 'double' && form.primitive,
      coatMm: figure(form.coatMm),
      weightKg: figure(form.weightKg),
      temperament: form.temperament!,
      health: form.health,
      mind: form.mind || null,
    };
    emit('made', await api('post', '/api/dogs', { body }));
  } catch (failure) {
    if (failure instanceof Refused && failure.problem.fields) {
      problems.value = Object.fromEntries(Object.entries(failure.problem.fields).map(([field, messages]) => [field, messages[0]]));
    }
    trouble.value =
      failure instanceof Refused ? failure.message : 'No network. What you typed stays here; save it again when the server answers.';
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <form ref="root" class="grid gap-6" novalidate @submit.prevent="save">
    <h1 class="text-ask text-call">A new dog</h1>
    <div class="grid gap-5 tall:grid-cols-2">
      <TextField v-model="form.name" label="Name" :max="60" :error="problems.name" />
      <TextField v-model="form.breed" label="Breed or cross" :max="80" :error="problems.breed" />
      <div class="grid content-start gap-1.5">
        <TextField
          :model-value="form.clientName"
          label="Client"
          :max="120"
          :error="problems['client.name']"
          @update:model-value="lookForClient"
        />
        <p v-if="client" class="text-list">
          Known: <b>{{ client.name }}</b><template v-if="client.phone">, {{ client.phone }}</template>
        </p>
        <div v-else-if="known.length" class="flex flex-wrap gap-2">
          <button v-for="one in known" :key="one.id" type="button" class="chip" @click="((client = one), (form.clientName = one.name))">
            It is {{ one.name }}
          </button>
        </div>
      </div>
      <TextField v-if="!client" v-model="form.clientPhone" label="Client’s telephone" kind="tel" :max="40" />
      <div class="grid grid-cols-2 gap-3">
        <TextField v-model="form.years" label="Age" kind="number" unit="years" :max="2" :error="problems.bornOn" />
        <TextField v-model="form.months" label="and" kind="number" unit="months" :max="3" />
      </div>
      <TextField v-model="form.weightKg" label="Weight" kind="number" unit="kg" :max="6" :error="problems.weightKg" />
    </div>
    <div class="grid gap-1.5">
      <ChoiceGroup
        v-model="form.sex"
        label="Sex"
        :options="[
          { value: 'female', says: 'Female' },
          { value: 'male', says: 'Male' },
        ]"
      />
      <p v-if="problems.sex" class="text-list font-semibold" role="alert">{{ problems.sex }}</p>
    </div>
    <ChoiceGroup
      v-model="form.entire"
      label="Neutered or entire"
      :options="[
        { value: false, says: 'Neutered' },
        { value: true, says: 'Entire' },
      ]"
    />
    <div class="grid gap-1.5">
      <ChoiceGroup
        v-model="form.coat"
        label="Coat"
        :options="[
          { value: 'silky', says: 'Silky, drop coat' },
          { value: 'curly', says: 'Curly, wool' },
          { value: 'double', says: 'Double' },
          { value: 'wire', says: 'Wire' },
          { value: 'smooth', says: 'Smooth' },
          { value: 'mixed', says: 'Mixed' },
        ]"
      />
      <p v-if="problems.coat" class="text-list font-semibold" role="alert">{{ problems.coat }}</p>
    </div>
    <ChoiceGroup
      v-if="form.coat === 'double'"
      v-model="form.primitive"
      label="A spitz type, with a stand-off coat?"
      :options="[
        { value: false, says: 'No' },
        { value: true, says: 'Yes' },
      ]"
    />
    <div class="grid gap-5 tall:grid-cols-2">
      <TextField
        v-model="form.coatMm"
        label="Coat length"
        kind="number"
        unit="mm"
        :max="4"
        hint="Most of the body; a finger is about 15 mm wide."
        :error="problems.coatMm"
      />
      <TextField v-model="form.mind" label="What to mind" :max="200" hint="Such as: mouths when its feet are held." />
    </div>
    <div class="grid gap-1.5">
      <ChoiceGroup v-model="form.temperament" label="On the table" :options="options(say.text.temperaments)" />
      <p v-if="problems.temperament" class="text-list font-semibold" role="alert">{{ problems.temperament }}</p>
    </div>
    <TickGroup
      v-model="form.health"
      label="Health, as the client or a vet told you"
      :options="options(say.text.health)"
      none="Nothing known"
    />
    <p v-if="trouble" role="alert" class="font-semibold">{{ trouble }}</p>
    <div class="flex flex-wrap gap-3">
      <button class="btn btn-main" type="submit" :disabled="busy">{{ busy ? 'Saving …' : 'Save and check in' }}</button>
      <button class="btn" type="button" @click="emit('cancel')">Back to the search</button>
    </div>
  </form>
</template>
