<script setup lang="ts">
// Says quietly whether what was entered has arrived; loudly only when it has not.
import { computed } from 'vue';
import { useClock } from './useClock';
import { useOutbox } from '@/device/useOutbox';
import { usePhotos } from '@/device/usePhotos';
import { update } from '@/device/update';
import { say } from '@/messages/say';

const { time } = useClock();
const { online, full, waitingCount, othersWaiting } = useOutbox();
const photos = usePhotos();
const waiting = computed(() => waitingCount.value + photos.waitingCount.value);
const saved = computed(() => {
  const part = photos.onItsWay.value;
  const picture = part === null ? '' : `, ${say.text.photoOnItsWay.replace('{part}', say.percent(part))}`;
  return waiting.value === 0 ? 'saved' : `${waiting.value} to send${picture}`;
});
const others = computed(() => othersWaiting.value.join(', '));
const spoken = computed(() => (full.value || photos.full.value ? 'Device full: keep this page open.' : online.value ? '' : 'No network.'));
</script>

<template>
  <div class="flex items-center justify-end gap-3 whitespace-nowrap">
    <p class="text-right text-note leading-[18px] text-ink-2">
      {{ saved }}<template v-if="others">, by {{ others }}</template
      ><br />
      <b v-if="full || photos.full.value" class="text-ink">device full: keep this page open<br /></b>
      <template v-if="update.ready.value">{{ say.text.update.short }}<br /></template>
      <span :class="online ? '' : 'font-bold text-ink'">{{ online ? 'online' : 'no network' }}</span>
    </p>
    <!-- Spoken only when something is wrong: what is saved by itself is not worth a word each time. -->
    <span class="sr-only" role="status">{{ spoken }}</span>
    <time class="hidden text-say font-bold tall:block">{{ time }}</time>
  </div>
</template>
