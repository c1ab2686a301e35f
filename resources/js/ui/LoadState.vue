<script setup lang="ts">
// In the place of what is not there yet, or cannot be had: what happened, what is safe, and what to do.
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { Loaded } from '@/device/useLoader';

const props = defineProps<{ loaded: Loaded; fetching: string }>();
/** The server's own words where they say more than ours. */
const said = computed(() => {
  const { trouble, words } = props.loaded;
  const ours = trouble.value === null ? '' : t(`device.trouble.${trouble.value}.text`);
  return trouble.value === 'missing' ? ours : words.value || ours;
});
</script>

<template>
  <div class="grid place-content-center gap-4 p-8 text-center">
    <p v-if="!loaded.trouble.value" class="text-lead text-ink-2" aria-busy="true">{{ fetching }}</p>
    <template v-else>
      <h2 class="text-title">{{ t(`device.trouble.${loaded.trouble.value}.title`) }}</h2>
      <p role="alert">{{ said }}</p>
      <div class="flex flex-wrap justify-center gap-3">
        <button class="btn" type="button" @click="loaded.refresh()">{{ t('device.tryAgain') }}</button>
        <slot />
      </div>
    </template>
  </div>
</template>
