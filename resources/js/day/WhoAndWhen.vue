<script setup lang="ts">
// A dog that is here: who takes it, whether before the others, and when its client may fetch it. Opened from its row.
import { computed, ref } from 'vue';
import type { DayDog, ToldVia } from '@/api/types';
import { useOutbox } from '@/device/useOutbox';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import AppDialog from '@/ui/AppDialog.vue';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import ToggleButton from '@/ui/ToggleButton.vue';
import { promiseAsked } from '@/visit/promiseAsked';
import PromiseCurve from '@/visit/PromiseCurve.vue';
import TellClient from '@/visit/TellClient.vue';
import TellReady from '@/visit/TellReady.vue';
import { usePromise } from './usePromise';

const props = defineProps<{ row: DayDog; groomers: Map<string, string>; decides: boolean }>();
const emit = defineEmits<{ close: []; made: [mark: string] }>();
const { record } = useOutbox();
const groomer = ref(props.row.groomerId ?? '');
const next = ref(props.row.turn?.next ?? false);
const people = computed(() => [
  ...(props.row.groomerId ? [] : [{ value: '', says: t('days.turn.free') }]),
  ...[...props.groomers].map(([value, says]) => ({ value, says })),
]);
const changed = computed(() => groomer.value !== (props.row.groomerId ?? '') || next.value !== (props.row.turn?.next ?? false));
const isReady = computed(() => props.row.needs === 'hand_over');
const { promises, offline, at, one, choose, shift } = usePromise(props.row.id, props.row.promisedAt);
const question = computed(() =>
  one.value ? promiseAsked(one.value.at, one.value.chance) : at.value ? t('days.turn.promise', { time: say.time(at.value) }) : '',
);

function done(mark: string): void {
  emit('made', mark);
  emit('close');
}
const keep = (): void => done(record(props.row.id, 'turn_decided', { groomer: groomer.value || null, next: next.value }));
function promise(told: ToldVia): void {
  if (at.value) {
    done(record(props.row.id, 'promise_given', { promisedAt: at.value, told }));
  }
}
const takeBack = (markId: string): void => done(record(props.row.id, 'withdrawn', { markId }));
</script>

<template>
  <AppDialog :title="t('days.turn.title', { dog: row.dog.name })" @close="emit('close')">
    <section v-if="isReady" class="mt-4 grid gap-2">
      <h3 class="lab">{{ t('days.turn.ready') }}</h3>
      <p v-if="row.readyToldAt" class="text-list">{{ t('days.turn.toldAt', { time: say.time(row.readyToldAt) }) }}</p>
      <TellReady :visit="row.id" :client="row.dog.client" @told="done" />
    </section>
    <template v-else-if="decides">
      <section class="mt-4 grid gap-3">
        <ChoiceGroup v-model="groomer" :label="t('days.turn.who')" :options="people" />
        <div class="flex flex-wrap gap-2">
          <ToggleButton v-model="next" class="min-h-12">{{ t('days.turn.next') }}</ToggleButton>
          <button type="button" class="btn flex-1" :disabled="!changed" @click="keep">{{ t('days.turn.keep') }}</button>
          <button v-if="row.turn" type="button" class="act" @click="takeBack(row.turn.id)">{{ t('days.advice.undo') }}</button>
        </div>
      </section>
      <section class="mt-5 grid gap-3 border-t border-line pt-4">
        <h3 class="lab">{{ t('days.turn.when') }}</h3>
        <p v-if="offline" class="text-list font-semibold" role="status">{{ t('days.turn.offline') }}</p>
        <p v-else-if="!promises" class="text-list text-ink-2" role="status">{{ t('days.turn.trying') }}</p>
        <div v-if="promises || offline" class="flex items-center gap-2">
          <button type="button" class="btn btn-small" :aria-label="t('days.appointment.earlier')" @click="shift(-1)">←</button>
          <p class="flex-1 text-center text-lead font-bold" aria-live="polite">{{ question }}</p>
          <button type="button" class="btn btn-small" :aria-label="t('days.appointment.later')" @click="shift(1)">→</button>
        </div>
        <PromiseCurve
          v-if="promises && promises.times.length > 1"
          :curve="promises.times"
          :safe="promises.safe"
          :promised-at="at"
          @promise="choose"
        />
        <TellClient
          later
          :client="row.dog.client"
          :reach="promises?.reach"
          :phone="promises?.phone ?? null"
          :message="one?.message ?? null"
          :disabled="!at"
          @tell="promise"
        />
        <button v-if="row.promise" type="button" class="act -ml-2 justify-self-start underline" @click="takeBack(row.promise.id)">
          {{ t('days.turn.undoPromise') }}
        </button>
      </section>
    </template>
    <p v-else class="mt-4 text-lead">{{ t('days.turn.groomer') }}</p>
  </AppDialog>
</template>
