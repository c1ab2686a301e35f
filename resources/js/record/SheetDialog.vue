<script setup lang="ts">
// The record to the client: what they get, where it goes, and taking it back.
import { ref } from 'vue';
import { ulid } from 'ulid';
import { api, Refused, Unreachable } from '@/api/client';
import type { VisitRecord } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import AppDialog from '@/ui/AppDialog.vue';

const props = defineProps<{ visit: string; client: string; sent: VisitRecord['sent']; reach: string | null }>();
const emit = defineEmits<{ close: []; changed: [] }>();
const busy = ref(false);
const problem = ref('');
/** Pressed again after a lost answer it is the same one. */
let id = ulid();

async function act(what: () => Promise<unknown>): Promise<void> {
  busy.value = true;
  problem.value = '';
  try {
    await what();
    id = ulid();
    emit('changed');
  } catch (failure) {
    if (!(failure instanceof Refused || failure instanceof Unreachable)) {
      throw failure;
    }
    problem.value = failure instanceof Refused ? failure.message : t('record.sheet.problem');
  } finally {
    busy.value = false;
  }
}
const send = (): Promise<void> => act(() => api('post', '/api/visits/{visit}/sheet-links', { path: { visit: props.visit }, body: { id } }));
const withdraw = (): Promise<void> => act(() => api('delete', '/api/sheet-links/{link}', { path: { link: props.sent!.id } }));
</script>

<template>
  <AppDialog :title="t('record.sheet.send', { client })" @close="emit('close')">
    <p class="mt-3">{{ t('record.sheet.what', { client }) }}</p>
    <p class="mt-2">{{ reach === null ? t('record.sheet.nowhere') : t('record.sheet.to', { reach }) }}</p>
    <p v-if="sent" class="mt-3 flex flex-wrap items-center gap-x-4 font-bold" role="status">
      {{ t('record.sheet.sent', { client, day: say.shortDay(sent.at), until: say.shortDay(sent.until) }) }}
      <button type="button" class="act underline" :disabled="busy" @click="withdraw">{{ t('record.sheet.withdraw') }}</button>
    </p>
    <p v-if="problem" class="mt-3 font-semibold" role="alert">{{ problem }}</p>
    <button v-if="reach !== null" type="button" class="btn btn-main mt-5 w-full" :disabled="busy" @click="send">
      {{ sent ? t('record.sheet.sendAgain') : t('record.sheet.send', { client }) }}
    </button>
  </AppDialog>
</template>
