<script setup lang="ts">
// Who works when, and days off: what the days are planned by.
import { computed, ref, watch } from 'vue';
import { api, Refused } from '@/api/client';
import type { Roster } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import LoadState from '@/ui/LoadState.vue';
import TextField from '@/ui/TextField.vue';
import OwnerShell from './OwnerShell.vue';
import { weekdayName, weekFrom } from './week';

interface Hours {
  from: string;
  until: string;
}
type DayOff = Pick<Roster['daysOff'][number], 'person' | 'from' | 'until' | 'reason'>;
const { salon } = useSession();
const week = computed(() => weekFrom(salon.value?.firstWeekday ?? 1));
const loaded = useLoader<Roster>({ ask: () => api('get', '/api/roster') });
const { value: roster } = loaded;
void loaded.refresh();

const hours = ref(new Map<string, Map<number, Hours>>());
const off = ref<DayOff[]>([]);
const added = ref({ person: '', from: '', until: '', reason: '' });
const said = ref('');
const problem = ref('');
const busy = ref(false);
const changed = ref(false);

const clock = (minutes: number): string => `${String(Math.floor(minutes / 60)).padStart(2, '0')}:${String(minutes % 60).padStart(2, '0')}`;
const minutesOf = (time: string): number => {
  const [hour = 0, minute = 0] = time.split(':').map(Number);
  return 60 * hour + minute;
};

function take(of: Roster): void {
  hours.value = new Map(
    of.people.map((one) => [one.id, new Map(one.hours.map((row) => [row.weekday, { from: clock(row.from), until: clock(row.until) }]))]),
  );
  off.value = of.daysOff.map(({ person, from, until, reason }) => ({ person, from, until, reason }));
  changed.value = false;
}
watch(roster, (of) => of && !changed.value && take(of));

function works(person: string, day: number, yes: boolean): void {
  const of = hours.value.get(person)!;
  if (yes) {
    of.set(day, { from: '09:00', until: '18:00' });
  } else {
    of.delete(day);
  }
  changed.value = true;
  said.value = '';
}

function set(person: string, day: number, what: keyof Hours, time: string): void {
  const of = hours.value.get(person)!.get(day);
  if (of && /^\d\d:\d\d$/.test(time)) {
    of[what] = time;
    changed.value = true;
    said.value = '';
  }
}

const who = computed(() => [
  { value: '', says: t('days.roster.salon') },
  ...(roster.value?.people.map((one) => ({ value: one.id, says: one.name })) ?? []),
]);
const nameOf = (person: string | null): string => who.value.find((one) => one.value === (person ?? ''))?.says ?? '';

function add(): void {
  const { person, from, until, reason } = added.value;
  if (!from || !reason.trim()) {
    problem.value = t('days.roster.offIncomplete');
    return;
  }
  problem.value = '';
  off.value = [...off.value, { person: person || null, from, until: until && until > from ? until : from, reason: reason.trim() }].sort(
    (one, other) => one.from.localeCompare(other.from),
  );
  added.value = { person: '', from: '', until: '', reason: '' };
  changed.value = true;
  said.value = '';
}

function remove(index: number): void {
  off.value = off.value.filter((_, at) => at !== index);
  changed.value = true;
}

