<script setup lang="ts">
// What the arrival answers mean for today. They are said once, before the inspection; read, they make room for the comb.
import { warningSaid } from './warningWords';
import { t } from '@/messages/words';
import { computed, ref, watch } from 'vue';
import type { ArrivalWarning } from '@/api/types';

const props = defineProps<{ warnings: ArrivalWarning[]; name: string }>();

const read = ref(false);
const told = computed(() => t('visit.beforeYouStart.count', { count: lines.value.length }));
const lines = computed(() => props.warnings.map((warning) => warningSaid(warning, props.name)));
// An answer that brings something new to know has not been read.
watch(
  () => props.warnings.map((warning) => warning.concern),
  (now, before) => (read.value &&= now.every((concern) => before.includes(concern))),
);
</script>

<template>
  <section
    v-if="lines.length"
    class="rounded-md edge border-ink bg-rail px-4"
    :class="read ? 'py-1' : 'py-3'"
    :aria-label="t('visit.beforeYouStart.title')"
  >
    <div class="flex items-center gap-3">
      <h2 class="min-w-0 flex-1" :class="read ? 'text-list' : 'text-lead'">{{ read ? told : t('visit.beforeYouStart.title') }}</h2>
      <button type="button" class="act -my-1" :aria-expanded="!read" @click="read = !read">
        {{ read ? t('visit.beforeYouStart.again') : t('visit.beforeYouStart.read') }}
      </button>
    </div>
    <template v-if="!read">
      <ul class="mt-1 grid gap-1.5">
        <li v-for="line in lines" :key="line.title">
          <b>{{ line.title }}</b> {{ line.text }}
        </li>
      </ul>
      <p v-if="warnings.some((warning) => warning.expectedStops !== null)" class="mt-2 text-note text-ink-2">
        {{ t('card.clockIsThumb') }}
      </p>
    </template>
  </section>
</template>
