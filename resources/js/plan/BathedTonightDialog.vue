<script setup lang="ts">
// A matted dog that goes home and is bathed there tonight: today's plan beside what is left to plan then. Figures, no blame.
import type { BathedTonight } from '@/api/types';
import { api } from '@/api/client';
import { useLoader } from '@/device/useLoader';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import AppDialog from '@/ui/AppDialog.vue';
import LoadState from '@/ui/LoadState.vue';

const props = defineProps<{ visit: string; dog: string }>();
const emit = defineEmits<{ close: [] }>();
const { salon } = useSession();
const loaded = useLoader<BathedTonight>({ ask: () => api('get', '/api/visits/{visit}/bathed-tonight', { path: { visit: props.visit } }) });
void loaded.refresh();
const both = loaded.value;
type Way = NonNullable<BathedTonight['today']>;
const ROWS: { id: 'keep' | 'clip' | 'minutes' | 'pulling' | 'price' | 'back'; says: (way: Way) => string }[] = [
  { id: 'keep', says: (way) => (way.keep === null ? '–' : say.percent(way.keep)) },
  { id: 'clip', says: (way) => (way.longestClipMm === null ? t('plan.tonight.noClip') : say.mm(way.longestClipMm)) },
  { id: 'minutes', says: (way) => say.minutes(way.minutes) },
  { id: 'pulling', says: (way) => say.pulling(way.pulling) },
  { id: 'price', says: (way) => say.money(way.priceCents, salon.value?.currency ?? 'EUR') },
  { id: 'back', says: (way) => (way.regrowthWeeks ? say.weeks(way.regrowthWeeks) : '–') },
];
</script>

<template>
  <AppDialog :title="t('plan.tonight.title', { dog })" wide to-read @close="emit('close')">
    <p class="mt-1">{{ t('plan.tonight.why') }}</p>
    <table v-if="both?.today && both.tonight" class="mt-3 w-full text-left" :aria-label="t('plan.tonight.title', { dog })">
      <thead>
        <tr class="text-note text-ink-2">
          <td></td>
          <th class="font-medium">{{ t('plan.tonight.today') }}</th>
          <th class="font-medium">{{ t('plan.tonight.after') }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in ROWS" :key="row.id" class="border-t border-line">
          <th class="py-2 font-medium">{{ t(`plan.tonight.rows.${row.id}`) }}</th>
          <td class="text-lead font-bold">{{ row.says(both.today) }}</td>
          <td class="text-lead">{{ row.says(both.tonight) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-else-if="both" class="mt-3 font-bold">{{ t(both.today ? 'plan.tonight.nothing' : 'plan.tonight.notYet') }}</p>
    <LoadState v-else :loaded="loaded" :fetching="t('plan.tonight.fetching')" />
    <p v-if="both?.today && both.tonight && !both.tonight.fits" class="mt-3 font-bold">{{ t('plan.tonight.tooMuch') }}</p>
    <p class="mt-3 text-note text-ink-2">{{ t('plan.tonight.thumb') }}</p>
  </AppDialog>
</template>
