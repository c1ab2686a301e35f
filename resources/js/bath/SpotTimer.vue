<script setup lang="ts">
// One spot under the air: eyes and hands are on the dog, so the end of its time is heard. Nothing is recorded.
import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import { useCue } from '@/device/useCue';
import { releaseFocus, useKeys } from '@/device/useKeys';
import { say } from '@/messages/say';
import KeyCap from '@/ui/KeyCap.vue';

const props = defineProps<{ limitSeconds: number }>();
const words = say.text.table.spot;
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
useKeys(() => [{ keys: ['n'], says: words.next, run: () => next() }]);
</script>

<template>
  <div class="flex flex-wrap items-center gap-2">
    <button type="button" class="btn group" @click="next">
      {{ since === null ? words.begin : words.next }} <KeyCap v-if="since !== null">N</KeyCap>
    </button>
    <template v-if="since !== null">
      <p class="min-w-0 flex-1 text-list" :class="over ? 'font-bold text-call' : ''" role="status">
        {{ over ? words.over : '' }}
        <span v-if="!over" role="timer">{{ words.here.replace('{seconds}', String(seconds)) }}</span>
      </p>
      <button type="button" class="act" @click="since = null">{{ words.end }}</button>
    </template>
  </div>
</template>
