<script setup lang="ts">
// A place that two tablets answered otherwise asks on every screen of the visit, until one touch decides.
import { t } from '@/messages/words';
import { computed, ref, toRef } from 'vue';
import type { Visit } from '@/api/types';
import AskStrip from '@/ui/AskStrip.vue';
import { later } from '@/ui/later';
import { say } from '@/messages/say';
import { type OneAnswer, useTwoAnswers } from './twoAnswers';

const AppDialog = later(() => import('@/ui/AppDialog.vue'));
const TwoAnswers = later(() => import('@/visit/dialogs'), 'TwoAnswers');

const props = defineProps<{ visit: Visit }>();
const { asked, decide } = useTwoAnswers(
  props.visit.id,
  toRef(() => props.visit),
);
const open = ref(false);
const first = computed(() => asked.value[0] ?? null);

function take(answer: OneAnswer): void {
  if (decide(first.value!.section, answer)) {
    open.value = false;
  }
}
</script>

<template>
  <div v-if="first && visit.closedAt === null" class="no-print shrink-0 px-4 py-2 tall:px-8" role="status">
    <AskStrip
      :says="
        t('visit.two.strip', {
          section: say.section(first.section),
          more: asked.length > 1 ? t('visit.two.more', { places: asked.length - 1 }) : '',
        })
      "
      :does="t('visit.two.ask')"
      :disabled="false"
      @press="open = true"
    />
    <AppDialog v-if="open" :title="say.section(first.section)" wide to-read @close="open = false">
      <TwoAnswers class="mt-3" :two="first" :disabled="false" @decide="take" @comb="open = false" />
    </AppDialog>
  </div>
</template>
