<script setup lang="ts">
import { t, wordsOf } from '@/messages/words';
import type { Finding } from '@/api/types';
import { photoSays, type ShownPhoto } from '@/device/usePhotos';
import { say } from '@/messages/say';

const props = withDefaults(defineProps<{ findings: Finding[]; photos?: ShownPhoto[]; withPlace?: boolean; closable?: boolean }>(), {
  photos: () => [],
});
defineEmits<{ gone: [finding: Finding]; look: [photo: ShownPhoto] }>();
/** What a finding asks of the hands; empty: nothing beside its name. */
function careOf(kind: Finding['kind']): string {
  const care: Partial<Record<Finding['kind'], string>> = wordsOf('skin.findingCare');
  return care[kind] ?? '';
}
const photosOf = (finding: Finding): ShownPhoto[] => props.photos.filter((photo) => photo.findingId === finding.id && !photo.erased);
</script>

<template>
  <ul class="grid gap-2">
    <li v-for="finding in findings" :key="finding.id" class="grid grid-cols-[1.375rem_1fr_auto] gap-x-2">
      <span aria-hidden="true" class="text-lead font-bold">✱</span>
      <p>
        <b
          >{{ t(`skin.findings.${finding.kind}`) }}<template v-if="withPlace">, {{ say.sections([finding.section]) }}</template></b
        ><template v-if="finding.spot">{{ `, ${say.within(t('skin.extent.spot'))}` }}</template
        ><template v-if="finding.sizeMm">{{ t('visit.finding.sized', { length: say.mm(finding.sizeMm) }) }}</template
        >.
        <template v-if="finding.note">{{ `${finding.note} ` }}</template>
        <b v-if="finding.referral">{{ `${t(`skin.referrals.${finding.referral}`)} ` }}</b>
        <template v-if="!finding.closed">{{ `${careOf(finding.kind)} ` }}</template>
        <span class="text-list text-ink-2"
          >{{ finding.by }}, {{ finding.earlierVisit ? say.shortDay(finding.at) : say.time(finding.at)
          }}{{ finding.closed ? t('visit.finding.closed') : '' }}</span
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
        {{ t('visit.finding.gone') }}
      </button>
    </li>
  </ul>
</template>
