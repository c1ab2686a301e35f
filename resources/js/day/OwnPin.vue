<script setup lang="ts">
// One's own PIN for the salon's tablets; the password says that it is oneself.
import { ref } from 'vue';
import { api } from '@/api/client';
import { useProblems } from '@/device/useProblems';
import { useSession } from '@/device/useSession';
import { t } from '@/messages/words';
import PasswordField from '@/ui/PasswordField.vue';

const { staff, load } = useSession();
const { problems, trouble, clear, tell } = useProblems();
const current = ref('');
const pin = ref('');
const said = ref('');
const busy = ref(false);

async function keep(wanted: string | null): Promise<void> {
  if (busy.value) {
    return;
  }
  busy.value = true;
  said.value = '';
  clear();
  try {
    await api('put', '/api/session/pin', { body: { current: current.value, pin: wanted } });
    said.value = t(wanted === null ? 'day.pin.gone' : 'day.pin.kept');
    current.value = pin.value = '';
    await load().catch(() => undefined);
  } catch (failure) {
    tell(failure, t('day.password.noNetwork'));
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <details class="mt-5 border-t border-line pt-2">
    <summary class="folds flex min-h-11 items-center gap-2">
      <b class="lab">{{ t(staff?.hasPin ? 'day.pin.has' : 'day.pin.title') }}</b>
    </summary>
    <form class="grid gap-3 pt-1" @submit.prevent="keep(pin)">
      <p class="text-list text-ink-2">{{ t('day.pin.hint') }}</p>
      <PasswordField v-model="current" autocomplete="current-password" :label="t('day.pin.current')" :error="problems.current ?? ''" />
      <PasswordField v-model="pin" autocomplete="new-password" numeric :label="t('day.pin.pin')" :error="problems.pin ?? ''" />
      <p v-if="trouble" class="font-semibold" role="alert">{{ trouble }}</p>
      <p v-else-if="said" class="font-semibold" role="status">{{ said }}</p>
      <div class="flex flex-wrap gap-2">
        <button class="btn btn-small" :disabled="busy">{{ t('day.pin.keep') }}</button>
        <button v-if="staff?.hasPin" type="button" class="btn btn-small" :disabled="busy" @click="keep(null)">
          {{ t('day.pin.remove') }}
        </button>
      </div>
    </form>
  </details>
</template>
