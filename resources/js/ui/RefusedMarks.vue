<script setup lang="ts">
// What the server did not take, whose dog it is about and why; it stays until somebody has seen to it.
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import { useOutbox } from '@/device/useOutbox';
import { usePhotos } from '@/device/usePhotos';
import { notSaved } from '@/messages/notSaved';

const { refused, unreadable, dismiss, forgetUnreadable } = useOutbox();
const photos = usePhotos();
</script>

<template>
  <ul
    v-if="refused.length || photos.refused.value.length || unreadable"
    class="no-print grid max-h-[40dvh] shrink-0 gap-2 overflow-y-auto border-b border-line bg-paper px-4 py-3 tall:px-8"
    role="alert"
  >
    <li v-for="refusal in refused" :key="refusal.mark.id" class="flex items-center gap-4">
      <p class="min-w-0 flex-1 text-list">
        <b>{{ notSaved.title(refusal) }}</b> {{ refusal.message }}
        <span v-if="notSaved.words(refusal.mark)">{{ say.quoted(notSaved.words(refusal.mark)) }}</span>
      </p>
      <button type="button" class="btn btn-small" @click="dismiss(refusal)">{{ t('device.notSaved.read') }}</button>
    </li>
    <li v-for="photo in photos.refused.value" :key="photo.id" class="flex flex-wrap items-center gap-4">
      <img :src="photo.url" alt="" class="h-14 w-18 rounded-md object-cover" />
      <p class="min-w-0 flex-1 text-list">
        <b>{{ notSaved.title(photo) }}</b> {{ photo.refused }}
      </p>
      <a class="btn btn-small" :href="photo.url" :download="`photo-${photo.id}.jpg`">{{ t('device.notSaved.download') }}</a>
      <button type="button" class="btn btn-small" @click="photos.dismiss(photo.id)">{{ t('device.notSaved.throwAway') }}</button>
    </li>
    <li v-if="unreadable" class="flex items-center gap-4">
      <p class="min-w-0 flex-1 text-list">
        <b>{{ t('device.notSaved.unreadable', { count: unreadable }) }}</b>
        {{ t('device.notSaved.unreadableWhy') }}
      </p>
      <button type="button" class="btn btn-small" @click="forgetUnreadable">{{ t('device.notSaved.read') }}</button>
    </li>
  </ul>
</template>
