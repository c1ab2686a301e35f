<script setup lang="ts">
// Two tablets that did not see one another answered this place otherwise: what each said, and one touch that decides.
import { t } from '@/messages/words';
import { computed } from 'vue';
import HairSwatch from '@/chart/HairSwatch.vue';
import { releaseFocus, useKeys } from '@/device/useKeys';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import KeyCap from '@/ui/KeyCap.vue';
import { checkSaid } from './checkWords';
import type { OneAnswer, TwoAnswers } from './twoAnswers';

const props = defineProps<{ two: TwoAnswers; disabled: boolean }>();
const emit = defineEmits<{ decide: [answer: OneAnswer]; comb: [] }>();
const { decides } = useSession();

/** A word about the grade is a groomer's; what the comb did anybody may say. */
const isWord = computed(() => props.two.answers.some((answer) => answer.kind === 'grade_judged'));
const mayDecide = computed(() => !props.disabled && (!isWord.value || decides.value));
const standing = computed(() => props.two.answers.find((answer) => answer.id === props.two.stands));
const gradeSaid = (grade: number | null | undefined): string => (grade == null ? t('visit.two.rule') : say.grade(grade));

/** "Teo, 9:14, came in at 9:20" */
function whoSaid({ by, at, receivedAt }: OneAnswer): string {
  const cameLater = receivedAt !== null && say.time(receivedAt) !== say.time(at);
  return `${by}, ${say.time(at)}${cameLater ? t('visit.two.cameIn', { time: say.time(receivedAt) }) : ''}`;
}

function decide(answer: OneAnswer, event?: MouseEvent): void {
  if (event) {
    releaseFocus(event);
  }
  if (mayDecide.value) {
    emit('decide', answer);
  }
}

useKeys(() => [
  ...props.two.answers.map((answer, index) => ({
    keys: [String(index + 1)],
    says: t('visit.two.counts', { grade: gradeSaid(answer.grade), by: answer.by }),
    run: () => decide(answer),
    when: () => mayDecide.value,
  })),
  {
    keys: [String(props.two.answers.length + 1)],
    says: t('visit.two.comb'),
    run: () => emit('comb'),
    when: () => !isWord.value && !props.disabled,
  },
]);
</script>

<template>
  <section>
    <h2 class="text-answer text-call tall:text-ask">{{ t('visit.two.ask') }}</h2>
    <p class="mt-1">
      <b>{{ t('visit.two.stands', { grade: gradeSaid(standing?.grade) }) }}</b> {{ t('visit.two.unseen') }}
    </p>
    <div class="mt-2.5 grid gap-2.5 tall:grid-cols-2">
      <button
        v-for="(answer, index) in two.answers"
        :key="answer.id"
        type="button"
        class="grid content-start gap-1.5 rounded-lg bg-sheet px-3.5 py-3 text-left"
        :class="answer.id === two.stands ? 'border-3 border-ink' : 'edge border-ink'"
        :aria-disabled="!mayDecide"
        @click="decide(answer, $event)"
      >
        <span class="text-list text-ink-2">{{ whoSaid(answer) }}</span>
        <HairSwatch :grade="answer.grade" class="!w-full" :height="44" />
        <span class="flex items-center gap-2.5 text-answer font-bold"
          >{{ gradeSaid(answer.grade) }} <KeyCap>{{ String(index + 1) }}</KeyCap></span
        >
        <span v-if="answer.check" class="text-list">{{ say.start(checkSaid(answer.check)) }}.</span>
        <span v-if="answer.reason" class="text-list">{{ t('visit.two.word', { reason: answer.reason }) }}</span>
        <b v-if="answer.id === two.stands" class="text-list">{{ t('visit.two.standsNow') }}</b>
      </button>
    </div>
    <button v-if="!isWord" type="button" class="btn mt-2.5 w-full" :disabled="disabled" @click="emit('comb')">
      {{ t('visit.two.comb') }} <KeyCap>{{ String(two.answers.length + 1) }}</KeyCap>
    </button>
    <p v-else-if="!decides" class="mt-2.5 font-bold">{{ t('visit.two.groomer') }}</p>
    <p class="mt-2.5 text-list">{{ t('visit.two.kept') }}</p>
  </section>
</template>
