<script setup lang="ts">
// A growth, a hot spot or pain wants one touch before the first tool.
import { t } from '@/messages/words';
import { useKeys } from '@/device/useKeys';
import KeyCap from '@/ui/KeyCap.vue';

const props = defineProps<{ disabled?: boolean }>();
const emit = defineEmits<{ seen: [] }>();
const see = (): void => emit('seen');
useKeys(() => [{ keys: [' '], says: t('skin.mindSeen'), run: see, when: () => !props.disabled }]);
</script>

<template>
  <div class="grid gap-1.5">
    <p class="text-list">{{ t('skin.mindWhy') }}</p>
    <button type="button" class="btn btn-main group" :disabled="disabled" @click="see">
      {{ t('skin.mindSeen') }} <KeyCap>{{ t('ui.space') }}</KeyCap>
    </button>
  </div>
</template>
