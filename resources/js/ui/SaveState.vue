<script setup lang="ts">
// Says quietly whether what was entered has arrived; loudly only when it has not.
import { t } from '@/messages/words';
import { computed } from 'vue';
import { useClock } from './useClock';
import { useOutbox } from '@/device/useOutbox';
import { usePhotos } from '@/device/usePhotos';
import { update } from '@/device/update';
import { say } from '@/messages/say';

const { time } = useClock();
const { online, full, loaded, kept, waitingCount, othersWaiting } = useOutbox();
const photos = usePhotos();
const waiting = computed(() => waitingCount.value + photos.waitingCount.value);
const saved = computed(() => {
  const part = photos.onItsWay.value;
  const count = waiting.value;
  // Nothing is said to be saved before it is known what waits here, nor to be kept before the disk says so.
  if (!loaded.value || !photos.loaded.value) {
    return '';
  }
  return count === 0
    ? t('ui.save.saved')
    : part === null
      ? t(kept.value && photos.kept.value ? 'ui.save.keptHere' : 'ui.save.toSend', { count })
      : t('ui.save.toSendPicture', { count, picture: t('device.photoOnItsWay', { part: say.percent(part) }) });
});
const others = computed(() => othersWaiting.value.join(', '));
const spoken = computed(() =>
  full.value || photos.full.value ? t('ui.save.full') : online.value ? '' : t('device.trouble.no_network.title'),
);
</script>

<template>
  <div class="flex items-center justify-end gap-3 whitespace-nowrap">
    <p class="text-right text-note leading-4.5 text-ink-2">
      {{ saved }}<template v-if="others">{{ t('ui.save.by', { others }) }}</template
      ><br />
      <b v-if="full || photos.full.value" class="text-ink">{{ t('ui.save.fullShort') }}<br /></b>
      <template v-if="update.ready.value">{{ t('device.update.short') }}<br /></template>
      <span :class="online ? '' : 'font-bold text-ink'">{{ online ? t('ui.save.online') : t('ui.save.noNetwork') }}</span>
    </p>
    <!-- Spoken only when something is wrong: what is saved by itself is not worth a word each time. -->
    <span class="sr-only" role="status">{{ spoken }}</span>
    <time class="hidden text-say font-bold tall:block">{{ time }}</time>
  </div>
</template>
