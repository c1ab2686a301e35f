<script setup lang="ts">
// What reading a table in would do: counts, what is assumed, what cannot be read by line, and the first rows as cards.
import { computed } from 'vue';
import type { ImportDryRun } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import type { Field } from './useTableReading';

const props = defineProps<{ run: ImportDryRun; isOld: boolean; busy: boolean }>();
const emit = defineEmits<{ go: [] }>();
const SHOWN = 20;
const assumed = computed(() =>
  Object.entries(props.run.assumed)
    .map(([field, count]) => t('records.assumedOf', { what: say.within(t(`records.fields.${field as Field}`)), count }))
    .join(', '),
);
const facts = ({ dog }: ImportDryRun['rows'][number]): string =>
  t('records.facts', {
    breed: dog.breed || '–',
    sex: say.within(t(`records.assume.${dog.sex as 'female'}`)),
    born: say.dayAndYear(`${dog.bornOn}T12:00:00Z`),
    coat: say.within(t(`coat.coats.${dog.coat}`)),
    length: say.mm(dog.coatMm),
    weight: say.kg(dog.weightKg),
  });
</script>

<template>
  <div class="grid gap-4 rounded-md edge border-ink bg-rail p-4" :class="isOld ? 'opacity-60' : ''" role="status">
    <div>
      <p class="text-lead font-bold">
        {{ t('records.would', { dogs: run.newDogs, clients: run.newClients, known: run.knownClients }) }}
      </p>
      <p v-if="run.twins">{{ t('records.twinsFound', { count: run.twins }) }}</p>
      <p v-if="run.leftOut" class="font-semibold">{{ t('records.leftOut', { count: run.leftOut }) }}</p>
      <p v-if="assumed">{{ t('records.assumedFound', { what: assumed }) }}</p>
      <p v-if="run.guessedDates" class="font-semibold">{{ t('records.guessed') }}</p>
    </div>
    <details v-if="run.problemCount">
      <summary class="act -ml-2">{{ t('records.problemsFound', { count: run.problemCount }) }}</summary>
      <ul class="mt-1 grid gap-1 text-list">
        <li v-for="(one, index) in run.problems.slice(0, SHOWN)" :key="index">
          <b>{{ t('records.line', { line: one.line }) }}</b>{{
            ` ${t(`records.problems.${one.problem}`, { field: t(`records.fields.${one.field}`), given: say.quoted(one.given) })}`
          }}
        </li>
        <li v-if="run.problemCount > SHOWN">{{ t('records.moreProblems', { count: run.problemCount - SHOWN }) }}</li>
      </ul>
    </details>
    <div class="overflow-x-auto" tabindex="0" role="region" :aria-label="t('records.firstRows')">
      <table class="w-full text-left text-list">
        <caption class="pb-1 text-left font-bold">
          {{
            t('records.firstRows')
          }}
        </caption>
        <thead class="text-note text-ink-2">
          <tr>
            <th class="pr-3 font-medium">{{ t('records.table.line') }}</th>
            <th class="pr-3 font-medium">{{ t('records.table.dog') }}</th>
            <th class="pr-3 font-medium">{{ t('records.table.facts') }}</th>
            <th class="pr-3 font-medium">{{ t('records.table.client') }}</th>
            <th class="font-medium">{{ t('records.table.outcome') }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="row in run.rows" :key="row.line" class="border-t border-line-2 align-top">
            <td class="py-1 pr-3 text-ink-2">{{ row.line }}</td>
            <td class="py-1 pr-3 font-bold">{{ row.dog.name ?? '–' }}</td>
            <td class="py-1 pr-3">
              {{ facts(row) }}<span v-if="row.dog.mind" class="block text-note text-ink-2">{{ row.dog.mind }}</span>
            </td>
            <td class="py-1 pr-3">
              {{ row.client.name ?? '–' }}<template v-if="row.client.phone">{{ `, ${row.client.phone}` }}</template
              ><template v-if="row.clientIsNew">{{ ` (${t('records.newClient')})` }}</template>
            </td>
            <td class="py-1" :class="row.outcome === 'new' ? '' : 'font-semibold'">{{ t(`records.outcomes.${row.outcome}`) }}</td>
          </tr>
        </tbody>
      </table>
    </div>
    <p v-if="isOld" class="font-semibold">{{ t('records.changed') }}</p>
    <button v-else-if="run.newDogs" type="button" class="btn btn-main justify-self-start" :disabled="busy" @click="emit('go')">
      {{ t('records.go', { dogs: run.newDogs }) }}
    </button>
  </div>
</template>
