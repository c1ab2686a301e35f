import { computed, ref, watch } from 'vue';
import { api } from '@/api/client';
import type { ImportDryRun, ImportFound, ImportWay } from '@/api/types';
import { t } from '@/messages/words';
import { useSentFile } from './useSentFile';

export type Field = NonNullable<ImportFound['columns'][number]['field']>;

/** A table of clients and dogs on its way in: how it is read, what that would do, and how far it has come. */
export function useTableReading() {
  const { found, progress, busy, trouble, clear, doing, choose } = useSentFile<ImportFound>('imports');
  const columns = ref<(Field | null)[]>([]);
  const dates = ref<'auto' | 'dmy' | 'mdy'>('auto');
  const twins = ref<'skip' | 'add'>('skip');
  const assumed = ref<ImportWay['assumed']>({ sex: 'female', coat: 'mixed', coatMm: 40, weightKg: 12, ageYears: 4 });
  const run = ref<ImportDryRun | null>(null);
  /** Something was changed since it was tried. */
  const isOld = ref(false);
  const step = ref<{ done: number; rows: number } | null>(null);
  /** The last table that came in whole. */
  const gone = ref<{ id: string; dogs: number } | null>(null);
  /** Moves on whenever something came in: the tables that came before are asked for anew. */
  const cameIn = ref(0);

  const way = computed<ImportWay>(() => ({
    columns: columns.value,
    dates: dates.value === 'auto' ? null : dates.value,
    addsTwins: twins.value === 'add',
    assumed: assumed.value,
  }));
  watch(way, () => (isOld.value = run.value !== null));

  async function bring(event: Event): Promise<void> {
    run.value = step.value = gone.value = null;
    await choose(event);
    if (found.value) {
      columns.value = found.value.columns.map(({ field }) => field);
      assumed.value = found.value.assumed;
    }
  }

  /** Each field once: chosen again, it moves. What to mind may stand in several columns. */
  function hold(column: number, field: string): void {
    columns.value = columns.value.map((held, index) =>
      index === column ? ((field || null) as Field | null) : held === field && field !== 'mind' ? null : held,
    );
  }

  async function tryIt(): Promise<void> {
    const answer = await doing(() => api('post', '/api/imports/{import}/dry-run', { path: { import: found.value!.id }, body: way.value }));
    if (answer) {
      run.value = answer;
      isOld.value = false;
    }
  }

  /** Step by step, so that the screen tells how far it is; after a line that broke it goes on where it stopped. */
  async function readIn(): Promise<void> {
    const { id } = found.value!;
    const dogs = run.value!.newDogs;
    const whole = await doing(async () => {
      step.value ??= { done: 0, rows: found.value!.rows };
      do {
        step.value = await api('post', '/api/imports/{import}/rows', { path: { import: found.value!.id }, body: way.value });
      } while (step.value.done < step.value.rows);
      return true;
    }, t('records.noNetworkMiddle'));
    cameIn.value++;
    if (whole) {
      gone.value = { id, dogs };
      found.value = run.value = step.value = null;
    }
  }

  /** Taken out again, whole or half: it is no longer told as in, and does not go on. */
  function letGo(id: string): void {
    if (gone.value?.id === id) {
      gone.value = null;
    }
    if (found.value?.id === id) {
      found.value = run.value = step.value = null;
      clear();
    }
  }

  return {
    found,
    columns,
    dates,
    twins,
    assumed,
    run,
    isOld,
    step,
    gone,
    cameIn,
    progress,
    busy,
    trouble,
    bring,
    hold,
    tryIt,
    readIn,
    letGo,
  };
}
