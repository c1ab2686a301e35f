<script setup lang="ts">
// The same place at the last visit: its grade, and its photos beside today's.
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { SectionId, Visit, VisitSection } from '@/api/types';
import HairSwatch from '@/chart/HairSwatch.vue';
import type { ShownPhoto } from '@/device/usePhotos';
import { say } from '@/messages/say';
import PhotoStrip from '@/visit/PhotoStrip.vue';

const props = defineProps<{ id: SectionId; section: VisitSection; visit: Visit; photos: ShownPhoto[] }>();
defineEmits<{ look: [photo: ShownPhoto] }>();
const here = computed(() => props.photos.filter((photo) => photo.section === props.id));
</script>

<template>
  <div class="grid content-start gap-3">
    <div v-if="section.lastGrade !== null && visit.lastVisit" class="flex min-h-11 flex-wrap items-center gap-2.5">
      <RouterLink class="text-note text-ink-2 underline" :to="{ name: 'record', params: { visit: visit.lastVisit.id } }"
        >{{ t('ui.lastVisit') }}, {{ say.shortDay(visit.lastVisit.at) }}</RouterLink
      >
      <p class="flex items-center gap-2.5">
        <HairSwatch :grade="section.lastGrade" /><b>{{ say.grade(section.lastGrade) }}</b>
      </p>
    </div>
    <PhotoStrip :photos="here.filter((photo) => !photo.earlierVisit)" :label="t('inspection.photosToday')" @look="$emit('look', $event)" />
    <PhotoStrip :photos="here.filter((photo) => photo.earlierVisit)" :label="t('inspection.photosBefore')" @look="$emit('look', $event)" />
  </div>
</template>
