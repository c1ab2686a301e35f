<script setup lang="ts">
// What is offered at one section, with what it costs and keeps; and what is not, with the reason.
import { sayPlan } from '@/messages/sayPlan';
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { PlanSection } from '@/api/types';
import { useKeys } from '@/device/useKeys';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import KeyCap from '@/ui/KeyCap.vue';

type Option = PlanSection['options'][number];
const props = defineProps<{ section: PlanSection; decides: boolean; closed: boolean }>();
const emit = defineEmits<{ choose: [treatment: string] }>();

// Hands first, then clips from the longest: the less that is lost the higher it stands.
const options = computed(() => [...props.section.options].sort((one, other) => other.keep - one.keep));
/** Treatments ruled out for one reason stand in one line. */
const barred = computed(() => {
  const lines = new Map<string, string[]>();
  for (const bar of props.section.notOffered) {
    lines.set(bar.says, [...(lines.get(bar.says) ?? []), bar.treatment]);
  }
  return [...lines].map(([reason, treatments]) => ({ reason, what: names(treatments) }));
});

function names(treatments: string[]): string {
  const clips = treatments.filter((treatment) => treatment.startsWith('clip:')).map((treatment) => say.mm(Number(treatment.slice(5))));
  const others = treatments.filter((treatment) => !treatment.startsWith('clip:')).map((treatment) => sayPlan.treatment(treatment));
  return [...others, ...(clips.length ? [t('plan.clipToAny', { lengths: clips.join(', ') })] : [])].join(' · ');
}

const { salon } = useSession();
/** "whole coat: 96 % kept, 14.2 min of pulling, 72 min, €66" */
function whole(becomes: NonNullable<Option['whole']>): string {
  return t('plan.wholeBecomes', {
    keep: say.percent(becomes.keep),
    pulling: say.pulling(becomes.tension),
    minutes: say.minutes(becomes.minutes),
    price: say.money(becomes.priceCents, salon.value?.currency ?? 'EUR'),
  });
}

function under(option: Option): string {
  return [option.bladeTestFirst ? t('plan.bladeTestFirst') : '', option.whole ? whole(option.whole) : ''].filter(Boolean).join(' · ');
}

useKeys(() =>
  props.decides && !props.closed
    ? options.value.slice(0, 9).map((option, index) => ({
        keys: [String(index + 1)],
        says: sayPlan.treatment(option.treatment),
        run: () => emit('choose', option.treatment),
      }))
    : [],
);
</script>

<template>
  <div>
    <ul class="grid gap-1.5" :aria-label="t('plan.choices.label')">
      <li v-for="(option, index) in options" :key="option.treatment">
        <button
          type="button"
          class="group grid min-h-12 w-full grid-cols-[minmax(0,1fr)_auto] gap-x-4 py-0.5 tall:grid-cols-[2.5rem_minmax(0,1fr)_3.75rem_5.25rem_6.5rem] items-center rounded-lg edge border-ink px-3 text-left"
          :class="option.treatment === section.choice ? 'btn-main' : 'bg-sheet'"
          :aria-pressed="option.treatment === section.choice"
          :disabled="!decides || closed"
          @click="emit('choose', option.treatment)"
        >
          <KeyCap class="row-span-2 justify-self-start" :class="index > 8 ? 'invisible' : ''">{{ index + 1 }}</KeyCap>
          <span class="min-w-0 truncate text-lead leading-tight font-bold">{{ sayPlan.treatment(option.treatment) }}</span>
          <span class="text-right text-list">{{ say.minutes(option.minutes) }}</span>
          <span class="text-list tall:text-right">{{
            option.tension === 0 ? t('plan.choices.noPull') : t('plan.choices.pulls', { pulling: say.pulling(option.tension) })
          }}</span>
          <span class="text-right text-list">{{ t('plan.choices.keeps', { part: Math.round(option.keep * 100) }) }}</span>
          <span
            v-if="option.whole || option.bladeTestFirst"
            class="col-span-full text-note leading-tight tall:col-span-4 tall:col-start-2"
            >{{ under(option) }}</span
          >
        </button>
      </li>
    </ul>
    <div v-if="section.options.length === 0" class="rounded-md edge border-dashed border-call px-4 py-3" role="alert">
      <p class="text-lead font-bold">{{ t('plan.choices.nothing') }}</p>
      <p>
        {{ t('plan.choices.waysOut') }}
      </p>
    </div>
    <details v-if="barred.length" class="mt-2" open>
      <summary class="act -ml-2 text-list">{{ t('plan.choices.notOffered') }}</summary>
      <ul class="mt-1 grid gap-1.5">
        <li v-for="line in barred" :key="line.reason" class="text-list">
          <b>{{ line.what }}.</b> {{ line.reason }}
        </li>
      </ul>
    </details>
  </div>
</template>
