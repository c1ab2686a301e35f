<script setup lang="ts">
// The left half: the chart in its place, a heading above its right part, a key below it.
</script>

<template>
  <div class="relative mx-auto h-full max-w-[640px] overflow-hidden print:overflow-visible">
    <div class="pointer-events-none absolute top-3 right-3 left-[62%] z-10 text-right tall:top-4 tall:right-6 wide:top-5 wide:left-[63%] wide:text-left">
      <slot name="heading" />
    </div>
    <div
      class="mx-auto flex h-full max-w-[min(100%,calc(46dvh*0.97))] items-start pt-2 max-tall:max-w-[min(100%,60dvh)] tall:items-center tall:pt-0 wide:max-w-none wide:px-1 wide:pt-4"
    >
      <slot />
    </div>
    <div class="absolute right-6 bottom-4 hidden w-60 gap-1.5 text-note wide:grid"><slot name="key" /></div>
  </div>
</template>
