<script setup lang="ts">
// The password once more, before what it protects. It may be asked for while another dialog is open, and stands over it.
import { onMounted, onUnmounted, ref } from 'vue';
import { api, Refused, Unreachable } from '@/api/client';
import { t } from '@/messages/words';
import { blockKeys } from '@/device/useKeys';
import { useSession } from '@/device/useSession';
import PasswordField from './PasswordField.vue';

const props = defineProps<{ answer: (given: boolean) => void }>();
const { staff, endsBy } = useSession();
const dialog = ref<HTMLDialogElement>();
const password = ref('');
const trouble = ref('');
const busy = ref(false);
onMounted(() => dialog.value!.showModal());
onUnmounted(blockKeys());

async function give(): Promise<void> {
  if (busy.value) {
    return;
  }
  busy.value = true;
  trouble.value = '';
  try {
    await api('post', '/api/session/password-again', { body: { password: password.value } });
    props.answer(true);
  } catch (failure) {
    if (endsBy(failure)) {
      props.answer(false);
    } else if (failure instanceof Unreachable) {
      trouble.value = t('device.passwordAgain.noNetwork');
    } else if (failure instanceof Refused) {
      trouble.value = failure.field('password') ?? failure.message;
      password.value = '';
    } else {
      throw failure;
    }
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <Teleport to="body">
    <dialog
      ref="dialog"
      class="m-auto w-full max-w-120 rounded-lg edge border-ink bg-sheet p-5 text-ink backdrop:bg-ink/45 tall:p-8"
      aria-labelledby="password-again"
      @cancel.prevent="answer(false)"
      @keydown.esc.stop
    >
      <h2 id="password-again" class="text-ask">{{ t('device.passwordAgain.title', { name: staff?.name ?? '' }) }}</h2>
      <p class="mt-2 text-list">{{ t('device.passwordAgain.why') }}</p>
      <form class="mt-4 grid gap-4" @submit.prevent="give">
        <PasswordField v-model="password" autocomplete="current-password" :label="t('device.passwordAgain.label')" :error="trouble" />
        <div class="flex flex-wrap gap-2">
          <button class="btn btn-main" :disabled="busy || password === ''">{{ t('device.passwordAgain.go') }}</button>
          <button type="button" class="btn" @click="answer(false)">{{ t('device.passwordAgain.leave') }}</button>
        </div>
      </form>
    </dialog>
  </Teleport>
</template>
