<script setup lang="ts">
// The left half: the chart in its place, a heading above its right part, a key below it.
</script>

<template>
  <div class="relative mx-auto h-full max-w-[640px]">
    <div
      class="absolute top-2 left-[65%] z-10 rounded-md bg-paper tall:top-4 tall:right-3 tall:left-auto tall:text-right wide:top-5 wide:right-auto wide:left-[63%] wide:text-left"
    >
      <slot name="heading" />
    </div>
    <div class="h-full px-1 py-1 max-tall:w-[64%] tall:py-2 wide:py-0 wide:pb-6"><slot /></div>
    <div class="absolute right-3 bottom-4 hidden w-64 gap-1.5 rounded-md bg-paper text-note wide:grid"><slot name="key" /></div>
    <div
      class="no-print absolute bottom-2 left-[65%] z-10 grid gap-1.5 tall:top-24 tall:right-3 tall:bottom-auto tall:left-auto wide:top-auto wide:right-3 wide:bottom-4"
    >
      <slot name="tools" />
    </div>
  </div>
</template>
