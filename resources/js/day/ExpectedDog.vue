<script setup lang="ts">
// A dog that is booked for today and not here yet; it comes in with one touch.
import { computed } from 'vue';
import type { AppointmentRow, ReadyAt } from '@/api/types';
import { holdsWithin } from '@/visit/holds';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

const props = defineProps<{ row: AppointmentRow; now: Date; ready: ReadyAt | undefined; groomer: string; busy: boolean }>();
const emit = defineEmits<{ arrive: [] }>();
const late = computed(() => props.row.lateFrom !== null && props.now.getTime() > Date.parse(props.row.lateFrom));
</script>

<template>
  <li
    class="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 gap-y-1 border-b border-line px-1 py-2 tall:grid-cols-[6.5rem_minmax(0,0.8fr)_minmax(0,1.3fr)_auto]"
  >
    <p class="text-lead font-bold" :class="late ? 'text-call' : ''">
      {{ late ? t('days.today.late', { time: say.time(row.startsAt!) }) : t('days.today.comesAt', { time: say.time(row.startsAt!) }) }}
    </p>
    <RouterLink
      class="order-first col-span-2 min-w-0 tall:order-none tall:col-span-1"
      :to="{ name: 'appointment', params: { appointment: row.id } }"
    >
      <span class="block truncate font-name text-say font-extrabold italic">{{ row.dog.name }}</span>
      <span class="block truncate text-note text-ink-2">{{ row.dog.breed }}, {{ row.dog.client.name }}</span>
    </RouterLink>
    <div class="order-last col-span-2 min-w-0 text-list tall:order-none tall:col-span-1">
      <p>
        {{ t('days.today.about', { minutes: say.duration(row.minutes.likely) }) }}<template v-if="groomer">, {{ groomer }}</template
        ><template v-if="row.note">, {{ row.note }}</template>
      </p>
      <p v-if="row.promisedAt" class="text-note text-ink-2">
        {{ t('days.today.promised', { time: say.time(row.promisedAt) })
        }}<template v-if="ready?.chance != null">, {{ holdsWithin(ready.chance) }}</template>
      </p>
    </div>
    <button type="button" class="btn btn-small" :disabled="busy" @click="emit('arrive')">{{ t('days.today.comesIn') }}</button>
  </li>
</template>
