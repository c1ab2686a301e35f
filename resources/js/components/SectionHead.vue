<script setup lang="ts">
import type { SectionId, VisitSection } from '@/api/types';
import { say } from '@/messages/say';
import SectionAdvice from './SectionAdvice.vue';

defineProps<{ id: SectionId; section: VisitSection; where?: string }>();
</script>

<template>
  <header>
    <div class="flex flex-wrap items-baseline justify-between gap-x-4">
      <h1 class="text-say tall:text-title">{{ say.section(id) }}</h1>
      <span class="text-list whitespace-nowrap text-ink-2">{{ where }}</span>
    </div>
    <SectionAdvice class="mt-1 max-tall:hidden" :section="section" />
  </header>
</template>
