<script setup lang="ts">
// A no that stands, or a yes that no longer holds: said wherever somebody might cut.
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { ClientWord } from '@/api/types';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';

const props = defineProps<{ word: ClientWord }>();
const { salon } = useSession();
const money = (cents: number | null): string => (cents === null ? '' : say.money(cents, salon.value?.currency ?? 'EUR'));
const line = computed(() => {
  const { why, who, via, at, agreedCents, nowCents } = props.word;
  const filled = { who, time: say.time(at), via: t(`visit.word.via.${via}`), agreed: money(agreedCents), now: money(nowCents) };
  return t(why === 'no' && via === 'link' ? 'visit.word.noByLink' : `visit.word.${why}`, filled);
});
</script>

<template>
  <p class="font-bold text-call" role="status">{{ line }}</p>
</template>
