<script setup lang="ts">
// The running clock of the section against its forecast, the line in hand, and what the dog can still bear.
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { TableRun, TableSection } from '@/api/types';
import { useCue } from '@/device/useCue';
import { say } from '@/messages/say';
import BearHairs from './BearHairs.vue';

const props = defineProps<{ here: TableSection; table: TableRun; line: number | null; extra: number; inHand: boolean; clip: boolean }>();

const seconds = computed(() => props.here.seconds + (props.inHand ? props.extra : 0));
const lineSeconds = computed(() => props.here.lineSeconds + (props.inHand ? props.extra : 0));
const left = computed(() => (props.here.forecast ? Math.max(0, props.here.forecast.likely - seconds.value / 60) : null));
const limit = computed(() => props.here.lineLimitSeconds);
const over = computed(() => limit.value !== null && lineSeconds.value > limit.value);
useCue(() => over.value);
// The guard is the server's; here it is only heard.
useCue(() => props.here.guards.some((guard) => guard.kind === 'tolerance_low'));
</script>

<template>
  <div class="contents tall:grid tall:content-start tall:gap-2">
    <div>
      <p class="text-clock font-extrabold max-tall:text-clock-small" role="timer">
        {{ say.stopwatch(seconds) }}
      </p>
      <p v-if="here.forecast" class="text-list text-ink-2">
        {{ t('table.clock.of', { minutes: say.aboutMinutes(here.forecast.likely) })
        }}<template v-if="here.forecast.to >= 1">, {{ t('ui.usually', { range: say.range(here.forecast) }) }}</template
        >.
        <template v-if="!here.done">
          {{
            left === 0
              ? t('table.clock.over', { minutes: say.aboutMinutes(seconds / 60 - here.forecast.likely) })
              : left! >= 1
                ? t('table.clock.left', { minutes: Math.round(left!) })
                : ''
          }}
        </template>
      </p>
    </div>
    <p v-if="here.done" class="text-lead font-bold">
      {{ here.clippedMm === null ? t('table.clock.passed') : t('table.clock.clipped', { length: say.mm(here.clippedMm) })
      }}{{ here.doneBy ? `, ${here.doneBy}` : '' }}.
    </p>
    <p v-else-if="!clip && !here.countsLines" class="text-list text-ink-2 max-tall:hidden">
      {{ t('table.linesHere', { lines: here.lines }) }}
    </p>
    <div v-else-if="!clip && inHand && line">
      <p class="text-body tall:text-lead tall:leading-7">
        <b class="text-lead tall:text-say">{{ t('table.clock.line', { line }) }}</b> {{ t('table.clock.ofLines', { lines: here.lines }) }}
        <b>{{ say.stopwatch(lineSeconds) }}</b>
      </p>
      <p class="text-list" :class="over ? 'font-bold text-call' : 'text-ink-2'" role="status">
        {{ over ? t('table.lineOver') : t('table.lineUntil', { limit: say.stopwatch(limit ?? 0) }) }}
      </p>
    </div>
    <div :class="here.countsLines || clip ? 'col-span-full' : 'tall:col-span-full'">
      <p class="text-list">
        <b class="text-lead tall:text-say">{{
          t('plan.totals.min', { minutes: table.borne.byReactions === null ? '0' : say.pulling(table.borne.left) })
        }}</b>
        {{ t('table.clock.pullingLeft', { tolerance: say.pulling(table.borne.tolerance) }) }}
      </p>
      <BearHairs :left="table.borne.byReactions === null ? 0 : table.borne.left" :tolerance="table.borne.tolerance" />
      <p class="text-note text-ink-2 max-tall:hidden">
        {{ t('table.clock.spent', { borne: say.pulling(here.borne), cap: say.pulling(table.borne.sectionCap) }) }}
      </p>
    </div>
  </div>
</template>
