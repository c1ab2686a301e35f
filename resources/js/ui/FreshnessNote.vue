<script setup lang="ts">
// What is shown is not the server's latest: how old it is, and what that means.
import { t } from '@/messages/words';
import type { Loaded } from '@/device/useLoader';
import { say } from '@/messages/say';

defineProps<{ loaded: Loaded }>();
</script>

<template>
  <div
    v-if="loaded.trouble.value === 'no_network' || loaded.trouble.value === 'server'"
    class="no-print flex shrink-0 flex-wrap items-center gap-x-4 bg-rail px-4 py-1.5 text-list tall:px-8"
    role="status"
  >
    <p class="min-w-0 flex-1">
      <b>{{ t(`device.trouble.${loaded.trouble.value}.short`) }}</b>
      {{ loaded.seenAt.value === null ? t('device.fresh.kept') : t('device.fresh.seen', { when: say.when(loaded.seenAt.value) }) }}
    </p>
    <button type="button" class="act" @click="loaded.refresh()">{{ t('device.tryAgain') }}</button>
  </div>
</template>
