<script setup lang="ts">
// Calendars: secret addresses under which one reads the appointments, and files that say when somebody cannot work.
import { computed, ref } from 'vue';
import { api, Refused } from '@/api/client';
import type { CalendarRead, Calendars, Roster } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import LoadState from '@/ui/LoadState.vue';
import OwnerShell from './OwnerShell.vue';

const loaded = useLoader<Calendars>({ ask: () => api('get', '/api/calendars') });
const { value: calendars, refresh } = loaded;
void refresh();
const { value: roster, refresh: askRoster } = useLoader<Roster>({ ask: () => api('get', '/api/roster') });
void askRoster();

const people = computed(() => roster.value?.people.map((one) => ({ value: one.id, says: one.name })) ?? []);
const salonToo = computed(() => [{ value: '', says: t('house.calendar.salon') }, ...people.value]);
const nameOf = (person: string | null): string => salonToo.value.find((one) => one.value === (person ?? ''))?.says ?? '';
const whose = ref('');
/** Told once: whoever has it reads the appointments. */
const address = ref('');
const copied = ref(false);
const problem = ref('');
const busy = ref(false);

async function sending(what: () => Promise<void>): Promise<void> {
  if (busy.value) {
    return;
  }
  busy.value = true;
  problem.value = '';
  try {
    await what();
  } catch (failure) {
    if (failure instanceof Refused) {
      problem.value = Object.values(failure.problem.fields ?? {})[0]?.[0] ?? failure.message;
    } else {
      problem.value = t('house.calendar.noNetwork');
    }
  } finally {
    busy.value = false;
  }
}

const open = (): Promise<void> =>
  sending(async () => {
    const answer = await api('post', '/api/calendars/feeds', { body: { person: whose.value || null } });
    address.value = answer.address;
    copied.value = false;
    calendars.value = answer;
  });
const shut = (feed: string): Promise<void> =>
  sending(async () => {
    await api('delete', '/api/calendars/feeds/{feed}', { path: { feed } });
    address.value = '';
    await refresh();
  });
async function copy(): Promise<void> {
  await navigator.clipboard?.writeText(address.value);
  copied.value = true;
}

const person = ref('');
const file = ref<{ name: string; text: string } | null>(null);
const found = ref<CalendarRead | null>(null);
const said = ref('');
async function choose(event: Event): Promise<void> {
  const [picked] = (event.target as HTMLInputElement).files ?? [];
  found.value = null;
  said.value = '';
  file.value = picked ? { name: picked.name, text: await picked.text() } : null;
  if (file.value && person.value) {
    await read(false);
  }
}
const read = (keep: boolean): Promise<void> =>
  sending(async () => {
    const { name, text } = file.value!;
    const answer = await api('post', '/api/calendars/files', { body: { person: person.value, fileName: name, text, keep } });
    found.value = keep ? null : answer;
    calendars.value = answer;
    said.value = keep ? t('house.calendar.kept', { name: nameOf(person.value) }) : '';
  });
const forget = (one: string): Promise<void> =>
  sending(async () => {
    await api('delete', '/api/calendars/files/{import}', { path: { import: one } });
    await refresh();
  });
</script>

<template>
  <OwnerShell>
    <div class="mx-auto grid max-w-280 gap-x-12 gap-y-8 px-4 py-6 tall:px-8 wide:grid-cols-2">
      <p v-if="problem" class="font-semibold wide:col-span-2" role="alert">{{ problem }}</p>
      <LoadState v-if="!calendars || !roster" class="wide:col-span-2" :loaded="loaded" :fetching="t('house.calendar.fetching')" />
      <template v-else>
        <section class="grid content-start gap-4">
          <header>
            <h1 class="text-ask">{{ t('house.calendar.feeds') }}</h1>
            <p class="text-list text-ink-2">{{ t('house.calendar.feedsHint') }}</p>
          </header>
          <ChoiceGroup v-model="whose" :label="t('house.calendar.whose')" :options="salonToo" />
          <button type="button" class="btn btn-main justify-self-start" :disabled="busy" @click="open">
            {{ t('house.calendar.open') }}
          </button>
          <div v-if="address" class="grid gap-2 rounded-md edge border-ink bg-rail p-4" role="status">
            <p class="font-bold">{{ t('house.calendar.once') }}</p>
            <p class="text-list break-all select-all">{{ address }}</p>
            <button type="button" class="btn btn-small justify-self-start" @click="copy">
              {{ copied ? t('house.calendar.copied') : t('house.calendar.copy') }}
            </button>
          </div>
          <p v-if="calendars.feeds.length === 0" class="text-list text-ink-2">{{ t('house.calendar.noFeeds') }}</p>
          <ul v-else class="border-t border-line">
            <li v-for="feed in calendars.feeds" :key="feed.id" class="flex flex-wrap items-center gap-x-4 border-b border-line py-2">
              <span class="min-w-0 flex-1"
                ><b>{{ nameOf(feed.person) }}</b
                ><br /><span class="text-note text-ink-2">{{
                  feed.readAt
                    ? t('house.calendar.readAt', { day: say.dayAndYear(feed.readAt), time: say.time(feed.readAt) })
                    : t('house.calendar.neverRead')
                }}</span></span
              >
              <button type="button" class="btn btn-small" :disabled="busy" @click="shut(feed.id)">{{ t('house.calendar.shut') }}</button>
            </li>
          </ul>
        </section>
        <section class="grid content-start gap-4">
          <header>
            <h2 class="text-ask">{{ t('house.calendar.busy') }}</h2>
            <p class="text-list text-ink-2">{{ t('house.calendar.busyHint') }}</p>
          </header>
          <ChoiceGroup v-model="person" :label="t('house.calendar.whose')" :options="people" />
          <label class="grid gap-1.5">
            <span class="lab">{{ t('house.calendar.file') }}</span>
            <input class="field" type="file" accept=".ics,text/calendar" :disabled="!person" @change="choose" />
          </label>
          <p v-if="said" class="font-semibold" role="status">{{ said }}</p>
          <div v-if="found" class="grid gap-2">
            <p class="font-bold">{{ t('house.calendar.found', { count: found.count }) }}</p>
            <ul class="text-list">
              <li v-for="time in found.times.slice(0, 8)" :key="time.from">
                {{
                  t('house.calendar.time', {
                    day: say.weekDay(time.from),
                    from: say.time(time.from),
                    until: say.weekDay(time.until) === say.weekDay(time.from) ? '' : say.weekDay(time.until),
                    to: say.time(time.until),
                  })
                }}
              </li>
            </ul>
            <button type="button" class="btn btn-main justify-self-start" :disabled="busy" @click="read(true)">
              {{ t('house.calendar.keep', { name: nameOf(person) }) }}
            </button>
          </div>
          <ul v-if="calendars.imports.length" class="border-t border-line">
            <li v-for="one in calendars.imports" :key="one.id" class="flex flex-wrap items-center gap-x-4 border-b border-line py-2">
              <span class="min-w-0 flex-1"
                ><b>{{ nameOf(one.person) }}</b
                ><br /><span class="text-note text-ink-2">{{
                  t('house.calendar.import', { file: one.fileName, count: one.times, day: say.dayAndYear(one.madeAt) })
                }}</span></span
              >
              <button type="button" class="btn btn-small" :disabled="busy" @click="forget(one.id)">{{ t('house.calendar.forget') }}</button>
            </li>
          </ul>
        </section>
      </template>
    </div>
  </OwnerShell>
</template>
