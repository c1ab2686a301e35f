<script setup lang="ts">
// The frame of every page that a client opens by link: why it is not open, that it is being fetched, or what it holds.
import { t } from '@/messages/words';

defineProps<{
  /** Why it is not open; empty when it is. */
  over: string;
  fetched: boolean;
}>();
const emit = defineEmits<{ again: [] }>();
</script>

<template>
  <main class="mx-auto min-h-dvh max-w-140 bg-sheet px-5 py-6">
    <template v-if="over">
      <h1 class="text-ask">{{ t('client.notOpen') }}</h1>
      <p class="mt-2 text-lead">{{ over }}</p>
      <button type="button" class="btn mt-4" @click="emit('again')">{{ t('device.tryAgain') }}</button>
    </template>
    <p v-else-if="!fetched" class="text-lead text-ink-2" aria-busy="true">{{ t('device.fetching.page') }}</p>
    <slot v-else />
  </main>
</template>
