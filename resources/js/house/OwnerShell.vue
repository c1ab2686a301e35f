<script setup lang="ts">
// Places of the owner: a rail with the way back, and what is kept there.
import { t } from '@/messages/words';
import { computed } from 'vue';
import { api } from '@/api/client';
import type { Backups } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';

const { owns, known, salon, staff } = useSession();
const places = computed(() => [
  { name: 'house-rules', says: t('house.rules') },
  { name: 'salon', says: t('house.salon') },
  { name: 'roster', says: t('house.hours') },
  { name: 'people', says: t('house.people.short') },
  { name: 'message-texts', says: t('house.messages') },
  { name: 'calendars', says: t('house.calendars') },
  { name: 'records', says: t('house.records') },
  { name: 'house-log', says: t('house.log') },
  { name: 'grade-differences', says: t('house.gradedOtherwise') },
  ...(salon.value?.comparesSalons ? [{ name: 'salons', says: t('house.compare.short') }] : []),
]);
const { value: backups, refresh } = useLoader<Backups>({ ask: async () => (owns.value ? api('get', '/api/backups') : null) });
void refresh();
const shut = computed(() => known.value && !owns.value);
</script>

<template>
  <div class="grid h-dvh grid-rows-[auto_1fr] overflow-hidden short:block short:h-auto short:overflow-visible">
    <header
      class="flex min-h-16 flex-wrap items-center justify-between gap-x-6 border-b border-line bg-rail px-4 tall:px-6 wide:flex-nowrap"
    >
      <RouterLink :to="{ name: 'day' }" class="act -ml-2">{{ t('ui.backToTheDay') }}</RouterLink>
      <nav class="flex flex-wrap gap-x-2 wide:shrink-0" :aria-label="t('ui.theHouse')">
        <RouterLink
          v-for="place in places"
          :key="place.name"
          :to="{ name: place.name }"
          class="act border-b-3 border-transparent"
          active-class="!border-ink !rounded-none"
          >{{ place.says }}</RouterLink
        >
      </nav>
      <p class="hidden min-w-0 truncate text-list font-semibold wide:block">{{ salon?.name }}</p>
    </header>
    <main v-if="shut" class="grid place-content-center gap-4 p-8 text-center">
      <h1 class="text-title">{{ t('house.owners') }}</h1>
      <p>{{ t(staff?.byPin && staff.role === 'owner' ? 'house.byPin' : 'house.askOwner') }}</p>
      <RouterLink class="btn" :to="{ name: 'day' }">{{ t('ui.toTheDay') }}</RouterLink>
    </main>
    <main v-else class="min-h-0 overflow-y-auto bg-sheet">
      <p v-if="backups?.warn" class="border-b border-line bg-rail px-4 py-2 text-list font-semibold tall:px-6" role="status">
        {{ backups.lastVerifiedAt ? t('house.backup.old', { day: say.dayAndYear(backups.lastVerifiedAt) }) : t('house.backup.none') }}
        {{ t('house.backup.how') }}
      </p>
      <slot />
      <p v-if="backups?.lastVerifiedAt && !backups.warn" class="px-4 pb-4 text-note text-ink-2 tall:px-8">
        {{ t('house.backup.last', { day: say.dayAndYear(backups.lastVerifiedAt), time: say.time(backups.lastVerifiedAt) }) }}
      </p>
    </main>
  </div>
</template>
