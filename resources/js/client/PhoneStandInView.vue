<script setup lang="ts">
// Stands in for the clients' phones: what the salon sent, ready to be opened as the client would.
import { t } from '@/messages/words';
import { api } from '@/api/client';
import type { Message } from '@/api/types';
import LoadState from '@/ui/LoadState.vue';
import { useLoader } from '@/device/useLoader';
import { say } from '@/messages/say';

const loaded = useLoader<Message[]>({ ask: async () => (await api('get', '/api/messages')).messages });
const { value: messages } = loaded;
void loaded.refresh();
</script>

<template>
  <main class="mx-auto max-w-160 px-4 py-6">
    <RouterLink :to="{ name: 'day' }" class="act -ml-2">{{ t('ui.backToTheDay') }}</RouterLink>
    <h1 class="mt-2 text-ask">{{ t('client.phones.title') }}</h1>
    <p>{{ t('client.phones.standIn') }}</p>
    <p v-if="loaded.trouble.value === 'missing' || loaded.trouble.value === 'refused'" class="mt-4 font-semibold" role="alert">
      {{ t('device.phone.demoOnly') }}
    </p>
    <LoadState v-else-if="!messages" :loaded="loaded" :fetching="t('device.fetching.messages')" />
    <p v-else-if="messages.length === 0" class="py-8 text-lead text-ink-2">{{ t('client.phones.nothing') }}</p>
    <ul v-else class="mt-4 grid gap-3">
      <li v-for="message in messages" :key="message.id" class="rounded-lg edge border-ink bg-sheet p-4">
        <p class="text-note text-ink-2">
          {{
            t('client.phones.to', { to: message.toName, phone: message.toPhone ?? t('client.phones.noNumber'), time: say.time(message.at) })
          }}
        </p>
        <p class="mt-1">{{ message.text }}</p>
        <a v-if="message.url" class="btn btn-small mt-3" :href="message.url">{{ t('client.phones.open') }}</a>
      </li>
    </ul>
  </main>
</template>
