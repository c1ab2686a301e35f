<script setup lang="ts">
// The groomer grades otherwise than the rule, and says why. Both are kept.
import { t } from '@/messages/words';
import { RadioGroup, RadioGroupLabel, RadioGroupOption } from '@headlessui/vue';
import { ref } from 'vue';
import type { OwnGrade, SectionId, VisitSection } from '@/api/types';
import HairSwatch from '@/chart/HairSwatch.vue';
import { useBecause } from '@/visit/useBecause';
import { say } from '@/messages/say';
import AppDialog from '@/ui/AppDialog.vue';

const props = defineProps<{ id: SectionId; section: VisitSection }>();
const emit = defineEmits<{ judge: [own: Pick<OwnGrade, 'grade' | 'instead' | 'reason'>]; takeBack: []; close: [] }>();
const byRule = props.section.grade!;
const grade = ref<number | null>(props.section.own?.grade ?? null);
const reason = ref(props.section.own?.reason ?? '');
const problem = ref('');

function judge(): void {
  problem.value = grade.value === null ? t('inspection.own.choose') : reason.value.trim() ? '' : t('inspection.own.sayWhy');
  if (!problem.value) {
    emit('judge', { grade: grade.value!, instead: byRule, reason: reason.value.trim() });
  }
}
const { because } = useBecause();
</script>

<template>
  <AppDialog :title="t('inspection.own.title', { section: say.section(id) })" @close="emit('close')">
    <form class="mt-3 grid gap-5" novalidate @submit.prevent="judge">
      <p>
        {{ t('inspection.own.ruleSays') }} <b>{{ say.grade(byRule) }}</b>{{
          t('inspection.own.bothStay', { because: because(section.rule) })
        }}
      </p>
      <RadioGroup :model-value="grade ?? undefined" @update:model-value="(value: number) => (grade = value)">
        <RadioGroupLabel class="lab mb-1.5 block">{{ t('inspection.own.find') }}</RadioGroupLabel>
        <div class="grid grid-cols-2 gap-2 tall:grid-cols-3">
          <RadioGroupOption
            v-for="one in [0, 1, 2, 3, 4, 5].filter((value) => value !== byRule)"
            :key="one"
            v-slot="{ checked }"
            :value="one"
            as="template"
          >
            <button
              type="button"
              class="flex min-h-14 items-center gap-2.5 rounded-md edge border-ink px-3 text-body font-semibold"
              :class="checked ? 'bg-ink text-on-ink' : 'bg-white'"
            >
              <HairSwatch :grade="one" /> {{ say.grade(one) }}
            </button>
          </RadioGroupOption>
        </div>
      </RadioGroup>
      <label class="grid gap-1.5">
        <span class="lab">{{ t('ui.why') }}</span>
        <textarea v-model="reason" class="field min-h-20" maxlength="500" :aria-invalid="problem !== ''"></textarea>
      </label>
      <p v-if="problem" class="text-list font-semibold" role="alert">{{ problem }}</p>
      <div class="flex flex-wrap gap-2">
        <button type="submit" class="btn btn-main">{{ t('inspection.own.keep') }}</button>
        <button v-if="section.own" type="button" class="btn" @click="emit('takeBack')">{{ t('inspection.own.takeRules') }}</button>
      </div>
    </form>
  </AppDialog>
</template>
