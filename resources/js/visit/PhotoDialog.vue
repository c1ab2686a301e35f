<script setup lang="ts">
import { ref } from 'vue';
import type { PhotoMoment, SectionId } from '@/api/types';
import { usePhotos } from '@/device/usePhotos';
import { options } from '@/messages/options';
import { say } from '@/messages/say';
import AppDialog from '@/ui/AppDialog.vue';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import PhotoPicker from './PhotoPicker.vue';

const props = defineProps<{ visit: string; section: SectionId | null }>();
const emit = defineEmits<{ close: [] }>();
const photos = usePhotos();
const picture = ref<Blob | null>(null);
const moment = ref<PhotoMoment>('before');
const place = ref<'section' | 'dog'>(props.section ? 'section' : 'dog');
const problem = ref('');

async function keep(): Promise<void> {
  problem.value = picture.value ? '' : 'Take a photo or choose a file first.';
  if (!picture.value) {
    return;
  }
  await photos.take(props.visit, picture.value, { section: place.value === 'section' ? props.section : null, moment: moment.value });
  emit('close');
}
</script>

<template>
  <AppDialog :title="section ? `Photo: ${say.section(section).toLowerCase()}` : 'Photo of the whole dog'" @close="emit('close')">
    <form class="mt-4 grid gap-5" novalidate @submit.prevent="keep">
      <PhotoPicker v-model="picture" />
      <ChoiceGroup
        v-if="section"
        v-model="place"
        label="What it shows"
        :options="[
          { value: 'section', says: say.section(section) },
          { value: 'dog', says: say.text.wholeDog },
        ]"
      />
      <ChoiceGroup v-model="moment" label="When" :options="options(say.text.momentChoices)" />
      <p class="text-note text-ink-2">{{ say.text.photoPrivacy }}</p>
      <p v-if="problem" class="text-list font-semibold" role="alert">{{ problem }}</p>
      <button type="submit" class="btn btn-main">Keep the photo</button>
    </form>
  </AppDialog>
</template>
