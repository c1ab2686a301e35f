<script setup lang="ts">
// The way that messages take, and one to try it with.
import { ref } from 'vue';
import { api, Refused } from '@/api/client';
import type { MessageTexts } from '@/api/types';
import { t } from '@/messages/words';
import TextField from '@/ui/TextField.vue';

const props = defineProps<{ sender: MessageTexts['sender'] }>();
const to = ref('');
const said = ref('');
const problem = ref('');
const busy = ref(false);

async function send(): Promise<void> {
  busy.value = true;
  said.value = problem.value = '';
  try {
    await api('post', '/api/message-texts/test', { body: { to: to.value.trim() } });
    said.value = t('house.texts.sender.taken', { to: to.value.trim() });
  } catch (failure) {
    problem.value = failure instanceof Refused ? (failure.problem.fields?.to?.[0] ?? failure.message) : t('house.texts.noNetwork');
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <section class="grid gap-2 border-b border-line pb-4" :aria-label="t('house.texts.sender.title')">
    <h2 class="lab">{{ t('house.texts.sender.title') }}</h2>
    <p :class="props.sender === 'hand' ? 'font-semibold' : ''">{{ t(`house.texts.sender.${props.sender}`) }}</p>
    <form v-if="props.sender === 'mail'" class="flex flex-wrap items-end gap-2" novalidate @submit.prevent="send">
      <TextField v-model="to" class="min-w-64 flex-1" :label="t('house.texts.sender.to')" kind="email" :max="200" :error="problem" />
      <button class="btn" :disabled="busy || to.trim() === ''">{{ t('house.texts.sender.test') }}</button>
    </form>
    <p v-if="said" class="font-semibold" role="status">{{ said }}</p>
  </section>
</template>
