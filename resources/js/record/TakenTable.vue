<script setup lang="ts">
// What the table took against what was forecast.
import { t } from '@/messages/words';
import type { Forecast, SectionId, TableSection } from '@/api/types';
import { say } from '@/messages/say';

defineProps<{ taken: { section: SectionId; here: TableSection }[]; forecast: Forecast; seconds: number }>();
const off = (here: TableSection): string => {
  const part = here.seconds / 60 / here.forecast!.likely - 1;
  return `${part > 0 ? '+' : '–'}${Math.round(Math.abs(part) * 100)} %`;
};
const minutes = (value: number): string => (value < 10 ? say.tenths(value) : String(Math.round(value)));
</script>

<template>
  <details class="border-t border-line pt-2">
    <summary class="act -ml-2">
      {{
        t('record.taken.title', { taken: say.minutes(seconds / 60), forecast: say.minutes(forecast.likely), range: say.range(forecast) })
      }}
    </summary>
    <table class="mt-1 w-full text-left text-list">
      <thead>
        <tr class="text-note text-ink-2">
          <th class="font-medium">{{ t('record.taken.section') }}</th>
          <th class="font-medium">{{ t('record.taken.taken') }}</th>
          <th class="font-medium">{{ t('record.taken.forecast') }}</th>
          <th class="font-medium">{{ t('record.taken.uncorrected') }}</th>
          <th class="font-medium">{{ t('record.taken.off') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="{ section, here } in taken" :key="section" class="border-t border-line">
          <td>{{ say.section(section) }}</td>
          <td>{{ minutes(here.seconds / 60) }}</td>
          <td>{{ minutes(here.forecast!.likely) }}</td>
          <td class="text-ink-2">{{ minutes(here.forecast!.plain) }}</td>
          <td>{{ off(here) }}</td>
        </tr>
      </tbody>
    </table>
  </details>
</template>
