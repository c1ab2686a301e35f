<script setup lang="ts">
// Longer on its feet than the house asks of this dog: said first, with what asks less, or why it goes over.
import { t } from '@/messages/words';
import { computed, ref } from 'vue';
import type { Payloads, Plan } from '@/api/types';
import { say } from '@/messages/say';
import { later } from '@/ui/later';

const NoteDialog = later(() => import('@/ui/dialogs'), 'NoteDialog');
type Feet = Plan['standing']['inOneVisit'];
type Way = Feet['ways'][number]['way'];
const props = defineProps<{ feet: Feet; service: 'full_groom' | 'bath_and_brush' | 'nails_and_tidy'; disabled: boolean }>();
const emit = defineEmits<{
  plan: [planned: Payloads['feet_planned']];
  smaller: [service: 'bath_and_brush' | 'nails_and_tidy'];
  free: [mark: string];
}>();
const saysWhy = ref(false);
const figures = computed(() => ({ minutes: Math.round(props.feet.onItsFeetMinutes), most: Math.round(props.feet.mostMinutes) }));
const smaller = computed(() => (props.service === 'full_groom' ? 'bath_and_brush' : 'nails_and_tidy'));
/** Those that bring it under come first; where none does, all of them still ask less. */
const ways = computed(() => [...props.feet.ways].sort((one, other) => Number(other.under) - Number(one.under)));
const title = computed(() => {
  if (props.feet.fits) {
    return t('feet.plan.way', { way: t(`feet.plan.ways.${props.feet.way!}`), ...figures.value });
  }
  return props.feet.reason === null
    ? t('feet.plan.over', figures.value)
    : t('feet.plan.goesOver', { reason: props.feet.reason, ...figures.value });
});

function says(way: Way): string {
  return way === 'smaller_service'
    ? t('feet.plan.smaller', { service: say.within(t(`arrival.services.${smaller.value}`)) })
    : t(`feet.plan.ways.${way}`);
}

function take(way: Way): void {
  if (way === 'smaller_service') {
    emit('smaller', smaller.value);
  } else {
    emit('plan', { way });
  }
}

function goOver(reason: string): void {
  emit('plan', { ...(props.feet.way ? { way: props.feet.way } : {}), reason });
  saysWhy.value = false;
}
</script>

<template>
  <section
    v-if="!feet.fits || feet.way"
    class="rounded-md edge px-4 py-2.5"
    :class="feet.fits || feet.reason ? 'border-line-2' : 'border-dashed border-call'"
    role="status"
  >
    <h2 class="text-lead font-bold">{{ title }}</h2>
    <template v-if="!feet.fits && !feet.reason">
      <p class="text-note text-ink-2">{{ t('feet.plan.counts', { rules: t('device.rulesOfThumb') }) }}</p>
      <ul class="mt-1.5 grid gap-2 tall:grid-cols-2">
        <li v-for="{ way, minutes, under } in ways" :key="way">
          <button type="button" class="btn btn-small w-full" :disabled="disabled" @click="take(way)">
            {{ says(way) }}: {{ t(under ? 'feet.plan.under' : 'feet.plan.less', { minutes: Math.round(minutes) }) }}
          </button>
        </li>
        <li>
          <button type="button" class="btn btn-small w-full" :disabled="disabled" @click="saysWhy = true">{{ t('feet.plan.why') }}</button>
        </li>
      </ul>
      <p v-if="!ways.some(({ under }) => under)" class="mt-1.5 text-list">{{ t('feet.plan.divide') }}</p>
    </template>
    <button v-else-if="feet.planned" type="button" class="act -ml-2" :disabled="disabled" @click="emit('free', feet.planned)">
      {{ t('feet.plan.free') }}
    </button>
    <NoteDialog
      v-if="saysWhy"
      :title="t('feet.plan.whyTitle', { minutes: say.minutes(figures.minutes), most: figures.most })"
      :label="t('feet.plan.whyLabel')"
      :action="t('feet.plan.why')"
      :needed="t('feet.plan.whyNeeded')"
      @save="goOver"
      @close="saysWhy = false"
    />
  </section>
</template>
