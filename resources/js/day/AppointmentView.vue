<script setup lang="ts">
// An appointment: when the dog comes, to whom, what is promised and how surely; and what was said and done about it.
import { computed, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { ulid } from 'ulid';
import { api } from '@/api/client';
import type { Dog, Service } from '@/api/types';
import { aimAt, type Key } from '@/device/useKeys';
import { useLoader } from '@/device/useLoader';
import { options } from '@/messages/options';
import { say } from '@/messages/say';
import { t, wordsOf } from '@/messages/words';
import { holdsSaid } from '@/visit/holds';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import LoadState from '@/ui/LoadState.vue';
import PlainPage from '@/ui/PlainPage.vue';
import TaskFoot from '@/ui/TaskFoot.vue';
import TextField from '@/ui/TextField.vue';
import ActList from './ActList.vue';
import AppointmentActs from './AppointmentActs.vue';
import AppointmentHead from './AppointmentHead.vue';
import CancelDialog from './CancelDialog.vue';
import PromiseTried from './PromiseTried.vue';
import StepStrip from './StepStrip.vue';
import { inSalon, isoAt } from './salonTime';
import { useAppointment, type ActFields } from './useAppointment';
import { isSameTime, useSeenPromise } from './useSeenPromise';
import { useTriedTime } from './useTriedTime';

const QUARTER_MS = 900_000;
const route = useRoute();
const router = useRouter();
const textOf = (name: string): string | null => (typeof route.query[name] === 'string' ? (route.query[name] as string) : null);
const id = computed(() => (typeof route.params.appointment === 'string' ? route.params.appointment : null));
const { appointment, loaded, problem, fields, busy, book, act } = useAppointment(id);
void loaded.refresh();

const dogId = computed(() => appointment.value?.dog.id ?? textOf('dog'));
const { value: dog, refresh: askDog } = useLoader<Dog>({
  ask: async () => (dogId.value ? api('get', '/api/dogs/{dog}', { path: { dog: dogId.value } }) : null),
});
watch(dogId, () => void askDog(), { immediate: true });
const { value: roster, refresh: askRoster } = useLoader({ ask: () => api('get', '/api/roster') });
void askRoster();

const startsAt = ref<string | null>(textOf('startsAt'));
const promisedAt = ref<string | null>(textOf('promisedAt'));
const groomer = ref<string>(textOf('groomer') ?? '');
const service = ref<Service>((textOf('service') as Service | null) ?? 'full_groom');
const note = ref('');
const day = ref(startsAt.value ? inSalon(startsAt.value).date : '');
const clock = ref(startsAt.value ? inSalon(startsAt.value).time : '');
const kept = ref('');
const cancelling = ref(false);

// As it stands, until something else is chosen here; after a colleague's act, as that left it.
// A time that it was brought here with, such as dragged to, is what is proposed; only once.
let proposed = textOf('startsAt') !== null;
watch(appointment, (standing) => {
  if (standing) {
    if (!proposed) {
      startsAt.value = standing.startsAt;
      promisedAt.value = standing.promisedAt;
      groomer.value = standing.groomer ?? '';
    }
    proposed = false;
    service.value = standing.service;
    note.value = standing.note;
    day.value = startsAt.value ? inSalon(startsAt.value).date : '';
    clock.value = startsAt.value ? inSalon(startsAt.value).time : '';
  }
});
watch([day, clock], () => {
  const chosen = day.value && clock.value ? isoAt(day.value, clock.value) : null;
  if (chosen !== null && (startsAt.value === null || Date.parse(chosen) !== Date.parse(startsAt.value))) {
    startsAt.value = chosen;
    // Another time is another promise: the safe one is proposed.
    promisedAt.value = null;
  }
});

const isOpen = computed(() => !appointment.value || ['booked', 'waiting'].includes(appointment.value.state));
const mayMove = computed(() => appointment.value?.state !== 'arrived');
const { tried, trying, trouble, look } = useTriedTime(
  computed(() =>
    dogId.value && startsAt.value && mayMove.value
      ? {
          dogId: dogId.value,
          service: service.value,
          groomer: groomer.value || null,
          startsAt: startsAt.value,
          promisedAt: promisedAt.value,
          moving: id.value,
        }
      : null,
  ),
);
const isAnotherTime = computed(() => !appointment.value || !isSameTime(appointment.value.startsAt, startsAt.value));
const { promise, chance, slipped, isAsSeen } = useSeenPromise({ tried, look, chosen: promisedAt, proposes: isAnotherTime });
const steps = computed(() => tried.value?.steps ?? appointment.value?.steps ?? []);
const sum = computed(() => tried.value?.minutes ?? appointment.value?.minutes ?? null);
const people = computed(() => [
  { value: '', says: t('days.appointment.any') },
  ...(roster.value?.people.map((one) => ({ value: one.id, says: one.name })) ?? []),
]);
const services = options(wordsOf('arrival.services'));
const moves = computed(() => {
  const standing = appointment.value;
  return (
    standing === null ||
    !isOpen.value ||
    isAnotherTime.value ||
    !isSameTime(standing.promisedAt, promise.value) ||
    (standing.groomer ?? '') !== groomer.value
  );
});
const changes = computed(
  () => appointment.value !== null && (appointment.value.service !== service.value || appointment.value.note !== note.value.trim()),
);
const slot = computed<ActFields>(() => ({
  startsAt: startsAt.value,
  promisedAt: startsAt.value && promise.value,
  groomer: groomer.value || null,
}));

/** Made once, so that pressing twice books once. */
const newId = ulid();
const keeping = ref(false);
async function keep(tell: boolean): Promise<void> {
  if (keeping.value) {
    return;
  }
  keeping.value = true;
  try {
    kept.value = '';
    if (!moves.value || !startsAt.value || (await isAsSeen())) {
      await keepNow(tell);
    }
  } finally {
    keeping.value = false;
  }
}

async function keepNow(tell: boolean): Promise<void> {
  const told = tell ? t('days.appointment.savedSent') : t('days.appointment.saved');
  if (!appointment.value) {
    if (dogId.value && (await book(newId, dogId.value, { service: service.value, note: note.value.trim(), ...slot.value }, tell))) {
      await router.replace({ name: 'appointment', params: { appointment: newId } });
      kept.value = told;
    }
    return;
  }
  // A time first: an appointment that is over stands again with it, and only then takes a change.
  const wanted = { service: service.value, note: note.value.trim() };
  const change = changes.value;
  if ((!moves.value || (await act('moved', slot.value, tell))) && (!change || (await act('changed', wanted)))) {
    kept.value = told;
  }
}

async function toWaiting(): Promise<void> {
  kept.value = '';
  startsAt.value = promisedAt.value = null;
  day.value = clock.value = '';
  await keep(false);
}

async function cancel(by: 'client' | 'salon', reason: string, tell: boolean): Promise<void> {
  if (await act('cancelled', { by, reason }, tell)) {
    cancelling.value = false;
  }
}

function shift(by: number): void {
  const curve = tried.value?.chanceBy ?? [];
  const at = promise.value === null ? -1 : curve.findIndex((one) => isSameTime(one.at, promise.value));
  const to = at === -1 ? null : (curve[at + by]?.at ?? new Date(Date.parse(promise.value!) + by * QUARTER_MS).toISOString());
  if (to && startsAt.value && Date.parse(to) > Date.parse(startsAt.value)) {
    promisedAt.value = to;
  }
}

/** A new time is told the client, where there is an address to write to. */
const sends = computed(() => moves.value && Boolean(startsAt.value && tried.value?.reach));
/** Before the answer says how the client is told, the button that keeps it from being sent has its place. */
const mayBeTold = computed(() => moves.value && startsAt.value !== null && (tried.value === null || tried.value.reach !== null));
const mayKeep = computed(() => !busy.value && !keeping.value && !trying.value && startsAt.value !== null && (moves.value || changes.value));
const keepButton = ref<HTMLButtonElement>();
const keys: Key[] = [
  {
    keys: ['ArrowLeft'],
    shown: '←',
    says: t('days.appointment.earlier'),
    run: () => shift(-1),
    foot: { shown: '← →', says: t('days.appointment.promiseAt') },
  },
  { keys: ['ArrowRight'], shown: '→', says: t('days.appointment.later'), run: () => shift(1), foot: false },
  { keys: ['Enter'], says: t('days.appointment.keep'), foot: false, run: aimAt(() => keepButton.value) },
];
</script>

<template>
  <PlainPage :back="{ name: 'days' }" :says="t('days.toDays')">
    <div class="mx-auto grid max-w-280 gap-x-10 gap-y-6 px-4 pt-6 pb-20 tall:px-8 wide:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
      <LoadState v-if="id && !appointment" class="wide:col-span-2" :loaded="loaded" :fetching="t('days.fetching')" />
      <template v-else-if="dog">
        <AppointmentHead class="wide:col-span-2" :dog="dog" :appointment="appointment" :starts-at="startsAt">
          <p v-if="problem" class="mt-2 font-semibold" role="alert">{{ problem }}</p>
          <p v-else-if="kept" class="mt-2 font-semibold" role="status">{{ kept }}</p>
        </AppointmentHead>
        <form v-if="mayMove" class="grid content-start gap-4" @submit.prevent="keep(sends)">
          <div class="grid grid-cols-2 gap-3">
            <TextField
              v-model="day"
              class="grid-cols-1"
              kind="date"
              :label="t('days.appointment.day')"
              :error="fields['fields.startsAt'] ?? ''"
            />
            <TextField v-model="clock" class="grid-cols-1" kind="time" :label="t('days.appointment.time')" />
          </div>
          <ChoiceGroup v-model="groomer" :label="t('days.appointment.groomer')" :options="people" :error="fields['fields.groomer']" />
          <ChoiceGroup v-model="service" :label="t('days.service')" :options="services" />
          <TextField v-model="note" live :label="t('days.appointment.note')" :error="fields['fields.note'] ?? ''" />
          <div class="grid gap-2">
            <button ref="keepButton" class="btn btn-main" :disabled="!mayKeep">
              {{
                startsAt
                  ? t(sends ? 'days.appointment.keepAndSend' : 'days.appointment.keepTime', {
                      day: say.weekDay(startsAt),
                      time: say.time(startsAt),
                    })
                  : t('days.appointment.keep')
              }}
            </button>
            <button v-if="mayBeTold" type="button" class="btn btn-small" :disabled="!mayKeep" @click="keep(false)">
              {{ t('days.appointment.keepOnly') }}
            </button>
            <p v-if="slipped && chance !== null" class="text-list font-semibold" role="alert">
              {{ t('days.appointment.slipped', { holds: holdsSaid(chance) }) }}
            </p>
            <p v-if="!startsAt" class="text-list text-ink-2">{{ t('days.appointment.noTime') }}</p>
            <button v-if="appointment?.state !== 'waiting'" type="button" class="btn btn-small" :disabled="busy" @click="toWaiting">
              {{ t('days.appointment.keepWaiting') }}
            </button>
          </div>
          <AppointmentActs
            v-if="appointment"
            :appointment="appointment"
            :open="isOpen"
            :busy="busy"
            @act="act"
            @cancel="cancelling = true"
          />
        </form>
        <p v-else-if="appointment?.visitId">
          <RouterLink class="btn btn-main" :to="{ name: 'record', params: { visit: appointment.visitId } }">{{
            t('days.appointment.toVisit')
          }}</RouterLink>
        </p>
        <div class="grid content-start gap-5">
          <PromiseTried
            v-if="startsAt && mayMove"
            :dog="dog"
            :promise="promise"
            :chance="chance"
            :tried="tried"
            :trying="trying"
            :trouble="trouble"
            :moves="moves"
            :sends="sends"
            @promise="promisedAt = $event"
          />
          <section v-if="steps.length">
            <StepStrip :steps="steps" />
            <p v-if="sum" class="mt-1 text-note text-ink-2">{{ t('days.sum', { minutes: say.duration(sum.likely) }) }}</p>
          </section>
          <ActList v-if="appointment" :acts="appointment.acts" />
        </div>
      </template>
      <LoadState v-else class="wide:col-span-2" :loaded="loaded" :fetching="t('days.fetching')" />
    </div>
    <CancelDialog
      v-if="cancelling && dog"
      :dog="dog.name"
      :busy="busy"
      :tells="Boolean(appointment?.startsAt && appointment.dog.client.reach)"
      @close="cancelling = false"
      @cancel="cancel"
    />
    <template #foot><TaskFoot class="max-tall:hidden" :keys="keys" /></template>
  </PlainPage>
</template>
