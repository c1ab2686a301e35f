<script lang="ts">
export interface NewFinding {
  kind: FindingKind;
  spot: boolean;
  note?: string;
  sizeMm?: number;
  picture?: Blob;
}
</script>

<script setup lang="ts">
import { computed, ref } from 'vue';
import type { FindingKind, SectionId } from '@/api/types';
import { useGuide } from '@/composables/useGuide';
import { figure, options } from '@/messages/options';
import { say } from '@/messages/say';
import AppDialog from './AppDialog.vue';
import ChoiceGroup from './ChoiceGroup.vue';
import PhotoPicker from './PhotoPicker.vue';
import TextField from './TextField.vue';

defineProps<{ section: SectionId }>();
const emit = defineEmits<{ save: [finding: NewFinding]; close: [] }>();
const guide = useGuide();
const kind = ref<FindingKind | null>(null);
/** Most of what sits on a skin is a spot; the whole place rules treatments out. */
const extent = ref<'spot' | 'place'>('spot');
const note = ref('');
const size = ref('');
const picture = ref<Blob | null>(null);
const problem = ref('');
const sizeProblem = ref('');

const referral = computed(() => {
  const asked = kind.value ? guide.referral(kind.value) : null;
  return asked ? say.text.referrals[asked] : '';
});

function save(): void {
  problem.value = kind.value ? '' : 'Choose what you found.';
  const mm = figure(size.value);
  sizeProblem.value = size.value.trim() === '' || (mm >= 0 && mm <= 500) ? '' : 'Give millimetres, such as 6.';
  if (kind.value && !sizeProblem.value) {
    emit('save', {
      kind: kind.value,
      spot: extent.value === 'spot',
      ...(note.value.trim() ? { note: note.value } : {}),
      ...(size.value.trim() ? { sizeMm: mm } : {}),
      ...(picture.value ? { picture: picture.value } : {}),
    });
  }
}
</script>

<template>
  <AppDialog :title="`Skin: ${say.section(section).toLowerCase()}`" @close="emit('close')">
    <form class="mt-4 grid gap-5" novalidate @submit.prevent="save">
      <div class="grid gap-1.5">
        <ChoiceGroup v-model="kind" label="What you see or feel" :options="options(say.text.findings)" />
        <p v-if="problem" class="text-list font-semibold" role="alert">{{ problem }}</p>
      </div>
      <div class="grid gap-1.5">
        <ChoiceGroup v-model="extent" :label="say.text.extentLabel" :options="options(say.text.extent)" />
        <p class="text-note text-ink-2">{{ say.text.extentHints[extent] }}</p>
      </div>
      <p v-if="referral" class="rounded-md border-[1.5px] border-ink bg-rail px-4 py-3 text-lead font-bold" role="status">{{ referral }}</p>
      <div class="grid gap-4 tall:grid-cols-[1fr_8.75rem]">
        <TextField v-model="note" label="In your words" :max="500" />
        <TextField v-model="size" label="Size" kind="number" unit="mm" :max="5" :error="sizeProblem" />
      </div>
      <PhotoPicker v-model="picture" />
      <p class="text-note text-ink-2">{{ say.text.notVeterinary }} It stays on the chart until somebody closes it.</p>
      <button type="submit" class="btn btn-main">Note it</button>
    </form>
  </AppDialog>
</template>
