<script setup lang="ts">
// A section goes on without its comb check: a name and a reason, never for a mat.
import { t } from '@/messages/words';
import { ref } from 'vue';
import type { SectionId } from '@/api/types';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';
import AppDialog from '@/ui/AppDialog.vue';
import TextField from '@/ui/TextField.vue';

const props = defineProps<{ section: SectionId; grade: number | null; before: string; problem: string }>();
const emit = defineEmits<{ waive: [who: string, reason: string]; close: [] }>();
const { staff } = useSession();
const who = ref(staff.value?.name ?? '');
const reason = ref('');
const missing = ref({ who: '', reason: '' });

function save(): void {
  missing.value = {
    who: who.value.trim() ? '' : t('table.waive.sayWho'),
    reason: reason.value.trim() ? '' : t('ui.sayWhy'),
  };
  if (!missing.value.who && !missing.value.reason) {
    emit('waive', who.value.trim(), reason.value.trim());
  }
}
</script>

<template>
  <AppDialog :title="t('table.waive.title', { section: say.section(props.section), before })" @close="emit('close')">
    <form class="mt-4 grid gap-4" novalidate @submit.prevent="save">
      <p>
        {{ grade === null ? t('table.waive.noCheck') : t('table.waive.says', { grade: say.grade(grade) }) }}
      </p>
      <TextField v-model="who" :label="t('table.waive.who')" :max="120" :error="missing.who" />
      <TextField v-model="reason" :label="t('ui.why')" :max="500" :error="missing.reason" />
      <p v-if="problem" class="font-semibold" role="alert">{{ problem }}</p>
      <button type="submit" class="btn btn-main">{{ t('table.waive.do') }}</button>
    </form>
  </AppDialog>
</template>
