<script setup lang="ts">
// Rinse, lather, a second product or conditioner where wanted, rinse: one step at a time, with how long a product stays on.
import { there } from '@/api/there';
import { tableWords } from '@/table/tableWords';
import { t, wordsOf, type Words } from '@/messages/words';
import { useIntervalFn } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import type { Bath, BathProduct, Visit } from '@/api/types';
import { useBounce } from '@/device/bounce';
import { useCue } from '@/device/useCue';
import { useKeys } from '@/device/useKeys';
import { options } from '@/messages/options';
import { say } from '@/messages/say';
import BoldWords from '@/ui/BoldWords.vue';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import MarkButton from '@/ui/MarkButton.vue';

type Step = keyof Words['table']['bathSteps'];
const props = defineProps<{ bath: Bath; settled: Visit['gate']['settled']; minutes: number; disabled: boolean }>();
const emit = defineEmits<{ done: [step: Step, product: BathProduct | null, contactMinutes: number | null] }>();

const bounce = useBounce();
const order = ['rinsed_first', 'lathered', 'raked_in_lather', 'lathered_again', 'conditioned', 'rinsed_out'] as const;
const mayBeLeftOut: Step[] = ['raked_in_lather', 'lathered_again', 'conditioned'];
/** A step in between that was asked for. */
const extra = ref<Step | null>(null);
const step = computed<Step | null>(() => extra.value ?? order.find((one) => !props.bath.steps[one] && !mayBeLeftOut.includes(one)) ?? null);
const shown = computed(() => order.filter((one) => props.bath.steps[one] || one === step.value || !mayBeLeftOut.includes(one)));
const inBetween = computed(() =>
  step.value === 'rinsed_out'
    ? mayBeLeftOut.filter((one) => !props.bath.steps[one] && (one !== 'raked_in_lather' || props.bath.shedding !== null))
    : [],
);
const lathers = computed(() => step.value === 'lathered' || step.value === 'lathered_again');

const product = ref<BathProduct>(there(props.bath.proposed[0]).product);
const products = computed(() =>
  options(wordsOf('table.products')).filter(({ value }) => value !== 'conditioner' && (value !== 'vet_ordered' || props.bath.vetOrdered)),
);
/** Minutes, as a choice. */
const contact = ref('0');
watch(step, () => (contact.value = '0'));
const contacts = [0, 3, 5, 10].map((value) => ({
  value: String(value),
  says: value === 0 ? t('table.contact.none') : t('table.contact.minutes', { minutes: value }),
}));

/** Until when what was put on last stays on, in ms. */
const until = computed(() => {
  const on = order.map((one) => props.bath.steps[one]).filter((one) => one?.product != null);
  const last = on.at(-1);
  return last?.contactMinutes && step.value === 'rinsed_out' ? Date.parse(last.at) + last.contactMinutes * 60_000 : null;
});
const now = ref(Date.now());
useIntervalFn(() => (now.value = Date.now()), 1000);
const untilSaid = computed(() => (until.value === null ? '' : say.time(new Date(until.value).toISOString())));
const over = computed(() => until.value !== null && now.value >= until.value);
const waits = computed(() => until.value !== null && !over.value);
useCue(() => over.value);

function whyProduct(one: Bath['proposed'][number]): string {
  const named = { product: t(`table.products.${one.product}`), reason: t(`table.productReasons.${one.reason}`) };
  return one.finding ? t('bath.becauseOf', { ...named, finding: say.within(t(`skin.findings.${one.finding}`)) }) : t('bath.because', named);
}

function done(): void {
  if (step.value && !props.disabled && bounce.takes(step.value)) {
    const used = lathers.value ? product.value : step.value === 'conditioned' ? 'conditioner' : null;
    emit('done', step.value, used, used && contact.value !== '0' ? Number(contact.value) : null);
    extra.value = null;
  }
}
useKeys(() => [{ keys: [' ', 'Enter'], shown: t('ui.space'), says: t('bath.stepIsDone'), run: done, when: () => step.value !== null }]);
</script>

<template>
  <section class="grid content-start gap-3" :aria-label="t('table.bath')">
    <p class="text-list text-ink-2">{{ t('bath.about', { minutes: say.minutes(minutes) }) }}</p>
    <ol class="grid gap-1">
      <li v-for="one in shown" :key="one" class="text-list" :class="bath.steps[one] ? '' : one === step ? 'font-bold' : 'text-ink-2'">
        {{ t(`table.bathStepDone.${one}`)
        }}<template v-if="bath.steps[one]"
          >, {{ say.time(bath.steps[one].at) }}, {{ bath.steps[one].by
          }}<template v-if="bath.steps[one].product && one !== 'conditioned'"
            >: {{ say.within(t(`table.products.${bath.steps[one].product!}`)) }}</template
          ><template v-if="bath.steps[one].contactMinutes"
            >, {{ t('table.contact.on', { minutes: bath.steps[one].contactMinutes }) }}</template
          ></template
        >
      </li>
    </ol>
    <ul v-if="settled.length" class="grid gap-1">
      <li v-for="one in settled" :key="one.id" class="text-list font-bold">{{ tableWords.heldWay(one.way, one.section) }}.</li>
    </ul>
    <template v-if="step">
      <h1 class="text-ask text-call">{{ waits ? t('table.contact.heading', { time: untilSaid }) : t(`table.bathSteps.${step}.ask`) }}</h1>
      <p>
        {{
          t(`table.bathSteps.${step}.hint`, {
            tool: t(bath.shedding?.byRubberBrush ? 'table.shedding.rubberBrush' : 'table.shedding.rake'),
          })
        }}
      </p>
      <p v-if="until !== null" class="text-lead font-bold" role="status">
        {{ over ? t('table.contact.over') : t('table.contact.until', { left: say.stopwatch((until - now) / 1000) }) }}
      </p>
      <template v-if="lathers">
        <ul v-if="step === 'lathered'" class="grid gap-1">
          <li v-for="one in bath.proposed" :key="one.product" class="text-list">
            <BoldWords :words="whyProduct(one)" />
          </li>
        </ul>
        <ChoiceGroup v-model="product" :label="t('bath.whatYouUse')" :options="products" />
      </template>
      <ChoiceGroup v-if="lathers || step === 'conditioned'" v-model="contact" :label="t('table.contact.label')" :options="contacts" />
      <p v-if="step === 'rinsed_out'" class="text-list text-ink-2">{{ t(`table.wetBrushing.${bath.wetBrushing}`) }}</p>
      <MarkButton
        main
        class="min-h-21"
        :says="t(`table.bathStepDone.${step}`)"
        :shortcut="t('ui.space')"
        :disabled="disabled"
        @press="done"
      />
      <div class="flex flex-wrap gap-2 empty:hidden">
        <button v-for="one in inBetween" :key="one" type="button" class="btn" :disabled="disabled" @click="extra = one">
          {{ t(`table.bathSteps.${one}.ask`) }}
        </button>
        <button v-if="extra" type="button" class="btn" @click="extra = null">{{ t('table.bathSteps.rinsed_out.ask') }}</button>
      </div>
    </template>
  </section>
</template>
