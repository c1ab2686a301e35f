<script setup lang="ts">
// A new version is there. In a visit it is only mentioned; elsewhere it can be opened.
import { t } from '@/messages/words';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { update } from '@/device/update';

const route = useRoute();
const inVisit = computed(() => route.params.visit !== undefined);
</script>

<template>
  <div
    v-if="update.ready.value && !inVisit"
    class="no-print fixed inset-x-0 bottom-0 z-10 flex flex-wrap items-center justify-center gap-x-6 border-t-2 border-ink bg-sheet px-4 py-3"
    role="status"
  >
    <p>
      <b>{{ t('device.update.ready') }}</b> {{ t('device.update.kept') }}
    </p>
    <button type="button" class="btn btn-small" @click="update.apply()">{{ t('device.update.open') }}</button>
  </div>
</template>
