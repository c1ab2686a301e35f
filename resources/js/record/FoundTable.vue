<script setup lang="ts">
import { t } from '@/messages/words';
import type { FoundRow } from '@/api/types';
import HairSwatch from '@/chart/HairSwatch.vue';
import { say } from '@/messages/say';

defineProps<{ rows: FoundRow[] }>();
</script>

<template>
  <table class="w-full text-left text-list">
    <thead>
      <tr class="text-note text-ink-2">
        <th class="py-1 font-medium">{{ t('record.found.found') }}</th>
        <th class="py-1 font-medium">{{ t('record.found.where') }}</th>
        <th class="py-1 font-medium">{{ t('record.found.planned') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr v-for="row in rows" :key="`${row.grade}${row.done}${row.why}`" class="border-t border-line align-top">
        <td class="w-[24%] py-1.5 pr-3">
          <span class="flex items-center gap-2"
            ><HairSwatch :grade="row.grade" :width="30" :height="20" /><b>{{
              row.grade === null ? t('coat.notChecked') : say.grade(row.grade)
            }}</b></span
          >
        </td>
        <td class="py-1.5 pr-3">
          {{
            rows.length === 1
              ? t('record.found.all')
              : row.sections.length > 12 && row.grade !== null && row.grade < 2
                ? t('record.found.others', { count: row.sections.length })
                : say.sections(row.sections)
          }}
        </td>
        <td class="w-[36%] py-1.5">
          {{ row.done }}<span v-if="row.why" class="block text-note text-ink-2">{{ row.why }}</span>
        </td>
      </tr>
    </tbody>
  </table>
</template>
