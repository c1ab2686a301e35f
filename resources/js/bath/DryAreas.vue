<script setup lang="ts">
// Drying: how, what to mind, and the areas dry to the skin one by one.
import { there } from '@/api/there';
import { t, wordsOf } from '@/messages/words';
import { computed, ref } from 'vue';
import type { Bath, DryArea, DryMethod } from '@/api/types';
import { useBounce } from '@/device/bounce';
import { useKeys } from '@/device/useKeys';
import { options } from '@/messages/options';
import { say } from '@/messages/say';
import BoldWords from '@/ui/BoldWords.vue';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import MarkButton from '@/ui/MarkButton.vue';
import SheddingStep from './SheddingStep.vue';
import SpotTimer from './SpotTimer.vue';

const props = defineProps<{ bath: Bath; minutes: number; disabled: boolean }>();
const emit = defineEmits<{
  start: [method: DryMethod];
  dry: [area: DryArea];
  wet: [mark: string];
  shed: [step: 'raked_towelled' | 'raked_under_dryer'];
}>();
const bounce = useBounce();
const stage = computed(() => (props.bath.drying ? 'raked_under_dryer' : 'raked_towelled'));
const method = ref(there(props.bath.methods[0]));
const methods = computed(() => options(wordsOf('table.dryMethods')).filter((one) => props.bath.methods.includes(one.value)));
const wet = computed(() => props.bath.areas.filter((area) => !area.dry));

function touch(area: Bath['areas'][number]): void {
  if (area.dry) {
    emit('wet', area.dry.id);
  } else if (bounce.takes(area.area)) {
    emit('dry', area.area);
  }
}
useKeys(() =>
  props.bath.drying
    ? [
        {
          keys: [' ', 'Enter'],
          shown: t('ui.space'),
          says: t('bath.dry.next'),
          run: () => wet.value[0] && touch(wet.value[0]),
          when: () => !props.disabled,
        },
        ...props.bath.areas.map((area, index) => ({
          keys: [String(index + 1)],
          says: t(`table.areas.${area.area}`),
          run: () => touch(area),
          when: () => !props.disabled,
        })),
      ]
    : [
        {
          keys: [' ', 'Enter'],
          shown: t('ui.space'),
          says: t('bath.dry.begin'),
          run: () => emit('start', method.value),
          when: () => !props.disabled,
        },
      ],
);
</script>

<template>
  <section class="grid content-start gap-3" :aria-label="t('bath.dry.title')">
    <template v-if="!bath.drying">
      <h1 class="text-ask text-call">{{ t('bath.dry.towel') }}</h1>
      <ChoiceGroup v-if="methods.length > 1" v-model="method" :label="t('bath.dry.then')" :options="methods" />
    </template>
    <h1 v-else class="text-ask text-call">{{ t('bath.dry.isIt') }}</h1>
    <p class="text-list">
      <BoldWords
        :words="
          t('bath.dry.about', {
            minutes: say.minutes(minutes),
            way: t(bath.drying?.method === 'air' ? 'bath.dry.inTheAir' : 'bath.dry.withTheDryer'),
          })
        "
      />
    </p>
    <ul class="grid gap-1">
      <li v-for="caution in bath.cautions" :key="caution" class="text-list" :class="caution === 'no_heat' ? 'font-bold' : ''">
        {{ t(`table.dryCautions.${caution}`) }}
      </li>
    </ul>
    <p v-if="!bath.drying && bath.wetBrushing === 'also_towelled'" class="text-list">{{ t('table.towelled') }}</p>
    <SheddingStep v-if="!bath.steps.sponged" :bath="bath" :stage="stage" :disabled="disabled" @done="emit('shed', stage)" />
    <SpotTimer v-if="bath.drying?.method === 'dryer' && !disabled" :limit-seconds="bath.spotSeconds" />
    <MarkButton
      v-if="!bath.drying"
      main
      class="min-h-21"
      :says="t('bath.dry.begin')"
      :shortcut="t('ui.space')"
      :disabled="disabled"
      @press="emit('start', method)"
    />
    <div v-else class="grid grid-cols-2 gap-2">
      <MarkButton
        v-for="(area, index) in bath.areas"
        :key="area.area"
        class="min-h-18"
        :says="t(`table.areas.${area.area}`)"
        :shortcut="String(index + 1)"
        :note="area.dry ? t('bath.dry.dryAt', { time: say.time(area.dry.at) }) : t('bath.dry.wet')"
        :pressed="area.dry !== null"
        :disabled="disabled"
        @press="touch(area)"
      />
    </div>
  </section>
</template>
