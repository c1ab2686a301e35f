<script setup lang="ts">
// How to hold the dog here, and with what; at a mat how it is gone about.
import type { VisitSection } from '@/api/types';
import { say } from '@/messages/say';

defineProps<{ section: Pick<VisitSection, 'holds' | 'tools' | 'direction'>; kind: string | null }>();
</script>

<template>
  <dl class="grid grid-cols-[3.25rem_1fr] gap-x-2 text-list max-tall:hidden">
    <dt class="text-ink-2">Hold</dt>
    <dd>{{ section.holds.map((hold) => say.text.holds[hold]).join(' ') }}</dd>
    <template v-if="kind && kind !== 'leave'">
      <dt class="text-ink-2">Mats</dt>
      <dd>{{ say.text.table.matSteps[kind as 'demat'] }}</dd>
    </template>
    <template v-else>
      <dt class="text-ink-2">Tools</dt>
      <dd>
        {{ say.start(say.text.brushes[section.tools.brush]) }}: {{ say.text.toolReasons[section.tools.reason] }}; steel comb
        {{ say.text.directions[section.direction]
        }}<template v-if="section.tools.small">; {{ say.text.smallBrush[section.tools.small] }}</template
        >.
      </dd>
    </template>
  </dl>
</template>
