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
import { t, wordsOf } from '@/messages/words';
import { computed, ref, useId } from 'vue';
import type { FindingKind, SectionId } from '@/api/types';
import { useGuide } from './useGuide';
import { figure, options } from '@/messages/options';
import { mmOf } from '@/messages/salon';
import { say } from '@/messages/say';
import AppDialog from '@/ui/AppDialog.vue';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import PhotoPicker from './PhotoPicker.vue';
import TextField from '@/ui/TextField.vue';

/** No section: the dialog asks where, as under the dryer, where parted hair shows what sits on the skin. */
const props = defineProps<{ section: SectionId | null; route?: SectionId[] }>();
const emit = defineEmits<{ save: [finding: NewFinding, section: SectionId]; close: [] }>();
const guide = useGuide();
const kind = ref<FindingKind | null>(null);
/** Most of what sits on a skin is a spot; the whole place rules treatments out. */
const extent = ref<'spot' | 'place'>('spot');
const note = ref('');
const size = ref('');
const picture = ref<Blob | null>(null);
const whereId = useId();
const where = ref<SectionId | ''>(props.section ?? '');
const problem = ref('');
const whereProblem = ref('');
const sizeProblem = ref('');

const referral = computed(() => {
  const asked = kind.value ? guide.referral(kind.value) : null;
  return asked ? t(`skin.referrals.${asked}`) : '';
});

function save(): void {
  problem.value = kind.value ? '' : t('visit.finding.choose');
  whereProblem.value = where.value ? '' : t('visit.finding.sayWhere');
  const mm = mmOf(figure(size.value));
  sizeProblem.value = size.value.trim() === '' || (mm >= 0 && mm <= 500) ? '' : t('visit.finding.giveSize', { length: say.mm(6) });
  if (kind.value && where.value && !sizeProblem.value) {
    emit(
      'save',
      {
        kind: kind.value,
        spot: extent.value === 'spot',
        ...(note.value.trim() ? { note: note.value } : {}),
        ...(size.value.trim() ? { sizeMm: mm } : {}),
        ...(picture.value ? { picture: picture.value } : {}),
      },
      where.value,
    );
  }
}
</script>

<template>
  <AppDialog
    :title="section ? t('say.titled', { what: t('ui.skin'), section: say.within(say.section(section)) }) : t('ui.skinFinding')"
    @close="emit('close')"
  >
    <form class="mt-4 grid gap-5" novalidate @submit.prevent="save">
      <div v-if="route" class="grid gap-1.5">
        <label :for="whereId" class="text-lead font-bold">{{ t('visit.finding.where') }}</label>
        <select :id="whereId" v-model="where" class="min-h-12 rounded-md edge border-ink bg-sheet px-3">
          <option value="" disabled>{{ t('visit.finding.choosePlace') }}</option>
          <option v-for="one in route" :key="one" :value="one">{{ say.section(one) }}</option>
        </select>
        <p v-if="whereProblem" class="text-list font-semibold" role="alert">{{ whereProblem }}</p>
      </div>
      <div class="grid gap-1.5">
        <ChoiceGroup v-model="kind" :label="t('visit.finding.what')" :options="options(wordsOf('skin.findings'))" />
        <p v-if="problem" class="text-list font-semibold" role="alert">{{ problem }}</p>
      </div>
      <div class="grid gap-1.5">
        <ChoiceGroup v-model="extent" :label="t('skin.extentLabel')" :options="options(wordsOf('skin.extent'))" />
        <p class="text-note text-ink-2">{{ t(`skin.extentHints.${extent}`) }}</p>
      </div>
      <p v-if="referral" class="rounded-md edge border-ink bg-rail px-4 py-3 text-lead font-bold" role="status">{{ referral }}</p>
      <div class="grid gap-4 tall:grid-cols-[1fr_8.75rem]">
        <TextField v-model="note" :label="t('visit.finding.words')" :max="500" />
        <TextField v-model="size" :label="t('visit.finding.size')" kind="number" :unit="say.unit('length')" :max="5" :error="sizeProblem" />
      </div>
      <PhotoPicker v-model="picture" />
      <p class="text-note text-ink-2">{{ t('visit.finding.stays', { notVeterinary: t('device.notVeterinary') }) }}</p>
      <button type="submit" class="btn btn-main">{{ t('visit.finding.note') }}</button>
    </form>
  </AppDialog>
</template>
