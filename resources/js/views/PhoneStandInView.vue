<script setup lang="ts">
// Stands in for the clients' phones: what the salon sent, ready to be opened as the client would.
import { ref, shallowRef } from 'vue';
import { api, Refused, Unreachable } from '@/api/client';
import type { Message } from '@/api/types';
import { useSession } from '@/composables/useSession';
import { say } from '@/messages/say';

const messages = shallowRef<Message[] | null>(null);
const trouble = ref('');

async function load(): Promise<void> {
  trouble.value = '';
  try {
    messages.value = (await api<{ messages: Message[] }>('GET', 'messages')).messages;
  } catch (failure) {
    if (failure instanceof Refused && failure.status === 401) {
      useSession().expire();
    } else if (failure instanceof Unreachable || failure instanceof Refused) {
      const refused = failure instanceof Refused && (failure.status === 404 || failure.status === 403);
      trouble.value = refused ? say.text.phone.demoOnly : say.text.phone.trouble;
    } else {
      throw failure;
    }
  }
}
void load();
</script>

<template>
  <main class="mx-auto max-w-[640px] px-4 py-6">
    <RouterLink :to="{ name: 'day' }" class="act -ml-2">← The day</RouterLink>
    <h1 class="mt-2 text-ask">Clients’ phones</h1>
    <p>A stand-in: nothing leaves the salon. Open a message as the client would.</p>
    <p v-if="trouble" class="mt-4 font-semibold" role="alert">
      {{ trouble }} <button v-if="trouble !== say.text.phone.demoOnly" type="button" class="act" @click="load">Try again</button>
    </p>
    <p v-else-if="!messages" class="py-8 text-lead text-ink-2" aria-busy="true">Fetching the messages …</p>
    <p v-else-if="messages.length === 0" class="py-8 text-lead text-ink-2">Nothing has been sent. On the plan, “Send the link” does it.</p>
    <ul v-else class="mt-4 grid gap-3">
      <li v-for="message in messages" :key="message.id" class="rounded-lg border-[1.5px] border-ink bg-sheet p-4">
        <p class="text-note text-ink-2">To {{ message.toName }}, {{ message.toPhone ?? 'no number' }}, {{ say.time(message.at) }}</p>
        <p class="mt-1">{{ message.text }}</p>
        <a class="btn btn-small mt-3" :href="message.url">Open the page</a>
      </li>
    </ul>
  </main>
</template>
