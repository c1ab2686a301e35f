<script setup lang="ts">
// How many of 30, what is left, and how long it took.
import { t } from '@/messages/words';
import type { SectionId } from '@/api/types';
import { say } from '@/messages/say';

defineProps<{ left: SectionId[]; seconds: number }>();
</script>

<template>
  <div>
    <p class="text-list font-medium tall:text-lead">
      <b class="text-answer tall:text-title">{{ 30 - left.length }}</b> {{ t('inspection.of30') }}
      <span class="max-tall:block">{{ t('inspection.checked') }}</span>
    </p>
    <p class="text-note text-ink-2">
      <template v-if="left.length"
        >{{ t('inspection.left', { count: left.length })
        }}<template v-if="seconds"
          >, {{ say.spent(seconds) }}<span class="max-tall:hidden">{{ ` ${t('inspection.soFar')}` }}</span></template
        ></template
      >
      <template v-else-if="seconds">{{ t('inspection.in', { spent: say.spent(seconds) }) }}</template>
    </p>
  </div>
</template>
