<script setup lang="ts">
import { ref } from 'vue';
import { options } from '@/messages/options';
import { t, wordsOf } from '@/messages/words';
import AppDialog from '@/ui/AppDialog.vue';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import TextField from '@/ui/TextField.vue';

defineProps<{ dog: string; busy: boolean; tells: boolean }>();
const emit = defineEmits<{ close: []; cancel: [by: 'client' | 'salon', reason: string, tell: boolean] }>();
const by = ref<'client' | 'salon' | null>(null);
const reason = ref('');
const asked = ref(false);
const who = options(wordsOf('days.appointment.by'));

function cancel(tell: boolean): void {
  asked.value = true;
  if (by.value && reason.value.trim()) {
    emit('cancel', by.value, reason.value.trim(), tell);
  }
}
</script>

<template>
  <AppDialog :title="t('days.appointment.cancelTitle', { dog })" @close="emit('close')">
    <form class="mt-4 grid gap-4" @submit.prevent="cancel(false)">
      <ChoiceGroup
        v-model="by"
        :label="t('days.appointment.cancelBy')"
        :options="who"
        :error="asked && !by ? t('days.appointment.byMissing') : undefined"
      />
      <TextField
        v-model="reason"
        :label="t('days.appointment.reason')"
        :max="200"
        :error="asked && !reason.trim() ? t('days.appointment.reasonMissing') : ''"
      />
      <button class="btn btn-main" :disabled="busy">{{ t('days.appointment.cancel') }}</button>
      <button v-if="tells" type="button" class="btn" :disabled="busy" @click="cancel(true)">
        {{ t('days.appointment.cancelAndSend') }}
      </button>
    </form>
  </AppDialog>
</template>
