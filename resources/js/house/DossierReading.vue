<script setup lang="ts">
// A dog from another salon: what reading its dossier would do, two questions where they arise, and then the dog.
import { computed, ref } from 'vue';
import { api } from '@/api/client';
import type { DossierFound } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import FileChoice from './FileChoice.vue';
import { useSentFile } from './useSentFile';

const { found, progress, busy, trouble, doing, choose } = useSentFile<DossierFound>('dossiers');
const client = ref<string>('');
const card = ref<'ours' | 'theirs'>('ours');
const dog = ref<{ id: string; name: string } | null>(null);
const clients = computed(() => [
  ...(found.value?.clients ?? []).map((one) => ({ value: one.id, says: [one.name, one.phone].filter((part) => part).join(', ') })),
  { value: '', says: t('records.asNew', { client: found.value?.client ?? '' }) },
]);
const cards = (['ours', 'theirs'] as const).map((value) => ({ value, says: t(`records.cardChoice.${value}`) }));

async function bring(event: Event): Promise<void> {
  dog.value = null;
  await choose(event);
  client.value = found.value?.clients[0]?.id ?? '';
  card.value = 'ours';
}

async function read(): Promise<void> {
  const { id, dog: name } = found.value!;
  const body = { client: client.value || null, takesCard: card.value === 'theirs' };
  const answer = await doing(() => api('post', '/api/dossiers/{dossier}', { path: { dossier: id }, body }));
  if (answer) {
    dog.value = { id: answer.dog, name };
    found.value = null;
  }
}
</script>

<template>
  <section class="grid gap-3 border-t border-line pt-5">
    <header>
      <h2 class="text-lead">{{ t('records.dossier') }}</h2>
      <p class="text-list text-ink-2">{{ t('records.dossierWhat') }}</p>
    </header>
    <FileChoice
      :says="found ? t('records.chooseAgain') : t('records.chooseDossier')"
      accept=".zip,application/zip"
      :busy="busy"
      @choose="bring"
    />
    <p v-if="progress" class="text-list" role="status">{{ progress }}</p>
    <p v-if="trouble" class="font-semibold whitespace-pre-line" role="alert">{{ trouble }}</p>
    <RouterLink v-if="dog" class="btn btn-main justify-self-start" :to="{ name: 'dog', params: { dog: dog.id } }">{{
      t('records.seeDog', { dog: dog.name })
    }}</RouterLink>
    <div v-if="found" class="grid gap-4 rounded-md edge border-ink bg-rail p-4">
      <div>
        <h3 class="font-bold">{{ t('records.found', { dog: found.dog, salon: found.salon, day: say.dayAndYear(found.writtenAt) }) }}</h3>
        <p>{{ t('records.visits', { new: found.visits.new, known: found.visits.known, photos: found.photos }) }}</p>
        <p v-if="found.visits.differing.length">
          {{ t('records.differing', { days: found.visits.differing.map((day) => say.dayAndYear(`${day}T12:00:00Z`)).join('; ') }) }}
        </p>
        <p v-if="found.isHere">{{ t('records.isHere', { dog: found.dog }) }}</p>
        <p v-if="found.cardDiffers.length">
          {{
            t('records.cardDiffers', { fields: found.cardDiffers.map((field) => t(`records.cardFields.${field as 'name'}`)).join(', ') })
          }}
        </p>
      </div>
      <ChoiceGroup v-if="found.cardDiffers.length" v-model="card" :label="t('records.card')" :options="cards" />
      <ChoiceGroup v-if="!found.isHere && found.clients.length" v-model="client" :label="t('records.whose')" :options="clients" />
      <button type="button" class="btn btn-main justify-self-start" :disabled="busy" @click="read">
        {{ t('records.readDossier', { dog: found.dog }) }}
      </button>
    </div>
  </section>
</template>
