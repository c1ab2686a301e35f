<script setup lang="ts">
// A length of its own for a part of the dog; open once one was given.
import { t, wordsOf } from '@/messages/words';
import { computed } from 'vue';
import type { useArrival, WantedPart } from './useArrival';
import NumberAnswer from './NumberAnswer.vue';

const props = defineProps<{ arrival: ReturnType<typeof useArrival> }>();
const fields = Object.entries(wordsOf('arrival.wantedParts.fields')) as [WantedPart, string][];
const given = computed(() => fields.some(([field]) => props.arrival.answers.value[field] != null));
</script>

<template>
  <details :open="given">
    <summary class="act -ml-2 text-list">{{ t('arrival.wantedParts.more') }}</summary>
    <div class="mt-2 grid grid-cols-2 gap-4 tall:grid-cols-3">
      <NumberAnswer v-for="[field, says] in fields" :key="field" :arrival="arrival" :field="field" :label="says" kind="length" :max="5" />
    </div>
  </details>
</template>
