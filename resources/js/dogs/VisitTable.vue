<script setup lang="ts">
// The same years as a table, for readers and print.
import type { DogYears } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

defineProps<{ visits: DogYears['visits'] }>();
const count = (grades: string, from: string): number => [...grades].filter((grade) => /\d/.test(grade) && grade >= from).length;
</script>

<template>
  <table class="w-full text-left text-list" :aria-label="t('dogs.overTime.strip')">
    <thead>
      <tr class="text-note text-ink-2">
        <th class="font-medium">{{ t('dogs.overTime.columns.day') }}</th>
        <th class="font-medium">{{ t('dogs.overTime.columns.stops') }}</th>
        <th class="font-medium">{{ t('dogs.overTime.columns.mats') }}</th>
        <th class="font-medium">{{ t('dogs.overTime.columns.minutes') }}</th>
        <th class="font-medium max-tall:hidden">{{ t('dogs.overTime.columns.pulling') }}</th>
        <th class="font-medium max-tall:hidden">{{ t('dogs.overTime.columns.weight') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="visit in [...visits].reverse()" :key="visit.id" class="border-t border-line">
        <td>
          <RouterLink class="inline-flex min-h-11 items-center underline" :to="{ name: 'record', params: { visit: visit.id } }">{{
            say.day(visit.at)
          }}</RouterLink>
        </td>
        <td>{{ count(visit.grades, '2') }}</td>
        <td>{{ count(visit.grades, '3') }}</td>
        <td>{{ say.minutes(visit.minutes) }}</td>
        <td class="max-tall:hidden">{{ say.pulling(visit.pulling) }}</td>
        <td class="max-tall:hidden">{{ say.kg(visit.weightKg) }}</td>
      </tr>
    </tbody>
  </table>
</template>
