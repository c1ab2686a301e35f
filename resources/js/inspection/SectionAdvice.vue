<script setup lang="ts">
import { t } from '@/messages/words';
import type { VisitSection } from '@/api/types';
import { say } from '@/messages/say';

defineProps<{ section: Pick<VisitSection, 'holds' | 'tools' | 'direction' | 'lookFirst' | 'matChance'> }>();
</script>

<template>
  <dl class="grid grid-cols-[3.25rem_1fr] gap-x-2 text-list">
    <dt class="text-ink-2">{{ t('ui.advice.hold') }}</dt>
    <dd>{{ section.holds.map((hold) => t(`coat.holds.${hold}`)).join(' ') }}</dd>
    <dt class="text-ink-2">{{ t('ui.advice.tools') }}</dt>
    <dd>
      {{ t('coat.wideComb') }} {{ t(`coat.directions.${section.direction}`) }}. {{ t('coat.toBrush') }}
      {{ t(`coat.brushes.${section.tools.brush}`) }}: {{ t(`coat.toolReasons.${section.tools.reason}`)
      }}<template v-if="section.tools.small">; {{ t(`coat.smallBrush.${section.tools.small}`) }}</template
      >.
    </dd>
    <template v-if="section.lookFirst.length">
      <dt class="text-ink-2">{{ t('ui.advice.look') }}</dt>
      <dd>
        {{
          say.start(
            section.lookFirst
              .map((reason) => t(`coat.lookFirst.${reason}`, { count: Math.round((section.matChance ?? 0) * 100) }))
              .join(', '),
          )
        }}.
      </dd>
    </template>
  </dl>
</template>
