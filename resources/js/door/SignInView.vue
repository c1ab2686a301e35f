<script setup lang="ts">
import { t } from '@/messages/words';
import { computed, onMounted, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { Refused } from '@/api/client';
import { chartOfGrades } from '@/chart/tones';
import LanguageChoice from '@/ui/LanguageChoice.vue';
import CoatChart from '@/chart/CoatChart.vue';
import PinSignIn from './PinSignIn.vue';
import SelectField from '@/ui/SelectField.vue';
import { useOutbox } from '@/device/useOutbox';
import { usePhotos } from '@/device/usePhotos';
import { useSession } from '@/device/useSession';

const { signIn, goTo, salon, salons, staff } = useSession();
const { waitingCount: entries, othersWaiting } = useOutbox();
const photos = usePhotos();
/** The same queue as inside: what was recorded, and photos. */
const waitingCount = computed(() => entries.value + photos.waitingCount.value);
const route = useRoute();
const router = useRouter();
const name = ref('');
const password = ref('');
const trouble = ref('');
const busy = ref(false);
const nameField = ref<HTMLInputElement>();
const chart = chartOfGrades('001111220112110000002200120000');

onMounted(() => !salon.value?.quickChange && nameField.value?.focus());

async function choose(salonId: string): Promise<void> {
  trouble.value = '';
  try {
    await goTo(salonId);
  } catch (failure) {
    trouble.value = failure instanceof Refused ? failure.message : t('door.noAnswer');
  }
}

async function goOn(): Promise<void> {
  const back = route.query.back;
  await router.push(typeof back === 'string' && back.startsWith('/') && !back.startsWith('//') ? back : { name: 'day' });
}

async function submit(): Promise<void> {
  busy.value = true;
  trouble.value = '';
  try {
    await signIn(name.value, password.value);
    await goOn();
  } catch (failure) {
    trouble.value = failure instanceof Refused ? (failure.field('name') ?? failure.message) : t('door.noAnswer');
    password.value = '';
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <div class="grid min-h-dvh wide:grid-cols-2">
    <div class="hidden place-items-center p-8 wide:grid" aria-hidden="true">
      <CoatChart class="max-h-[min(84vh,40rem)]" label="" :sections="chart" :coat-mm="60" />
    </div>
    <main class="grid content-center border-line bg-sheet p-6 tall:p-16 wide:border-l">
      <div class="mb-5 w-full max-w-105">
        <p v-if="salons.length < 2" class="text-list text-ink-2">{{ salon?.name ?? '' }}</p>
        <h1 class="text-title">Hound Check</h1>
      </div>
      <SelectField
        v-if="salons.length > 1 && salon"
        class="mb-5 w-full max-w-105"
        :label="t('door.salon')"
        :options="salons.map((one) => ({ value: one.id, says: one.name }))"
        :model-value="salon.id"
        @update:model-value="choose"
      />
      <PinSignIn v-if="salon?.quickChange" class="mb-5 w-full max-w-105" @changed="goOn" />
      <form class="grid w-full max-w-105 gap-5" @submit.prevent="submit">
        <p v-if="waitingCount" class="text-list">
          <b>{{ t('door.waiting', { count: waitingCount }) }}</b>
          {{ othersWaiting.length ? t('door.sentByThem', { names: othersWaiting.join(t('ui.and')) }) : t('door.sentByYou') }}
        </p>
        <label class="grid gap-1.5">
          <span class="lab">{{ t('door.name') }}</span>
          <input
            ref="nameField"
            v-model="name"
            class="field"
            autocomplete="username"
            autocapitalize="words"
            required
            maxlength="60"
            :aria-invalid="trouble !== ''"
          />
        </label>
        <label class="grid gap-1.5">
          <span class="lab">{{ t('door.password') }}</span>
          <input
            v-model="password"
            class="field"
            type="password"
            autocomplete="current-password"
            required
            maxlength="200"
            :aria-invalid="trouble !== ''"
          />
        </label>
        <p v-if="trouble" role="alert" class="text-list font-semibold">{{ trouble }}</p>
        <button class="btn btn-main" type="submit" :disabled="busy">{{ busy ? t('door.signingIn') : t('door.signIn') }}</button>
        <RouterLink v-if="staff" class="act -ml-2 underline" :to="{ name: 'day' }">{{ t('door.stay', { name: staff.name }) }}</RouterLink>
        <LanguageChoice />
      </form>
    </main>
  </div>
</template>
