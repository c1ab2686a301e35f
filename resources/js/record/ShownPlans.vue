<script setup lang="ts">
// The plans as they were put to the client, opened again exactly as they were.
import type { SectionId, VisitRecord } from '@/api/types';
import { say } from '@/messages/say';

defineProps<{ plans: VisitRecord['shownPlans'] }>();

function lines(choices: Record<string, string>): string[] {
  const groups = new Map<string, SectionId[]>();
  for (const [section, choice] of Object.entries(choices)) {
    if (choice !== 'brush') {
      groups.set(choice, [...(groups.get(choice) ?? []), section as SectionId]);
    }
  }
  return [...groups].map(([choice, sections]) => `${say.start(say.sections(sections))}: ${say.done(choice)}.`);
}
</script>

<template>
  <section v-if="plans.length">
    <h2 class="text-lead">Plans as they were shown</h2>
    <details v-for="plan in plans" :key="plan.id" class="border-t border-line py-1 text-list">
      <summary class="act -ml-2 cursor-pointer text-list whitespace-normal">
        {{ say.time(plan.at) }}: keeps {{ plan.totals.coatKept === null ? '–' : say.percent(plan.totals.coatKept) }},
        {{ say.minutes(plan.totals.minutes) }} at the table, pulls {{ say.pulling(plan.totals.tension) }} min
      </summary>
      <ul class="mt-1 grid gap-1 pl-2">
        <li v-for="line in lines(plan.choices)" :key="line">{{ line }}</li>
        <li>Everywhere else: brushed and combed.</li>
        <li class="text-ink-2">By house rules version {{ plan.houseRulesVersion }}, rules of the job {{ plan.coreVersion }}.</li>
      </ul>
    </details>
  </section>
</template>
