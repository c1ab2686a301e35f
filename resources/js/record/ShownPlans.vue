<script setup lang="ts">
// The plans as they were put to the client, opened again exactly as they were.
import { t } from '@/messages/words';
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
    <h2 class="text-lead">{{ t('record.shown.title') }}</h2>
    <details v-for="plan in plans" :key="plan.id" class="border-t border-line py-1 text-list">
      <summary class="act -ml-2 text-list whitespace-normal">
        {{
          t('record.shown.line', {
            time: say.time(plan.at),
            keep: plan.totals.coatKept === null ? '–' : say.percent(plan.totals.coatKept),
            minutes: say.minutes(plan.totals.minutes),
            pulling: say.pulling(plan.totals.tension),
          })
        }}
      </summary>
      <ul class="mt-1 grid gap-1 pl-2">
        <li v-for="line in lines(plan.choices)" :key="line">{{ line }}</li>
        <li>{{ t('plan.readBack.elsewhere') }}</li>
        <li class="text-ink-2">
          {{
            plan.houseRulesVersion > 0
              ? t('record.shown.by', { rules: plan.houseRulesVersion, core: plan.coreVersion })
              : t('record.shown.byElsewhere', { core: plan.coreVersion })
          }}
        </li>
      </ul>
    </details>
  </section>
</template>
