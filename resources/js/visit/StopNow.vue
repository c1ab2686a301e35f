<script setup lang="ts">
// One button on every screen of a visit. The clocks stand from the touch on, whatever is seen of the dog.
import { t } from '@/messages/words';
import { ref } from 'vue';
import type { Visit } from '@/api/types';
import { useOutbox } from '@/device/useOutbox';
import { later } from '@/ui/later';

const StopDialog = later(() => import('@/visit/dialogs'), 'StopDialog');
const props = defineProps<{ visit: Visit }>();
const outbox = useOutbox();
const since = ref<number | null>(null);

function stop(): void {
  since.value = Date.now();
  if (props.visit.table.begun && !props.visit.table.paused && props.visit.closedAt === null) {
    outbox.record(props.visit.id, 'paused', {});
  }
}
</script>

<template>
  <button type="button" class="btn btn-small min-h-11 whitespace-nowrap" @click="stop">{{ t('skin.stopNow.button') }}</button>
  <StopDialog v-if="since !== null" :visit="visit" :since="since" @close="since = null" />
</template>
