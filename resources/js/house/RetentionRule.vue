<script setup lang="ts">
// How long photos and messages are kept: what would go is counted before the rule is.
import { computed, ref, watch } from 'vue';
import { api } from '@/api/client';
import type { Retention } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { useProblems } from '@/device/useProblems';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import SelectField from '@/ui/SelectField.vue';

const MONTHS = [6, 12, 24, 36, 60, 120];
const { value: rule, refresh } = useLoader<Retention>({ ask: () => api('get', '/api/retention') });
void refresh();
const { trouble, clear, tell } = useProblems();
/** Months as text, empty for ever; null: as it stands. */
const photos = ref<string | null>(null);
const messages = ref<string | null>(null);
const would = ref<{ photos: number; messages: number } | null>(null);
const busy = ref(false);
const said = ref(false);
const lasting = (months: number): string =>
  months % 12 ? t('privacy.retention.months', { months }) : t('privacy.retention.years', { years: months / 12 });
const choices = (now: number | null) => [
  { value: '', says: t('privacy.retention.never') },
  ...[...new Set([...MONTHS, ...(now === null ? [] : [now])])]
    .sort((one, other) => one - other)
    .map((months) => ({ value: String(months), says: lasting(months) })),
];
const shown = (typed: string | null, now: number | null | undefined): string => typed ?? (now == null ? '' : String(now));
const asked = computed(() => ({
  photosMonths: Number(shown(photos.value, rule.value?.photosMonths)) || null,
  messagesMonths: Number(shown(messages.value, rule.value?.messagesMonths)) || null,
}));
const isChanged = computed(
  () => asked.value.photosMonths !== rule.value?.photosMonths || asked.value.messagesMonths !== rule.value?.messagesMonths,
);

async function doing(what: () => Promise<void>): Promise<void> {
  busy.value = true;
  clear();
  try {
    await what();
  } catch (failure) {
    tell(failure, t('privacy.noNetwork'));
  } finally {
    busy.value = false;
  }
}

watch([photos, messages], () => {
  would.value = null;
  said.value = false;
  if (isChanged.value) {
    void doing(async () => {
      would.value = await api('post', '/api/retention/preview', { body: asked.value });
    });
  }
});

const keep = (): Promise<void> =>
  doing(async () => {
    rule.value = await api('put', '/api/retention', { body: asked.value });
    photos.value = messages.value = would.value = null;
    said.value = true;
  });
</script>

<template>
  <section v-if="rule" class="grid gap-3 border-t border-line pt-5">
    <header>
      <h2 class="text-lead">{{ t('privacy.retention.title') }}</h2>
      <p class="text-list text-ink-2">{{ t('privacy.retention.hint') }}</p>
      <p v-if="rule.putAside" class="mt-1 font-semibold">{{ t('privacy.retention.putAside', { count: rule.putAside }) }}</p>
    </header>
    <div class="grid gap-4 tall:grid-cols-2">
      <SelectField
        :label="t('privacy.retention.photos')"
        :options="choices(rule.photosMonths)"
        :model-value="shown(photos, rule.photosMonths)"
        @update:model-value="photos = $event"
      />
      <SelectField
        :label="t('privacy.retention.messages')"
        :options="choices(rule.messagesMonths)"
        :model-value="shown(messages, rule.messagesMonths)"
        @update:model-value="messages = $event"
      />
    </div>
    <p v-if="trouble" class="font-semibold" role="alert">{{ trouble }}</p>
    <p v-if="would" class="font-semibold" role="status">{{ t('privacy.retention.would', would) }}</p>
    <div class="flex flex-wrap items-center gap-x-4">
      <button v-if="isChanged" type="button" class="btn btn-main" :disabled="busy || !would" @click="keep">
        {{ t('privacy.retention.keep') }}
      </button>
      <p v-else-if="said" class="font-semibold" role="status">{{ t('privacy.retention.kept') }}</p>
      <p v-if="rule.since && rule.by" class="text-list text-ink-2">
        {{ t('privacy.retention.since', { day: say.dayAndYear(rule.since), by: rule.by }) }}
      </p>
    </div>
  </section>
</template>
