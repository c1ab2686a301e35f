<script setup lang="ts">
import { t } from '@/messages/words';
import { photoSays, type ShownPhoto } from '@/device/usePhotos';
import { say } from '@/messages/say';

defineProps<{ photos: ShownPhoto[]; label: string }>();
defineEmits<{ look: [photo: ShownPhoto] }>();
</script>

<template>
  <section v-if="photos.length" :aria-label="label">
    <p class="text-note text-ink-2">{{ label }}</p>
    <ul class="mt-1 flex flex-wrap gap-2">
      <li v-for="photo in photos" :key="photo.id">
        <button
          type="button"
          class="relative block h-21 w-28 overflow-hidden rounded-md edge border-ink bg-rail text-note"
          @click="$emit('look', photo)"
        >
          <span v-if="photo.erased" class="block px-2">{{ t('device.erased') }}</span>
          <img v-else :src="photo.thumbnail" :alt="photoSays(photo)" loading="lazy" class="size-full object-cover" />
          <span v-if="photo.waiting" class="absolute inset-x-0 bottom-0 bg-ink px-1 text-on-ink">{{
            photo.onItsWay === null ? t('device.photoToSend') : t('device.photoOnItsWay', { part: say.percent(photo.onItsWay) })
          }}</span>
        </button>
      </li>
    </ul>
  </section>
</template>
