<script setup lang="ts">
// One section of the plan: what was found there, what can be done, why, and the blades that were tried.
import { t } from '@/messages/words';
import { computed, ref } from 'vue';
import type { BladeResult, Plan, SectionId, VisitSection } from '@/api/types';
import HairSwatch from '@/chart/HairSwatch.vue';
import { isMatted } from '@/visit/grades';
import { say } from '@/messages/say';
import BladeTestPanel from './BladeTestPanel.vue';
import TreatmentChoices from './TreatmentChoices.vue';
import { later } from '@/ui/later';

const PhotoDialog = later(() => import('@/visit/dialogs'), 'PhotoDialog');
type EvenGroup = Plan['even'][number];
const props = defineProps<{
  visit: string;
  plan: Plan;
  section: SectionId;
  reading: VisitSection | null;
  /** Its plans are folded to a line each. */
  opened: boolean;
  decides: boolean;
  closed: boolean;
}>();
const emit = defineEmits<{
  take: [treatment: string];
  free: [];
  even: [groups: EvenGroup[]];
  tried: [mm: number, result: BladeResult];
  fold: [];
}>();
const photographing = ref(false);
const here = computed(() => props.plan.sections[props.section] ?? null);
const reason = computed(() => props.plan.reasons[props.section] ?? null);
const decidable = computed(() => props.decides && !props.closed);
const found = computed(() => {
  const check = props.reading?.check;
  return [
    check?.mattedShare != null ? say.share(check.mattedShare) : '',
    check?.liftMm != null ? t('coat.fromTheSkin', { length: say.mm(check.liftMm) }) : '',
    here.value ? t('plan.section.coat', { length: say.mm(here.value.lengthMm) }) : '',
  ]
    .filter((word) => word)
    .join(' · ');
});
const group = computed(() => here.value?.evenWith ?? null);
const isEven = computed(() => group.value !== null && props.plan.even.includes(group.value));

function toggleEven(): void {
  if (group.value) {
    emit('even', isEven.value ? props.plan.even.filter((one) => one !== group.value) : [...props.plan.even, group.value]);
  }
}
</script>

<template>
  <section class="border-t border-line" :class="opened ? 'mt-1 pt-2' : 'mt-3 pt-3'" :aria-label="say.section(section)">
    <div class="mb-2 flex flex-wrap items-center gap-x-3 gap-y-1">
      <h2 class="text-answer">{{ say.section(section) }}</h2>
      <p v-if="here && here.grade !== null" class="flex items-center gap-2">
        <HairSwatch :grade="here.grade" :width="32" :height="22" /><b>{{ say.grade(here.grade) }}</b>
      </p>
      <button v-if="opened" type="button" class="act -my-2 ml-auto" @click="emit('fold')">{{ t('plan.allPlans') }}</button>
      <p class="text-list text-ink-2" :class="opened ? 'basis-full' : ''">{{ found }}</p>
    </div>
    <div v-if="here && decidable" class="mb-2 flex flex-wrap gap-2">
      <button v-if="plan.fixed.includes(section)" type="button" class="btn btn-small" @click="emit('free')">
        {{ t('plan.section.fixed') }}
      </button>
      <button v-if="group" type="button" class="toggle" :aria-pressed="isEven" @click="toggleEven">
        {{ t('plan.section.oneLength', { group: t(`coat.evenGroups.${group}`) }) }}
      </button>
    </div>
    <TreatmentChoices v-if="here" :key="section" :section="here" :decides="decides" :closed="closed" @choose="emit('take', $event)" />
    <p v-else>{{ t('plan.section.notChecked') }}</p>
    <p v-if="here && reason" class="mt-2">
      <b>{{ t('plan.section.why') }}</b> {{ reason.says }}
      <span v-if="reason.changes.length" class="text-ink-2"
        >{{ t('plan.whatWouldChange') }} {{ reason.changes.map((change) => t(`plan.changes.${change}`)).join(', ') }}.</span
      >
      <span v-if="here.regrowthWeeks" class="text-ink-2">{{
        ` ${t('plan.section.growsBack', { weeks: say.weeks(here.regrowthWeeks) })}`
      }}</span>
    </p>
    <BladeTestPanel
      v-if="here && isMatted(here.grade)"
      :key="`blade-${section}`"
      :blades="here.blades"
      :disabled="!decidable"
      @photo="photographing = true"
      @tried="(mm, result) => emit('tried', mm, result)"
    />
    <PhotoDialog v-if="photographing" :visit="visit" :section="section" @close="photographing = false" />
  </section>
</template>
