<script setup lang="ts">
// Says quietly whether what was entered has arrived; loudly only when it has not.
import { computed } from 'vue';
import { useClock } from '@/composables/useClock';
import { useOutbox } from '@/composables/useOutbox';
import { usePhotos } from '@/composables/usePhotos';

const { time } = useClock();
const { online, full, waitingCount, othersWaiting } = useOutbox();
const photos = usePhotos();
const waiting = computed(() => waitingCount.value + photos.waitingCount.value);
const saved = computed(() => (waiting.value === 0 ? 'saved' : `${waiting.value} to send`));
const others = computed(() => othersWaiting.value.join(', '));
</script>

<template>
  <div class="flex items-center justify-end gap-3 whitespace-nowrap">
    <p class="text-right text-note leading-[18px] text-ink-2" role="status">
      {{ saved }}<template v-if="others">, by {{ others }}</template
      ><br />
      <b v-if="full || photos.full.value" class="text-ink">device full: keep this page open<br /></b>
      <span :class="online ? '' : 'font-bold text-ink'">{{ online ? 'online' : 'no network' }}</span>
    </p>
    <time class="hidden text-say font-bold tall:block">{{ time }}</time>
  </div>
</template>
