<script setup lang="ts">
// What the server did not take, with why; it stays until somebody has read it.
import { useOutbox } from '@/composables/useOutbox';
import { usePhotos } from '@/composables/usePhotos';
import { say } from '@/messages/say';

const { refused, dismiss } = useOutbox();
const photos = usePhotos();
</script>

<template>
  <ul
    v-if="refused.length || photos.refused.value.length"
    class="no-print grid shrink-0 gap-2 border-b border-line bg-paper px-4 py-3 tall:px-8"
    role="alert"
  >
    <li v-for="refusal in refused" :key="refusal.mark.id" class="flex items-center gap-4">
      <p class="min-w-0 flex-1 text-list">
        <b
          >Not saved: {{ say.text.markKinds[refusal.mark.kind].toLowerCase()
          }}<template v-if="refusal.mark.section">, {{ say.section(refusal.mark.section).toLowerCase() }}</template
          >.</b
        >
        {{ refusal.message }}
      </p>
      <button type="button" class="btn btn-small" @click="dismiss(refusal)">I have read it</button>
    </li>
    <li v-for="photo in photos.refused.value" :key="photo.id" class="flex items-center gap-4">
      <p class="min-w-0 flex-1 text-list"><b>Photo not saved.</b> {{ photo.message }}</p>
      <button type="button" class="btn btn-small" @click="photos.dismiss(photo.id)">I have read it</button>
    </li>
  </ul>
</template>
