<script setup lang="ts">
// What counts for dogs of whom a table does not say it: without these none can come in.
import type { ImportWay } from '@/api/types';
import { figure } from '@/messages/options';
import { kgOf, lengthTyped, mmOf, weightTyped } from '@/messages/salon';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import TextField from '@/ui/TextField.vue';
import SelectField from '@/ui/SelectField.vue';

type Assumed = ImportWay['assumed'];
const props = defineProps<{ modelValue: Assumed }>();
const emit = defineEmits<{ 'update:modelValue': [assumed: Assumed] }>();
const COATS = ['mixed', 'curly', 'double', 'silky', 'wire', 'smooth'] as const;
const coats = COATS.map((value) => ({ value, says: t(`coat.coats.${value}`) }));
const sexes = (['female', 'male'] as const).map((value) => ({ value, says: t(`records.assume.${value}`) }));
const set = (change: Partial<Assumed>): void => emit('update:modelValue', { ...props.modelValue, ...change });
</script>

<template>
  <div>
    <h3 class="font-bold">{{ t('records.assumed') }}</h3>
    <p class="text-list text-ink-2">{{ t('records.assumedWhat') }}</p>
    <div class="mt-2 grid gap-4 tall:grid-cols-5">
      <ChoiceGroup
        class="tall:col-span-2"
        :label="t('records.assume.sex')"
        :options="sexes"
        :model-value="modelValue.sex"
        @update:model-value="set({ sex: $event })"
      />
      <SelectField
        class="tall:col-span-3"
        :label="t('records.assume.coat')"
        :options="coats"
        :model-value="modelValue.coat"
        @update:model-value="set({ coat: $event as Assumed['coat'] })"
      />
      <TextField
        class="tall:col-span-2"
        kind="number"
        :label="t('records.assume.length')"
        :unit="say.unit('length')"
        :model-value="lengthTyped(modelValue.coatMm)"
        @update:model-value="set({ coatMm: mmOf(figure($event)) })"
      />
      <TextField
        class="tall:col-span-2"
        kind="number"
        :label="t('records.assume.weight')"
        :unit="say.unit('weight')"
        :model-value="weightTyped(modelValue.weightKg)"
        @update:model-value="set({ weightKg: kgOf(figure($event)) })"
      />
      <TextField
        kind="number"
        :label="t('records.assume.age')"
        :model-value="modelValue.ageYears"
        @update:model-value="set({ ageYears: figure($event) })"
      />
    </div>
  </div>
</template>
