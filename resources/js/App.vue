<script setup lang="ts">
import { onErrorCaptured, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import CoatDefs from '@/chart/CoatDefs.vue';
import BrokenScreen from '@/ui/BrokenScreen.vue';
import StrandDefs from '@/chart/StrandDefs.vue';
import UpdateNote from '@/ui/UpdateNote.vue';
import { later } from '@/ui/later';
import { passwordWanted } from '@/api/passwordAgain';
import { t } from '@/messages/words';
import { useKeys } from '@/device/useKeys';
import { useOutbox } from '@/device/useOutbox';
import { usePhotos } from '@/device/usePhotos';
import { useSession } from '@/device/useSession';

const PasswordAgain = later(() => import('@/ui/dialogs'), 'PasswordAgain');
const { staff, known } = useSession();
const { flush } = useOutbox();
const photos = usePhotos();
const route = useRoute();
const router = useRouter();

// Signed out in the middle of something: sign in, and be back at the same place with everything kept.
watch(staff, (now) => {
  if (now) {
    void flush();
    void photos.flush();
  } else if (known.value && route.name !== 'sign-in') {
    void router.push({ name: 'sign-in', query: { back: route.fullPath } });
  }
});

/** From everywhere to any dog. */
useKeys(() =>
  staff.value && route.name !== 'dogs' ? [{ keys: ['/'], says: t('ui.findDog'), run: () => void router.push({ name: 'dogs' }) }] : [],
);

/** A screen that breaks while it is drawn or touched takes nothing else with it. */
const broken = ref(false);
onErrorCaptured((failure) => {
  console.error(failure);
  broken.value = true;
  return false;
});
watch(
  () => route.fullPath,
  () => (broken.value = false),
);
</script>

<template>
  <CoatDefs />
  <StrandDefs />
  <BrokenScreen v-if="broken" @again="broken = false" />
  <RouterView v-else v-slot="{ Component }">
    <component :is="Component" :key="String(route.params.visit ?? route.params.dog ?? route.params.client ?? '')" />
  </RouterView>
  <PasswordAgain v-if="passwordWanted" :answer="passwordWanted" />
  <UpdateNote />
</template>
