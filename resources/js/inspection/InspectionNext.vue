<script setup lang="ts">
// Where the hands go when nothing is asked here any more: the next open section, or the plan.
import { t } from '@/messages/words';
import type { SectionId } from '@/api/types';
import { say } from '@/messages/say';
import KeyCap from '@/ui/KeyCap.vue';

defineProps<{ asked: boolean; next: SectionId | null; left: SectionId[] }>();
defineEmits<{ goOn: []; plan: [] }>();
</script>

<template>
  <button v-if="!asked && next" type="button" class="btn btn-main group w-full" @click="$emit('goOn')">
    {{ t('inspection.next') }} {{ say.section(next) }} <KeyCap>{{ t('ui.space') }}</KeyCap>
  </button>
  <div v-else-if="left.length === 0 && !next" class="grid gap-2">
    <p class="text-lead font-bold">{{ t('inspection.allChecked') }}.</p>
    <button v-if="!asked" type="button" class="btn btn-main group" @click="$emit('plan')">
      {{ t('inspection.goToPlan') }} <KeyCap>{{ t('ui.space') }}</KeyCap>
    </button>
  </div>
</template>
