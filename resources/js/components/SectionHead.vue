<script setup lang="ts">
import type { SectionId, VisitSection } from '@/api/types';
import { say } from '@/messages/say';

defineProps<{ id: SectionId; section: VisitSection; where?: string }>();
const cap = (words: string): string => words.charAt(0).toUpperCase() + words.slice(1);
</script>

<template>
  <header>
    <div class="flex flex-wrap items-baseline justify-between gap-x-4">
      <h1 class="text-title">{{ say.section(id) }}</h1>
      <span class="text-list whitespace-nowrap text-ink-2">{{ where }}</span>
    </div>
    <dl class="mt-1 grid grid-cols-[52px_1fr] gap-x-2">
      <dt class="text-list text-ink-2">Hold</dt>
      <dd>{{ section.holds.map((hold) => say.text.holds[hold]).join(' ') }}</dd>
      <dt class="text-list text-ink-2">Tools</dt>
      <dd>
        {{ say.text.wideComb }} {{ say.text.toBrush }} {{ say.text.brushes[section.tools.brush] }}:
        {{ say.text.toolReasons[section.tools.reason] }}.
      </dd>
      <template v-if="section.lookFirst.length">
        <dt class="text-list text-ink-2">Look</dt>
        <dd>{{ cap(section.lookFirst.map((reason) => say.text.lookFirst[reason]).join(', ')) }}.</dd>
      </template>
    </dl>
  </header>
</template>
