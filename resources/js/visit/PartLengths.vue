<script setup lang="ts">
// Lengths that differ by part of the dog: one field each, behind the label.
import { computed, reactive } from 'vue';
import { type BySection, type LengthPart, lengthParts, partLength, withPart } from '@/chart/lengthParts';
import { figure } from '@/messages/options';
import { lengthTyped, mmOf } from '@/messages/salon';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import TextField from '@/ui/TextField.vue';

const props = defineProps<{ coatMm: number; sectionMm: BySection; label: string }>();
const emit = defineEmits<{ change: [sectionMm: BySection] }>();
const problems = reactive<Partial<Record<LengthPart, string>>>({});
const fields = computed(() =>
  lengthParts.map((part) => {
    const mm = partLength(part, props.coatMm, props.sectionMm);
    return { part, value: mm === null ? null : lengthTyped(mm), hint: mm === null ? t('coat.lengthParts.differs') : '' };
  }),
);

function set(part: LengthPart, typed: string): void {
  const mm = typed.trim() === '' ? null : mmOf(figure(typed));
  if (mm !== null && !(mm >= 1 && mm <= 500)) {
    problems[part] = t('coat.lengthParts.give', { length: say.mm(40) });
    return;
  }
  delete problems[part];
  emit('change', withPart(part, mm, props.coatMm, props.sectionMm));
}
</script>

<template>
  <details>
    <summary class="act -ml-2 text-list">{{ label }}</summary>
    <div class="mt-2 grid grid-cols-2 gap-4 tall:grid-cols-3">
      <TextField
        v-for="field in fields"
        :key="field.part"
        :model-value="field.value"
        :label="t(`coat.lengthParts.${field.part}`)"
        kind="number"
        :unit="say.unit('length')"
        :max="5"
        :hint="field.hint"
        :error="problems[field.part]"
        @update:model-value="set(field.part, $event)"
      />
    </div>
  </details>
</template>
