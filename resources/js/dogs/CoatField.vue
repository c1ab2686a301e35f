<script setup lang="ts">
// Which coat a dog has, with its hair to choose by; of a double coat, whether it is a spitz's.
import type { Dog } from '@/api/types';
import { options } from '@/messages/options';
import { t, wordsOf } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import { yesNo } from '@/ui/yesNo';
import CoatHair from './CoatHair.vue';

defineProps<{ error?: string | undefined }>();
const coat = defineModel<Dog['coat'] | null>('coat', { required: true });
const primitive = defineModel<boolean>('primitive', { required: true });
</script>

<template>
  <ChoiceGroup v-slot="{ value }" v-model="coat" :label="t('dogs.ask.coat')" :options="options(wordsOf('dogs.coats'))" :error="error">
    <CoatHair :coat="value" />
  </ChoiceGroup>
  <ChoiceGroup v-if="coat === 'double'" v-model="primitive" :label="t('dogs.ask.spitz')" :options="yesNo()" />
</template>
