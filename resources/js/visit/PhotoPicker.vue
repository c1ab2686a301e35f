<script setup lang="ts">
// The tablet's camera or a file; the picture is looked at before it is kept.
import { t } from '@/messages/words';
import { onUnmounted, ref, watch } from 'vue';
import { NotAPicture, shrink } from '@/api/picture';

const picture = defineModel<Blob | null>({ required: true });
const preview = ref('');
const problem = ref('');
const busy = ref(false);

watch(picture, (now) => {
  URL.revokeObjectURL(preview.value);
  preview.value = now ? URL.createObjectURL(now) : '';
});
onUnmounted(() => URL.revokeObjectURL(preview.value));

async function choose(event: Event): Promise<void> {
  const field = event.target as HTMLInputElement;
  const file = field.files?.[0];
  field.value = '';
  if (!file) {
    return;
  }
  busy.value = true;
  problem.value = '';
  try {
    picture.value = await shrink(file);
  } catch (failure) {
    if (!(failure instanceof NotAPicture)) {
      throw failure;
    }
    problem.value = t('device.notAPicture');
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <div class="grid gap-3">
    <img v-if="picture" :src="preview" :alt="t('visit.photo.alt')" class="max-h-[42dvh] w-full rounded-md bg-rail object-contain" />
    <div class="flex flex-wrap gap-2">
      <label class="btn btn-small relative focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-call">
        {{ picture ? t('visit.photo.again') : t('visit.photo.take') }}
        <input type="file" accept="image/*" capture="environment" class="absolute inset-0 cursor-pointer opacity-0" @change="choose" />
      </label>
      <label class="btn btn-small relative focus-within:outline-3 focus-within:outline-offset-2 focus-within:outline-call">
        {{ t('visit.photo.file') }}
        <input type="file" accept="image/jpeg,image/png,image/webp" class="absolute inset-0 cursor-pointer opacity-0" @change="choose" />
      </label>
      <button v-if="picture" type="button" class="act" @click="picture = null">{{ t('visit.photo.leaveOut') }}</button>
    </div>
    <p v-if="busy" class="text-list text-ink-2" role="status">{{ t('visit.photo.reading') }}</p>
    <p v-if="problem" class="text-list font-semibold" role="alert">{{ problem }}</p>
  </div>
</template>
