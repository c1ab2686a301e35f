<script setup lang="ts">
// What to mind at this section, said once and calmly.
import { tableWords } from './tableWords';
import { t } from '@/messages/words';
import type { TableSection } from '@/api/types';

defineProps<{ visit: string; here: TableSection; paused: boolean; notAgreed: boolean }>();
</script>

<template>
  <div v-if="here.guards.length || paused || notAgreed" class="grid gap-1.5">
    <div v-if="here.guards.length || paused" role="status">
      <ul class="grid gap-1">
        <li v-if="paused" class="text-lead font-bold">{{ t('table.guard.paused') }}</li>
        <li
          v-for="guard in here.guards"
          :key="guard.kind"
          class="rounded-md edge border-dashed border-ink px-3 py-1.5 text-list font-semibold"
        >
          {{ tableWords.guard(guard) }}
          <RouterLink
            v-if="guard.kind === 'snapped' || guard.kind === 'tolerance_spent'"
            class="font-bold underline"
            :to="{ name: 'plan', params: { visit } }"
            >{{ t('table.main.plan') }}</RouterLink
          >
        </li>
      </ul>
    </div>
    <p v-if="notAgreed" class="text-list font-semibold text-call">
      {{ t('table.guard.notAgreed') }}
      <RouterLink class="underline" :to="{ name: 'plan', params: { visit } }">{{ t('table.guard.askFirst') }}</RouterLink>
    </p>
  </div>
</template>
