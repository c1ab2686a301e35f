<script setup lang="ts">
defineProps<{
  kind:
    | 'unchecked'
    | 'first'
    | 'finding'
    | 'clip'
    | 'thin'
    | 'demat'
    | 'leave'
    | 'open'
    | 'again'
    | 'ghost'
    | 'done'
    | 'parked'
    | 'dry'
    | 'felt';
}>();
</script>

<template>
  <p class="grid grid-cols-[1.875rem_1fr] items-center gap-2.5">
    <svg width="30" height="22" viewBox="-15 -11 30 22" aria-hidden="true" focusable="false">
      <rect
        v-if="kind === 'unchecked' || kind === 'again'"
        x="-14"
        y="-10"
        width="28"
        height="20"
        rx="5"
        fill="url(#hc-hair-u)"
        :stroke="kind === 'again' ? 'var(--color-call)' : 'var(--color-edge)'"
        :stroke-dasharray="kind === 'again' ? '5 3' : undefined"
        :stroke-width="kind === 'again' ? 2.4 : 1.3"
      />
      <template v-else-if="kind === 'first'">
        <circle class="cc-first" r="6.5" />
        <circle class="cc-first-dot" r="2.2" />
      </template>
      <g v-else-if="kind === 'ghost'">
        <circle class="cc-ghost" r="9" />
        <text class="cc-ghost-num">2</text>
      </g>
      <text v-else-if="kind === 'finding'" class="cc-pin">✱</text>
      <use v-else :href="`#hc-mark-${kind}`" />
    </svg>
    <span><slot /></span>
  </p>
</template>
