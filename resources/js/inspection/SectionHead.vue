<script setup lang="ts">
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { SectionId, Visit, VisitSection } from '@/api/types';
import { say } from '@/messages/say';
import SectionAdvice from './SectionAdvice.vue';

const props = defineProps<{ id: SectionId; section: VisitSection; sections: Visit['sections']; where?: string }>();
/** The same place on the dog's other side: a pair is judged together. */
const twin = computed(() => {
  const other = props.id.endsWith('_l') ? props.id.replace(/_l$/, '_r') : props.id.replace(/_r$/, '_l');
  const grade = other === props.id ? null : props.sections[other as SectionId].inForce;
  return grade === null ? '' : t('inspection.otherSide', { grade: say.grade(grade) });
});
</script>

<template>
  <header>
    <div class="flex flex-wrap items-baseline justify-between gap-x-4">
      <h1 class="text-say tall:text-title">{{ say.section(id) }}</h1>
      <p class="flex gap-3 text-list whitespace-nowrap text-ink-2">
        <span v-if="twin">{{ twin }}</span><span>{{ where }}</span>
      </p>
    </div>
    <SectionAdvice class="mt-1 max-tall:hidden" :section="section" />
  </header>
</template>
