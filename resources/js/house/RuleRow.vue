<script setup lang="ts">
// One house rule: its words, its value, its unit, and the starting value where the house departs from it.
import { t } from '@/messages/words';
import { computed, useId } from 'vue';
import type { RuleField, RuleValue } from '@/api/types';
import { useSession } from '@/device/useSession';
import { rowName, ruleOptions, ruleUnit, ruleValue, ruleWords } from '@/messages/rules';
import { lengthTyped } from '@/messages/salon';
import { say } from '@/messages/say';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';

const props = defineProps<{ field: RuleField; value: RuleValue; start: RuleValue; changed: boolean; isStart: boolean; problem?: string }>();
const emit = defineEmits<{ set: [value: RuleValue] }>();
const id = useId();
const words = computed(() => ruleWords(props.field.path) ?? { says: rowName(props.field.path), hint: '' });
const isText = computed(() => props.field.kind === 'number' || props.field.kind === 'lengths');
const shown = computed(() =>
  Array.isArray(props.value)
    ? props.value.map((one) => (typeof one === 'number' ? say.figure(lengthTyped(one)) : one)).join('  ')
    : typeof props.value === 'number'
      ? ruleValue(
          props.field.path,
          props.field.unit === 'mm' ? lengthTyped(props.value) : props.value,
          props.field.unit === 'cents' ? 'cents' : null,
        )
      : String(props.value),
);
const { salon } = useSession();
const unit = computed(() => (props.field.unit === 'cents' ? (salon.value?.currency ?? '') : ruleUnit(props.field.unit)));
const choices = computed(() => {
  const values = props.field.kind === 'yes_no' ? ['true', 'false'] : props.field.options;
  return values.map((value) => ({ value, says: ruleOptions(props.field.path)?.[value] ?? value }));
});
const told = computed(() => [`${id}-hint`, props.problem && `${id}-problem`].filter((part) => part).join(' '));
</script>

<template>
  <div class="grid content-start gap-1" :class="isText ? '' : 'col-span-full'">
    <template v-if="isText">
      <label class="text-list" :class="changed ? 'font-bold' : ''" :for="id">{{ words.says }}</label>
      <div class="flex items-center gap-2">
        <input
          :id="id"
          class="field !min-h-11 tabular-nums"
          :class="[field.kind === 'number' ? '!w-24' : '!w-full max-w-105', changed ? 'border-3!' : '']"
          inputmode="decimal"
          autocomplete="off"
          :value="shown"
          :aria-describedby="told"
          :aria-invalid="problem !== undefined"
          @input="emit('set', ($event.target as HTMLInputElement).value)"
        />
        <span class="text-note whitespace-nowrap text-ink-2">{{ unit }}</span>
      </div>
    </template>
    <ChoiceGroup
      v-else
      :label="words.says"
      :options="choices"
      :model-value="String(value)"
      @update:model-value="emit('set', field.kind === 'yes_no' ? $event === 'true' : $event)"
    />
    <p :id="`${id}-hint`" class="text-note text-ink-2">
      {{ words.hint }}
      <template v-if="!isStart">{{ t('house.startingValue', { value: ruleValue(field.path, start, field.unit) }) }}</template>
    </p>
    <p v-if="problem" :id="`${id}-problem`" class="text-list font-semibold" role="alert">{{ problem }}</p>
  </div>
</template>
