<script setup lang="ts">
// What was made before the end and arrived after it, set apart; a groomer may count it, with the reason.
import { t } from '@/messages/words';
import type { TimelineMark, Visit } from '@/api/types';
import { say } from '@/messages/say';

defineProps<{ late: TimelineMark[]; visit: Visit; decides: boolean }>();
const emit = defineEmits<{ count: [id: string] }>();
</script>

<template>
  <section>
    <h2 class="text-lead">{{ t('record.setApart.title') }}</h2>
    <p class="text-list text-ink-2">{{ t('record.setApart.about') }}</p>
    <ul class="mt-1 grid gap-1">
      <li v-for="line in late" :key="line.id" class="grid grid-cols-[3.5rem_1fr_auto] items-center gap-x-2 text-list">
        <time class="text-ink-2">{{ say.moment(line.at, visit.arrivedAt) }}</time>
        <p>
          <b>{{ line.said.what }}</b><template v-if="line.said.why">. {{ line.said.why }}</template>
          <span class="text-ink-2">
            · {{ line.by }}, {{ t('record.setApart.arrived', { time: say.moment(line.receivedAt, visit.arrivedAt) }) }}</span
          >
        </p>
        <button v-if="decides" type="button" class="btn btn-small" @click="emit('count', line.id)">{{ t('record.setApart.count') }}</button>
      </li>
    </ul>
  </section>
</template>
