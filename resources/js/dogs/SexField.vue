<script setup lang="ts">
import { t } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';

defineProps<{ error?: string | undefined }>();
const sex = defineModel<'male' | 'female' | null>('sex', { required: true });
const entire = defineModel<boolean>('entire', { required: true });
</script>

<template>
  <ChoiceGroup
    v-model="sex"
    :label="t('dogs.ask.sex')"
    :options="[
      { value: 'female', says: t('dogs.sex.female') },
      { value: 'male', says: t('dogs.sex.male') },
    ]"
    :error="error"
  />
  <ChoiceGroup
    v-model="entire"
    :label="t('dogs.ask.neutered')"
    :options="[
      { value: false, says: t('dogs.neutered.yes') },
      { value: true, says: t('dogs.neutered.entire') },
    ]"
  />
</template>
