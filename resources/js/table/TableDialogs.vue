<script lang="ts">
export type TableDialog = 'finding' | 'note' | 'photo' | 'blades' | 'park' | 'wont' | 'more';
</script>

<script setup lang="ts">
// What opens over the table: findings, photos, notes, a blade test, a mat for later.
import type { BladeResult, BladeTest, SectionId } from '@/api/types';
import { say } from '@/messages/say';
import { cueLevels, sound, useCueLevel } from '@/device/useCue';
import AppDialog from '@/ui/AppDialog.vue';
import BladeTestPanel from '@/plan/BladeTestPanel.vue';
import FindingDialog, { type NewFinding } from '@/visit/FindingDialog.vue';
import MoreMarks from './MoreMarks.vue';
import NoteDialog from '@/ui/NoteDialog.vue';
import PhotoDialog from '@/visit/PhotoDialog.vue';
import WontOpenDialog from './WontOpenDialog.vue';

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
  <AppDialog v-if="dialog === 'more'" title="More" @close="dialog = null">
    <MoreMarks class="mt-4" :closed="closed" :big="big" @open="dialog = $event" @print="big = !big" />
    <section class="mt-4">
      <h3 class="text-lead font-bold">{{ say.text.table.goodToKnow.title }}</h3>
      <ul class="mt-1 grid gap-1 text-list">
        <li v-for="line in say.text.table.goodToKnow.lines" :key="line">{{ line }}</li>
      </ul>
    </section>
    <div class="mt-4 grid gap-1.5" role="group" :aria-label="say.text.cues.label">
      <p class="text-lead font-bold">{{ say.text.cues.label }}</p>
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
          {{ say.text.cues[level] }}
        </button>
      </div>
      <p class="text-note text-ink-2">{{ say.text.cues.hint }}</p>
    </div>
  </AppDialog>
  <FindingDialog v-if="dialog === 'finding'" :section="section" @save="emit('finding', $event)" @close="dialog = null" />
  <PhotoDialog v-if="dialog === 'photo'" :visit="visit" :section="section" @close="dialog = null" />
  <AppDialog v-if="dialog === 'blades' && blades" :title="`Blade test: ${say.section(section).toLowerCase()}`" @close="dialog = null">
    <BladeTestPanel
      class="mt-2"
      open
      :blades="blades"
      :disabled="closed"
      @photo="dialog = 'photo'"
      @tried="(mm, result) => emit('tried', mm, result)"
    />
    <p class="mt-3 text-list">
      Each try is kept. The longest blade that passes is the gap to the skin, and the plan follows it.
      <RouterLink class="font-bold underline" :to="{ name: 'plan', params: { visit } }">Plan from here</RouterLink>
    </p>
  </AppDialog>
  <WontOpenDialog v-if="dialog === 'wont'" :visit="visit" :section="section" @choose="emit('instead', $event)" @close="dialog = null" />
  <NoteDialog
    v-if="dialog === 'note'"
    :title="`Note: ${say.section(section).toLowerCase()}`"
    label="Your note"
    action="Keep the note"
    needed="Write something, or close this."
    @save="emit('note', $event)"
    @close="dialog = null"
  />
  <NoteDialog
    v-if="dialog === 'park'"
    :title="`A mat for later: ${say.section(section).toLowerCase()}`"
    label="Where exactly, if it helps"
    hint="It stands on the list and on the chart, and must be gone before the bath."
    action="Park it"
    optional
    @save="emit('park', $event)"
    @close="dialog = null"
  />
</template>
