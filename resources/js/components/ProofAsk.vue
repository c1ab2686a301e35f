<script setup lang="ts">
// Ten seconds for a picture answer a complaint a month later: asked for once, where there is something to show.
defineProps<{ says: string; disabled: boolean }>();
defineEmits<{ take: [] }>();
</script>

<template>
  <p class="flex flex-wrap items-center gap-x-3 gap-y-1 rounded-md border-[1.5px] border-dashed border-ink px-3 py-1.5 text-list">
    <span class="min-w-0 flex-1 basis-52">{{ says }}</span>
    <button type="button" class="btn btn-small" :disabled="disabled" @click="$emit('take')">Photo</button>
  </p>
</template>
