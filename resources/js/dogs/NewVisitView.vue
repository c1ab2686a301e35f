<script setup lang="ts">
import { computed, onMounted, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { ulid } from 'ulid';
import { api, Refused, Unreachable } from '@/api/client';
import type { Dog } from '@/api/types';
import KeyCap from '@/ui/KeyCap.vue';
import NewDogForm from './NewDogForm.vue';
import SaveState from '@/ui/SaveState.vue';
import { useOutbox } from '@/device/useOutbox';
import { useSession } from '@/device/useSession';
import { useStill } from '@/ui/useStill';
import { say } from '@/messages/say';

const router = useRouter();
const { device, lost, reached } = useOutbox();
const search = ref('');
const found = ref<Dog[]>([]);
const foundFor = ref('');
const nextPage = ref<number | null>(null);
const state = ref<'looking' | 'found' | 'unreachable'>('looking');
const adding = ref(false);
const trouble = ref('');
const field = ref<HTMLInputElement>();
const busy = ref(false);
/** Made once a dog, so that pressing twice opens one visit, and never another dog's. */
const idsOf = new Map<string, { visit: string; mark: string }>();
let asked = 0;
let timer: ReturnType<typeof setTimeout> | undefined;
// A message above the list moves it too.
const moving = useStill(
  () => found.value,
  () => state.value === 'unreachable',
  () => trouble.value,
);

async function look(page = 1): Promise<void> {
  const mine = ++asked;
  const wanted = page === 1 ? search.value : foundFor.value;
  state.value = page === 1 ? 'looking' : 'found';
  try {
    const answer = await api('get', '/api/dogs', { query: { search: wanted, page } });
    if (mine === asked) {
      found.value = page === 1 ? answer.dogs : [...found.value, ...answer.dogs];
      foundFor.value = wanted;
      nextPage.value = answer.nextPage;
      state.value = 'found';
      reached();
    }
  } catch (failure) {
    if (failure instanceof Unreachable) {
      lost();
    } else {
      useSession().endsBy(failure);
    }
    if (mine === asked) {
      state.value = 'unreachable';
    }
  }
}

watch(search, () => {
  clearTimeout(timer);
  timer = setTimeout(() => void look(), 180);
});
onMounted(() => {
  field.value?.focus();
  void look();
});

async function arrive(dog: Dog): Promise<void> {
  if (busy.value) {
    return;
  }
  if (dog.openVisitId) {
    await router.push({ name: 'arrival', params: { visit: dog.openVisitId } });
    return;
  }
  busy.value = true;
  trouble.value = '';
  const ids = idsOf.get(dog.id) ?? { visit: ulid(), mark: ulid() };
  idsOf.set(dog.id, ids);
  try {
    const visit = await api('post', '/api/visits', {
      body: {
        id: ids.visit,
        markId: ids.mark,
        dogId: dog.id,
        at: new Date().toISOString(),
        sentAt: new Date().toISOString(),
        device: device(),
      },
    });
    await router.push({ name: 'arrival', params: { visit: visit.id } });
  } catch (failure) {
    if (failure instanceof Unreachable) {
      lost();
    }
    trouble.value =
      failure instanceof Refused ? failure.message : `No network. ${dog.name} is not checked in yet; try again when the server answers.`;
  } finally {
    busy.value = false;
  }
}

/** Enter means the dog that the words in the field name, not the one that an earlier word named. */
async function enter(): Promise<void> {
  if (foundFor.value !== search.value) {
    clearTimeout(timer);
    await look();
  }
  if (foundFor.value === search.value && found.value.length === 1) {
    await arrive(found.value[0]!);
  }
}

/** What is found answers the words in the field. */
const current = computed(() => state.value === 'found' && foundFor.value === search.value);
const nothing = computed(() => current.value && found.value.length === 0);
</script>

<template>
  <div class="grid h-dvh grid-rows-[auto_1fr] overflow-hidden short:block short:h-auto short:overflow-visible">
    <header class="flex min-h-16 items-center justify-between gap-6 border-b border-line bg-rail px-4 tall:px-6">
      <RouterLink class="act" :to="{ name: 'day' }">← The day</RouterLink>
      <SaveState />
    </header>
    <main class="min-h-0 overflow-y-auto bg-sheet">
      <div class="mx-auto grid max-w-[53.75rem] grid-cols-1 gap-5 px-4 py-6 tall:px-8">
        <NewDogForm v-if="adding" :name="search" @made="arrive" @cancel="adding = false" />
        <template v-else>
          <div class="flex flex-wrap items-center justify-between gap-x-6 gap-y-3">
            <h1 class="text-ask text-call">Which dog comes in?</h1>
            <button type="button" class="btn" @click="adding = true">A new dog</button>
          </div>
          <label class="grid gap-1.5">
            <span class="lab">The dog’s or the client’s name</span>
            <input
              ref="field"
              v-model="search"
              class="field"
              type="search"
              maxlength="80"
              autocomplete="off"
              enterkeyhint="search"
              @keydown.enter="enter"
            />
          </label>
          <p v-if="trouble" role="alert" class="font-semibold">{{ trouble }}</p>
          <p v-if="state === 'unreachable'" role="status">
            The server does not answer. <button type="button" class="act underline" @click="look()">Try again</button>
          </p>
          <ul v-if="found.length" class="border-t border-line" :class="moving && 'pointer-events-none'" aria-label="Dogs found">
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
              <span v-if="dog.openVisitId" class="px-2 text-right text-list text-ink-2">here now</span>
              <RouterLink
                v-else-if="dog.lastVisitId && dog.lastVisitAt"
                class="act text-ink-2 underline"
                :to="{ name: 'record', params: { visit: dog.lastVisitId } }"
                ><span><span class="max-tall:sr-only">last here </span>{{ say.shortDay(dog.lastVisitAt) }}</span></RouterLink
              >
              <span v-else class="px-2 text-right text-list text-ink-2">never here</span>
            </li>
          </ul>
          <button v-if="nextPage" type="button" class="btn btn-small justify-self-start" @click="look(nextPage)">More dogs</button>
          <template v-if="nothing">
            <p class="text-lead">Nobody of that name yet.</p>
            <button v-if="search" type="button" class="btn max-w-full justify-self-start" @click="adding = true">
              <span class="truncate">A new dog called {{ search }}</span>
            </button>
          </template>
          <p v-if="current && found.length === 1" class="text-note text-ink-2">
            <KeyCap>Enter</KeyCap> {{ found[0].openVisitId ? `opens ${found[0].name}’s visit` : `checks ${found[0].name} in` }}.
          </p>
        </template>
      </div>
    </main>
  </div>
</template>
