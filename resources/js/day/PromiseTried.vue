<script setup lang="ts">
// What one time makes of the day: how surely its promise holds, when the dog is likely ready, whom else it touches, what the client is written.
import { computed } from 'vue';
import type { Dog, TriedTime } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import ClientWords from '@/visit/ClientWords.vue';
import { promiseAsked } from '@/visit/promiseAsked';
import PromiseCurve from '@/visit/PromiseCurve.vue';
import TriedOthers from './TriedOthers.vue';

const props = defineProps<{
  dog: Dog;
  promise: string | null;
  /** How surely it holds; null: nothing is promised, or it was not tried. */
  chance: number | null;
  tried: TriedTime | null;
  trying: boolean;
  /** Why it could not be tried, in words; empty: it could. */
  trouble: string;
  /** Whether keeping it would set or move the time. */
  moves: boolean;
  /** Whether keeping it writes to the client. */
  sends: boolean;
}>();
const emit = defineEmits<{ promise: [at: string] }>();

const question = computed(() => {
  if (props.trying) {
    return t('days.appointment.trying');
  }
  return props.promise === null || props.chance === null ? t('days.appointment.noPromise') : promiseAsked(props.promise, props.chance);
});
</script>

<template>
  <section class="grid gap-2" :aria-label="t('days.appointment.promiseAt')">
    <h2 class="text-ask" :class="moves ? 'text-call' : ''" aria-live="polite">{{ question }}</h2>
    <p v-if="trouble" class="text-list font-semibold" role="status">{{ trouble }}</p>
    <template v-else-if="tried">
      <PromiseCurve
        v-if="tried.chanceBy.length > 1"
        :curve="tried.chanceBy"
        :safe="tried.safe"
        :promised-at="promise"
        @promise="emit('promise', $event)"
      />
      <p v-if="tried.ready?.likely" class="text-list">
        {{
          t('days.appointment.ready', {
            time: say.time(tried.ready.likely),
            from: say.time(tried.ready.early ?? tried.ready.likely),
            to: say.time(tried.ready.late ?? tried.ready.likely),
          })
        }}
      </p>
      <p v-else class="text-list font-semibold">{{ t('days.appointment.notReady', { dog: dog.name }) }}</p>
      <TriedOthers :tried="tried" />
      <ClientWords
        v-if="sends || (moves && !tried.reach)"
        class="mt-2"
        :client="dog.client.name"
        :reach="tried.reach"
        :message="tried.message"
      />
    </template>
  </section>
</template>
