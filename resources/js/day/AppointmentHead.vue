<script setup lang="ts">
// Whose appointment it is, when, and how it stands.
import { computed } from 'vue';
import type { Appointment, Dog } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

const props = defineProps<{ dog: Dog; appointment: Appointment | null; startsAt: string | null }>();
const isOpen = computed(() => props.appointment !== null && ['booked', 'waiting'].includes(props.appointment.state));
</script>

<template>
  <header>
    <p class="text-list text-ink-2">
      <RouterLink class="font-name text-title font-extrabold text-ink italic" :to="{ name: 'dog', params: { dog: dog.id } }">{{
        dog.name
      }}</RouterLink>
      {{ dog.breed }}, {{ dog.client.name }}<template v-if="dog.client.phone">, {{ dog.client.phone }}</template>
    </p>
    <p v-if="dog.mind" class="text-list font-bold">{{ dog.mind }}</p>
    <h1 class="text-ask" :class="appointment ? '' : 'text-call'">
      <template v-if="startsAt">{{ say.day(startsAt) }}, {{ say.time(startsAt) }}</template>
      <template v-else>{{ t('days.appointment.new', { dog: dog.name }) }}</template>
    </h1>
    <p v-if="appointment" class="text-lead">
      <b>{{ t(`days.appointment.state.${appointment.state}`) }}</b>
      <template v-if="appointment.confirmed">, {{ t('days.confirmed') }}</template>
    </p>
    <p v-if="appointment?.cancelled" class="text-list">
      {{ t(`days.appointment.cancelledBy.${appointment.cancelled.by}`, { reason: appointment.cancelled.reason }) }}
    </p>
    <p v-if="appointment?.asked != null && isOpen" class="text-list font-bold">
      {{ appointment.asked ? t('days.appointment.asked', { words: appointment.asked }) : t('days.appointment.askedPlain') }}
    </p>
    <slot />
  </header>
</template>
