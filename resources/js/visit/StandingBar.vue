<script setup lang="ts">
// How long the dog has been on its feet, and the touch that stops it: lying, or a rest. On every screen with hands on the dog.
import { t } from '@/messages/words';
import { computed, ref, toRef } from 'vue';
import type { Visit } from '@/api/types';
import { releaseFocus } from '@/device/useKeys';
import { useCue } from '@/device/useCue';
import { type Posture, useFeet } from './useFeet';
import { useSmallScreen } from '@/ui/useSmallScreen';
import { say } from '@/messages/say';

const props = defineProps<{ visit: Visit }>();
const emit = defineEmits<{ marked: [id: string] }>();
const feet = useFeet(toRef(props, 'visit'));
const { posture, minutes, limit, resting, restedSeconds, due, ends } = feet;
useCue(() => due.value);

const small = useSmallScreen();
const choosing = ref(false);
const lying = computed<Posture[]>(() => ['left_side', 'right_side', ...(props.visit.feet.neverOnTheBack ? [] : (['back'] as const))]);
const restSeconds = computed(() => props.visit.feet.restMinutes * 60);

const line = computed(() => {
  if (resting.value) {
    return t(restedSeconds.value < restSeconds.value ? 'feet.resting' : 'feet.rested', {
      time: say.stopwatch(restedSeconds.value),
      minutes: props.visit.feet.restMinutes,
    });
  }
  if (ends.value) {
    return t('feet.ends', { minutes: props.visit.feet.inOneVisit.mostMinutes });
  }
  if (posture.value !== 'stands') {
    return posture.value === 'back' ? t('feet.onItsBack') : t('feet.lies');
  }
  const [dueSaid, standsSaid] = small.value ? (['feet.dueShort', 'feet.standsShort'] as const) : (['feet.due', 'feet.stands'] as const);
  return t(due.value ? dueSaid : standsSaid, {
    minutes: Math.floor(minutes.value),
    limit: limit.value,
    rest: props.visit.feet.restMinutes,
  });
});

function take(event: MouseEvent, next: Posture): void {
  releaseFocus(event);
  choosing.value = false;
  emit('marked', feet.take(next));
}

function rest(event: MouseEvent): void {
  releaseFocus(event);
  choosing.value = false;
  emit('marked', feet.rest());
}
</script>

<template>
  <section
    class="no-print flex shrink-0 flex-wrap items-center gap-x-3 gap-y-1 border-b border-line px-4 py-1 tall:px-8"
    :class="due || ends ? 'bg-rail' : 'bg-paper'"
    :aria-label="t('feet.label')"
  >
    <p class="min-w-0 flex-1 basis-32 text-list tall:basis-44 leading-tight" :class="due || ends ? 'font-bold' : ''" role="status">
      {{ line }}
    </p>
    <div class="flex gap-1.5">
      <template v-if="resting || posture !== 'stands'">
        <button type="button" class="btn btn-small min-h-11" @click="take($event, 'stands')">{{ t('feet.postures.stands') }}</button>
      </template>
      <template v-else-if="choosing">
        <button v-for="one in lying" :key="one" type="button" class="btn btn-small min-h-11" @click="take($event, one)">
          {{ t(`feet.postures.${one}`) }}
        </button>
      </template>
      <button v-else type="button" class="btn btn-small min-h-11" :aria-expanded="false" @click="choosing = true">
        {{ t('feet.lieDown') }}
      </button>
      <button v-if="!resting" type="button" class="btn btn-small min-h-11" @click="rest">{{ t('feet.rest') }}</button>
    </div>
  </section>
</template>
