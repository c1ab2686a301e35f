<script setup lang="ts">
import { watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import CoatDefs from './coat-chart/CoatDefs.vue';
import StrandDefs from './components/StrandDefs.vue';
import { useOutbox } from './composables/useOutbox';
import { usePhotos } from './composables/usePhotos';
import { useSession } from './composables/useSession';

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
</script>

<template>
  <CoatDefs />
  <StrandDefs />
  <RouterView v-slot="{ Component }">
    <component :is="Component" :key="String(route.params.visit ?? '')" />
  </RouterView>
</template>
