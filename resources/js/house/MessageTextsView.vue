<script setup lang="ts">
// What messages to clients say, by kind and language: the owner's words, shown as a client would read them.
import { computed, ref, watch } from 'vue';
import { api, Refused } from '@/api/client';
import type { MessageKind, MessageText, MessageTexts } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { useSession } from '@/device/useSession';
import { languageOptions } from '@/messages/options';
import { say } from '@/messages/say';
import { t, wordsOf } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import LoadState from '@/ui/LoadState.vue';
import OwnerShell from './OwnerShell.vue';
import TestMessage from './TestMessage.vue';

const PAUSE_MS = 350;
const loaded = useLoader<MessageTexts>({ ask: () => api('get', '/api/message-texts') });
const { value: texts, refresh } = loaded;
void refresh();
const kinds = Object.keys(wordsOf('house.texts.kinds')) as MessageKind[];
const kind = ref<MessageKind>('booked');
const { salon } = useSession();
const language = ref<string>(salon.value?.language ?? 'en');
const text = ref('');
const preview = ref('');
const problem = ref('');
const said = ref('');
const busy = ref(false);
const field = ref<HTMLTextAreaElement>();
const standing = computed<MessageText | null>(
  () => texts.value?.texts.find((one) => one.kind === kind.value && one.language === language.value) ?? null,
);
const changed = computed(() => standing.value !== null && text.value.trim() !== standing.value.text);
/** What was written for another kind stays there until it is kept. */
const drafts = new Map<string, string>();
const nameOf = (one: MessageText): string => `${one.kind}.${one.language}`;

watch(
  standing,
  (now, before) => {
    if (before && text.value.trim() !== before.text) {
      drafts.set(nameOf(before), text.value);
    }
    if (now && (!before || nameOf(now) !== nameOf(before) || now.text !== before.text)) {
      text.value = drafts.get(nameOf(now)) ?? now.text;
      preview.value = now.preview;
      problem.value = said.value = '';
    }
  },
  { immediate: true },
);

let count = 0;
let timer: ReturnType<typeof setTimeout> | undefined;
async function look(): Promise<void> {
  const mine = ++count;
  const asked = { kind: kind.value, language: language.value, text: text.value.trim() || null };
  try {
    const answer = await api('post', '/api/message-texts/preview', { body: asked });
    if (mine === count) {
      preview.value = answer.text;
      problem.value = '';
    }
  } catch (failure) {
    if (mine === count) {
      problem.value = failure instanceof Refused ? (failure.problem.fields?.text?.[0] ?? failure.message) : t('house.texts.noNetwork');
    }
  }
}
watch(text, () => {
  said.value = '';
  clearTimeout(timer);
  timer = setTimeout(() => void look(), PAUSE_MS);
});

function put(word: string): void {
  const at = field.value?.selectionStart ?? text.value.length;
  const until = field.value?.selectionEnd ?? at;
  text.value = `${text.value.slice(0, at)}{${word}}${text.value.slice(until)}`;
  field.value?.focus();
}

async function keep(own: string | null): Promise<void> {
  if (busy.value || !standing.value) {
    return;
  }
  busy.value = true;
  problem.value = '';
  try {
    const kept = await api('post', '/api/message-texts', {
      body: { kind: kind.value, language: language.value, text: own, after: standing.value.id },
    });
    drafts.delete(nameOf(kept));
    text.value = kept.text;
    await refresh();
    said.value = t('house.texts.saved');
  } catch (failure) {
    problem.value = failure instanceof Refused ? (failure.problem.fields?.text?.[0] ?? failure.message) : t('house.texts.noNetwork');
    if (failure instanceof Refused && failure.status === 409) {
      await refresh();
    }
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <OwnerShell>
    <div class="mx-auto grid max-w-280 gap-x-10 gap-y-5 px-4 py-6 tall:px-8 wide:grid-cols-[16rem_minmax(0,1fr)]">
      <header class="wide:col-span-2">
        <h1 class="text-ask">{{ t('house.texts.title') }}</h1>
        <p class="text-list text-ink-2">{{ t('house.texts.hint') }}</p>
      </header>
      <TestMessage v-if="texts" class="wide:col-span-2" :sender="texts.sender" />
      <LoadState v-if="!texts" class="wide:col-span-2" :loaded="loaded" :fetching="t('house.texts.fetching')" />
      <template v-else-if="standing">
        <nav :aria-label="t('house.messages')">
          <ul class="grid gap-1 max-wide:grid-cols-2">
            <li v-for="one in kinds" :key="one">
              <button
                type="button"
                class="flex min-h-12 w-full items-center rounded-md px-3 text-left font-semibold"
                :class="one === kind ? 'bg-ink text-on-ink' : 'hover:bg-rail'"
                :aria-current="one === kind || undefined"
                @click="kind = one"
              >
                {{ t(`house.texts.kinds.${one}`) }}
              </button>
            </li>
          </ul>
        </nav>
        <form class="grid content-start gap-4" @submit.prevent="keep(text.trim())">
          <ChoiceGroup v-model="language" :label="t('house.texts.language')" :options="languageOptions()" />
          <label class="grid gap-1.5">
            <span class="lab">{{ t('house.texts.text') }}</span>
            <textarea ref="field" v-model="text" class="field min-h-44" rows="7" maxlength="1000" :aria-invalid="problem !== ''"></textarea>
          </label>
          <div class="flex flex-wrap items-center gap-2" role="group" :aria-label="t('house.texts.words')">
            <button v-for="word in standing.words" :key="word" type="button" class="toggle min-h-11 text-list" @click="put(word)">
              {{ t(`house.texts.named.${word as 'dog'}`) }}
            </button>
          </div>
          <p class="text-note text-ink-2">{{ t('house.texts.brackets') }}</p>
          <p v-if="problem" class="font-semibold" role="alert">{{ problem }}</p>
          <p v-else-if="said" class="font-semibold" role="status">{{ said }}</p>
          <section :aria-label="t('house.texts.preview')">
            <h2 class="lab">{{ t('house.texts.preview') }}</h2>
            <blockquote class="mt-1 border-l-4 border-skin pl-3" aria-live="polite">{{ preview }}</blockquote>
          </section>
          <div class="flex flex-wrap gap-2">
            <button class="btn btn-main flex-1" :disabled="busy || !changed">{{ t('house.texts.keep') }}</button>
            <button v-if="changed" type="button" class="btn" :disabled="busy" @click="text = standing.text">
              {{ t('house.texts.drop') }}
            </button>
            <button v-if="standing.own" type="button" class="btn" :disabled="busy" @click="keep(null)">
              {{ t('house.texts.delivered') }}
            </button>
          </div>
          <p v-if="standing.by && standing.at" class="text-note text-ink-2">
            {{ t('house.texts.by', { name: standing.by, day: say.dayAndYear(standing.at) }) }}
          </p>
        </form>
      </template>
    </div>
  </OwnerShell>
</template>
