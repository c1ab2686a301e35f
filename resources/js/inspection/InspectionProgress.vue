<script setup lang="ts">
// How many of 30, what is left, and how long it took.
import type { SectionId } from '@/api/types';
import { say } from '@/messages/say';

defineProps<{ left: SectionId[]; seconds: number }>();
</script>

<template>
  <div>
    <p class="text-list font-medium tall:text-lead">
      <b class="text-answer tall:text-title">{{ 30 - left.length }}</b> of 30 <span class="max-tall:block">checked</span>
    </p>
    <p class="text-note text-ink-2">
      <template v-if="left.length"
        >{{ left.length }} left<template v-if="seconds"
          >, {{ say.spent(seconds) }}<span class="max-tall:hidden"> so far</span></template
        ></template
      >
      <template v-else-if="seconds">in {{ say.spent(seconds) }}</template>
    </p>
  </div>
</template>
