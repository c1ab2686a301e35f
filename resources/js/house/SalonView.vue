<script setup lang="ts">
// What the salon says of itself, for the owner: kept in versions, so that nothing said before is lost.
import { computed, ref, shallowRef, watch } from 'vue';
import { api, Refused } from '@/api/client';
import type { Salon, SalonVersion } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { useProblems } from '@/device/useProblems';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import LoadState from '@/ui/LoadState.vue';
import TextField from '@/ui/TextField.vue';
import HealthList from './HealthList.vue';
import OwnerShell from './OwnerShell.vue';
import SalonFields from './SalonFields.vue';

const session = useSession();
const loaded = useLoader<SalonVersion>({ ask: () => api('get', '/api/salon') });
const { value: known } = loaded;
void loaded.refresh();
/** As changed here; null: as it stands. */
const changed = shallowRef<Salon | null>(null);
const { problems, trouble, clear, tell } = useProblems();
const ofSalon = computed(() => Object.fromEntries(Object.entries(problems).map(([field, says]) => [field.replace(/^salon\./, ''), says])));
const said = ref('');
const busy = ref(false);
watch(changed, (now) => now && (said.value = ''));

async function keep(): Promise<void> {
  if (busy.value || !known.value || !changed.value) {
    return;
  }
  busy.value = true;
  clear();
  try {
    known.value = await api('put', '/api/salon', { body: { base: known.value.version, salon: changed.value } });
    changed.value = null;
    said.value = t('salon.kept');
    // The screens say it so from here on; without a network, from the next page on.
    await session.load().catch(() => undefined);
  } catch (failure) {
    tell(failure, t('salon.noNetwork'));
    if (failure instanceof Refused && failure.status === 409) {
      // What was typed stays on top of what somebody else wrote.
      await loaded.refresh();
    }
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <OwnerShell>
    <form class="mx-auto grid max-w-220 gap-4 px-4 py-6 tall:px-8" novalidate @submit.prevent="keep">
      <header>
        <h1 class="text-ask">{{ t('salon.title') }}</h1>
        <p class="text-list text-ink-2">{{ t('salon.hint') }}</p>
      </header>
      <LoadState v-if="!known" :loaded="loaded" :fetching="t('salon.fetching')" />
      <template v-else>
        <p v-if="known.isDemo" class="text-list">{{ t('salon.demo') }}</p>
        <TextField
          live
          :model-value="(changed ?? known.salon).name"
          :label="t('salon.itsName')"
          :max="80"
          :error="ofSalon.name ?? ''"
          @update:model-value="changed = { ...(changed ?? known.salon), name: $event }"
        />
        <SalonFields
          :model-value="changed ?? known.salon"
          :countries="known.countries"
          :problems="ofSalon"
          :fixed-zone="known.isDemo"
          @update:model-value="changed = $event"
        />
        <p v-if="trouble" class="font-semibold" role="alert">{{ trouble }}</p>
        <p v-else-if="said" class="font-semibold" role="status">{{ said }}</p>
        <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
          <button class="btn btn-main" :disabled="busy || !changed">{{ t('salon.keep') }}</button>
          <p v-if="known.since && known.by" class="text-list text-ink-2">
            {{ t('salon.since', { day: say.dayAndYear(known.since), by: known.by }) }}
          </p>
        </div>
      </template>
    </form>
    <HealthList v-if="known && !known.isDemo" class="mx-auto max-w-220 px-4 pb-6 tall:px-8" />
  </OwnerShell>
</template>
