<script setup lang="ts">
// Drying: how, what to mind, and the areas dry to the skin one by one.
import { computed, ref } from 'vue';
import type { Bath, DryArea, DryMethod } from '@/api/types';
import { useKeys } from '@/device/useKeys';
import { options } from '@/messages/options';
import { say } from '@/messages/say';
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
const stage = computed(() => (props.bath.drying ? 'raked_under_dryer' : 'raked_towelled'));
const method = ref(props.bath.methods[0]);
const methods = computed(() => options(say.text.table.dryMethods).filter((one) => props.bath.methods.includes(one.value)));
const wet = computed(() => props.bath.areas.filter((area) => !area.dry));

function touch(area: Bath['areas'][number]): void {
  if (area.dry) {
    emit('wet', area.dry.id);
  } else {
    emit('dry', area.area);
  }
}
useKeys(() =>
  props.bath.drying
    ? [
        {
          keys: [' ', 'Enter'],
          shown: 'Space',
          says: 'The next area is dry',
          run: () => wet.value[0] && touch(wet.value[0]),
          when: () => !props.disabled,
        },
        ...props.bath.areas.map((area, index) => ({
          keys: [String(index + 1)],
          says: say.text.table.areas[area.area],
          run: () => touch(area),
          when: () => !props.disabled,
        })),
      ]
    : [{ keys: [' ', 'Enter'], shown: 'Space', says: 'Begin drying', run: () => emit('start', method.value), when: () => !props.disabled }],
);
</script>

<template>
  <section class="grid content-start gap-3" aria-label="Drying">
    <template v-if="!bath.drying">
      <h1 class="text-ask text-call">Towel first: press, do not rub</h1>
      <ChoiceGroup v-if="methods.length > 1" v-model="method" label="Then" :options="methods" />
    </template>
    <h1 v-else class="text-ask text-call">Is it dry to the skin?</h1>
    <p class="text-list">
      About <b>{{ say.minutes(minutes) }}</b> {{ bath.drying?.method === 'air' ? 'in the air' : 'with the dryer' }}, a rule of thumb.
    </p>
    <ul class="grid gap-1">
      <li v-for="caution in bath.cautions" :key="caution" class="text-list" :class="caution === 'no_heat' ? 'font-bold' : ''">
        {{ say.text.table.dryCautions[caution] }}
      </li>
    </ul>
    <p v-if="!bath.drying && bath.wetBrushing === 'also_towelled'" class="text-list">{{ say.text.table.towelled }}</p>
    <SheddingStep v-if="!bath.steps.sponged" :bath="bath" :stage="stage" :disabled="disabled" @done="emit('shed', stage)" />
    <SpotTimer v-if="bath.drying?.method === 'dryer' && !disabled" :limit-seconds="bath.spotSeconds" />
    <MarkButton
      v-if="!bath.drying"
      main
      class="min-h-21"
      says="Begin drying"
      shortcut="Space"
      :disabled="disabled"
      @press="emit('start', method)"
    />
    <div v-else class="grid grid-cols-2 gap-2">
      <MarkButton
        v-for="(area, index) in bath.areas"
        :key="area.area"
        class="min-h-18"
        :says="say.text.table.areas[area.area]"
        :shortcut="String(index + 1)"
        :note="area.dry ? `dry, ${say.time(area.dry.at)}` : 'wet'"
        :pressed="area.dry !== null"
        :disabled="disabled"
        @press="touch(area)"
      />
    </div>
  </section>
</template>
