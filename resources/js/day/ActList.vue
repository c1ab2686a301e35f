<script setup lang="ts">
// What was said and done about an appointment, the latest last; nothing of it is ever altered.
import type { Appointment } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

defineProps<{ acts: Appointment['acts'] }>();

function detailOf({ kind, fields }: Appointment['acts'][number]): string {
  const { startsAt, reason, words } = fields as { startsAt?: string | null; reason?: string; words?: string };
  if (kind === 'booked' || kind === 'moved') {
    return startsAt
      ? t('days.appointment.to', { time: `${say.weekDay(startsAt)}, ${say.time(startsAt)}` })
      : t('days.appointment.waitingList');
  }
  return reason ?? words ?? '';
}
</script>

<template>
  <section :aria-label="t('days.appointment.history')">
    <h2 class="text-lead font-bold">{{ t('days.appointment.history') }}</h2>
    <ol class="mt-1 grid gap-1">
      <li v-for="act in acts" :key="act.id" class="text-list">
        {{
          t('days.appointment.act', {
            kind: t(`days.appointment.kinds.${act.kind}`),
            by: act.by ?? t('days.appointment.client'),
            at: say.moment(act.at, new Date().toISOString()),
          })
        }}
        <span class="text-ink-2">{{ detailOf(act) }}</span>
      </li>
    </ol>
  </section>
</template>
