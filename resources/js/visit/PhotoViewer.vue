<script setup lang="ts">
// One photo large, and beside it the same place at the last visit.
import { there } from '@/api/there';
import { t } from '@/messages/words';
import { computed, ref } from 'vue';
import { photoSays, type ShownPhoto } from '@/device/usePhotos';
import { useOutbox } from '@/device/useOutbox';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import AppDialog from '@/ui/AppDialog.vue';

const props = defineProps<{ visit: string; photos: ShownPhoto[]; start: ShownPhoto }>();
const emit = defineEmits<{ close: [] }>();
const outbox = useOutbox();
const { owns } = useSession();
const shown = ref(props.start.id);
const erasing = ref(false);
const reason = ref('');
const problem = ref('');

const current = computed(() => props.photos.find((photo) => photo.id === shown.value) ?? props.start);
const same = computed(() => props.photos.filter((photo) => photo.section === current.value.section));
/** The last visit's photo of the same place beside today's, or the latest of today beside an earlier one. */
const beside = computed(() => same.value.filter((photo) => photo.earlierVisit !== current.value.earlierVisit).at(-1) ?? null);
const pair = computed(() => [current.value, beside.value].filter((photo) => photo !== null));
/** Only a picture that the server holds, taken at this visit, can be erased from here. */
const mayErase = computed(() => owns.value && !current.value.waiting && !current.value.earlierVisit && !current.value.erased);

function step(by: number): void {
  const at = same.value.findIndex((photo) => photo.id === current.value.id);
  shown.value = there(same.value[(at + by + same.value.length) % same.value.length]).id;
  erasing.value = false;
}

function erase(): void {
  problem.value = reason.value.trim() ? '' : t('visit.erase.sayWhy');
  if (!problem.value) {
    outbox.record(props.visit, 'photo_deleted', { photoId: current.value.id, reason: reason.value.trim() });
    emit('close');
  }
}
</script>

<template>
  <AppDialog :title="current.section ? say.section(current.section) : t('coat.wholeDog')" wide @close="emit('close')">
    <div class="mt-3 grid gap-4" :class="beside ? 'tall:grid-cols-2' : ''">
      <figure v-for="photo in pair" :key="photo.id">
        <p v-if="photo.erased" class="grid min-h-40 place-content-center rounded-md border border-dashed border-line-2 p-4 text-center">
          <b>{{ t('device.erased') }}</b>
          <span class="text-list">{{ photo.erased.by }}, {{ say.shortDay(photo.erased.at) }}: {{ photo.erased.reason }}</span>
        </p>
        <img v-else :src="photo.full" :alt="photoSays(photo)" class="max-h-[54dvh] w-full rounded-md bg-rail object-contain" />
        <figcaption class="mt-1 text-list">
          <b>{{ photo.earlierVisit ? t('ui.lastVisit') : t('ui.today') }}.</b> {{ photoSays(photo) }}
        </figcaption>
      </figure>
    </div>
    <div class="mt-4 flex flex-wrap items-center gap-2">
      <template v-if="same.length > 1">
        <button type="button" class="btn btn-small" @click="step(-1)">{{ t('visit.photo.earlier') }}</button>
        <button type="button" class="btn btn-small" @click="step(1)">{{ t('visit.photo.later') }}</button>
      </template>
      <button v-if="mayErase && !erasing" type="button" class="act ml-auto" @click="erasing = true">{{ t('visit.erase.title') }}</button>
    </div>
    <form v-if="erasing" class="mt-3 grid gap-2 border-t border-line pt-3" novalidate @submit.prevent="erase">
      <p>{{ t('visit.erase.cannotUndo') }}</p>
      <label class="lab" for="erase-reason">{{ t('visit.erase.why') }}</label>
      <input id="erase-reason" v-model="reason" class="field" maxlength="500" :aria-invalid="problem !== ''" />
      <p v-if="problem" class="text-list font-semibold" role="alert">{{ problem }}</p>
      <div class="flex gap-2">
        <button type="submit" class="btn btn-small btn-main">{{ t('visit.erase.do') }}</button>
        <button type="button" class="btn btn-small" @click="erasing = false">{{ t('visit.erase.keep') }}</button>
      </div>
    </form>
  </AppDialog>
</template>
