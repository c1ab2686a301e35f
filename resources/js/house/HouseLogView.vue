<script setup lang="ts">
// Who did what to the house, the latest first, in sentences.
import { computed, ref } from 'vue';
import { api } from '@/api/client';
import type { LogEntry } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { say } from '@/messages/say';
import { isKey, t, type Key } from '@/messages/words';
import FreshnessNote from '@/ui/FreshnessNote.vue';
import LoadState from '@/ui/LoadState.vue';
import OwnerShell from './OwnerShell.vue';

/** What came, by pages: asked for twice, a page stands once. */
const pages = new Map<number, LogEntry[]>();
const nextPage = ref<number | null>(null);
let page = 1;
const loaded = useLoader<LogEntry[]>({
  async ask() {
    const answer = await api('get', '/api/house-log', { query: { page } });
    pages.set(page, answer.entries);
    nextPage.value = answer.nextPage;
    return [...pages.values()].flat();
  },
});
const { value: entriesShown } = loaded;
void loaded.refresh();

function earlier(): void {
  page = nextPage.value!;
  void loaded.refresh();
}

/** By days, each with its entries. */
const days = computed(() => {
  const found = new Map<string, LogEntry[]>();
  for (const entry of entriesShown.value ?? []) {
    const day = say.dayAndYear(entry.at);
    found.set(day, [...(found.get(day) ?? []), entry]);
  }
  return [...found];
});

/** Names of ours within a sentence are said in its language. */
function sentence({ kind, by, about }: LogEntry): string {
  const variant = (kind === 'sign_in_refused' || kind === 'pin_refused') && about.name === '' ? '_nobody' : '';
  const said = Object.fromEntries(
    Object.entries(about).map(([name, value]) => {
      const key = name === 'role' ? `device.roles.${value}` : name === 'text' ? `house.texts.kinds.${value}` : '';
      return [name, name === 'language' ? say.language(String(value)) : isKey(key) ? t(key) : value];
    }),
  );
  return t(`log.kinds.${kind}${variant}` as Key, { ...said, by: by ?? t('log.somebody'), browser: about.browser || t('log.device') });
}
</script>

<template>
  <OwnerShell>
    <div class="mx-auto grid max-w-220 gap-4 px-4 py-6 tall:px-8">
      <header>
        <h1 class="text-ask">{{ t('log.title') }}</h1>
        <p class="text-list text-ink-2">{{ t('log.hint') }}</p>
      </header>
      <LoadState v-if="!entriesShown" :loaded="loaded" :fetching="t('log.fetching')" />
      <p v-else-if="days.length === 0" class="text-lead text-ink-2">{{ t('log.none') }}</p>
      <!-- Nothing here is pressed where the log is short: by keyboard it scrolls from here. -->
      <div v-else tabindex="0" role="region" :aria-label="t('log.title')" class="grid gap-4">
        <section v-for="[day, entries] in days" :key="day">
          <h2 class="border-b border-line pb-1 text-list font-semibold">{{ day }}</h2>
          <ul>
            <li v-for="entry in entries" :key="entry.id" class="grid grid-cols-[4.5rem_1fr] gap-3 border-b border-line py-2">
              <time class="text-list text-ink-2 tabular-nums" :datetime="entry.at">{{ say.time(entry.at) }}</time>
              <span>{{ sentence(entry) }}</span>
            </li>
          </ul>
        </section>
      </div>
      <FreshnessNote v-if="entriesShown" :loaded="loaded" />
      <button v-if="nextPage" type="button" class="btn btn-small justify-self-start" @click="earlier">{{ t('log.more') }}</button>
    </div>
  </OwnerShell>
</template>
