<script setup lang="ts">
// What was answered here, tap to change; later answers are kept as far as they still apply.
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { CombCheck, Question, VisitSection } from '@/api/types';
import { useGuide } from '@/visit/useGuide';
import { isMatted } from '@/visit/grades';
import { say } from '@/messages/say';

const props = defineProps<{ section: VisitSection; primitive: boolean; disabled: boolean }>();
const emit = defineEmits<{ reopen: [question: Question]; change: [check: CombCheck] }>();

const guide = useGuide();

const chips = computed(() => {
  const check = props.section.check;

  if (!check) {
    return [];
  }
  const given: { question: Question; says: string }[] = [
    { question: 'comb', says: props.primitive && check.comb === 'glides' ? t('coat.combPrimitive.glides') : t(`coat.comb.${check.comb}`) },
  ];
  if (check.skinLine) {
    given.push({
      question: isMatted(props.section.grade) ? 'skin_line' : 'comb',
      says: t(`coat.skinLine.${check.skinLine}`),
    });
  }
  if (check.opens) {
    given.push({ question: 'opens', says: t(`coat.opens.${check.opens}`) });
  }
  if (check.mattedShare != null) {
    given.push({ question: 'matted_share', says: say.start(say.share(check.mattedShare)) });
  }
  if (check.liftMm != null) {
    given.push({ question: 'lift_mm', says: t('coat.fromTheSkin', { length: say.mm(check.liftMm) }) });
  }
  return given;
});

/** What nobody asks but may be added: it can change the grade. */
const extras = computed(() => {
  const check = props.section.check;
  if (!check) {
    return [];
  }
  const list: { says: string; on: boolean; check: CombCheck }[] = [];
  if (check.comb === 'stops') {
    list.push({ says: t('coat.tender'), on: check.tender === true, check: { ...check, tender: !check.tender } });
    const largeMm = guide.largeMm();
    if (largeMm !== null) {
      const large = (check.largestMm ?? 0) >= largeMm;
      list.push({
        says: t('coat.largest', { length: say.mm(largeMm) }),
        on: large,
        check: { ...check, largestMm: large ? null : largeMm },
      });
    }
  }
  if (check.comb === 'glides' && check.skinLine === 'clear' && props.section.tools.fineComb) {
    const holds = check.fine === 'catches';
    list.push({ says: t('coat.fine.catches'), on: holds, check: { ...check, fine: holds ? 'not_used' : 'catches' } });
  }
  return list;
});
</script>

<template>
  <div v-if="chips.length" class="grid content-start gap-2">
    <p class="text-note text-ink-2">{{ t('inspection.yourAnswers') }}</p>
    <div class="flex flex-wrap gap-2">
      <button v-for="chip in chips" :key="chip.says" type="button" class="chip" :disabled="disabled" @click="emit('reopen', chip.question)">
        {{ chip.says }}
      </button>
      <button
        v-for="extra in extras"
        :key="extra.says"
        type="button"
        class="inline-flex min-h-11 items-center rounded-md edge border-ink px-3.5 text-list font-semibold"
        :class="extra.on ? 'bg-ink text-on-ink' : 'border-dashed'"
        :aria-pressed="extra.on"
        :disabled="disabled"
        @click="emit('change', extra.check)"
      >
        {{ extra.on ? '' : '+ ' }}{{ extra.says }}
      </button>
    </div>
  </div>
</template>
