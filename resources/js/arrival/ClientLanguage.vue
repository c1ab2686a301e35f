<script setup lang="ts">
// The language in which the client is written to, and in which the page of a link opens. It stays with the client.
import { ref } from 'vue';
import { api, Refused } from '@/api/client';
import type { Visit } from '@/api/types';
import { useSession } from '@/device/useSession';
import { languageOptions } from '@/messages/options';
import { t } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';

const props = defineProps<{ client: Visit['dog']['client'] }>();
const { salon } = useSession();
const chosen = ref(props.client.language);
const trouble = ref('');

async function choose(language: string): Promise<void> {
  const before = chosen.value;
  chosen.value = language;
  trouble.value = '';
  try {
    await api('patch', '/api/clients/{client}', { path: { client: props.client.id }, body: { language } });
  } catch (failure) {
    chosen.value = before;
    trouble.value = failure instanceof Refused ? failure.message : t('arrival.languageNotSaved');
  }
}
</script>

<template>
  <div class="grid gap-1.5">
    <ChoiceGroup
      :model-value="chosen ?? salon?.language ?? null"
      :label="t('arrival.ask.language', { client: client.name })"
      :options="languageOptions()"
      @update:model-value="choose"
    />
    <p v-if="trouble" class="text-list font-semibold" role="alert">{{ trouble }}</p>
  </div>
</template>
