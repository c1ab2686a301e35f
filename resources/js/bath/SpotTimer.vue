<script setup lang="ts">
// One spot under the air: eyes and hands are on the dog, so the end of its time is heard. Nothing is recorded.
import { t } from '@/messages/words';
import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useCue } from '@/device/useCue';
import { releaseFocus, useKeys } from '@/device/useKeys';
import KeyCap from '@/ui/KeyCap.vue';

const props = defineProps<{ limitSeconds: number }>();

const since = ref<number | null>(null);
const now = ref(Date.now());
useIntervalFn(() => (now.value = Date.now()), 500);
const seconds = computed(() => (since.value === null ? 0 : Math.max(0, Math.floor((now.value - since.value) / 1000))));
const over = computed(() => seconds.value >= props.limitSeconds);
useCue(() => over.value);

function next(event?: MouseEvent): void {
  since.value = now.value = Date.now();
  if (event) {
    releaseFocus(event);
  }
}
useKeys(() => [{ keys: ['n'], says: t('table.spot.next'), run: () => next() }]);
</script>

<template>
  <div class="flex flex-wrap items-center gap-2">
    <button type="button" class="btn group" @click="next">
      {{ since === null ? t('table.spot.begin') : t('table.spot.next') }} <KeyCap v-if="since !== null">N</KeyCap>
    </button>
    <template v-if="since !== null">
      <p class="min-w-0 flex-1 text-list" :class="over ? 'font-bold text-call' : ''" role="status">
        {{ over ? t('table.spot.over') : '' }}
        <span v-if="!over" role="timer">{{ t('table.spot.here', { seconds }) }}</span>
      </p>
      <button type="button" class="act" @click="since = null">{{ t('table.spot.end') }}</button>
    </template>
  </div>
</template>
