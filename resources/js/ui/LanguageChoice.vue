<script setup lang="ts">
// The languages there are, each by its own name: somebody who reads only one finds it.
import { ref } from 'vue';
import { say } from '@/messages/say';
import { useLanguage } from '@/device/useLanguage';
import { language, languages, t, type Language } from '@/messages/words';

const { choose } = useLanguage();
const trouble = ref('');

/** What stands on the screen was said when it opened: it opens anew. What was entered waits on this device as ever. */
async function speakIn(code: Language): Promise<void> {
  try {
    await choose(code);
    window.location.reload();
  } catch {
    trouble.value = t('ui.keys.noServer');
  }
}
</script>

<template>
  <div class="flex flex-wrap items-center gap-2" role="group" :aria-label="t('ui.language')">
    <button
      v-for="code in languages"
      :key="code"
      type="button"
      class="toggle min-h-11"
      :lang="code"
      :aria-pressed="code === language()"
      @click="speakIn(code)"
    >
      {{ say.language(code) }}
    </button>
    <p v-if="trouble" class="basis-full text-list font-semibold" role="alert">{{ trouble }}</p>
  </div>
</template>
