<script setup lang="ts">
// Stands in for the clients' phones: what the salon sent, ready to be opened as the client would.
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
  <main class="mx-auto max-w-[40rem] px-4 py-6">
    <RouterLink :to="{ name: 'day' }" class="act -ml-2">← The day</RouterLink>
    <h1 class="mt-2 text-ask">Clients’ phones</h1>
    <p>A stand-in: nothing leaves the salon. Open a message as the client would.</p>
    <p v-if="loaded.trouble.value === 'missing' || loaded.trouble.value === 'refused'" class="mt-4 font-semibold" role="alert">
      {{ say.text.phone.demoOnly }}
    </p>
    <LoadState v-else-if="!messages" :loaded="loaded" :fetching="say.text.fetching.messages" />
    <p v-else-if="messages.length === 0" class="py-8 text-lead text-ink-2">Nothing has been sent. On the plan, “Send the link” does it.</p>
    <ul v-else class="mt-4 grid gap-3">
      <li v-for="message in messages" :key="message.id" class="rounded-lg edge border-ink bg-sheet p-4">
        <p class="text-note text-ink-2">To {{ message.toName }}, {{ message.toPhone ?? 'no number' }}, {{ say.time(message.at) }}</p>
        <p class="mt-1">{{ message.text }}</p>
        <a v-if="message.url" class="btn btn-small mt-3" :href="message.url">Open the page</a>
      </li>
    </ul>
  </main>
</template>
