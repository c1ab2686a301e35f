<script setup lang="ts">
// A growth, a hot spot or pain wants one touch before the first tool.
import { useKeys } from '@/device/useKeys';
import { say } from '@/messages/say';
import KeyCap from '@/ui/KeyCap.vue';

const props = defineProps<{ disabled?: boolean }>();
const emit = defineEmits<{ seen: [] }>();
const see = (): void => emit('seen');
useKeys(() => [{ keys: [' '], says: say.text.mindSeen, run: see, when: () => !props.disabled }]);
</script>

<template>
  <div class="grid gap-1.5">
    <p class="text-list">{{ say.text.mindWhy }}</p>
    <button type="button" class="btn btn-main group" :disabled="disabled" @click="see">
      {{ say.text.mindSeen }} <KeyCap>Space</KeyCap>
    </button>
  </div>
</template>
