<script setup lang="ts">
// Tables that were read in before, each with its way back.
import { ref } from 'vue';
import { api } from '@/api/client';
import type { Import } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { useProblems } from '@/device/useProblems';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

const emit = defineEmits<{ undone: [id: string] }>();
const { value: past, refresh } = useLoader<{ imports: Import[] }>({ ask: () => api('get', '/api/imports') });
void refresh();
const { trouble, clear, tell } = useProblems();
const busy = ref(false);
const said = ref('');

async function undo(one: Import): Promise<void> {
  if (busy.value) {
    return;
  }
  busy.value = true;
  clear();
  try {
    const { dogs, clients, kept } = await api('delete', '/api/imports/{import}', { path: { import: one.id } });
    said.value = [t('records.undoneSaid', { dogs, clients }), kept ? t('records.kept', { kept }) : ''].filter((words) => words).join(' ');
    emit('undone', one.id);
    await refresh();
  } catch (failure) {
    tell(failure, t('records.noNetworkUndo'));
  } finally {
    busy.value = false;
  }
}
</script>

<template>
  <section v-if="past?.imports.length" class="grid gap-2">
    <h2 class="text-lead">{{ t('records.past') }}</h2>
    <p v-if="trouble" class="font-semibold" role="alert">{{ trouble }}</p>
    <p v-else-if="said" class="font-semibold" role="status">{{ said }}</p>
    <ul class="border-t border-line">
      <li v-for="one in past.imports" :key="one.id" class="flex flex-wrap items-center gap-x-4 border-b border-line py-2">
        <span class="min-w-0 flex-1"
          ><b class="break-words">{{ one.fileName }}</b
          ><br /><span class="text-note text-ink-2"
            >{{ t('records.pastLine', { dogs: one.dogs, day: say.dayAndYear(one.at), by: one.by })
            }}<template v-if="one.done < one.rows">{{ `; ${t('records.partly', { done: one.done, rows: one.rows })}` }}</template></span
          ></span
        >
        <span v-if="one.undone" class="text-list text-ink-2">{{ t('records.undone') }}</span>
        <button v-else type="button" class="btn btn-small" :disabled="busy" @click="undo(one)">{{ t('records.undo') }}</button>
      </li>
    </ul>
  </section>
</template>
