<script setup lang="ts">
// Says quietly whether what was entered has arrived; loudly only when it has not.
import { computed } from 'vue';
import { useClock } from '@/composables/useClock';
import { useOutbox } from '@/composables/useOutbox';

const { time } = useClock();
const { online, waitingCount, othersWaiting } = useOutbox();
const saved = computed(() => (waitingCount.value === 0 ? 'saved' : `${waitingCount.value} to send`));
const others = computed(() => othersWaiting.value.join(', '));
</script>

<template>
  <div class="flex items-center justify-end gap-3 whitespace-nowrap">
    <p class="text-right text-note leading-[18px] text-ink-2" role="status">
      {{ saved }}<template v-if="others">, by {{ others }}</template
      ><br />
      <span :class="online ? '' : 'font-bold text-ink'">{{ online ? 'online' : 'no network' }}</span>
    </p>
    <time class="hidden text-say font-bold tall:block">{{ time }}</time>
  </div>
</template>
