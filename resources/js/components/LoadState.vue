<script setup lang="ts">
// In the place of what is not there yet, or cannot be had: what happened, what is safe, and what to do.
import type { Loaded } from '@/composables/useLoader';
import { say } from '@/messages/say';

defineProps<{ loaded: Loaded; fetching: string }>();
</script>

<template>
  <div class="grid place-content-center gap-4 p-8 text-center">
    <p v-if="!loaded.trouble.value" class="text-lead text-ink-2" aria-busy="true">{{ fetching }}</p>
    <template v-else>
      <h1 class="text-title">{{ say.text.trouble[loaded.trouble.value].title }}</h1>
      <p role="alert">{{ loaded.words.value || say.text.trouble[loaded.trouble.value].text }}</p>
      <div class="flex flex-wrap justify-center gap-3">
        <button class="btn" type="button" @click="loaded.refresh()">{{ say.text.tryAgain }}</button>
        <slot />
      </div>
    </template>
  </div>
</template>
