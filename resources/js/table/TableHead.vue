<script setup lang="ts">
// The section in hand at the table: its name, what is to be done, how, and what sits on its skin.
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { SectionId, TableSection, Visit } from '@/api/types';
import { sayToDo, treatmentOf } from './mainMark';
import { isMatted } from '@/visit/grades';
import { say } from '@/messages/say';
import FindingList from '@/visit/FindingList.vue';
import TableAdvice from './TableAdvice.vue';

const props = defineProps<{ visit: Visit; section: SectionId; here: TableSection; reading: Visit['sections'][SectionId]; big: boolean }>();
const todo = computed(() => sayToDo(props.here));
/** How mats are opened is said where there are any. */
const opening = computed(() => (isMatted(props.here.grade) && !props.here.done ? treatmentOf(props.here.choice).kind : null));
/** What a blade can cut is said where one goes now. */
const cuts = computed(() => props.here.asks === 'clip' && !props.here.done);
const findings = computed(() => props.visit.findings.filter((finding) => finding.section === props.section && !finding.closed));
</script>

<template>
  <p class="sr-only" role="status">{{ say.section(section) }}, {{ todo }}</p>
  <div class="flex flex-wrap items-baseline justify-between gap-x-4">
    <h1 class="text-say tall:text-title">{{ say.section(section) }}</h1>
    <p class="text-list text-ink-2">
      {{ todo }}<template v-if="here.grade !== null && !here.done"> · {{ say.grade(here.grade) }}</template>
    </p>
  </div>
  <TableAdvice v-if="!big" :section="reading" :kind="opening" />
  <p v-if="cuts && reading.bladeCaution" class="text-list font-semibold">{{ t(`table.bladeCautions.${reading.bladeCaution}`) }}</p>
  <slot />
  <FindingList v-if="findings.length" class="mt-1 text-list" :findings="findings" />
</template>
