<script setup lang="ts">
// Any dog of the salon, by its name, its client's or a telephone number; from everywhere with `/`.
import { computed } from 'vue';
import { useRoute, useRouter, type RouteLocationRaw } from 'vue-router';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import PlainPage from '@/ui/PlainPage.vue';
import { useStill } from '@/ui/useStill';
import SearchField from './SearchField.vue';
import { useDogSearch } from './useDogSearch';

const router = useRouter();
const route = useRoute();
/** A time is asked for a dog, not its page. */
const forATime = computed(() => route.query.for === 'time');
const placeOf = (id: string): RouteLocationRaw =>
  forATime.value ? { name: 'days', query: { dog: id } } : { name: 'dog', params: { dog: id } };
const looking = useDogSearch();
const { search, found, foundFor, nextPage, state, look, settled } = looking;
const moving = useStill(() => found.value);
const nothing = computed(() => state.value === 'found' && foundFor.value === search.value && found.value.length === 0);

async function enter(): Promise<void> {
  const dogs = await settled();
  if (dogs.length === 1) {
    await router.push(placeOf(dogs[0]!.id));
  }
}
</script>

<template>
  <PlainPage :back="{ name: 'day' }" :says="t('ui.backToTheDay')">
    <div class="mx-auto grid max-w-215 grid-cols-1 gap-4 px-4 py-6 tall:px-8">
      <h1 class="text-ask" :class="forATime ? 'text-call' : ''">{{ t(forATime ? 'dogs.find.forATime' : 'dogs.find.title') }}</h1>
      <SearchField :found="looking" :label="t('dogs.find.search')" @enter="enter" />
      <ul v-if="found.length" class="border-t border-line" :class="moving && 'pointer-events-none'" :aria-label="t('dogs.found')">
        <li v-for="dog in found" :key="dog.id" class="border-b border-line">
          <RouterLink class="grid min-h-16 grid-cols-[minmax(0,1fr)_auto] items-center gap-x-4 px-1 py-2" :to="placeOf(dog.id)">
            <span class="min-w-0">
              <span class="block truncate font-name text-say font-extrabold italic">{{ dog.name }}</span>
              <span class="block truncate text-list text-ink-2">{{
                t('dogs.find.line', { breed: dog.breed, age: say.age(dog.ageMonths), client: dog.client.name })
              }}</span>
            </span>
            <span class="text-right text-list text-ink-2"
              ><span class="block">{{ dog.client.phone }}</span
              >{{ dog.openVisitId ? t('dogs.hereNow') : dog.lastVisitAt ? say.shortDay(dog.lastVisitAt) : t('dogs.neverHere') }}</span
            >
          </RouterLink>
        </li>
      </ul>
      <button v-if="nextPage" type="button" class="btn btn-small justify-self-start" @click="look(nextPage)">{{ t('dogs.more') }}</button>
      <p v-if="nothing" class="text-lead">{{ t('dogs.find.nobody') }}</p>
    </div>
  </PlainPage>
</template>
