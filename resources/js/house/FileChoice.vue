<script setup lang="ts">
// A file to choose: the device's own way, in the looks of a button.
defineProps<{ says: string; accept: string; busy: boolean }>();
const emit = defineEmits<{ choose: [event: Event] }>();
</script>

<template>
  <label
    class="btn btn-small relative justify-self-start focus-within:outline-3 focus-within:outline-call"
    :class="busy ? 'opacity-60' : ''"
  >
    {{ says }}
    <input
      class="absolute inset-0 cursor-pointer opacity-0"
      type="file"
      :accept="accept"
      :disabled="busy"
      @change="emit('choose', $event)"
    />
  </label>
</template>
