<script setup lang="ts">
// The dog is not well: what to do in a line, the vet's telephone, and how long ago.
import { t, wordsOf, type Words } from '@/messages/words';
import { useIntervalFn } from '@vueuse/core';
import { computed, ref } from 'vue';
import type { Visit } from '@/api/types';
import { useOutbox } from '@/device/useOutbox';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import { telephone } from '@/messages/telephone';
import AppDialog from '@/ui/AppDialog.vue';

/** `since`: when the groomer stopped, in milliseconds since 1970. */
const props = defineProps<{ visit: Visit; since: number }>();
const emit = defineEmits<{ close: [] }>();
const { salon } = useSession();
const outbox = useOutbox();

type Sign = keyof Words['skin']['stopNow']['signs'];

const seconds = ref(0);
const sign = ref<Sign | null>(null);
useIntervalFn(() => (seconds.value = (Date.now() - props.since) / 1000), 500);

const closing = computed(() =>
  [
    props.visit.table.begun ? t('skin.stopNow.paused') : '',
    Object.keys(props.visit.bath.steps).length ? t('skin.stopNow.wet') : '',
    t('device.notVeterinary'),
  ]
    .filter(Boolean)
    .join(' '),
);

function see(what: Sign): void {
  sign.value = what;
  outbox.record(props.visit.id, 'note_written', { sign: what });
}
</script>

<template>
  <AppDialog :title="t('skin.stopNow.title')" @close="emit('close')">
    <div class="mt-3 grid gap-4">
      <div class="flex flex-wrap items-baseline gap-x-6 gap-y-2">
        <p v-if="salon?.vetPhone" class="text-lead">
          {{ t('skin.stopNow.vet') }}
          <a class="text-title font-extrabold underline" :href="telephone(salon.vetPhone)">{{ salon.vetPhone }}</a>
        </p>
        <p v-else class="font-bold">{{ t('skin.stopNow.noVet') }}</p>
        <p class="text-lead" role="timer">
          <b class="text-title">{{ say.stopwatch(seconds) }}</b> {{ t('skin.stopNow.since') }}
        </p>
      </div>
      <p v-if="sign" class="rounded-md edge border-ink bg-rail px-4 py-3 text-lead font-bold" role="status">
        {{ t(`skin.stopNow.signs.${sign}.say`) }}. {{ t(`skin.stopNow.signs.${sign}.act`) }}
      </p>
      <div v-else class="grid gap-2">
        <h3 class="text-answer">{{ t('skin.stopNow.ask') }}</h3>
        <div class="grid gap-2 tall:grid-cols-2">
          <button
            v-for="(one, name) in wordsOf('skin.stopNow.signs')"
            :key="name"
            type="button"
            class="btn justify-start text-left text-body"
            @click="see(name)"
          >
            {{ one.say }}
          </button>
        </div>
      </div>
      <p class="text-list">
        {{ closing }}
      </p>
      <button type="button" class="btn" @click="emit('close')">{{ t('skin.stopNow.close') }}</button>
    </div>
  </AppDialog>
</template>
