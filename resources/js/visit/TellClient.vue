<script setup lang="ts">
// Words for a client, and the ways to tell them: written by the salon, or said by somebody. Each is one touch.
import type { ToldVia } from '@/api/types';
import { telephone } from '@/messages/telephone';
import { t } from '@/messages/words';
import ClientWords from './ClientWords.vue';

defineProps<{
  client: string;
  /** null: nowhere; undefined: not known without a network */
  reach: string | null | undefined;
  phone: string | null;
  message: string | null;
  disabled: boolean;
  /** Whether it can be kept and told later. */
  later?: boolean;
}>();
const emit = defineEmits<{ tell: [how: ToldVia] }>();
</script>

<template>
  <div class="grid gap-3">
    <ClientWords :client="client" :reach="reach" :message="message" />
    <div class="flex flex-wrap gap-2">
      <button
        v-if="reach !== null"
        type="button"
        class="btn btn-main flex-1 max-tall:basis-full"
        :disabled="disabled"
        @click="emit('tell', 'message')"
      >
        {{ t('tell.send') }}
      </button>
      <button type="button" class="btn flex-1" :disabled="disabled" @click="emit('tell', 'phone')">{{ t('tell.phone') }}</button>
      <button type="button" class="btn flex-1" :disabled="disabled" @click="emit('tell', 'here')">{{ t('tell.here') }}</button>
    </div>
    <div class="flex flex-wrap items-center gap-x-4">
      <a v-if="phone" class="act -ml-2 underline" :href="telephone(phone)">{{ phone }}</a>
      <button v-if="later" type="button" class="act" :disabled="disabled" @click="emit('tell', 'not_yet')">
        {{ t('tell.notYet') }}
      </button>
    </div>
  </div>
</template>
