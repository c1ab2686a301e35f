<script setup lang="ts">
// The promise most in danger and what would save it, and who is next for whom. Nothing of it is done by itself.
import { computed } from 'vue';
import type { Alternative, AppointmentRow, DayAdvice, DayDog } from '@/api/types';
import { useOutbox } from '@/device/useOutbox';
import HoldsHair from '@/visit/HoldsHair.vue';
import { holdsSaid } from '@/visit/holds';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

const props = defineProps<{
  advice: DayAdvice;
  dogs: DayDog[];
  expected: AppointmentRow[];
  groomers: Map<string, string>;
  decides: boolean;
}>();
const emit = defineEmits<{ tell: [visit: string]; made: [made: { visit: string; mark: string }] }>();
const { record } = useOutbox();
interface Named {
  name: string;
  client: string;
  promisedAt: string | null;
}
const named = computed(
  () =>
    new Map<string, Named>([
      ...props.dogs.map((row): [string, Named] => [row.id, { name: row.dog.name, client: row.dog.client, promisedAt: row.promisedAt }]),
      ...props.expected.map((row): [string, Named] => [
        row.id,
        { name: row.dog.name, client: row.dog.client.name, promisedAt: row.promisedAt },
      ]),
    ]),
);
const nameOf = (id: string | null): string => named.value.get(id ?? '')?.name ?? '';
const groomerOf = (id: string | null): string => props.groomers.get(id ?? '') ?? '';
const danger = computed(() => props.advice.advice);
const inDanger = computed(() => (danger.value ? named.value.get(danger.value.dog) : undefined));

const isHere = (id: string | null): boolean => props.dogs.some((row) => row.id === id);

/** Somebody says that it is done so: it can be taken back. */
function take(one: Alternative): void {
  if (one.dog) {
    const mark = record(one.dog, 'turn_decided', { groomer: one.groomer, next: one.act === 'take_next' });
    emit('made', { visit: one.dog, mark });
  }
}

function actSaid(one: Alternative): string {
  const words = {
    dog: nameOf(one.dog),
    groomer: groomerOf(one.groomer),
    client: named.value.get(one.dog ?? '')?.client ?? '',
    time: one.promise ? say.time(one.promise) : '',
  };
  return t(`days.advice.act.${one.act === 'take_next' && one.groomer ? 'take_next_by' : one.act}`, words);
}
function reasonSaid(next: DayAdvice['next'][number]): string {
  const slack = Math.round(next.slack ?? 0);
  return next.reason === 'least_slack' && slack < 0
    ? t('days.advice.nextReason.late', { slack: -slack })
    : t(`days.advice.nextReason.${next.reason}`, { slack });
}
</script>

<template>
  <section v-if="danger && inDanger" class="mb-1 border-b border-line py-4" :aria-label="t('days.advice.alternatives')">
    <h2 class="text-ask text-call">
      {{
        inDanger.promisedAt
          ? t('days.advice.danger', { dog: inDanger.name, time: say.time(inDanger.promisedAt), holds: holdsSaid(danger.chance) })
          : t('days.advice.dangerPlain', { dog: inDanger.name, holds: holdsSaid(danger.chance) })
      }}
    </h2>
    <p v-if="danger.alternatives.length === 0" class="text-lead">{{ t('days.advice.nothing', { client: inDanger.client }) }}</p>
    <ul class="mt-2 grid items-start gap-2 wide:grid-cols-3 wide:items-stretch">
      <li
        v-for="one in danger.alternatives"
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
    <p class="mt-2 text-note text-ink-2">{{ t('days.advice.tried') }}</p>
  </section>
  <ul v-if="advice.next.length" class="border-b border-line py-2 text-list">
    <li v-for="next in advice.next" :key="next.groomer">
      <b>{{ t('days.advice.next', { groomer: groomerOf(next.groomer), dog: nameOf(next.dog) }) }}</b>, {{ reasonSaid(next) }}.
    </li>
  </ul>
</template>
