<script setup lang="ts">
import type { Finding } from '@/api/types';
import { photoSays, type ShownPhoto } from '@/device/usePhotos';
import { say } from '@/messages/say';

const props = withDefaults(defineProps<{ findings: Finding[]; photos?: ShownPhoto[]; withPlace?: boolean; closable?: boolean }>(), {
  photos: () => [],
});
defineEmits<{ gone: [finding: Finding]; look: [photo: ShownPhoto] }>();
const photosOf = (finding: Finding): ShownPhoto[] => props.photos.filter((photo) => photo.findingId === finding.id && !photo.erased);
</script>

<template>
  <ul class="grid gap-2">
    <li v-for="finding in findings" :key="finding.id" class="grid grid-cols-[1.375rem_1fr_auto] gap-x-2">
      <span aria-hidden="true" class="text-lead font-bold">✱</span>
      <p>
        <b
          >{{ say.text.findings[finding.kind] }}<template v-if="withPlace">, {{ say.sections([finding.section]) }}</template></b
        ><template v-if="finding.spot">{{ `, ${say.text.extent.spot.toLowerCase()}` }}</template
        ><template v-if="finding.sizeMm">, {{ finding.sizeMm }} mm</template>.
        <template v-if="finding.note">{{ `${finding.note} ` }}</template>
        <b v-if="finding.referral">{{ `${say.text.referrals[finding.referral]} ` }}</b>
        <template v-if="!finding.closed">{{ `${say.findingCare(finding.kind)} ` }}</template>
        <span class="text-list text-ink-2"
          >{{ finding.by }}, {{ finding.earlierVisit ? say.shortDay(finding.at) : say.time(finding.at)
          }}{{ finding.closed ? ', closed' : '' }}</span
        >
      </p>
      <ul v-if="photosOf(finding).length" class="col-start-2 mt-1 flex flex-wrap gap-2">
        <li v-for="photo in photosOf(finding)" :key="photo.id">
          <button type="button" class="block h-16 w-21 overflow-hidden rounded-md edge border-ink" @click="$emit('look', photo)">
            <img :src="photo.thumbnail" :alt="photoSays(photo)" loading="lazy" class="size-full object-cover" />
          </button>
        </li>
      </ul>
      <button
        v-if="closable && !finding.closed"
        type="button"
        class="btn btn-small col-start-3 row-start-1"
        @click="$emit('gone', finding)"
      >
        It is gone
      </button>
    </li>
  </ul>
</template>
