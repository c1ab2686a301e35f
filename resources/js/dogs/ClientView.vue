<script setup lang="ts">
// A client in the salon: how they are reached and written to, their dogs and visits, what they agreed to, messages.
import { computed, reactive, ref } from 'vue';
import { useRoute } from 'vue-router';
import { api, Refused } from '@/api/client';
import type { ClientHistory } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { useSession } from '@/device/useSession';
import { languageOptions } from '@/messages/options';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import FreshnessNote from '@/ui/FreshnessNote.vue';
import LoadState from '@/ui/LoadState.vue';
import PlainPage from '@/ui/PlainPage.vue';
import TextField from '@/ui/TextField.vue';
import { yesNo } from '@/ui/yesNo';
import ClientPrivacy from './ClientPrivacy.vue';

type Change = Partial<Pick<ClientHistory['client'], 'name' | 'phone' | 'email' | 'language' | 'photosAllowed'>>;
const id = String(useRoute().params.client);
const { salon, owns } = useSession();
const loaded = useLoader<ClientHistory>({ ask: () => api('get', '/api/clients/{client}', { path: { client: id } }) });
void loaded.refresh();
const history = loaded.value;
const problems = reactive<Record<string, string>>({});
const trouble = ref('');
const saved = ref(false);
/** What was put in a field and is not with the server: it stays there. */
const typed = reactive<Change>({});
const client = computed(() => history.value && { ...history.value.client, ...typed });

async function change(what: Change): Promise<void> {
  Object.assign(typed, what);
  trouble.value = '';
  saved.value = false;
  Object.keys(what).forEach((field) => delete problems[field]);
  try {
    await api('patch', '/api/clients/{client}', { path: { client: id }, body: what });
    await loaded.refresh();
    Object.keys(what).forEach((field) => delete typed[field as keyof Change]);
    saved.value = true;
  } catch (failure) {
    trouble.value = failure instanceof Refused ? failure.message : t('dogs.noNetworkSave');
    if (failure instanceof Refused) {
      Object.entries(failure.problem.fields ?? {}).forEach(([field, messages]) => (problems[field] = messages[0]!));
    }
  }
}

function answered(answer: NonNullable<ClientHistory['visits'][number]['answer']>): string {
  return t('dogs.client.said', {
    answer: t(`dogs.client.answers.${answer.answer}`),
    who: answer.who ?? client.value!.name,
    via: t(`dogs.client.via.${answer.via}`),
  });
}
</script>

<template>
  <PlainPage :back="{ name: 'dogs' }" :says="t('ui.dogs')">
    <LoadState v-if="!history || !client" :loaded="loaded" :fetching="t('dogs.client.fetching')" />
    <div v-else class="mx-auto grid max-w-260 grid-cols-1 gap-6 px-4 py-6 tall:px-8 wide:grid-cols-2">
      <FreshnessNote class="wide:col-span-2" :loaded="loaded" />
      <section class="grid content-start gap-4">
        <h1 class="text-ask">{{ history.client.name }}</h1>
        <TextField
          :model-value="client.name"
          :label="t('dogs.client.name')"
          :max="120"
          :error="problems.name"
          @update:model-value="change({ name: $event })"
        />
        <TextField
          :model-value="client.phone"
          :label="t('dogs.client.phone')"
          kind="tel"
          :max="40"
          :error="problems.phone"
          @update:model-value="change({ phone: $event.trim() || null })"
        />
        <TextField
          :model-value="client.email"
          :label="t('dogs.client.email')"
          kind="email"
          :max="254"
          :error="problems.email"
          @update:model-value="change({ email: $event.trim() || null })"
        />
        <ChoiceGroup
          :model-value="client.language ?? salon?.language ?? null"
          :label="t('dogs.client.language')"
          :options="languageOptions()"
          @update:model-value="change({ language: $event })"
        />
        <div class="grid gap-1.5">
          <ChoiceGroup
            :model-value="client.photosAllowed ?? null"
            :label="t('dogs.client.photos')"
            :options="yesNo()"
            @update:model-value="change({ photosAllowed: $event })"
          />
          <p class="text-note text-ink-2">{{ t('dogs.client.photosHint') }}</p>
        </div>
        <p v-if="trouble" role="alert" class="font-semibold">{{ trouble }}</p>
        <p v-else-if="saved" role="status" class="text-list">{{ t('dogs.client.saved') }}</p>
        <h2 class="text-lead">{{ t('dogs.client.dogs') }}</h2>
        <ul class="border-t border-line">
          <li v-for="dog in history.dogs" :key="dog.id" class="border-b border-line">
            <RouterLink class="flex min-h-14 items-center justify-between gap-4 px-1" :to="{ name: 'dog', params: { dog: dog.id } }">
              <span class="font-name text-say font-extrabold italic">{{ dog.name }}</span>
              <span class="text-right text-list text-ink-2"
                >{{ dog.breed }},
                {{ dog.openVisitId ? t('dogs.hereNow') : dog.lastVisitAt ? say.dayAndYear(dog.lastVisitAt) : t('dogs.neverHere') }}</span
              >
            </RouterLink>
          </li>
        </ul>
      </section>
      <section class="grid content-start gap-3">
        <h2 class="text-lead">{{ t('dogs.client.visits') }}</h2>
        <p v-if="history.visits.length === 0" class="text-list text-ink-2">{{ t('dogs.client.noVisits') }}</p>
        <ul v-else class="border-t border-line">
          <li v-for="visit in history.visits" :key="visit.id" class="border-b border-line">
            <RouterLink class="grid min-h-12 content-center px-1 py-1 text-list" :to="{ name: 'record', params: { visit: visit.id } }">
              <span
                ><b>{{ visit.dog }}</b
                >, {{ say.dayAndYear(visit.at) }}</span
              >
              <span class="text-ink-2">{{ visit.answer ? answered(visit.answer) : t('dogs.client.open') }}</span>
            </RouterLink>
          </li>
        </ul>
        <h2 class="mt-2 text-lead">{{ t('dogs.client.messages') }}</h2>
        <p v-if="history.messages.length === 0" class="text-list text-ink-2">{{ t('dogs.client.none') }}</p>
        <ul v-else class="grid gap-2">
          <li v-for="message in history.messages" :key="message.id" class="text-list">
            <span class="text-ink-2">{{ say.dayAndYear(message.at) }}, {{ say.time(message.at) }}</span>
            <b v-if="message.problem">, {{ t(`dogs.client.problems.${message.problem}`) }}</b>
            <b v-else-if="message.byHand">, {{ t('dogs.client.byHand') }}</b>
            <b v-else-if="!message.sentAt">, {{ t('dogs.client.waits', { day: say.weekDay(message.at), time: say.time(message.at) }) }}</b
            ><br />{{ message.text }}
          </li>
        </ul>
      </section>
      <ClientPrivacy v-if="owns" class="wide:col-span-2" :client="id" :name="history.client.name" @forgotten="loaded.refresh()" />
    </div>
  </PlainPage>
</template>
