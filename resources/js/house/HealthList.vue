<script setup lang="ts">
// How the installation is, for the owner: each in plain words, and what to do where something is the matter.
import { computed } from 'vue';
import { api } from '@/api/client';
import type { Health } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

const { value: health, refresh } = useLoader<Health>({ ask: () => api('get', '/api/health/details') });
void refresh();
type Check = keyof Health['checks'];
const CHECKS: Check[] = ['database', 'disk', 'schedule', 'sender', 'messages', 'backup'];
const moment = (iso: string | null): string => (iso === null ? t('salon.health.never') : `${say.dayAndYear(iso)}, ${say.time(iso)}`);
const figures = computed<Record<Check, string>>(() => ({
  database: '',
  disk: health.value?.freeMegabytes == null ? '' : t('salon.health.free', { gigabytes: say.tenth(health.value.freeMegabytes / 1024) }),
  schedule: moment(health.value?.lastRun ?? null),
  sender: health.value ? t(`salon.health.senders.${health.value.sender}`) : '',
  messages: health.value?.stuckMessages ? String(health.value.stuckMessages) : '',
  backup: moment(health.value?.lastBackup ?? null),
}));
</script>

<template>
  <section v-if="health">
    <h2 class="lab">{{ t('salon.health.title', { version: health.version }) }}</h2>
    <dl class="mt-1 border-t border-line text-list">
      <div v-for="check in CHECKS" :key="check" class="grid gap-x-4 border-b border-line py-1.5 tall:grid-cols-[16rem_1fr]">
        <dt class="font-semibold">{{ t(`salon.health.checks.${check}`) }}</dt>
        <dd>
          <b v-if="!health.checks[check]">{{ `${t(`salon.health.todo.${check}`)} ` }}</b>
          <span v-else-if="!figures[check]">{{ t('salon.health.well') }}</span>
          <span class="text-ink-2">{{ figures[check] }}</span>
        </dd>
      </div>
    </dl>
  </section>
</template>
