<script setup lang="ts">
// The scale with the grades still possible, the one by the answers so far marked, and why.
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { VisitSection } from '@/api/types';
import HairSwatch from '@/chart/HairSwatch.vue';
import { useBecause } from '@/visit/useBecause';
import { say } from '@/messages/say';
import KeyCap from '@/ui/KeyCap.vue';

const props = defineProps<{ section: VisitSection; judgeable?: boolean }>();
defineEmits<{ judge: [] }>();
const grades = [0, 1, 2, 3, 4, 5] as const;
const forming = computed(() => props.section.asks !== null && props.section.possible.length > 1);
const own = computed(() => props.section.own);
const holds = computed(() => own.value !== null && own.value.instead === props.section.grade);
const reachable = computed(() => new Set([...props.section.possible, ...(props.section.grade === null ? [] : [props.section.grade])]));
const { because } = useBecause();
</script>

<template>
  <div>
    <ol
      class="grid grid-cols-6 gap-1"
      :aria-label="section.grade === null ? t('inspection.own.noGrade') : t('inspection.own.grade', { grade: say.grade(section.grade) })"
    >
      <li v-for="grade in grades" :key="grade" class="min-w-0" :aria-current="grade === section.grade ? 'true' : undefined">
        <span
          class="block rounded-md border-2 p-0.5"
          :class="grade === section.inForce ? 'border-ink' : grade === section.grade ? 'border-dashed border-ink' : 'border-transparent'"
        >
          <HairSwatch v-if="reachable.has(grade) || grade === section.inForce" :grade="grade" class="!w-full" :height="30" />
          <span v-else class="block h-7.5 rounded-sm border border-dashed border-line-2"></span>
        </span>
        <span class="block truncate text-note" :class="grade === section.inForce ? 'font-bold' : reachable.has(grade) ? '' : 'text-ink-2'"
          >{{ grade }} <span class="max-tall:hidden">{{ t(`coat.grades.${grade}`) }}</span></span
        >
      </li>
    </ol>
    <p class="mt-2" aria-live="polite">
      <template v-if="section.grade !== null"
        ><b>{{ say.grade(section.grade) }}{{ forming ? ` ${t('inspection.soFar')}` : '' }},</b>
        {{ t('inspection.own.because', { because: because(section.rule) }) }}</template
      >
    </p>
    <p v-if="own && holds" class="mt-1">
      <b>{{ t('inspection.own.by', { grade: say.grade(own.grade), by: own.by }) }}</b>
      {{ t('inspection.own.counts', { reason: own.reason }) }}
    </p>
    <p v-else-if="own" class="mt-1">
      {{ t('inspection.own.against', { by: own.by, grade: say.grade(own.grade), instead: say.grade(own.instead) }) }}
    </p>
    <button v-if="judgeable" type="button" class="act -ml-2" @click="$emit('judge')">
      <KeyCap>G</KeyCap> {{ own && holds ? t('inspection.own.change') : t('inspection.own.otherwise') }}
    </button>
  </div>
</template>
