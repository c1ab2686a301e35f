<script setup lang="ts">
// A mat that does not open: what is left to do at the section, and what the whole coat becomes with each.
import { t } from '@/messages/words';
import { computed } from 'vue';
import { api } from '@/api/client';
import type { Plan, SectionId } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import AppDialog from '@/ui/AppDialog.vue';
import LoadState from '@/ui/LoadState.vue';
import TreatmentChoices from '@/plan/TreatmentChoices.vue';

const props = defineProps<{ visit: string; section: SectionId }>();
const emit = defineEmits<{ choose: [treatment: string]; close: [] }>();

const { decides } = useSession();
const loaded = useLoader<Plan>({ ask: () => api('get', '/api/visits/{visit}/plan', { path: { visit: props.visit } }) });
void loaded.refresh();
const here = computed(() => {
  const known = loaded.value.value?.sections[props.section] ?? null;
  return known && { ...known, options: known.options.filter((option) => option.treatment !== known.choice) };
});
</script>

<template>
  <AppDialog :title="t('table.wontOpen.title', { section: say.section(section) })" wide @close="emit('close')">
    <p class="mt-1">{{ t('table.wontOpen.hint') }}</p>
    <p v-if="!decides" class="mt-2 font-bold">{{ t('table.wontOpen.groomer') }}</p>
    <p v-if="loaded.trouble.value === 'no_network'" class="mt-2 font-bold" role="alert">{{ t('table.wontOpen.offline') }}</p>
    <TreatmentChoices v-else-if="here" class="mt-3" :section="here" :decides="decides" :closed="false" @choose="emit('choose', $event)" />
    <LoadState v-else :loaded="loaded" :fetching="t('table.wontOpen.fetching')" />
  </AppDialog>
</template>
