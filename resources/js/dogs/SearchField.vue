<script setup lang="ts">
// The field in which a dog is looked for, and what became of the search.
import { onMounted, ref } from 'vue';
import { t } from '@/messages/words';
import type { useDogSearch } from './useDogSearch';

const props = defineProps<{ found: ReturnType<typeof useDogSearch>; label: string }>();
const emit = defineEmits<{ enter: [] }>();
const { search, found: dogs, foundFor, forgiven, state, look } = props.found;
const field = ref<HTMLInputElement>();
onMounted(() => {
  field.value?.focus();
  void look();
});
</script>

<template>
  <label class="grid gap-1.5">
    <span class="lab">{{ label }}</span>
    <input
      ref="field"
      v-model="search"
      class="field"
      type="search"
      maxlength="80"
      autocomplete="off"
      enterkeyhint="search"
      @keydown.enter="emit('enter')"
    />
  </label>
  <slot />
  <p v-if="state === 'unreachable'" role="status">
    {{ t('dogs.noAnswer') }} <button type="button" class="act underline" @click="look()">{{ t('device.tryAgain') }}</button>
  </p>
  <p v-if="forgiven && dogs.length" role="status">{{ t('dogs.find.nearly', { name: foundFor }) }}</p>
</template>
