<script setup lang="ts">
// A length of its own for a part of the dog; open once one was given.
import { computed } from 'vue';
import type { ArrivalAnswers } from '@/api/types';
import { say } from '@/messages/say';
import TextField from './TextField.vue';

type Part = keyof typeof say.text.wantedParts.fields;
const props = defineProps<{ answers: ArrivalAnswers; problems: Record<string, string> }>();
defineEmits<{ answer: [field: Part, typed: string] }>();
const fields = Object.entries(say.text.wantedParts.fields) as [Part, string][];
const given = computed(() => fields.some(([field]) => props.answers[field] != null));
</script>

<template>
  <details :open="given">
    <summary class="act -ml-2 cursor-pointer text-list">{{ say.text.wantedParts.more }}</summary>
    <div class="mt-2 grid grid-cols-2 gap-4 tall:grid-cols-3">
      <TextField
        v-for="[field, says] in fields"
        :key="field"
        :model-value="answers[field] ?? null"
        :label="says"
        kind="number"
        unit="mm"
        :max="5"
        :error="problems[field]"
        @update:model-value="$emit('answer', field, $event)"
      />
    </div>
  </details>
</template>
