<script setup lang="ts">
// The question the check still needs, and its answers. Nothing else is asked.
import { say } from '@/messages/say';
import { t, wordsOf } from '@/messages/words';
import { computed, ref } from 'vue';
import type { CombCheck, Visit, VisitSection } from '@/api/types';
import { useGuide } from './useGuide';
import { useKeys } from '@/device/useKeys';
import { figure } from '@/messages/options';
import { shares } from '@/messages/shares';
import { mmOf } from '@/messages/salon';
import AnswerButton from './AnswerButton.vue';

const props = defineProps<{
  section: VisitSection;
  primitive: boolean;
  /** Loose hair can lie packed in it without a knot. */
  undercoat: boolean;
  matSchool: Visit['matSchool'];
  asks: NonNullable<VisitSection['asks']>;
  disabled: boolean;
}>();
const emit = defineEmits<{ answer: [check: CombCheck] }>();
const guide = useGuide();
const otherLift = ref('');
const otherTrouble = ref('');

interface Answer {
  says: string;
  sub: string;
  check: CombCheck;
}

const LIFTS = [1, 2, 4, 7, 10, 13] as const;

function withAnswer(change: Partial<CombCheck>): CombCheck {
  return { ...(props.section.check as CombCheck), ...change };
}

/** What was found before still applies when one kind of knot turns out to be the other. */
function keeping(comb: 'stops' | 'cannot_enter'): CombCheck {
  const known = props.section.check;
  return known && (known.comb === 'stops' || known.comb === 'cannot_enter') ? { ...known, comb } : { comb };
}

const answers = computed<Answer[]>(() => {
  switch (props.asks) {
    case 'comb': {
      const words = wordsOf('inspection.combAnswers');
      const answer = (name: keyof typeof words, check: CombCheck): Answer => ({ says: words[name].say, sub: words[name].sub, check });
      return [
        answer(props.primitive ? 'clearPrimitive' : 'clear', { comb: 'glides', skinLine: 'clear' }),
        answer('drag', { comb: 'catches', skinLine: 'clear' }),
        answer('stops', keeping('stops')),
        answer('cannotEnter', keeping('cannot_enter')),
        answer('overTop', { comb: 'glides', skinLine: 'patchy' }),
        ...(props.undercoat ? [answer('packed', { comb: 'catches', skinLine: 'packed' })] : []),
      ];
    }
    case 'skin_line':
      return (['clear', 'patchy', 'hidden', ...(props.undercoat ? (['packed'] as const) : [])] as const).map((skinLine) => ({
        says: t(`inspection.skinAnswers.${skinLine}.say`),
        sub: t(`inspection.skinAnswers.${skinLine}.sub`),
        check: withAnswer({ skinLine }),
      }));
    case 'opens':
      return (['fingers', 'tool', 'no'] as const).map((opens) => ({
        says: t(`inspection.opensAnswers.${opens}.say`),
        sub: t(`inspection.opensAnswers.${opens}.sub`),
        check: withAnswer({ opens }),
      }));
    case 'matted_share':
      return shares.map(({ name, share }) => ({
        says: t(`inspection.shareAnswers.${name}.say`),
        sub: t(`inspection.shareAnswers.${name}.sub`),
        check: withAnswer({ mattedShare: share }),
      }));
    default:
      return LIFTS.map((mm) => ({
        says: mm === 13 ? t('inspection.orMore', { length: say.mm(mm) }) : say.mm(mm),
        sub: t(`inspection.liftAnswers.${mm}`),
        check: withAnswer({ liftMm: mm }),
      }));
  }
});

function leads(check: CombCheck): { leads?: string; grade?: number | null } {
  const outcome = guide.outcome(check);
  if (!outcome) {
    return {};
  }
  if (outcome.verdict === 'comb_again') {
    return { leads: t('inspection.becomes.again'), grade: null };
  }
  return {
    leads:
      outcome.grade === props.section.grade
        ? t('inspection.becomes.stays')
        : outcome.asks && props.asks === 'comb'
          ? t('inspection.becomes.asksMore')
          : t('inspection.becomes.becomes'),
    grade: outcome.grade,
  };
}

function choose(answer: Answer): void {
  if (!props.disabled) {
    emit('answer', answer.check);
  }
}

function chooseOther(): void {
  const mm = mmOf(figure(otherLift.value));
  if (mm >= 0 && mm <= 200) {
    otherTrouble.value = '';
    emit('answer', withAnswer({ liftMm: mm }));
  } else {
    otherTrouble.value = t('visit.giveLift', { most: say.mm(200), length: say.mm(3.5) });
  }
}

const pairs = computed(() => props.asks !== 'comb' && answers.value.length === 6);

useKeys(() =>
  answers.value.map((answer, index) => ({
    keys: props.asks === 'comb' && index === 0 ? ['1', ' '] : [String(index + 1)],
    shown: props.asks === 'comb' && index === 0 ? t('ui.spaceOr1') : String(index + 1),
    says: answer.says,
    run: () => choose(answer),
  })),
);
</script>

<template>
  <section>
    <h2 class="text-answer text-call tall:text-ask">{{ t(`inspection.questions.${asks}.ask`) }}</h2>
    <p v-if="section.verdict !== 'comb_again'" class="max-tall:hidden">
      {{ asks === 'opens' ? t(`inspection.openingHints.${matSchool}`) : t(`inspection.questions.${asks}.hint`) }}
    </p>
    <div class="mt-2.5 grid gap-2" :class="pairs ? 'grid-cols-2' : ''">
      <AnswerButton
        v-for="(answer, index) in answers"
        :key="answer.says"
        :shortcut="String(index + 1)"
        :says="answer.says"
        :sub="answer.sub"
        :main="asks === 'comb' && index === 0"
        v-bind="pairs ? {} : leads(answer.check)"
        :aria-disabled="disabled"
        @choose="choose(answer)"
      />
    </div>
    <form v-if="asks === 'lift_mm'" class="mt-3 flex flex-wrap items-center gap-3" novalidate @submit.prevent="chooseOther">
      <label class="lab" for="other-lift">{{ t('inspection.otherLift', { unit: say.unit('length') }) }}</label>
      <input
        id="other-lift"
        v-model="otherLift"
        class="field !w-24"
        inputmode="decimal"
        maxlength="5"
        :aria-invalid="otherTrouble !== ''"
      />
      <button type="submit" class="btn btn-small">{{ t('visit.takeIt') }}</button>
      <p v-if="otherTrouble" class="w-full text-list font-semibold" role="alert">{{ otherTrouble }}</p>
    </form>
  </section>
</template>
