<script setup lang="ts">
// Textures and marks that every coat chart on the page refers to by id. Drawn once, in App.vue.
const grades = [0, 1, 2, 3, 4, 5];
// The same tile, turned with the lay of the coat.
const turns: Record<string, number> = { l: 18, r: -18, ll: 48, rr: -48 };
</script>

<template>
  <svg class="absolute size-0" aria-hidden="true" focusable="false">
    <defs>
      <pattern id="hc-hair-u" width="14" height="14" patternUnits="userSpaceOnUse">
        <rect width="14" height="14" fill="var(--color-unchecked)" />
        <circle cx="3.5" cy="3.5" r=".9" fill="var(--color-unchecked-dot)" />
        <circle cx="10.5" cy="10.5" r=".9" fill="var(--color-unchecked-dot)" />
      </pattern>
      <pattern id="hc-hair-0" width="15" height="30" patternUnits="userSpaceOnUse">
        <rect width="15" height="30" fill="var(--color-g0)" />
        <path d="M5,0V30M12.5,0V30" fill="none" stroke="var(--color-g0-accent)" stroke-width="1" stroke-linecap="round" />
        <path
          d="M2.5,2v22M7.5,-17v21M7.5,13v21M10,6v20M0,-10v22M0,20v22M15,-10v22M15,20v22"
          fill="none"
          stroke="var(--color-g0-strand)"
          stroke-width="0.95"
          stroke-linecap="round"
        />
      </pattern>
      <pattern id="hc-hair-1" width="16" height="26" patternUnits="userSpaceOnUse">
        <rect width="16" height="26" fill="var(--color-g1)" />
        <path
          d="M4,0c2.6,4.7 2.6,8.3 0,13s-2.6,8.3 0,13M12,0c2.6,4.7 2.6,8.3 0,13s-2.6,8.3 0,13"
          fill="none"
          stroke="var(--color-g1-accent)"
          stroke-width="1.1"
          stroke-linecap="round"
        />
        <path
          d="M0,0c2.6,4.7 2.6,8.3 0,13s-2.6,8.3 0,13M8,0c2.6,4.7 2.6,8.3 0,13s-2.6,8.3 0,13M16,0c2.6,4.7 2.6,8.3 0,13s-2.6,8.3 0,13"
          fill="none"
          stroke="var(--color-g1-strand)"
          stroke-width="1.15"
          stroke-linecap="round"
        />
      </pattern>
      <pattern id="hc-hair-2" width="36" height="44" patternUnits="userSpaceOnUse">
        <rect width="36" height="44" fill="var(--color-g2)" />
        <path
          d="M3,0C6,6 3,9.6 3,12C3,21 3,21 3,30C3,34.2 0,38.4 3,44M21,0C18,5 21,8 21,10C21,22 21,22 21,34C21,37 24,40 21,44M30,0C33,3 30,4.8 30,6C30,14 30,14 30,22C30,28.6 27,35.2 30,44"
          fill="none"
          stroke="var(--color-g2-accent)"
          stroke-width="1.2"
          stroke-linecap="round"
        />
        <path
          d="M9,0C10.6,4 9,6.4 9,8C9,16 16,16 16,24C16,30 14.4,36 16,44M16,0C17.6,3 16,4.8 16,6C16,13.5 9,13.5 9,21C9,27.9 7.4,34.8 9,44M26,0C24,10 26,16 26,20C26,29 34,29 34,38C34,39.8 36,41.6 34,44M34,0C32,11 34,17.6 34,22C34,29.5 26,29.5 26,37C26,39.1 28,41.2 26,44M1,27c3,5 9,5 13,13M30,2c-3,5 -9,6 -12,13"
          fill="none"
          stroke="var(--color-g2-strand)"
          stroke-width="1.4"
          stroke-linecap="round"
        />
      </pattern>
      <pattern id="hc-hair-3" width="32" height="38" patternUnits="userSpaceOnUse">
        <rect width="32" height="38" fill="var(--color-g3)" />
        <path
          d="M0,0C-1,6 2.5,8 2,12S-2,24 0,28S1,34 0,38M32,0C31,6 34.5,8 34,12S30,24 32,28S33,34 32,38M16,0C17,4 13,7 13.5,11S19,22 18.6,28S15,34 16,38M12,20C12,26 11,32 12,38M12,0C12,2 12.4,3 12.6,4M20,0C20,6 20.5,14 20,20M28,6C29,12 28,16 28.5,21"
          fill="none"
          stroke="var(--color-g3-accent)"
          stroke-width="1.3"
          stroke-linecap="round"
        />
        <path d="M4,9a4,4 0 1 0 8,0a4,4 0 1 0 -8,0M20,27.4a4,4 0 1 0 8,0a4,4 0 1 0 -8,0" fill="var(--color-g3-strand)" opacity=".45" />
        <path
          d="M8,0C8,1 7,3 9.5,5C14.4,7.4 13.6,13.8 8.8,13.8C3.4,13.8 3,6.6 7.6,6.4C12.2,6.2 11.6,11.6 8.6,11.4C6.4,11.2 1.5,13.2 5,17C6,20 8,30 8,38M24,0C25,8 24,14 24,18C24,19 25,21 22.5,23C17.6,25.4 18.4,31.8 23.2,31.8C28.6,31.8 29,24.6 24.4,24.4C19.8,24.2 20.4,29.6 23.4,29.4C25.6,29.2 30.5,31.2 27,35C25.5,36 24,36 24,38"
          fill="none"
          stroke="var(--color-g3-strand)"
          stroke-width="1.6"
          stroke-linecap="round"
        />
      </pattern>
      <pattern id="hc-hair-4" width="32" height="34" patternUnits="userSpaceOnUse">
        <rect width="32" height="34" fill="var(--color-g4)" />
        <path
          d="M15,0C17,5 16,11 15,17S14,30 15,34M0,0C-1,8 2,12 0,17S-2,28 0,34M32,0C31,8 34,12 32,17S30,28 32,34M7,14C8,20 6,26 7,34M24,17C23,22 25,28 24,34M24,0V3M7,0V2"
          fill="none"
          stroke="var(--color-g4-accent)"
          stroke-width="1.1"
          stroke-linecap="round"
        />
        <path
          d="M1.1,6C0.7,1 9.5,-0.8 13.1,2.2 16.3,5.4 14.7,12.2 10.1,13.8 5.5,15.2 1.5,11.2 1.1,6M1.1,40C0.7,35 9.5,33.2 13.1,36.2 16.3,39.4 14.7,46.2 10.1,47.8 5.5,49.2 1.5,45.2 1.1,40M33.1,6C32.7,1 41.5,-0.8 45.1,2.2 48.3,5.4 46.7,12.2 42.1,13.8 37.5,15.2 33.5,11.2 33.1,6M33.1,40C32.7,35 41.5,33.2 45.1,36.2 48.3,39.4 46.7,46.2 42.1,47.8 37.5,49.2 33.5,45.2 33.1,40M-9.6,3.2C-5.5,1.2 -1.1,8.3 -2.6,12.3 -4.3,16.1 -10.7,16.9 -13.6,13.4 -16.2,9.9 -14,5.1 -9.6,3.2M22.4,3.2C26.5,1.2 30.9,8.3 29.4,12.3 27.7,16.1 21.3,16.9 18.4,13.4 15.8,9.9 18,5.1 22.4,3.2M21.5,21.7C24.4,25.8 17.7,31.8 13.1,31 8.7,29.8 6.7,23.1 9.8,19.4 13.1,15.9 18.6,17.4 21.5,21.7M2.2,-3C-1.5,0.1 -7.7,-5.8 -7.3,-10.2 -6.5,-14.5 -0.4,-16.9 3.4,-14.2 7,-11.4 6,-6.1 2.2,-3M2.2,31C-1.5,34.1 -7.7,28.2 -7.3,23.8 -6.5,19.5 -0.4,17.1 3.4,19.8 7,22.6 6,27.9 2.2,31M34.2,-3C30.5,0.1 24.3,-5.8 24.7,-10.2 25.5,-14.5 31.6,-16.9 35.4,-14.2 39,-11.4 38,-6.1 34.2,-3M34.2,31C30.5,34.1 24.3,28.2 24.7,23.8 25.5,19.5 31.6,17.1 35.4,19.8 39,22.6 38,27.9 34.2,31"
          fill="var(--color-g4-strand)"
        />
        <path
          d="M3.3,3.6C6.1,1.4 9.7,1.6 11.9,4M2.7,6.6C5.5,4 10.5,3.8 13.5,6.6M3.1,9.4C4.9,7.2 6.9,6.4 8.9,6.8M6.1,12.4C6.7,9.6 9.1,8 12.9,9.2M9.1,12.2C9.7,11.2 10.7,10.8 11.9,11M3.3,37.6C6.1,35.4 9.7,35.6 11.9,38M2.7,40.6C5.5,38 10.5,37.8 13.5,40.6M3.1,43.4C4.9,41.2 6.9,40.4 8.9,40.8M6.1,46.4C6.7,43.6 9.1,42 12.9,43.2M9.1,46.2C9.7,45.2 10.7,44.8 11.9,45M35.3,3.6C38.1,1.4 41.7,1.6 43.9,4M34.7,6.6C37.5,4 42.5,3.8 45.5,6.6M35.1,9.4C36.9,7.2 38.9,6.4 40.9,6.8M38.1,12.4C38.7,9.6 41.1,8 44.9,9.2M41.1,12.2C41.7,11.2 42.7,10.8 43.9,11M35.3,37.6C38.1,35.4 41.7,35.6 43.9,38M34.7,40.6C37.5,38 42.5,37.8 45.5,40.6M35.1,43.4C36.9,41.2 38.9,40.4 40.9,40.8M38.1,46.4C38.7,43.6 41.1,42 44.9,43.2M41.1,46.2C41.7,45.2 42.7,44.8 43.9,45M-6.9,4.3C-4.1,6 -3.1,9.2 -4.5,11.9M-9.7,4.7C-6.5,6.3 -4.8,10.6 -6.3,14.1M-12,6C-9.5,6.8 -8.2,8.3 -7.9,10.1M-13.6,9.5C-11,9.1 -8.9,10.7 -8.7,14.4M-12.5,12C-11.4,12.2 -10.8,13 -10.6,14.1M25.1,4.3C27.9,6 28.9,9.2 27.5,11.9M22.3,4.7C25.5,6.3 27.2,10.6 25.7,14.1M20,6C22.5,6.8 23.8,8.3 24.1,10.1M18.4,9.5C21,9.1 23.1,10.7 23.3,14.4M19.5,12C20.6,12.2 21.2,13 21.4,14.1M20.8,24.8C19.5,28.1 16.3,29.8 13.2,28.8M19.9,21.9C18.7,25.6 14.5,28.3 10.5,27.3M18.1,19.7C17.7,22.5 16.3,24.2 14.4,24.9M14,18.6C14.9,21.3 13.6,23.9 9.7,24.8M11.5,20.3C11.5,21.5 10.8,22.3 9.7,22.7M-0.9,-3.4C-4.1,-4.4 -5.9,-7.3 -5.2,-10.3M1.8,-4.5C-1.7,-5.3 -4.6,-9.1 -4.1,-13M3.8,-6.4C1.1,-6.6 -0.6,-7.7 -1.4,-9.5M4.5,-10.4C2,-9.3 -0.6,-10.3 -1.7,-13.9M2.7,-12.6C1.6,-12.5 0.7,-13.1 0.2,-14.1M-0.9,30.6C-4.1,29.6 -5.9,26.7 -5.2,23.7M1.8,29.5C-1.7,28.7 -4.6,24.9 -4.1,21M3.8,27.6C1.1,27.4 -0.6,26.3 -1.4,24.5M4.5,23.6C2,24.7 -0.6,23.7 -1.7,20.1M2.7,21.4C1.6,21.5 0.7,20.9 0.2,19.9M31.1,-3.4C27.9,-4.4 26.1,-7.3 26.8,-10.3M33.8,-4.5C30.3,-5.3 27.4,-9.1 27.9,-13M35.8,-6.4C33.1,-6.6 31.4,-7.7 30.6,-9.5M36.5,-10.4C34,-9.3 31.4,-10.3 30.3,-13.9M34.7,-12.6C33.6,-12.5 32.7,-13.1 32.2,-14.1M31.1,30.6C27.9,29.6 26.1,26.7 26.8,23.7M33.8,29.5C30.3,28.7 27.4,24.9 27.9,21M35.8,27.6C33.1,27.4 31.4,26.3 30.6,24.5M36.5,23.6C34,24.7 31.4,23.7 30.3,20.1M34.7,21.4C33.6,21.5 32.7,20.9 32.2,19.9"
          fill="none"
          stroke="var(--color-g4-accent)"
          stroke-width="0.9"
          stroke-linecap="round"
        />
      </pattern>
      <pattern id="hc-hair-5" width="30" height="30" patternUnits="userSpaceOnUse">
        <rect width="30" height="30" fill="var(--color-g5)" />
        <path
          d="M2.3,6.7q4.4,3.2 9.8,2.1M32.3,6.7q4.4,3.2 9.8,2.1M12.1,4.8q0.8,5.4 5.3,8.5M25.7,4.6q-4.5,3 -5.4,8.4M-5.9,5q5.4,0.8 8.5,5.3M24.1,5q5.4,0.8 8.5,5.3M7.6,9.5q2.5,4.9 0.6,10M19.5,13.4q-2.6,4.8 -8,6.1M16.7,11.4q3.3,4.3 8.8,4.8M0.1,10.4q1.3,5.3 -1.8,9.8M30.1,10.4q1.3,5.3 -1.8,9.8M3.1,22.4q5,2.2 10,0.1M13.5,17.5q4.1,3.6 4.3,9M26.1,17.4q-4.5,3 -5.4,8.4M-7.1,22.2q5.2,-1.7 9.9,1M22.9,22.2q5.2,-1.7 9.9,1M9.6,-5.5q1.6,5.2 -1.2,9.9M9.6,24.5q1.6,5.2 -1.2,9.9M17.4,-1.4q-5.2,1.7 -7.5,6.6M17.4,28.6q-5.2,1.7 -7.5,6.6M-9.9,-2.7q5.5,0.2 9,4.4M-9.9,27.3q5.5,0.2 9,4.4M20.1,-2.7q5.5,0.2 9,4.4M20.1,27.3q5.5,0.2 9,4.4M1.5,-6.1q-2.5,4.9 -0.6,10M1.5,23.9q-2.5,4.9 -0.6,10M31.5,-6.1q-2.5,4.9 -0.6,10M31.5,23.9q-2.5,4.9 -0.6,10"
          fill="none"
          stroke="var(--color-g5-strand)"
          stroke-width="2.2"
          stroke-linecap="round"
        />
        <path
          d="M-3.3,2.3q5.3,-1.1 9.8,2.1M-3.3,32.3q5.3,-1.1 9.8,2.1M26.7,2.3q5.3,-1.1 9.8,2.1M26.7,32.3q5.3,-1.1 9.8,2.1M7.2,-2.1q1.1,5.4 5.8,8.2M7.2,27.9q1.1,5.4 5.8,8.2M20.7,0.3q-1.8,5.2 -6.8,7.4M20.7,30.3q-1.8,5.2 -6.8,7.4M-6.3,3.4q4,3.7 9.5,3.2M23.7,3.4q4,3.7 9.5,3.2M1.2,6q-1.3,5.3 1.7,9.8M31.2,6q-1.3,5.3 1.7,9.8M17.5,11.5q-3.8,3.9 -9.2,3.8M14.4,6.8q4.8,2.6 6.2,7.9M25.7,4.9q0.6,5.4 -3,9.5M9.9,17.1q-4.6,3 -9.9,1.7M39.9,17.1q-4.6,3 -9.9,1.7M7.4,12.8q4,3.7 3.9,9.2M22.3,14.3q-4.8,2.5 -6.3,7.8M-7.1,15.9q5.4,-0.9 9.7,2.4M22.9,15.9q5.4,-0.9 9.7,2.4M2.6,-10q2.5,4.9 0.5,10M2.6,20q2.5,4.9 0.5,10M32.6,-10q2.5,4.9 0.5,10M32.6,20q2.5,4.9 0.5,10M14.1,-5.5q-5.5,0.4 -8.9,4.6M14.1,24.5q-5.5,0.4 -8.9,4.6M16.4,-6.2q5.3,1.1 8.1,5.8M16.4,23.8q5.3,1.1 8.1,5.8M25.2,-8.6q-2.9,4.6 -1.4,9.9M25.2,21.4q-2.9,4.6 -1.4,9.9"
          fill="none"
          stroke="var(--color-g5-accent)"
          stroke-width="1.1"
          stroke-linecap="round"
        />
      </pattern>
      <pattern id="hc-hair-x" width="12" height="12" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
        <rect width="12" height="12" fill="var(--color-seam)" />
        <path d="M0,0V12" stroke="var(--color-line-2)" stroke-width="3" />
      </pattern>
      <template v-for="grade in grades" :key="grade">
        <pattern
          v-for="(angle, lay) in turns"
          :id="`hc-hair-${grade}-${lay}`"
          :key="lay"
          :href="`#hc-hair-${grade}`"
          :patternTransform="`rotate(${angle})`"
        />
      </template>
      <g id="hc-mark-clip">
        <rect x="-10.4" y="-9.6" width="20.8" height="19.2" rx="5.6" class="cc-mark-box-dark" />
        <path
          class="cc-mark-light"
          d="M-8,-.6V-7.4h1.3v4h1.1v-4h1.3v4h1.1v-4h1.3v4h1.1v-4h1.6v4h1.1v-4h1.3v4h1.1v-4h1.3v4h1.1v-4H8V-.6C8,1.4 3.4,1.6 3.4,4V7.6H-3.4V4C-3.4,1.6 -8,1.4 -8,-.6Z"
        />
      </g>
      <g id="hc-mark-thin">
        <rect x="-10.4" y="-9.6" width="20.8" height="19.2" rx="5.6" class="cc-mark-box" />
        <g fill="none" stroke="var(--color-ink)" stroke-width="1.7" stroke-linecap="round">
          <circle cx="-3.9" cy="5" r="2.2" />
          <circle cx="3.9" cy="5" r="2.2" />
          <path d="M-2.6,3.2L3.6,-7.2M2.6,3.2L-3.6,-7.2M-1.2,-3.1h-2M-2.2,-4.9h-2M-3.2,-6.7h-2" />
        </g>
      </g>
      <g id="hc-mark-demat">
        <rect x="-10.4" y="-9.6" width="20.8" height="19.2" rx="5.6" class="cc-mark-box" />
        <path
          fill="var(--color-ink)"
          d="M-4.6,7.4C-6.4,6 -7.9,3 -8.3,.6C-8.4,-.6 -6.9,-1 -6.3,0L-5.2,2V-5.2a1.2,1.2 0 0 1 2.4,0V-.4h.7V-6.9a1.2,1.2 0 0 1 2.4,0V-.4h.7V-6.2a1.2,1.2 0 0 1 2.4,0V.2h.7V-3.8a1.2,1.2 0 0 1 2.4,0V2.6C6.5,5 5.6,6.6 4.6,7.4Z"
        />
      </g>
      <g id="hc-mark-done">
        <rect x="-10.4" y="-9.6" width="20.8" height="19.2" rx="5.6" class="cc-mark-box" />
        <path
          fill="var(--color-ink)"
          d="M-8,-6.6Q-8,-7.6 -7,-7.6H7Q8,-7.6 8,-6.6V6.6a1,1 0 0 1 -2,0V-2H4.3V6.6a1,1 0 0 1 -2,0V-2H1V6.6a1,1 0 0 1 -2,0V-2H-2.3V6.6a1,1 0 0 1 -2,0V-2H-6V6.6a1,1 0 0 1 -2,0Z"
        />
      </g>
      <g id="hc-mark-parked">
        <rect x="-10.4" y="-9.6" width="20.8" height="19.2" rx="5.6" class="cc-mark-box" />
        <path
          d="M-5.5,-4.4C-2,-7.6 5.2,-6.6 5.6,-1.2C6,4.6 -1.4,6.6 -4.2,3.4C-6.4,.6 -3.4,-3 -.2,-2.4C2.4,-1.8 2.6,1.4 .4,2"
          fill="none"
          stroke="var(--color-ink)"
          stroke-width="2"
          stroke-linecap="round"
        />
      </g>
      <g id="hc-mark-dry">
        <rect x="-10.4" y="-9.6" width="20.8" height="19.2" rx="5.6" class="cc-mark-box" />
        <path
          d="M0,-6.5C3,-2.6 4.6,-.2 4.6,2.2a4.6,4.6 0 0 1 -9.2,0C-4.6,-.2 -3,-2.6 0,-6.5ZM-6.5,6.5L6.5,-6.5"
          fill="none"
          stroke="var(--color-ink)"
          stroke-width="1.8"
          stroke-linecap="round"
          stroke-linejoin="round"
        />
      </g>
      <g id="hc-mark-leave">
        <rect x="-10.4" y="-9.6" width="20.8" height="19.2" rx="5.6" class="cc-mark-box" />
        <path d="M-5,-5L5,5M5,-5L-5,5" fill="none" stroke="var(--color-ink)" stroke-width="2.4" stroke-linecap="round" />
      </g>
      <g id="hc-mark-felt">
        <rect x="-10.4" y="-9.6" width="20.8" height="19.2" rx="5.6" class="cc-mark-box" />
        <path
          d="M-7.4,4.6H-5C-4.4,-1.6 -2.6,-4.8 0,-4.8S4.4,-1.6 5,4.6H7.4"
          fill="none"
          stroke="var(--color-ink)"
          stroke-width="2"
          stroke-linecap="round"
          stroke-linejoin="round"
        />
        <circle cy="2" r="1.9" fill="var(--color-ink)" />
      </g>
      <g id="hc-mark-open">
        <rect x="-10.4" y="-9.6" width="20.8" height="19.2" rx="5.6" class="cc-mark-box-call" />
        <text y="1" class="cc-mark-question">?</text>
      </g>
      <g id="hc-mark-nib">
        <path class="cc-nib-edge" d="M0,0C-1.2,-4.4 -6,-7.4 -6,-12.4Q-6,-16 -3.6,-18H3.6Q6,-16 6,-12.4C6,-7.4 1.2,-4.4 0,0Z" />
        <path class="cc-nib" d="M0,0C-1.2,-4.4 -6,-7.4 -6,-12.4Q-6,-16 -3.6,-18H3.6Q6,-16 6,-12.4C6,-7.4 1.2,-4.4 0,0Z" />
        <path class="cc-nib-slit" d="M0,-3.6V-10.4M0,-12a1.4,1.4 0 1 0 .01,0Z" />
      </g>
    </defs>
  </svg>
</template>
