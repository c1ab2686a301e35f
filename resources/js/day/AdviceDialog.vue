<script setup lang="ts">
// What would save the promise most in danger. Nothing of it is done by itself.
import type { Alternative } from '@/api/types';
import AppDialog from '@/ui/AppDialog.vue';
import { useOutbox } from '@/device/useOutbox';
import HoldsHair from '@/visit/HoldsHair.vue';
import { holdsSaid } from '@/visit/holds';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import { type AdviceOf, useAdvice } from './useAdvice';

const props = defineProps<AdviceOf & { decides: boolean }>();
const emit = defineEmits<{ tell: [visit: string]; made: [made: { visit: string; mark: string }]; close: [] }>();
const { record } = useOutbox();
const { danger, next, nameOf, clientOf, groomerOf } = useAdvice(props);

const isHere = (id: string | null): boolean => props.dogs.some((row) => row.id === id);

/** Somebody says that it is done so: it can be taken back. */
function take(one: Alternative): void {
  if (one.dog) {
    const mark = record(one.dog, 'turn_decided', { groomer: one.groomer, next: one.act === 'take_next' });
    emit('made', { visit: one.dog, mark });
  }
}

function actSaid(one: Alternative): string {
  return t(`days.advice.act.${one.act === 'take_next' && one.groomer ? 'take_next_by' : one.act}`, {
    dog: nameOf(one.dog),
    groomer: groomerOf(one.groomer),
    client: clientOf(one.dog),
    time: one.promise ? say.time(one.promise) : '',
  });
}
</script>

<template>
  <AppDialog :title="danger?.says ?? ''" wide to-read @close="emit('close')">
    <p v-if="danger && danger.ways.length === 0" class="mt-2 text-lead">{{ t('days.advice.nothing', { client: danger.client }) }}</p>
    <ul class="mt-4 grid items-start gap-2 wide:grid-cols-3 wide:items-stretch">
      <li
        v-for="one in danger?.ways ?? []"
        :key="one.act"
        class="flex flex-col items-start rounded-lg border-2 p-3"
        :class="one.dear ? 'border-dashed border-line-2' : 'border-ink'"
      >
        <p class="text-lead font-bold">{{ actSaid(one) }}</p>
        <p v-for="move in one.moves" :key="move.dog" class="mt-1 flex items-center gap-x-2 text-list">
          <HoldsHair class="shrink-0" :chance="move.to" />
          {{ t('days.advice.then', { dog: nameOf(move.dog), to: holdsSaid(move.to), from: holdsSaid(move.from) }) }}
        </p>
        <p v-if="one.dear" class="mt-1 text-note font-semibold">{{ t('days.advice.dear') }}</p>
        <div v-if="decides && one.dog" class="mt-auto pt-2.5">
          <RouterLink v-if="!isHere(one.dog)" class="btn btn-small" :to="{ name: 'appointment', params: { appointment: one.dog } }">
            {{ t('days.advice.open') }}
          </RouterLink>
          <button v-else-if="one.act === 'new_time'" type="button" class="btn btn-small" @click="emit('tell', one.dog)">
            {{ t('days.advice.tell') }}
          </button>
          <RouterLink v-else-if="one.act === 'two_visits'" class="btn btn-small" :to="{ name: 'plan', params: { visit: one.dog } }">
            {{ t('days.advice.divide') }}
          </RouterLink>
          <button v-else type="button" class="btn btn-small" @click="take(one)">{{ t('days.advice.take') }}</button>
        </div>
      </li>
    </ul>
    <p class="mt-3 text-note text-ink-2">{{ t('days.advice.tried') }}</p>
    <ul v-if="next.length" class="mt-3 border-t border-line pt-3 text-list">
      <li v-for="one in next" :key="one.who">
        <b>{{ one.who }}</b>, {{ one.why }}.
      </li>
    </ul>
  </AppDialog>
</template>
