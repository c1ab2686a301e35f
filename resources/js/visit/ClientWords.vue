<script setup lang="ts">
// What a client is written, and where to; or that there is nowhere to write to.
import { t } from '@/messages/words';

defineProps<{
  client: string;
  /** null: nowhere; undefined: not known without a network */
  reach: string | null | undefined;
  message: string | null;
}>();
</script>

<template>
  <blockquote v-if="reach" class="border-l-4 border-skin pl-3 text-list">
    <p class="text-ink-2">{{ t('tell.to', { client, reach }) }}</p>
    <p>{{ message ?? t('tell.unknown') }}</p>
  </blockquote>
  <p v-else class="text-list">{{ reach === null ? t('tell.nobody', { client }) : t('tell.unknown') }}</p>
</template>
