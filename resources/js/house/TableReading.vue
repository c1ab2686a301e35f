<script setup lang="ts">
// Clients and dogs from a table of another program: columns put right, everything seen, then read in.
import { computed, ref, watch } from 'vue';
import { options } from '@/messages/options';
import { t, wordsOf } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import AssumedValues from './AssumedValues.vue';
import FileChoice from './FileChoice.vue';
import PastImports from './PastImports.vue';
import SelectField from '@/ui/SelectField.vue';
import TableWould from './TableWould.vue';
import { useTableReading } from './useTableReading';

const reading = useTableReading();
const { found, columns, dates, twins, assumed, run, isOld, step, gone, cameIn, progress, busy, trouble } = reading;
const fields = [{ value: '', says: t('records.nothing') }, ...options(wordsOf('records.fields'))];
const orders = (['auto', 'dmy', 'mdy'] as const).map((value) => ({ value, says: t(`records.dateOrders.${value}`) }));
const twinChoices = (['skip', 'add'] as const).map((value) => ({ value, says: t(`records.twinsChoice.${value}`) }));
/** The form is gone then: whoever pressed at its end sees what came of it. */
const told = ref<HTMLElement>();
watch(told, (element) => element?.scrollIntoView({ block: 'center' }));
const part = computed(() => (step.value ? `${(100 * step.value.done) / step.value.rows}%` : '0%'));
</script>

<template>
  <section class="grid gap-3 border-t border-line pt-5">
    <header>
      <h2 class="text-lead">{{ t('records.in') }}</h2>
      <p class="text-list text-ink-2">{{ t('records.inWhat') }}</p>
    </header>
    <FileChoice
      :says="found ? t('records.chooseAgain') : t('records.choose')"
      accept=".csv,.txt,.tsv,text/csv"
      :busy="busy"
      @choose="reading.bring"
    />
    <p v-if="progress" class="text-list" role="status">{{ progress }}</p>
    <p v-if="gone" ref="told" class="font-semibold" role="status">{{ t('records.goneIn', { dogs: gone.dogs }) }}</p>
    <div v-if="found" class="grid gap-5">
      <div>
        <h3 class="font-bold">{{ t('records.columns') }}</h3>
        <p class="text-list text-ink-2">{{ t('records.columnsWhat', { rows: found.rows, file: found.fileName }) }}</p>
        <ul class="mt-2 grid gap-x-8 gap-y-3 tall:grid-cols-2">
          <li v-for="(column, index) in found.columns" :key="index" class="grid content-start">
            <SelectField
              :label="column.heading || t('records.noHeading')"
              :options="fields"
              :model-value="columns[index] ?? ''"
              @update:model-value="reading.hold(index, $event)"
            />
            <p class="mt-1 truncate text-note text-ink-2">{{ column.samples.join(' · ') || '–' }}</p>
          </li>
        </ul>
      </div>
      <div class="grid gap-5 tall:grid-cols-2">
        <ChoiceGroup v-if="columns.includes('born_on')" v-model="dates" :label="t('records.dates')" :options="orders" />
        <ChoiceGroup v-model="twins" :label="t('records.twins')" :options="twinChoices" />
      </div>
      <AssumedValues v-model="assumed" />
      <p v-if="trouble" class="font-semibold" role="alert">{{ trouble }}</p>
      <button v-if="!run || isOld" type="button" class="btn btn-main justify-self-start" :disabled="busy" @click="reading.tryIt">
        {{ t(busy ? 'records.trying' : 'records.try') }}
      </button>
      <TableWould v-if="run && !step" :run="run" :is-old="isOld" :busy="busy" @go="reading.readIn" />
      <div v-if="step" class="grid gap-2">
        <div class="h-3 overflow-hidden rounded-md bg-rail"><div class="h-full bg-ink" :style="{ width: part }"></div></div>
        <p role="status">{{ t('records.going', { done: step.done, rows: step.rows }) }}</p>
        <template v-if="!busy">
          <p class="font-semibold" role="alert">{{ t('records.stopped', { done: step.done, rows: step.rows }) }}</p>
          <button type="button" class="btn btn-main justify-self-start" @click="reading.readIn">{{ t('records.goOn') }}</button>
        </template>
      </div>
    </div>
    <p v-else-if="trouble" class="font-semibold" role="alert">{{ trouble }}</p>
  </section>
  <PastImports :key="cameIn" @undone="reading.letGo" />
</template>
