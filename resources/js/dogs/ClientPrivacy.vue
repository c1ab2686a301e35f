<script setup lang="ts">
// What is kept of a client and why, for the owner: handed over, or forgotten on request.
import { ref } from 'vue';
import { download } from '@/api/download';
import { api } from '@/api/client';
import type { KeptOfClient } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { useProblems } from '@/device/useProblems';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import AppDialog from '@/ui/AppDialog.vue';
import LoadState from '@/ui/LoadState.vue';

const props = defineProps<{ client: string; name: string }>();
const emit = defineEmits<{ forgotten: [] }>();
const loaded = useLoader<KeptOfClient>({ ask: () => api('get', '/api/clients/{client}/kept', { path: { client: props.client } }) });
const { value: kept } = loaded;
void loaded.refresh();
const { trouble, clear, tell } = useProblems();
const asking = ref(false);
const asked = ref(false);
const busy = ref(false);

function ask(): void {
  clear();
  asked.value = false;
  asking.value = true;
}

async function forget(): Promise<void> {
  busy.value = true;
  clear();
  try {
    await api('delete', '/api/clients/{client}', { path: { client: props.client } });
    asking.value = false;
    await loaded.refresh();
    emit('forgotten');
  } catch (failure) {
    tell(failure, t('privacy.noNetwork'));
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <section class="grid content-start gap-3 border-t border-line pt-5">
    <h2 class="text-lead">{{ t('privacy.title') }}</h2>
    <LoadState v-if="!kept" :loaded="loaded" :fetching="t('privacy.fetching')" />
    <template v-else>
      <p v-if="kept.erasedAt" class="font-semibold" role="status">{{ t('privacy.forgotten', { day: say.dayAndYear(kept.erasedAt) }) }}</p>
      <ul class="grid gap-1 text-list">
        <li v-if="!kept.erasedAt">{{ t('privacy.why.contact', { client: name }) }}</li>
        <li>{{ t('privacy.why.dogs', { count: kept.dogs }) }}</li>
        <li v-if="kept.visits">{{ t('privacy.why.visits', { count: kept.visits }) }}</li>
        <li v-if="kept.photos">{{ t('privacy.why.photos', { count: kept.photos }) }}</li>
        <li>{{ t('privacy.why.messages', { count: kept.messages, appointments: kept.appointments }) }}</li>
      </ul>
      <div v-if="!kept.erasedAt" class="flex flex-wrap items-center gap-x-4 gap-y-2">
        <a
          class="btn btn-small"
          :href="`/api/clients/${client}/export`"
          download
          @click.prevent="download(`/api/clients/${client}/export`)"
          >{{ t('privacy.export') }}</a
        >
        <button type="button" class="btn btn-small" :disabled="kept.holds !== null" @click="ask">{{ t('privacy.forget') }}</button>
      </div>
      <p v-if="!kept.erasedAt" class="text-note text-ink-2">
        {{ t('privacy.exportHint') }}
        <template v-if="kept.holds">{{ t(`privacy.holds.${kept.holds.why}`, { dog: kept.holds.dog }) }}</template>
      </p>
    </template>
    <AppDialog v-if="asking" :title="t('privacy.ask', { client: name })" @close="asking = false">
      <p class="mt-3">{{ t('privacy.goes') }}</p>
      <p class="mt-2">{{ t('privacy.stays') }}</p>
      <p class="mt-2 text-list text-ink-2">{{ t('privacy.backups') }}</p>
      <label class="mt-4 flex min-h-12 items-center gap-3 font-semibold">
        <input v-model="asked" type="checkbox" class="size-6 accent-ink" />
        {{ t('privacy.asked') }}
      </label>
      <p v-if="trouble" class="mt-2 font-semibold" role="alert">{{ trouble }}</p>
      <button type="button" class="btn btn-main mt-3 w-full" :disabled="!asked || busy" @click="forget">{{ t('privacy.now') }}</button>
    </AppDialog>
  </section>
</template>
