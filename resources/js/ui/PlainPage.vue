<script setup lang="ts">
// A page beside the visits: the way back, whether all is saved, and one column or more of its own.
import type { RouteLocationRaw } from 'vue-router';
import SaveState from './SaveState.vue';

defineProps<{ back: RouteLocationRaw; says: string }>();
</script>

<template>
  <div class="grid h-dvh grid-rows-[auto_1fr_auto] overflow-hidden short:block short:h-auto short:overflow-visible">
    <header class="flex min-h-16 items-center justify-between gap-6 border-b border-line bg-rail px-4 tall:px-6">
      <RouterLink class="act" :to="back">{{ says }}</RouterLink>
      <SaveState />
    </header>
    <main class="min-h-0 overflow-y-auto bg-sheet"><slot /></main>
    <slot name="foot" />
  </div>
</template>
