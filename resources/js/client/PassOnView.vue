<script setup lang="ts">
// Messages to clients that did not go out, for somebody to pass on.
import { ref } from 'vue';
import { api, Refused } from '@/api/client';
import type { MessageToPassOn } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { t } from '@/messages/words';
import LoadState from '@/ui/LoadState.vue';
import PassOnCard from './PassOnCard.vue';

const loaded = useLoader<MessageToPassOn[]>({ ask: async () => (await api('get', '/api/messages/to-pass-on')).messages });
const { value: messages, refresh } = loaded;
void refresh();
const busy = ref(false);
const trouble = ref('');

async function passed(id: string): Promise<void> {
  busy.value = true;
  trouble.value = '';
  try {
    await api('put', '/api/messages/{message}/passed-on', { path: { message: id } });
    await refresh();
  } catch (failure) {
    trouble.value = failure instanceof Refused ? failure.message : t('plan.answer.noServer');
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <main class="mx-auto max-w-200 px-4 py-6">
    <RouterLink :to="{ name: 'day' }" class="act -ml-2">{{ t('ui.backToTheDay') }}</RouterLink>
    <h1 class="mt-2 text-ask">{{ t('client.passOn.title') }}</h1>
    <p class="text-list text-ink-2">{{ t('client.passOn.what') }}</p>
    <p v-if="trouble" class="mt-3 font-semibold" role="alert">{{ trouble }}</p>
    <LoadState v-if="!messages" :loaded="loaded" :fetching="t('device.fetching.messages')" />
    <p v-else-if="messages.length === 0" class="py-8 text-lead text-ink-2">{{ t('client.passOn.nothing') }}</p>
    <ul v-else class="mt-4 grid gap-4">
      <li v-for="message in messages" :key="message.id">
        <PassOnCard :message="message" :busy="busy" @passed="passed(message.id)" />
      </li>
    </ul>
  </main>
</template>
