<script setup lang="ts">
// The devices on which somebody is signed in; this one ends by signing out.
import type { SignIn } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

defineProps<{ signIns: SignIn[]; name: string; busy: boolean }>();
const emit = defineEmits<{ end: [one: SignIn] }>();
const nameOf = (one: SignIn): string => one.browser || t('device.signIns.device');
</script>

<template>
  <ul>
    <li v-for="one in signIns" :key="one.id" class="flex min-h-11 flex-wrap items-center gap-x-3 text-list">
      <span class="min-w-0 flex-1 text-ink-2"
        >{{ t('device.signIns.one', { browser: nameOf(one), since: say.time(one.beganAt), seen: say.time(one.seenAt) })
        }}<template v-if="one.isHere">, {{ t('device.signIns.here') }}</template></span
      >
      <button
        v-if="!one.isHere"
        type="button"
        class="act underline"
        :disabled="busy"
        :aria-label="t('device.signIns.endOf', { name, browser: nameOf(one) })"
        @click="emit('end', one)"
      >
        {{ t('device.signIns.end') }}
      </button>
    </li>
  </ul>
</template>
