<script setup lang="ts">
// Places of the owner: a rail with the way back, and what is kept there.
import { computed } from 'vue';
import { useSession } from '@/device/useSession';

const { owns, known, salon } = useSession();
const places = [
  { name: 'house-rules', says: 'House rules' },
  { name: 'grade-differences', says: 'Graded otherwise' },
];
const shut = computed(() => known.value && !owns.value);
</script>

<template>
  <div class="grid h-dvh grid-rows-[auto_1fr] overflow-hidden short:block short:h-auto short:overflow-visible">
    <header class="flex min-h-16 flex-wrap items-center justify-between gap-x-6 border-b border-line bg-rail px-4 tall:px-6">
      <RouterLink :to="{ name: 'day' }" class="act -ml-2">← The day</RouterLink>
      <nav class="flex gap-2" aria-label="The house">
        <RouterLink
          v-for="place in places"
          :key="place.name"
          :to="{ name: place.name }"
          class="act border-b-[3px] border-transparent"
          active-class="!border-ink !rounded-none"
          >{{ place.says }}</RouterLink
        >
      </nav>
      <p class="text-list font-semibold max-tall:hidden">{{ salon?.name }}</p>
    </header>
    <main v-if="shut" class="grid place-content-center gap-4 p-8 text-center">
      <h1 class="text-title">This is the owner’s.</h1>
      <p>Ask the owner of the salon to look here, or to sign in on this device.</p>
      <RouterLink class="btn" :to="{ name: 'day' }">To the day</RouterLink>
    </main>
    <main v-else class="min-h-0 overflow-y-auto bg-sheet"><slot /></main>
  </div>
</template>
