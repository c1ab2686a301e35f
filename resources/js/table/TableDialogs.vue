<script lang="ts">
export type TableDialog = 'finding' | 'note' | 'photo' | 'blades' | 'park' | 'wont' | 'more';
</script>

<script setup lang="ts">
// What opens over the table: findings, photos, notes, a blade test, a mat for later.
import { t, wordsOf } from '@/messages/words';
import type { BladeResult, BladeTest, SectionId } from '@/api/types';
import { say } from '@/messages/say';
import { cueLevels, sound, useCueLevel } from '@/device/useCue';
import AppDialog from '@/ui/AppDialog.vue';
import BladeTestPanel from '@/plan/BladeTestPanel.vue';
import type { NewFinding } from '@/visit/FindingDialog.vue';
import { later } from '@/ui/later';
import MoreMarks from './MoreMarks.vue';
import WontOpenDialog from './WontOpenDialog.vue';

const FindingDialog = later(() => import('@/visit/dialogs'), 'FindingDialog');
const NoteDialog = later(() => import('@/ui/dialogs'), 'NoteDialog');
const PhotoDialog = later(() => import('@/visit/dialogs'), 'PhotoDialog');

defineProps<{ visit: string; section: SectionId; blades: BladeTest | null; closed: boolean }>();
const dialog = defineModel<TableDialog | null>({ required: true });
const cues = useCueLevel();
const big = defineModel<boolean>('big', { required: true });
const emit = defineEmits<{
  finding: [finding: NewFinding];
  note: [text: string];
  park: [note: string];
  tried: [mm: number, result: BladeResult];
  instead: [treatment: string];
}>();
</script>

<template>
  <AppDialog v-if="dialog === 'more'" :title="t('ui.more')" @close="dialog = null">
    <MoreMarks class="mt-4" :closed="closed" :big="big" @open="dialog = $event" @print="big = !big" />
    <section class="mt-4">
      <h3 class="text-lead font-bold">{{ t('table.goodToKnow.title') }}</h3>
      <ul class="mt-1 grid gap-1 text-list">
        <li v-for="line in wordsOf('table.goodToKnow.lines')" :key="line">{{ line }}</li>
      </ul>
    </section>
    <div class="mt-4 grid gap-1.5" role="group" :aria-label="t('feet.cues.label')">
      <p class="text-lead font-bold">{{ t('feet.cues.label') }}</p>
      <div class="flex gap-2">
        <button
          v-for="level in cueLevels"
          :key="level"
          type="button"
          class="toggle min-h-14 flex-1"
          :aria-pressed="cues === level"
          @click="
            cues = level;
            sound(level);
          "
        >
          {{ t(`feet.cues.${level}`) }}
        </button>
      </div>
      <p class="text-note text-ink-2">{{ t('feet.cues.hint') }}</p>
    </div>
  </AppDialog>
  <FindingDialog v-if="dialog === 'finding'" :section="section" @save="emit('finding', $event)" @close="dialog = null" />
  <PhotoDialog v-if="dialog === 'photo'" :visit="visit" :section="section" @close="dialog = null" />
  <AppDialog
    v-if="dialog === 'blades' && blades"
    :title="t('say.titled', { what: t('plan.blade.title'), section: say.within(say.section(section)) })"
    @close="dialog = null"
  >
    <BladeTestPanel
      class="mt-2"
      open
      :blades="blades"
      :disabled="closed"
      @photo="dialog = 'photo'"
      @tried="(mm, result) => emit('tried', mm, result)"
    />
    <p class="mt-3 text-list">
      {{ t('table.dialogs.blades') }}
      <RouterLink class="font-bold underline" :to="{ name: 'plan', params: { visit } }">{{ t('table.main.plan') }}</RouterLink>
    </p>
  </AppDialog>
  <WontOpenDialog v-if="dialog === 'wont'" :visit="visit" :section="section" @choose="emit('instead', $event)" @close="dialog = null" />
  <NoteDialog
    v-if="dialog === 'note'"
    :title="t('say.titled', { what: t('ui.note'), section: say.within(say.section(section)) })"
    :label="t('ui.notes.yours')"
    :action="t('ui.notes.keep')"
    :needed="t('ui.notes.needed')"
    @save="emit('note', $event)"
    @close="dialog = null"
  />
  <NoteDialog
    v-if="dialog === 'park'"
    :title="t('say.titled', { what: t('table.dialogs.matForLater'), section: say.within(say.section(section)) })"
    :label="t('table.dialogs.where')"
    :hint="t('table.dialogs.whereHint')"
    :action="t('table.keys.parkIt')"
    optional
    @save="emit('park', $event)"
    @close="dialog = null"
  />
</template>
