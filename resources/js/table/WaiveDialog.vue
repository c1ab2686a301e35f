<script setup lang="ts">
// A section goes on without its comb check: a name and a reason, never for a mat.
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
    who: who.value.trim() ? '' : 'Say who answers for it.',
    reason: reason.value.trim() ? '' : 'Say why, in a few words.',
  };
  if (!missing.value.who && !missing.value.reason) {
    emit('waive', who.value.trim(), reason.value.trim());
  }
}
</script>

<template>
  <AppDialog :title="`${say.section(props.section)}: let it go ${before}`" @close="emit('close')">
    <form class="mt-4 grid gap-4" novalidate @submit.prevent="save">
      <p>
        {{ grade === null ? 'No comb check there.' : `The comb says ${say.grade(grade)}.` }} It stands in the record, with your name and
        your reason. Mats are never let go.
      </p>
      <TextField v-model="who" label="Who answers for it" :max="120" :error="missing.who" />
      <TextField v-model="reason" label="Why" :max="500" :error="missing.reason" />
      <p v-if="problem" class="font-semibold" role="alert">{{ problem }}</p>
      <button type="submit" class="btn btn-main">Let it go</button>
    </form>
  </AppDialog>
</template>
