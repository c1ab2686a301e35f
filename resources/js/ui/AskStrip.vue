<script setup lang="ts">
// Something small that is asked for once, and one touch that does it.
defineProps<{ says: string; does: string; disabled: boolean }>();
defineEmits<{ press: [] }>();
</script>

<template>
  <p class="flex flex-wrap items-center gap-x-3 gap-y-1 rounded-md edge border-dashed border-ink px-3 py-1.5 text-list">
    <span class="min-w-0 flex-1 basis-52">{{ says }}</span>
    <button type="button" class="btn btn-small" :disabled="disabled" @click="$emit('press')">{{ does }}</button>
  </p>
</template>
