<script setup lang="ts">
import { t } from '@/messages/words';
</script>

<template>
  <main class="grid h-dvh place-content-center gap-4 p-8 text-center">
    <h1 class="text-title">{{ t('device.trouble.missing.title') }}</h1>
    <p>{{ t('door.typedWrong') }}</p>
    <RouterLink class="btn" :to="{ name: 'day' }">{{ t('ui.toTheDay') }}</RouterLink>
  </main>
</template>
