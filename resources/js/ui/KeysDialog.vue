<script setup lang="ts">
import { there } from '@/api/there';
import { t } from '@/messages/words';
import { computed, ref } from 'vue';
import { keysNow } from '@/device/useKeys';
import { useSession } from '@/device/useSession';
import AppDialog from './AppDialog.vue';
import LanguageChoice from './LanguageChoice.vue';
import KeyCap from './KeyCap.vue';

const emit = defineEmits<{ close: [] }>();
const { letters, staff, useLetters } = useSession();
const isLetter = (key: string): boolean => key.length === 1 && key !== ' ';
const keys = computed(() => keysNow().filter((key) => letters.value || !key.keys.every(isLetter)));
const trouble = ref('');

async function turn(): Promise<void> {
  trouble.value = '';
  try {
    await useLetters(!letters.value);
  } catch {
    trouble.value = t('ui.keys.noServer');
  }
}
</script>

<template>
  <AppDialog :title="t('ui.keys.title')" to-read @close="emit('close')">
    <dl class="mt-4 grid grid-cols-[auto_1fr] items-baseline gap-x-5 gap-y-2.5">
      <template v-for="key in keys" :key="key.says">
        <dt>
          <KeyCap>{{ key.shown ?? there(key.keys[0]).toUpperCase() }}</KeyCap>
        </dt>
        <dd>{{ key.says }}</dd>
      </template>
    </dl>
    <p class="mt-5 text-note text-ink-2">
      {{ t('ui.keys.what') }}
    </p>
    <div class="mt-4 border-t border-line pt-4">
      <button type="button" class="toggle" :aria-pressed="letters" @click="turn">
        {{ t('ui.keys.letters', { state: letters ? t('ui.keys.on') : t('ui.keys.off') }) }}
      </button>
      <p class="mt-1.5 text-note text-ink-2">{{ t('ui.keys.for', { name: staff?.name ?? '' }) }}</p>
      <p v-if="trouble" class="mt-1.5 font-semibold" role="alert">{{ trouble }}</p>
      <LanguageChoice class="mt-4" />
    </div>
  </AppDialog>
</template>
