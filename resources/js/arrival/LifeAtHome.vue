<script setup lang="ts">
// What is done at home between two visits, as the owner tells it: each answer moves the dog's clock.
import { computed } from 'vue';
import type { SectionId } from '@/api/types';
import { options } from '@/messages/options';
import { say } from '@/messages/say';
import { t, wordsOf } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import TickGroup from '@/ui/TickGroup.vue';
import { yesNo } from '@/ui/yesNo';
import type { useArrival } from './useArrival';

const props = defineProps<{ arrival: ReturnType<typeof useArrival>; name: string }>();
const { answers, answer } = props.arrival;

/** Where a dog reaches. */
const CHEWED: SectionId[] = [
  'forefoot_l',
  'forefoot_r',
  'foreleg_l',
  'foreleg_r',
  'hindfoot_l',
  'hindfoot_r',
  'hindleg_l',
  'hindleg_r',
  'breeches_l',
  'breeches_r',
  'tail',
  'groin',
];
const chewed = computed(() => CHEWED.map((section) => ({ value: section, says: say.section(section) })));
const brushes = computed(() => (answers.value.homeBrushing ?? 'none') !== 'none');
</script>

<template>
  <ChoiceGroup
    :model-value="answers.homeBrushing ?? null"
    :label="t('arrival.ask.brushedAtHome')"
    :options="options(wordsOf('arrival.homeBrushing'))"
    @update:model-value="answer({ homeBrushing: $event })"
  />
  <template v-if="brushes">
    <div class="grid gap-1.5">
      <ChoiceGroup
        :model-value="answers.homeTool ?? null"
        :label="t('arrival.ask.homeTool')"
        :options="options(wordsOf('arrival.homeTools'))"
        @update:model-value="answer({ homeTool: $event })"
      />
      <p class="text-note text-ink-2">{{ t('arrival.ask.homeToolHint') }}</p>
    </div>
    <div class="grid gap-6 tall:grid-cols-2">
      <ChoiceGroup
        :model-value="answers.homeComb ?? null"
        :label="t('arrival.ask.homeComb')"
        :options="yesNo()"
        @update:model-value="answer({ homeComb: $event })"
      />
      <ChoiceGroup
        :model-value="answers.combTestShown ?? null"
        :label="t('arrival.ask.combTestShown')"
        :options="yesNo()"
        @update:model-value="answer({ combTestShown: $event })"
      />
    </div>
  </template>
  <ChoiceGroup
    :model-value="answers.airDries ?? null"
    :label="t('arrival.ask.airDries')"
    :options="yesNo()"
    @update:model-value="answer({ airDries: $event })"
  />
  <TickGroup
    :model-value="answers.chews ?? null"
    :label="t('arrival.ask.chews', { name })"
    :options="chewed"
    :none="t('ui.nothing')"
    @update:model-value="answer({ chews: $event })"
  />
</template>
