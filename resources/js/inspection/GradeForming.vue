<script setup lang="ts">
// The scale with the grades still possible, the one by the answers so far marked, and why.
import { computed } from 'vue';
import type { VisitSection } from '@/api/types';
import HairSwatch from '@/chart/HairSwatch.vue';
import { useGuide } from '@/visit/useGuide';
import { say } from '@/messages/say';
import KeyCap from '@/ui/KeyCap.vue';

const props = defineProps<{ section: VisitSection; judgeable?: boolean }>();
defineEmits<{ judge: [] }>();
const grades = [0, 1, 2, 3, 4, 5];
const forming = computed(() => props.section.asks !== null && props.section.possible.length > 1);
const own = computed(() => props.section.own);
const holds = computed(() => own.value !== null && own.value.instead === props.section.grade);
const reachable = computed(() => new Set([...props.section.possible, ...(props.section.grade === null ? [] : [props.section.grade])]));
const { because } = useGuide();
</script>

<template>
  <div>
    <ol class="grid grid-cols-6 gap-1" :aria-label="section.grade === null ? 'No grade yet' : `Grade ${say.grade(section.grade)}`">
      <li v-for="grade in grades" :key="grade" class="min-w-0" :aria-current="grade === section.grade ? 'true' : undefined">
        <span
          class="block rounded-md border-2 p-[2px]"
          :class="grade === section.inForce ? 'border-ink' : grade === section.grade ? 'border-dashed border-ink' : 'border-transparent'"
        >
          <HairSwatch v-if="reachable.has(grade) || grade === section.inForce" :grade="grade" class="!w-full" :height="30" />
          <span v-else class="block h-[1.875rem] rounded-[4px] border border-dashed border-line-2"></span>
        </span>
        <span class="block truncate text-note" :class="grade === section.inForce ? 'font-bold' : reachable.has(grade) ? '' : 'text-ink-2'"
          >{{ grade }} <span class="max-tall:hidden">{{ say.text.grades[grade] }}</span></span
        >
      </li>
    </ol>
    <p class="mt-2" aria-live="polite">
      <template v-if="section.grade !== null"
        ><b>{{ say.grade(section.grade) }}{{ forming ? ` ${say.text.soFar}` : '' }},</b> because {{ because(section.rule) }}.</template
      >
    </p>
    <p v-if="own && holds" class="mt-1">
      <b>{{ say.grade(own.grade) }} by {{ own.by }}</b> counts instead: “{{ own.reason }}”
    </p>
    <p v-else-if="own" class="mt-1">
      {{ own.by }}’s {{ say.grade(own.grade) }} was set against {{ say.grade(own.instead) }}. The comb has found otherwise since, so the
      rule counts again.
    </p>
    <button v-if="judgeable" type="button" class="act -ml-2" @click="$emit('judge')">
      <KeyCap>G</KeyCap> {{ own && holds ? 'Change that grade' : 'I grade it otherwise' }}
    </button>
  </div>
</template>
