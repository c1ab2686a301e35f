<script setup lang="ts">
import type { VisitSection } from '@/api/types';
import { say } from '@/messages/say';

defineProps<{ section: Pick<VisitSection, 'holds' | 'tools' | 'direction' | 'lookFirst'> }>();
</script>

<template>
  <dl class="grid grid-cols-[3.25rem_1fr] gap-x-2 text-list">
    <dt class="text-ink-2">Hold</dt>
    <dd>{{ section.holds.map((hold) => say.text.holds[hold]).join(' ') }}</dd>
    <dt class="text-ink-2">Tools</dt>
    <dd>
      {{ say.text.wideComb }} {{ say.text.directions[section.direction] }}. {{ say.text.toBrush }}
      {{ say.text.brushes[section.tools.brush] }}: {{ say.text.toolReasons[section.tools.reason]
      }}<template v-if="section.tools.small">; {{ say.text.smallBrush[section.tools.small] }}</template
      >.
    </dd>
    <template v-if="section.lookFirst.length">
      <dt class="text-ink-2">Look</dt>
      <dd>{{ say.start(section.lookFirst.map((reason) => say.text.lookFirst[reason]).join(', ')) }}.</dd>
    </template>
  </dl>
</template>
