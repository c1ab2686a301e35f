<script setup lang="ts">
// Where the hands go next, and what keeps the bath gate shut, always in words.
import { t, type Words } from '@/messages/words';
import { computed } from 'vue';
import BoldWords from '@/ui/BoldWords.vue';
import type { BathGate, SectionId } from '@/api/types';
import { say } from '@/messages/say';

const props = defineProps<{ begun: boolean; selected: SectionId | null; left: SectionId[]; gate: BathGate }>();
const gateSays = computed(() => {
  const { gate } = props;
  if (gate.cleared) {
    return t('table.gateWords.open');
  }
  const count = (reason: string): number => gate.lacks.filter((lack) => lack.reason === reason).length;
  const [parked, held, later] = [count('mat_parked'), count('held_for_vet'), count('later_visit')];
  const told: [keyof Words['table']['gateWords'], number][] = [
    ['held', held],
    ['toPass', gate.lacks.length - parked - held - later],
    ['later', later],
    ['parked', parked],
  ];
  const words = told.filter(([, places]) => places > 0).map(([word, places]) => t(`table.gateWords.${word}`, { count: places }));
  return gate.open ? t('table.gateWords.nothing') : words.join(', ');
});
const comesNext = computed(() => props.left.filter((section) => section !== props.selected).slice(0, 3));
</script>

<template>
  <div class="min-w-0 flex-1 px-2 text-list tall:px-4">
    <p v-if="begun && comesNext.length" class="truncate text-ink-2">
      <b class="text-ink">{{ selected ? say.within(say.section(selected)) : '' }}</b>
      <template v-for="section in comesNext" :key="section"> › {{ say.within(say.section(section)) }}</template>
      <template v-if="left.length > 4">{{ ` ${t('table.way.more', { count: left.length - 4 })}` }}</template>
    </p>
    <p class="truncate">
      <BoldWords :words="t(gate.cleared || gate.open ? 'table.gateSays.open' : 'table.gateSays.shut', { says: gateSays })" />
    </p>
  </div>
</template>
