<script setup lang="ts">
// The breed as it is typed, and the coat that such dogs usually have: proposed, one touch away, never taken for granted.
import { computed, ref } from 'vue';
import { api } from '@/api/client';
import type { Dog, UsualCoat } from '@/api/types';
import { say } from '@/messages/say';
import { isKey, t, type Key } from '@/messages/words';
import TextField from '@/ui/TextField.vue';

const props = defineProps<{ modelValue: string; coat: Dog['coat'] | null; primitive: boolean; error?: string }>();
const emit = defineEmits<{ 'update:modelValue': [breed: string]; usual: [coat: Dog['coat'], primitive: boolean] }>();
/** As the screen's language calls it; a breed that came later than this screen goes by its code. */
const named = (code: string): string => (isKey(`breeds.names.${code}`) ? t(`breeds.names.${code}` as Key) : code);
const breeds = ref<(UsualCoat & { name: string })[]>([]);
// Without it the coat is chosen by hand, as ever.
void api('get', '/api/usual-coats')
  .then((answer) => (breeds.value = answer.breeds.map((one) => ({ ...one, name: named(one.breed) }))))
  .catch(() => undefined);

const plain = (name: string): string =>
  name
    .toLowerCase()
    .replace(/[^a-zà-ÿ]+/g, ' ')
    .trim();
/** The longest name that is in what was typed, or that it begins. */
const usual = computed(() => {
  const typed = plain(props.modelValue);
  return typed.length < 3
    ? null
    : ([...breeds.value]
        .sort((one, other) => other.name.length - one.name.length)
        .find(({ name }) => typed.includes(plain(name)) || plain(name).startsWith(typed)) ?? null);
});
const proposes = computed(() => usual.value !== null && (usual.value.coat !== props.coat || usual.value.primitive !== props.primitive));
</script>

<template>
  <div class="grid content-start gap-1.5">
    <TextField
      :model-value="modelValue"
      :label="t('dogs.ask.breed')"
      :max="80"
      :error="error"
      @update:model-value="emit('update:modelValue', $event)"
    />
    <button v-if="proposes" type="button" class="chip justify-self-start" @click="emit('usual', usual!.coat, usual!.primitive)">
      {{ t('dogs.usual', { breed: usual!.name, coat: say.within(t(`dogs.coats.${usual!.coat}`)) }) }}
    </button>
  </div>
</template>
