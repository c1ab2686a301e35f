<script setup lang="ts">
// Ten upright hairs on skin: those that hold are combed, the rest is knotted. The words stand beside it.
import { computed } from 'vue';
import { combedOf } from './holds';

const props = defineProps<{ chance: number; onInk?: boolean }>();
const hairs = computed(() => Array.from({ length: 10 }, (_, index) => ({ x: 4 + index * 6, combed: index < combedOf(props.chance) })));
</script>

<template>
  <svg class="block h-5 w-16" viewBox="0 0 64 20" aria-hidden="true" focusable="false">
    <path d="M0 18.5H64" stroke="var(--color-skin)" stroke-width="3" />
    <template v-for="hair in hairs" :key="hair.x">
      <path
        v-if="hair.combed"
        :d="`M${hair.x} 17C${hair.x} 12 ${hair.x + 1.5} 6 ${hair.x + 2} 2`"
        fill="none"
        :stroke="onInk ? 'var(--color-g1)' : 'var(--color-g2-strand)'"
        stroke-width="2"
        stroke-linecap="round"
      />
      <path
        v-else
        :d="`M${hair.x} 17C${hair.x - 1} 13 ${hair.x + 3} 12 ${hair.x + 2.5} 9.5A2.4 2.4 0 1 0 ${hair.x} 11`"
        fill="none"
        :stroke="onInk ? 'var(--color-g4-accent)' : 'var(--color-g4-strand)'"
        stroke-width="2"
        stroke-linecap="round"
      />
    </template>
  </svg>
</template>
