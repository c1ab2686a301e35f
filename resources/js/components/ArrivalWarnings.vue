<script setup lang="ts">
// What the arrival answers mean for today. They are said once, before the inspection.
import { computed } from 'vue';
import type { ArrivalWarning } from '@/api/types';
import { say } from '@/messages/say';

const props = defineProps<{ warnings: ArrivalWarning[]; name: string }>();
const lines = computed(() => props.warnings.map((warning) => say.warning(warning, props.name)));
</script>

<template>
  <section v-if="lines.length" class="rounded-md border-[1.5px] border-ink bg-rail px-4 py-3" aria-label="Know before you start">
    <h2 class="text-lead">Know before you start</h2>
    <ul class="mt-1 grid gap-1.5">
      <li v-for="line in lines" :key="line.title">
        <b>{{ line.title }}</b> {{ line.text }}
      </li>
    </ul>
    <p v-if="warnings.some((warning) => warning.expectedStops !== null)" class="mt-2 text-note text-ink-2">{{ say.text.clockIsThumb }}</p>
  </section>
</template>
