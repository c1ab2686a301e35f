<script setup lang="ts">
// Rinse, lather, rinse: one step at a time, with what is proposed for what was found.
import { computed, ref } from 'vue';
import type { Bath, BathProduct, Visit } from '@/api/types';
import { useKeys } from '@/composables/useKeys';
import { options } from '@/messages/options';
import { say } from '@/messages/say';
import ChoiceGroup from './ChoiceGroup.vue';
import MarkButton from './MarkButton.vue';

const props = defineProps<{ bath: Bath; settled: Visit['gate']['settled']; minutes: number; disabled: boolean }>();
const emit = defineEmits<{ done: [step: string, product: BathProduct | null] }>();
const order = ['rinsed_first', 'lathered', 'rinsed_out'] as const;
const step = computed(() => order.find((one) => !props.bath.steps[one]) ?? null);
const product = ref<BathProduct>(props.bath.proposed[0].product);

function done(): void {
  if (step.value && !props.disabled) {
    emit('done', step.value, step.value === 'lathered' ? product.value : null);
  }
}
useKeys(() => [{ keys: [' ', 'Enter'], shown: 'Space', says: 'This step is done', run: done, when: () => step.value !== null }]);
</script>

<template>
  <section class="grid content-start gap-3" aria-label="Bath">
    <p class="text-list text-ink-2">Bath, about {{ say.minutes(minutes) }}.</p>
    <ol class="grid gap-1">
      <li v-for="one in order" :key="one" class="text-list" :class="bath.steps[one] ? '' : one === step ? 'font-bold' : 'text-ink-2'">
        {{ say.text.table.bathStepDone[one]
        }}<template v-if="bath.steps[one]"
          >, {{ say.time(bath.steps[one].at) }}, {{ bath.steps[one].by
          }}<template v-if="bath.steps[one].product"
            >: {{ say.text.table.products[bath.steps[one].product!].toLowerCase() }}</template
          ></template
        >
      </li>
    </ol>
    <ul v-if="settled.length" class="grid gap-1">
      <li v-for="one in settled" :key="one.id" class="text-list font-bold">{{ say.heldWay(one.way, one.section) }}.</li>
    </ul>
    <template v-if="step">
      <h1 class="text-ask text-call">{{ say.text.table.bathSteps[step].ask }}</h1>
      <p>{{ say.text.table.bathSteps[step].hint }}</p>
      <template v-if="step === 'lathered'">
        <ul class="grid gap-1">
          <li v-for="one in bath.proposed" :key="one.product" class="text-list">
            <b>{{ say.text.table.products[one.product] }}</b>, because {{ say.text.table.productReasons[one.reason]
            }}{{ one.finding ? ` (${say.text.findings[one.finding].toLowerCase()})` : '' }}.
          </li>
        </ul>
        <ChoiceGroup v-model="product" label="What you use" :options="options(say.text.table.products)" />
      </template>
      <p v-if="step === 'rinsed_out'" class="text-list text-ink-2">{{ say.text.table.wetBrushing[bath.wetBrushing] }}</p>
      <MarkButton main class="min-h-21" :says="say.text.table.bathStepDone[step]" shortcut="Space" :disabled="disabled" @press="done" />
    </template>
  </section>
</template>
