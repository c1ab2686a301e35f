<script setup lang="ts">
// The second comb check, dry, whole dog: one touch a section, in the same quick way as the inspection.
import { there } from '@/api/there';
import { t, wordsOf, type Words } from '@/messages/words';
import { computed, ref, watch } from 'vue';
import type { Bath, CombCheck, SectionId, VisitSection } from '@/api/types';
import { useBounce } from '@/device/bounce';
import { useKeys } from '@/device/useKeys';
import { say } from '@/messages/say';
import AnswerButton from '@/visit/AnswerButton.vue';
import WaiveDialog from '@/table/WaiveDialog.vue';

const props = defineProps<{
  bath: Pick<Bath, 'second' | 'toCombAgain'>;
  route: SectionId[];
  sections: Partial<Record<SectionId, Pick<VisitSection, 'tools'>>>;
  decides: boolean;
  disabled: boolean;
  selected: SectionId | null;
  problem: string;
  primitive: boolean;
  /** Lines of each section, where they are brushed only now; null: they were brushed before the bath. */
  lines: Partial<Record<SectionId, { lines: number }>> | null;
}>();
const emit = defineEmits<{
  select: [section: SectionId];
  combed: [section: SectionId, check: CombCheck];
  waive: [section: SectionId, who: string, reason: string];
}>();
const bounce = useBounce();
const waiving = ref<SectionId | null>(null);
const open = computed(() => props.route.filter((section) => props.bath.toCombAgain.includes(section)));
/** What the comb found there after drying. */
function foundAt(section: SectionId): string {
  const { grade } = there(props.bath.second[section]);
  return grade === null ? t('coat.combAgain') : say.grade(grade);
}
const failed = computed(() => open.value.filter((section) => props.bath.second[section] && !props.bath.second[section].passed));
const here = computed(() => (props.selected ? (props.bath.second[props.selected] ?? null) : null));
const fine = computed(() => (props.selected ? (props.sections[props.selected]?.tools.fineComb ?? true) : true));

function nextAfter(section: SectionId | null): SectionId | null {
  // What was not combed yet comes before what has to be brushed first.
  const waiting = open.value.filter((one) => one !== section && !failed.value.includes(one));
  const from = section === null ? -1 : props.route.indexOf(section);
  return waiting.find((one) => props.route.indexOf(one) > from) ?? waiting[0] ?? failed.value.find((one) => one !== section) ?? null;
}
watch(
  () => [props.selected, open.value.length] as const,
  () => {
    const next = nextAfter(null);
    if (props.selected === null && next) {
      emit('select', next);
    }
  },
  { immediate: true },
);

const brushNow = computed(() => {
  const count = props.selected ? (props.lines?.[props.selected]?.lines ?? 0) : 0;
  return t('table.lineBrushDry', { lines: t('table.lines', { lines: count }) });
});
const answerOf = (name: keyof Words['table']['secondAnswers'], check: CombCheck): { say: string; sub: string; check: CombCheck } => ({
  ...wordsOf('table.secondAnswers')[name],
  check,
});
const answers = computed(() => [
  fine.value
    ? answerOf('pass', { comb: 'glides', skinLine: 'clear', fine: 'glides' })
    : answerOf(props.primitive ? 'passPrimitive' : 'passNoFine', { comb: 'glides', skinLine: 'clear' }),
  ...(fine.value ? [answerOf('fineCatches', { comb: 'glides', skinLine: 'clear', fine: 'catches' })] : []),
  answerOf('catches', { comb: 'catches', skinLine: 'clear' }),
  answerOf('stops', { comb: 'stops', skinLine: 'patchy' }),
  answerOf('overTop', { comb: 'glides', skinLine: 'patchy' }),
]);

function take(check: CombCheck): void {
  const section = props.selected;
  if (section && !props.disabled && bounce.takes(section)) {
    const next = nextAfter(section);
    emit('combed', section, check);
    if (next) {
      emit('select', next);
    }
  }
}
useKeys(() =>
  answers.value.map((answer, index) => ({
    keys: index === 0 ? ['1', ' '] : [String(index + 1)],
    shown: index === 0 ? t('ui.spaceOr1') : String(index + 1),
    says: answer.say,
    run: () => take(answer.check),
    when: () => !props.disabled && props.selected !== null,
  })),
);
</script>

<template>
  <section class="grid content-start gap-2" :aria-label="t('visit.markKinds.second_combed')">
    <p v-if="selected" class="sr-only" role="status">{{ say.section(selected) }}</p>
    <div class="flex flex-wrap items-baseline justify-between gap-x-4">
      <h1 class="text-say tall:text-title">{{ selected ? say.section(selected) : t('visit.markKinds.second_combed') }}</h1>
      <p class="text-list text-ink-2">{{ t('ui.passedOf', { passed: 30 - open.length }) }}</p>
    </div>
    <p v-if="here && !here.passed" class="text-list font-bold" role="status">
      {{ t('bath.second.failedAt', { time: say.time(here.at) }) }}
    </p>
    <p v-if="lines && selected" class="text-lead">{{ brushNow }}</p>
    <h2 class="text-answer text-call tall:text-ask">{{ t('bath.second.ask') }}</h2>
    <div class="grid gap-2">
      <AnswerButton
        v-for="(answer, index) in answers"
        :key="answer.say"
        :shortcut="String(index + 1)"
        :says="answer.say"
        :sub="answer.sub"
        :main="index === 0"
        :aria-disabled="disabled"
        @choose="take(answer.check)"
      />
    </div>
    <div v-if="failed.length" class="border-t border-line pt-2">
      <h2 class="text-lead">{{ t('bath.second.back') }}</h2>
      <ul class="grid gap-1">
        <li v-for="section in failed" :key="section" class="flex flex-wrap items-center gap-3">
          <button type="button" class="act -ml-2 text-lead underline" @click="emit('select', section)">{{ say.section(section) }}</button>
          <span class="text-list text-ink-2">{{ foundAt(section) }}</span>
          <button v-if="decides && bath.second[section]?.waivable" type="button" class="btn btn-small ml-auto" @click="waiving = section">
            {{ t('table.letGo') }}
          </button>
        </li>
      </ul>
    </div>
    <WaiveDialog
      v-if="waiving"
      :section="waiving"
      :grade="bath.second[waiving]?.grade ?? null"
      :before="t('bath.second.afterDrying')"
      :problem="problem"
      @waive="
        (who, reason) => {
          emit('waive', waiving!, who, reason);
          waiving = null;
        }
      "
      @close="waiving = null"
    />
  </section>
</template>
