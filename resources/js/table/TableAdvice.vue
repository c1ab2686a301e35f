<script setup lang="ts">
// How to hold the dog here, and with what; at a mat how it is gone about.
import { t } from '@/messages/words';
import type { VisitSection } from '@/api/types';
import { say } from '@/messages/say';

defineProps<{ section: Pick<VisitSection, 'holds' | 'tools' | 'direction'>; kind: string | null }>();
</script>

<template>
  <dl class="grid grid-cols-[3.25rem_1fr] gap-x-2 text-list max-tall:hidden">
    <dt class="text-ink-2">{{ t('ui.advice.hold') }}</dt>
    <dd>{{ section.holds.map((hold) => t(`coat.holds.${hold}`)).join(' ') }}</dd>
    <template v-if="kind && kind !== 'leave'">
      <dt class="text-ink-2">{{ t('ui.advice.mats') }}</dt>
      <dd>{{ t(`table.matSteps.${kind as 'demat'}`) }}</dd>
    </template>
    <template v-else>
      <dt class="text-ink-2">{{ t('ui.advice.tools') }}</dt>
      <dd>
        {{
          t('table.advice.tools', {
            brush: say.start(t(`coat.brushes.${section.tools.brush}`)),
            reason: t(`coat.toolReasons.${section.tools.reason}`),
            way: t(`coat.directions.${section.direction}`),
          })
        }}<template v-if="section.tools.small">; {{ t(`coat.smallBrush.${section.tools.small}`) }}</template
        >.
      </dd>
    </template>
  </dl>
</template>
