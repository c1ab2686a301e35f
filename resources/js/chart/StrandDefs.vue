<script setup lang="ts">
// Combed and loose hair for the rail: behind you it is combed, ahead it is loose.
</script>

<template>
  <svg class="absolute size-0" aria-hidden="true" focusable="false">
    <defs>
      <pattern id="hc-strand-combed" width="24" height="18" patternUnits="userSpaceOnUse">
        <path d="M0,4H24M0,9H24M0,14H24" fill="none" stroke="var(--color-strand)" stroke-width="1.5" />
      </pattern>
      <pattern id="hc-strand-loose" width="48" height="18" patternUnits="userSpaceOnUse">
        <path
          d="M0,6C8,2 16,2 24,7S40,13 48,6M0,9C8,13 16,13 24,9S40,4 48,9M0,13C8,9 16,8 24,12S40,16 48,13"
          fill="none"
          stroke="var(--color-strand)"
          stroke-width="1.5"
        />
      </pattern>
      <g id="hc-rail-comb">
        <rect width="38" height="5" rx="2.2" fill="var(--color-ink)" />
        <path
          d="M3.2,4V18.5M8.5,4V18.5M13.7,4V18.5M19,4V18.5M24.3,4V18.5M29.5,4V18.5M34.8,4V18.5"
          stroke="var(--color-ink)"
          stroke-width="2.2"
          stroke-linecap="round"
        />
      </g>
    </defs>
  </svg>
</template>
