<script setup lang="ts">
// Why it is so, in sentences that a client understands; sections with one reason stand together.
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { Plan, SectionId } from '@/api/types';
import HairSwatch from '@/chart/HairSwatch.vue';
import { say } from '@/messages/say';

const props = defineProps<{ plan: Plan; route: SectionId[] }>();
const lines = computed(() => {
  const groups = new Map<string, { sections: SectionId[]; grade: number | null; done: string; why: string }>();
  for (const section of props.route) {
    const reason = props.plan.reasons[section];
    const planned = props.plan.sections[section];
    if (!reason || !planned?.choice || reason.why === 'combs_out') {
      continue;
    }
    const key = `${planned.choice}|${reason.says}`;
    const group = groups.get(key) ?? { sections: [], grade: planned.grade ?? null, done: say.done(planned.choice), why: reason.says };
    group.sections.push(section);
    groups.set(key, group);
  }
  return [...groups.values()];
});
</script>

<template>
  <details v-if="lines.length" class="border-t border-line pt-2" open>
    <summary class="act -ml-2">{{ t('plan.whyBySection') }}</summary>
    <ul class="mt-1 grid gap-2">
      <li v-for="line in lines" :key="line.done + line.why + line.sections[0]" class="grid grid-cols-[2.125rem_1fr] gap-3">
        <HairSwatch :grade="line.grade" :width="34" :height="24" class="mt-0.5" />
        <p class="text-list">
          <b>{{ say.start(say.sections(line.sections)) }}: {{ line.done }}.</b> {{ line.why }}
        </p>
      </li>
    </ul>
  </details>
</template>
