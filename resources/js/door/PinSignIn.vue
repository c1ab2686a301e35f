<script setup lang="ts">
// On a tablet of the salon: who it is, and their PIN. The password is beside it for everybody else.
import { nextTick, ref } from 'vue';
import { api } from '@/api/client';
import { useLoader } from '@/device/useLoader';
import { useProblems } from '@/device/useProblems';
import { useSession } from '@/device/useSession';
import { t } from '@/messages/words';

const emit = defineEmits<{ changed: [] }>();
const { begin } = useSession();
const { problems, trouble, clear, tell } = useProblems();
const loaded = useLoader({ ask: async () => (await api('get', '/api/quick-change')).people });
const { value: people } = loaded;
void loaded.refresh();
const chosen = ref('');
const pin = ref('');
const busy = ref(false);
const field = ref<HTMLInputElement>();

async function choose(id: string): Promise<void> {
  chosen.value = id;
  pin.value = '';
  clear();
  await nextTick();
  field.value?.focus();
}

async function change(): Promise<void> {
  if (busy.value) {
    return;
  }
  busy.value = true;
  clear();
  try {
    await begin(await api('post', '/api/quick-change', { body: { staffId: chosen.value, pin: pin.value } }));
    emit('changed');
  } catch (failure) {
    tell(failure, t('door.noAnswer'));
    pin.value = '';
    field.value?.focus();
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <form v-if="people?.length" class="grid gap-3 border-b border-line pb-5" @submit.prevent="change">
    <h2 class="lab">{{ t('door.whoIsIt') }}</h2>
    <div class="flex flex-wrap gap-2">
      <button
        v-for="one in people"
        :key="one.id"
        type="button"
        class="btn"
        :class="one.id === chosen && 'btn-main'"
        :aria-pressed="one.id === chosen"
        @click="choose(one.id)"
      >
        {{ one.name }}
      </button>
    </div>
    <div v-if="chosen" class="flex flex-wrap items-end gap-3">
      <label class="grid flex-1 gap-1.5">
        <span class="lab">{{ t('door.pin') }}</span>
        <input
          ref="field"
          v-model="pin"
          class="field tabular-nums"
          type="password"
          inputmode="numeric"
          autocomplete="off"
          required
          maxlength="8"
          :aria-invalid="problems.pin !== undefined"
        />
      </label>
      <button class="btn btn-main" :disabled="busy">{{ t('door.itsMe') }}</button>
    </div>
    <p v-if="problems.pin || trouble" role="alert" class="text-list font-semibold">{{ problems.pin ?? trouble }}</p>
  </form>
</template>
