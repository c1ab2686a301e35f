<script setup lang="ts">
// The question the check still needs, and its answers. Nothing else is asked.
import { computed, ref } from 'vue';
import type { CombCheck, Visit, VisitSection } from '@/api/types';
import { useGuide } from './useGuide';
import { useKeys } from '@/device/useKeys';
import { figure } from '@/messages/options';
import { say } from '@/messages/say';
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

function withAnswer(change: Partial<CombCheck>): CombCheck {
  return { ...(props.section.check as CombCheck), ...change };
}

/** What was found before still applies when one kind of knot turns out to be the other. */
function keeping(comb: 'stops' | 'cannot_enter'): CombCheck {
  const known = props.section.check;
  return known && (known.comb === 'stops' || known.comb === 'cannot_enter') ? { ...known, comb } : { comb };
}

const answers = computed<Answer[]>(() => {
  const words = say.text;
  switch (props.asks) {
    case 'comb': {
      const comb = words.combAnswers;
      const clear = props.primitive ? comb.clearPrimitive : comb.clear;
      return [
        { says: clear.say, sub: clear.sub, check: { comb: 'glides', skinLine: 'clear' } },
        { says: comb.drag.say, sub: comb.drag.sub, check: { comb: 'catches', skinLine: 'clear' } },
        { says: comb.stops.say, sub: comb.stops.sub, check: keeping('stops') },
        { says: comb.cannotEnter.say, sub: comb.cannotEnter.sub, check: keeping('cannot_enter') },
        { says: comb.overTop.say, sub: comb.overTop.sub, check: { comb: 'glides', skinLine: 'patchy' } },
        ...(props.undercoat
          ? [{ says: comb.packed.say, sub: comb.packed.sub, check: { comb: 'catches', skinLine: 'packed' } satisfies CombCheck }]
          : []),
      ];
    }
    case 'skin_line':
      return (['clear', 'patchy', 'hidden', ...(props.undercoat ? (['packed'] as const) : [])] as const).map((skinLine) => ({
        says: words.skinAnswers[skinLine].say,
        sub: words.skinAnswers[skinLine].sub,
        check: withAnswer({ skinLine }),
      }));
    case 'opens':
      return (['fingers', 'tool', 'no'] as const).map((opens) => ({
        says: words.opensAnswers[opens].say,
        sub: words.opensAnswers[opens].sub,
        check: withAnswer({ opens }),
      }));
    case 'matted_share':
      return words.shareAnswers.map((share) => ({ says: share.say, sub: share.sub, check: withAnswer({ mattedShare: share.value }) }));
    default:
      return words.liftAnswers.map((lift) => ({ says: lift.say, sub: lift.sub, check: withAnswer({ liftMm: lift.value }) }));
  }
});

function leads(check: CombCheck): { leads?: string; grade?: number | null } {
  const outcome = guide.outcome(check);
  if (!outcome) {
    return {};
  }
  if (outcome.verdict === 'comb_again') {
    return { leads: say.text.becomes.again, grade: null };
  }
  return {
    leads:
      outcome.grade === props.section.grade
        ? say.text.becomes.stays
        : outcome.asks && props.asks === 'comb'
          ? say.text.becomes.asksMore
          : say.text.becomes.becomes,
    grade: outcome.grade,
  };
}

function choose(answer: Answer): void {
  if (!props.disabled) {
    emit('answer', answer.check);
  }
}

function chooseOther(): void {
  const mm = figure(otherLift.value);
  if (mm >= 0 && mm <= 200) {
    otherTrouble.value = '';
    emit('answer', withAnswer({ liftMm: mm }));
  } else {
    otherTrouble.value = 'Give millimetres from 0 to 200, such as 3.5.';
  }
}

const pairs = computed(() => props.asks !== 'comb' && answers.value.length === 6);

useKeys(() =>
  answers.value.map((answer, index) => ({
    keys: props.asks === 'comb' && index === 0 ? ['1', ' '] : [String(index + 1)],
    shown: props.asks === 'comb' && index === 0 ? 'Space or 1' : String(index + 1),
    says: answer.says,
    run: () => choose(answer),
  })),
);
</script>

<template>
  <section>
    <h2 class="text-answer text-call tall:text-ask">{{ say.text.questions[asks].ask }}</h2>
    <p v-if="section.verdict !== 'comb_again'" class="max-tall:hidden">
      {{ asks === 'opens' ? say.text.openingHints[matSchool] : say.text.questions[asks].hint }}
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
      <label class="lab" for="other-lift">{{ say.text.otherLift }}</label>
      <input
        id="other-lift"
        v-model="otherLift"
        class="field !w-24"
        inputmode="decimal"
        maxlength="5"
        :aria-invalid="otherTrouble !== ''"
      />
      <button type="submit" class="btn btn-small">Take it</button>
      <p v-if="otherTrouble" class="w-full text-list font-semibold" role="alert">{{ otherTrouble }}</p>
    </form>
  </section>
</template>
