<script setup lang="ts">
// A day in words, where there is no room for strands.
import { computed } from 'vue';
import type { AppointmentRow, ComingDay } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import { holdsSaid } from '@/visit/holds';

const props = defineProps<{ day: ComingDay; rows: AppointmentRow[]; names: Map<string, string> }>();
const ready = computed(() => new Map(props.day.forecast.ready.map((one) => [one.dog, one])));
function holds(id: string): string {
  const one = ready.value.get(id);
  return one?.chance == null ? '' : holdsSaid(one.chance);
}
const at = (iso: string | null | undefined): string => (iso ? say.time(iso) : '');
</script>

<template>
  <table class="w-full table-fixed text-left">
    <thead class="text-note text-ink-2">
      <tr>
        <th class="w-14 font-medium tall:w-16">{{ t('days.table.comes') }}</th>
        <th class="font-medium">{{ t('days.table.dog') }}</th>
        <th class="font-medium max-tall:hidden">{{ t('days.table.groomer') }}</th>
        <th class="font-medium max-tall:hidden">{{ t('days.table.ready') }}</th>
        <th class="w-22 font-medium tall:w-24">{{ t('days.table.promised') }}</th>
        <th class="w-22 font-medium tall:w-28">{{ t('days.table.holds') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="row.id" class="border-t border-line align-baseline">
        <td>{{ at(row.startsAt) }}</td>
        <td>
          <RouterLink
            class="flex min-h-12 items-center pr-2 font-name text-lead wrap-anywhere font-extrabold italic"
            :to="{ name: 'appointment', params: { appointment: row.id } }"
            >{{ row.dog.name }}</RouterLink
          >
        </td>
        <td class="max-tall:hidden">{{ row.groomer ? (names.get(row.groomer) ?? '') : t('days.any') }}</td>
        <td class="max-tall:hidden">{{ at(ready.get(row.id)?.likely) }}</td>
        <td>{{ at(row.promisedAt) }}</td>
        <td>{{ holds(row.id) }}</td>
      </tr>
    </tbody>
  </table>
</template>
