<script setup lang="ts">
// Who may sign in: added, renamed, given another role or password, or no access any more. What they recorded stays theirs.
import { computed, ref } from 'vue';
import { api } from '@/api/client';
import type { Colleague, Role, SignIn } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { useProblems } from '@/device/useProblems';
import { useSession } from '@/device/useSession';
import { useSignIns } from '@/device/useSignIns';
import { options } from '@/messages/options';
import { t, wordsOf } from '@/messages/words';
import AppDialog from '@/ui/AppDialog.vue';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import LoadState from '@/ui/LoadState.vue';
import SignInRows from '@/ui/SignInRows.vue';
import { useStill } from '@/ui/useStill';
import PasswordField from '@/ui/PasswordField.vue';
import TextField from '@/ui/TextField.vue';
import ToggleButton from '@/ui/ToggleButton.vue';
import OwnerShell from './OwnerShell.vue';

const { staff: me, salon, load } = useSession();
const { trouble: pinsTrouble, clear: clearPins, tell: tellPins } = useProblems();
const loaded = useLoader<Colleague[]>({ ask: async () => (await api('get', '/api/staff')).staff });
const { value: people, refresh } = loaded;
void refresh();
const { signIns, said: ended, busy: ending, end } = useSignIns();
const moving = useStill(() => signIns.value?.length);
const of = (id: string): SignIn[] => (signIns.value ?? []).filter((one) => one.staffId === id);
const roles = options(wordsOf('device.roles'));
/** Whom the dialog is about; an empty id: somebody new. */
const open = ref<Colleague | null>(null);
const password = ref('');
const { problems, trouble, clear, tell } = useProblems();
const said = ref('');
const busy = ref(false);
const isNew = computed(() => open.value?.id === '');

function show(one: Colleague | null): void {
  open.value = one ? { ...one } : { id: '', name: '', role: 'groomer', active: true };
  password.value = '';
  said.value = '';
  clear();
}

/** Whether people change by PIN on this tablet; it is the owner's who has it in hand. */
async function byPin(on: boolean): Promise<void> {
  clearPins();
  try {
    await api('put', '/api/quick-change/tablet', { body: { on } });
    await load();
  } catch (failure) {
    tellPins(failure, t('house.people.noNetwork'));
  }
}

async function keep(): Promise<void> {
  const one = open.value;
  if (busy.value || !one) {
    return;
  }
  busy.value = true;
  clear();
  try {
    const { name, role, active } = one;
    if (isNew.value) {
      await api('post', '/api/staff', { body: { name, role, password: password.value } });
    } else {
      const body = { name, role, active, ...(password.value ? { password: password.value } : {}) };
      await api('patch', '/api/staff/{staff}', { path: { staff: one.id }, body });
    }
    said.value = t('house.people.saved', { name });
    open.value = null;
    await refresh();
  } catch (failure) {
    tell(failure, t('house.people.noNetwork'));
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <OwnerShell>
    <div class="mx-auto grid max-w-220 gap-4 px-4 py-6 tall:px-8">
      <header class="flex flex-wrap items-center justify-between gap-3">
        <div>
          <h1 class="text-ask">{{ t('house.people.title') }}</h1>
          <p class="text-list text-ink-2">{{ t('house.people.hint') }}</p>
        </div>
        <button type="button" class="btn btn-main" @click="show(null)">{{ t('house.people.add') }}</button>
      </header>
      <p v-if="said || ended" class="font-semibold" role="status">{{ ended || said }}</p>
      <LoadState v-if="!people" :loaded="loaded" :fetching="t('house.people.fetching')" />
      <ul v-else class="border-t border-line" :class="moving && 'pointer-events-none'">
        <li v-for="one in people" :key="one.id" class="flex flex-wrap items-center gap-x-4 border-b border-line py-2">
          <p class="min-w-0 flex-1" :class="one.active ? '' : 'text-ink-2'">
            <b class="text-lead">{{ one.name }}</b>
            <span class="text-list"
              >, {{ t(`device.roles.${one.role}`) }}<template v-if="!one.active">, {{ t('house.people.gone') }}</template></span
            >
          </p>
          <button type="button" class="btn btn-small" :aria-label="t('house.people.changeOf', { name: one.name })" @click="show(one)">
            {{ t('house.people.change') }}
          </button>
          <SignInRows v-if="of(one.id).length" class="basis-full" :sign-ins="of(one.id)" :name="one.name" :busy="ending" @end="end" />
        </li>
      </ul>
    </div>
    <section v-if="people" class="mx-auto max-w-220 px-4 pb-6 tall:px-8" :class="moving && 'pointer-events-none'">
      <h2 class="lab">{{ t('house.pins.title') }}</h2>
      <p class="text-list text-ink-2">{{ t('house.pins.hint') }}</p>
      <ToggleButton class="mt-2 min-h-12" :model-value="salon?.quickChange === true" @update:model-value="byPin">{{
        t('house.pins.here')
      }}</ToggleButton>
      <p v-if="pinsTrouble" class="font-semibold" role="alert">{{ pinsTrouble }}</p>
    </section>
    <AppDialog
      v-if="open"
      :title="isNew ? t('house.people.add') : t('house.people.changeOf', { name: people?.find((one) => one.id === open!.id)?.name ?? '' })"
      @close="open = null"
    >
      <form class="mt-4 grid gap-4" @submit.prevent="keep">
        <TextField v-model="open.name" :label="t('house.people.name')" :max="60" :error="problems.name ?? ''" />
        <ChoiceGroup
          :model-value="open.role"
          :label="t('house.people.role')"
          :options="roles"
          :error="problems.role"
          @update:model-value="open.role = $event as Role"
        />
        <PasswordField
          v-model="password"
          autocomplete="new-password"
          :label="isNew ? t('house.people.password') : t('house.people.newPassword')"
          :hint="isNew ? '' : t('house.people.passwordHint')"
          :error="problems.password ?? ''"
        />
        <ToggleButton v-if="!isNew && open.id !== me?.id" v-model="open.active" class="min-h-12 justify-self-start">
          {{ t('house.people.works') }}
        </ToggleButton>
        <p v-if="trouble" class="font-semibold" role="alert">{{ trouble }}</p>
        <button class="btn btn-main" :disabled="busy">{{ t('house.people.keep') }}</button>
      </form>
    </AppDialog>
  </OwnerShell>
</template>
