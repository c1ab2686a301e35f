<script setup lang="ts">
// One's own password, which ends one's sessions on every tablet, here too; and where one is signed in.
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import { api } from '@/api/client';
import { useProblems } from '@/device/useProblems';
import { useSession } from '@/device/useSession';
import { useSignIns } from '@/device/useSignIns';
import { t } from '@/messages/words';
import AppDialog from '@/ui/AppDialog.vue';
import PasswordField from '@/ui/PasswordField.vue';
import SignInRows from '@/ui/SignInRows.vue';
import OwnPin from './OwnPin.vue';

const emit = defineEmits<{ close: [] }>();
const { signOut, staff } = useSession();
const { signIns, said, busy, end } = useSignIns();
const mine = computed(() => (signIns.value ?? []).filter((one) => one.staffId === staff.value?.id));
const router = useRouter();
const current = ref('');
const password = ref('');
const again = ref('');
const { problems, trouble, clear, tell } = useProblems();
const done = ref(false);

async function leave(): Promise<void> {
  await signOut();
  await router.push({ name: 'sign-in' });
}

async function change(): Promise<void> {
  clear();
  if (password.value !== again.value) {
    problems.again = t('day.password.differ');
    return;
  }
  try {
    await api('post', '/api/session/password', { body: { current: current.value, password: password.value } });
    done.value = true;
  } catch (failure) {
    tell(failure, t('day.password.noNetwork'));
  }
}
</script>

<template>
  <AppDialog :title="t('day.password.title')" @close="done ? leave() : emit('close')">
    <div v-if="done" class="mt-4 grid gap-4">
      <p class="text-lead" role="status">{{ t('day.password.done') }}</p>
      <button type="button" class="btn btn-main" @click="leave">{{ t('day.password.signIn') }}</button>
    </div>
    <form v-else class="mt-4 grid gap-3" @submit.prevent="change">
      <PasswordField v-model="current" autocomplete="current-password" :label="t('day.password.current')" :error="problems.current ?? ''" />
      <PasswordField v-model="password" autocomplete="new-password" :label="t('day.password.next')" :error="problems.password ?? ''" />
      <PasswordField v-model="again" autocomplete="new-password" :label="t('day.password.again')" :error="problems.again ?? ''" />
      <p v-if="trouble" class="font-semibold" role="alert">{{ trouble }}</p>
      <button class="btn btn-main">{{ t('day.password.change') }}</button>
    </form>
    <OwnPin v-if="!done" />
    <section v-if="!done && mine.length" class="mt-5 border-t border-line pt-3">
      <h3 class="lab">{{ t('device.signIns.yours') }}</h3>
      <p v-if="said" class="text-list font-semibold" role="status">{{ said }}</p>
      <SignInRows :sign-ins="mine" :name="staff?.name ?? ''" :busy="busy" @end="end" />
    </section>
  </AppDialog>
</template>
