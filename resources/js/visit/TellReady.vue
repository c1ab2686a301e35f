<script setup lang="ts">
// That the dog is ready: told the client, in one touch.
import { api } from '@/api/client';
import type { ToldVia, VisitPromises } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { useOutbox } from '@/device/useOutbox';
import TellClient from './TellClient.vue';

const props = defineProps<{ visit: string; client: string }>();
const emit = defineEmits<{ told: [mark: string] }>();
const { record } = useOutbox();
const { value: words, refresh } = useLoader<VisitPromises>({
  ask: () => api('get', '/api/visits/{visit}/promise', { path: { visit: props.visit } }),
});
void refresh();
const tell = (told: ToldVia): void => emit('told', record(props.visit, 'ready_told', { told }));
</script>

<template>
  <TellClient
    :client="client"
    :reach="words?.reach"
    :phone="words?.phone ?? null"
    :message="words?.ready ?? null"
    :disabled="false"
    @tell="tell"
  />
</template>
