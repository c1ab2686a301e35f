<script setup lang="ts">
import { t } from '@/messages/words';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import type { Dog } from '@/api/types';
import KeyCap from '@/ui/KeyCap.vue';
import NewDogForm from './NewDogForm.vue';
import PlainPage from '@/ui/PlainPage.vue';
import SearchField from './SearchField.vue';
import { useArrival } from '@/visit/useArrival';
import { useDogSearch } from './useDogSearch';
import { useStill } from '@/ui/useStill';
import { say } from '@/messages/say';

const router = useRouter();
const looking = useDogSearch();
const { search, found, foundFor, forgiven, nextPage, state, look, settled } = looking;
const adding = ref(false);
const { arrive: comeIn, trouble, busy } = useArrival();
// A message above the list moves it too.
const moving = useStill(
  () => found.value,
  () => state.value === 'unreachable',
  () => trouble.value,
);

async function arrive(dog: Dog): Promise<void> {
  await (dog.openVisitId ? router.push({ name: 'arrival', params: { visit: dog.openVisitId } }) : comeIn(dog));
}

/** Enter means the dog that the words in the field name, not the one that an earlier word named. */
async function enter(): Promise<void> {
  const dogs = await settled();
  // A name that was taken for a typing error is looked at first.
  if (dogs.length === 1 && !forgiven.value) {
    await arrive(dogs[0]!);
  }
}

/** What is found answers the words in the field. */
const current = computed(() => state.value === 'found' && foundFor.value === search.value);
const only = computed(() => (current.value && found.value.length === 1 ? found.value[0] : undefined));
const nothing = computed(() => current.value && found.value.length === 0);
</script>

<template>
  <PlainPage :back="{ name: 'day' }" :says="t('ui.backToTheDay')">
    <div class="mx-auto grid max-w-215 grid-cols-1 gap-5 px-4 py-6 tall:px-8">
      <NewDogForm v-if="adding" :name="search" @made="arrive" @cancel="adding = false" />
      <template v-else>
        <div class="flex flex-wrap items-center justify-between gap-x-6 gap-y-3">
          <h1 class="text-ask text-call">{{ t('dogs.which') }}</h1>
          <button type="button" class="btn" @click="adding = true">{{ t('dogs.aNewDog') }}</button>
        </div>
        <SearchField :found="looking" :label="t('dogs.search')" @enter="enter">
          <p v-if="trouble" role="alert" class="font-semibold">{{ trouble }}</p>
        </SearchField>
        <ul v-if="found.length" class="border-t border-line" :class="moving && 'pointer-events-none'" :aria-label="t('dogs.found')">
          <li v-for="dog in found" :key="dog.id" class="grid grid-cols-[1fr_auto] items-center border-b border-line">
            <button type="button" class="min-h-16 min-w-0 px-1 py-2 text-left" :disabled="busy" @click="arrive(dog)">
              <span class="block min-w-0">
                <span class="block truncate font-name text-say font-extrabold italic">{{ dog.name }}</span>
                <span class="block text-list text-ink-2 tall:truncate"
                  ><span class="max-tall:block max-tall:truncate">{{ dog.breed }}, {{ say.age(dog.ageMonths) }}</span
                  ><span class="max-tall:hidden"> · </span
                  ><span class="max-tall:block max-tall:truncate"
                    >{{ dog.client.name }}<template v-if="dog.client.phone"> · {{ dog.client.phone }}</template></span
                  ></span
                >
              </span>
            </button>
            <span v-if="dog.openVisitId" class="px-2 text-right text-list text-ink-2">{{ t('dogs.hereNow') }}</span>
            <RouterLink
              v-else-if="dog.lastVisitId && dog.lastVisitAt"
              class="act text-ink-2 underline"
              :to="{ name: 'record', params: { visit: dog.lastVisitId } }"
              ><span
                ><span class="max-tall:sr-only">{{ `${t('dogs.lastHere')} ` }}</span
                >{{ say.shortDay(dog.lastVisitAt) }}</span
              ></RouterLink
            >
            <span v-else class="px-2 text-right text-list text-ink-2">{{ t('dogs.neverHere') }}</span>
          </li>
        </ul>
        <button v-if="nextPage" type="button" class="btn btn-small justify-self-start" @click="look(nextPage)">
          {{ t('dogs.more') }}
        </button>
        <template v-if="nothing">
          <p class="text-lead">{{ t('dogs.nobody') }}</p>
          <button v-if="search" type="button" class="btn max-w-full justify-self-start" @click="adding = true">
            <span class="truncate">{{ t('dogs.called', { name: search }) }}</span>
          </button>
        </template>
        <p v-if="only && !forgiven" class="text-note text-ink-2">
          <KeyCap>{{ t('ui.enter') }}</KeyCap>
          {{ only.openVisitId ? t('dogs.opens', { dog: only.name }) : t('dogs.checksIn', { dog: only.name }) }}.
        </p>
      </template>
    </div>
  </PlainPage>
</template>
