<script setup lang="ts">
// What is noted of an appointment beside its time: confirmed, did not come, cancelled; and the way back.
import type { Appointment } from '@/api/types';
import { t } from '@/messages/words';
import type { ActFields } from './useAppointment';

defineProps<{ appointment: Appointment; open: boolean; busy: boolean }>();
const emit = defineEmits<{ act: [kind: 'confirmed' | 'no_show' | 'withdrawn', fields?: ActFields]; cancel: [] }>();
</script>

<template>
  <div v-if="open" class="flex flex-wrap gap-2">
    <button
      v-if="appointment.startsAt && !appointment.confirmed"
      type="button"
      class="btn btn-small"
      :disabled="busy"
      @click="emit('act', 'confirmed')"
    >
      {{ t('days.appointment.confirm') }}
    </button>
    <button
      v-if="appointment.startsAt && Date.parse(appointment.startsAt) < Date.now()"
      type="button"
      class="btn btn-small"
      :disabled="busy"
      @click="emit('act', 'no_show')"
    >
      {{ t('days.appointment.noShow') }}
    </button>
    <button type="button" class="btn btn-small" @click="emit('cancel')">{{ t('days.appointment.cancel') }}</button>
  </div>
  <button
    v-if="appointment.undoable"
    type="button"
    class="act justify-self-start underline"
    :disabled="busy"
    @click="emit('act', 'withdrawn', { act: appointment.undoable })"
  >
    {{ t('days.appointment.undo') }}
  </button>
</template>
