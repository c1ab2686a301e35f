<script setup lang="ts">
// A fault of ours on a screen: said plainly, with what is safe and two ways on.
import { t } from '@/messages/words';

const emit = defineEmits<{ again: [] }>();
</script>

<template>
  <main class="grid min-h-dvh place-content-center gap-4 p-8 text-center">
    <h1 class="text-title">{{ t('device.broken.title') }}</h1>
    <p class="max-w-[60ch]" role="alert">{{ t('device.broken.text') }}</p>
    <div class="flex flex-wrap justify-center gap-3">
      <button type="button" class="btn btn-main" @click="emit('again')">{{ t('device.broken.again') }}</button>
      <RouterLink class="btn" :to="{ name: 'day' }" @click="emit('again')">{{ t('device.broken.day') }}</RouterLink>
    </div>
  </main>
</template>