async function save(): Promise<void> {
  const people = roster.value!.people;
  for (const one of people) {
    for (const [day, of] of hours.value.get(one.id) ?? []) {
      if (minutesOf(of.until) <= minutesOf(of.from)) {
        problem.value = t('days.roster.wrongHours', { name: one.name, day: weekdayName(day) });
        return;
      }
    }
  }
  busy.value = true;
  problem.value = said.value = '';
  try {
    const kept = await api('put', '/api/roster', {
      body: {
        version: roster.value!.version,
        people: people.map((one) => ({
          id: one.id,
          hours: [...(hours.value.get(one.id) ?? [])].map(([day, of]) => ({
            weekday: day,
            from: minutesOf(of.from),
            until: minutesOf(of.until),
          })),
        })),
        daysOff: off.value,
      },
    });
    changed.value = false;
    roster.value = kept;
    take(kept);
    said.value = t('days.roster.saved');
  } catch (failure) {
    problem.value = failure instanceof Refused ? failure.message : t('days.roster.noNetwork');
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <OwnerShell>
    <div class="mx-auto grid max-w-280 grid-cols-1 gap-6 px-4 py-6 tall:px-8">
      <header>
        <h1 class="text-ask">{{ t('days.roster.ask') }}</h1>
        <p class="text-list text-ink-2">{{ t('days.roster.hint') }}</p>
      </header>
      <LoadState v-if="!roster" :loaded="loaded" :fetching="t('days.roster.fetching')" />
      <form v-else class="grid grid-cols-1 gap-8" @submit.prevent="save">
        <section v-for="one in roster.people" :key="one.id" :aria-label="one.name">
          <h2 class="text-lead font-bold">
            {{ one.name }} <span v-if="!one.set" class="text-note font-medium text-ink-2">{{ t('days.roster.usual') }}</span>
          </h2>
          <ul class="mt-2 grid gap-x-4 gap-y-2 tall:grid-cols-2 wide:grid-cols-3">
            <li v-for="day in week" :key="day" class="rounded-md border border-line p-2">
              <label class="flex min-h-10 items-center gap-2 text-list font-semibold">
                <input
                  type="checkbox"
                  class="size-5 accent-ink"
                  :checked="hours.get(one.id)?.has(day)"
                  :aria-label="t('days.roster.works', { name: one.name, day: weekdayName(day) })"
                  @change="works(one.id, day, ($event.target as HTMLInputElement).checked)"
                />
                {{ weekdayName(day) }}
              </label>
              <div v-if="hours.get(one.id)?.has(day)" class="flex items-center gap-1">
                <input
                  v-for="what in ['from', 'until'] as const"
                  :key="what"
                  type="time"
                  class="field !min-w-0 !px-2"
                  :value="hours.get(one.id)?.get(day)?.[what]"
                  :aria-label="t(`days.roster.${what}`, { name: one.name, day: weekdayName(day) })"
                  @change="set(one.id, day, what, ($event.target as HTMLInputElement).value)"
                />
              </div>
              <p v-else class="text-note text-ink-2">{{ t('days.roster.free') }}</p>
            </li>
          </ul>
        </section>
        <section :aria-label="t('days.roster.off')">
          <h2 class="text-lead font-bold">{{ t('days.roster.off') }}</h2>
          <p class="text-note text-ink-2">{{ t('days.roster.offHint') }}</p>
          <ul class="mt-2 border-t border-line">
            <li
              v-for="(one, index) in off"
              :key="index"
              class="flex flex-wrap items-center justify-between gap-2 border-b border-line py-1"
            >
              <span
                ><b>{{ nameOf(one.person) }}</b
                >, {{ say.day(`${one.from}T12:00:00Z`)
                }}<template v-if="one.until !== one.from">–{{ say.day(`${one.until}T12:00:00Z`) }}</template
                >: {{ one.reason }}</span
              >
              <button type="button" class="act underline" @click="remove(index)">{{ t('days.roster.remove') }}</button>
            </li>
          </ul>
          <div class="mt-3 grid gap-3 wide:grid-cols-[1fr_1fr_2fr_auto] wide:items-end">
            <ChoiceGroup v-model="added.person" class="wide:col-span-4" :label="t('days.roster.who')" :options="who" />
            <TextField v-model="added.from" kind="date" :label="t('days.roster.fromDay')" />
            <TextField v-model="added.until" kind="date" :label="t('days.roster.untilDay')" />
            <TextField v-model="added.reason" :label="t('days.roster.reason')" :max="100" />
            <button type="button" class="btn btn-small" @click="add">{{ t('days.roster.add') }}</button>
          </div>
        </section>
        <div class="grid gap-2">
          <p v-if="problem" class="font-semibold" role="alert">{{ problem }}</p>
          <p v-else-if="said" class="font-semibold" role="status">{{ said }}</p>
          <p v-else-if="changed" class="text-list text-ink-2" role="status">{{ t('days.roster.unsaved') }}</p>
          <button class="btn btn-main" :disabled="busy || !changed">{{ t('days.roster.save') }}</button>
        </div>
      </form>
    </div>
  </OwnerShell>
</template>
