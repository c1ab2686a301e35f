<script setup lang="ts">
// Places that nobody brushes at home, and why: said before the places that are brushed.
import { t, type Words } from '@/messages/words';
import { computed } from 'vue';
import type { OwnerPlan, SectionId } from '@/api/types';
import { say } from '@/messages/say';

const props = defineProps<{ leftOut: OwnerPlan['leftOut'] }>();
const lines = computed(() => {
  const byReason = new Map<string, SectionId[]>();
  props.leftOut.forEach(({ section, why }) => byReason.set(why, [...(byReason.get(why) ?? []), section]));
  return [...byReason].map(([why, sections]) => ({
    sections: say.start(say.sections(sections)),
    why: t(`owner.leftOut.why.${why as keyof Words['owner']['leftOut']['why']}`),
  }));
});
</script>

<template>
  <section v-if="lines.length" class="rounded-lg edge border-ink px-3 py-2">
    <h2 class="font-bold text-call">{{ t('owner.leftOut.title') }}</h2>
    <ul class="mt-1 grid gap-0.5">
      <li v-for="line in lines" :key="line.why">
        <b>{{ line.sections }}</b>: {{ line.why }}
      </li>
    </ul>
  </section>
</template>
