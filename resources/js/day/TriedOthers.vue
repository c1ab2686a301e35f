<script setup lang="ts">
// What a time makes of the day's other promises: those that move by one in ten or more, by name.
import { computed } from 'vue';
import type { TriedTime } from '@/api/types';
import { t } from '@/messages/words';
import { holdsSaid } from '@/visit/holds';

const props = defineProps<{ tried: TriedTime }>();
const moved = computed(() => props.tried.others.filter((one) => one.tells));
</script>

<template>
  <p v-if="tried.others.length && moved.length === 0" class="text-list">{{ t('days.appointment.othersHold') }}</p>
  <div v-else-if="moved.length" class="text-list">
    <p class="font-bold">{{ t('days.appointment.others') }}</p>
    <ul>
      <li v-for="one in moved" :key="one.dog">
        {{ t('days.appointment.other', { dog: one.name, to: holdsSaid(one.to), from: holdsSaid(one.from) }) }}
      </li>
    </ul>
  </div>
</template>
