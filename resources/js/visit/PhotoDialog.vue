<script setup lang="ts">
import { t, wordsOf } from '@/messages/words';
import { ref } from 'vue';
import type { PhotoMoment, SectionId, Visit } from '@/api/types';
import { deviceStore } from '@/device/store';
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
/** As the client said it, known without a network too. */
const refused = ref(false);
void deviceStore.keptAt<Visit>(`visit.${props.visit}`).then((kept) => (refused.value = kept?.answer.dog.client.photosAllowed === false));

async function keep(): Promise<void> {
  problem.value = picture.value ? '' : t('visit.photo.first');
  if (!picture.value) {
    return;
  }
  await photos.take(props.visit, picture.value, { section: place.value === 'section' ? props.section : null, moment: moment.value });
  emit('close');
}
</script>

<template>
  <AppDialog
    :title="section ? t('say.titled', { what: t('ui.photo'), section: say.within(say.section(section)) }) : t('visit.photo.wholeDog')"
    @close="emit('close')"
  >
    <form class="mt-4 grid gap-5" novalidate @submit.prevent="keep">
      <p v-if="refused" class="font-bold" role="alert">{{ t('visit.photo.notAllowed') }}</p>
      <PhotoPicker v-model="picture" />
      <ChoiceGroup
        v-if="section"
        v-model="place"
        :label="t('visit.photo.shows')"
        :options="[
          { value: 'section', says: say.section(section) },
          { value: 'dog', says: t('coat.wholeDog') },
        ]"
      />
      <ChoiceGroup v-model="moment" :label="t('visit.photo.when')" :options="options(wordsOf('device.momentChoices'))" />
      <p class="text-note text-ink-2">{{ t('device.photoPrivacy') }}</p>
      <p v-if="problem" class="text-list font-semibold" role="alert">{{ problem }}</p>
      <button type="submit" class="btn btn-main">{{ t('visit.photo.keep') }}</button>
    </form>
  </AppDialog>
</template>
