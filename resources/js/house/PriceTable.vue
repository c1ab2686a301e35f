<script setup lang="ts">
// What a visit costs by size and service: rules of thumb until the salon puts its own.
import { say } from '@/messages/say';
import { weightName } from '@/messages/weights';
import { t } from '@/messages/words';

defineProps<{
  /** In hundredths, or as typed. */
  values: Record<string, number | string>;
  currency: string;
  units: 'metric' | 'imperial';
  problems: Record<string, string>;
}>();
const emit = defineEmits<{ set: [path: string, typed: string] }>();

const SERVICES = ['baseCents', 'bathAndBrushCents', 'nailsAndTidyCents'] as const;
const WEIGHTS = ['to_5', 'to_10', 'to_20', 'to_35', 'over_35'] as const;
const nameOf = (service: (typeof SERVICES)[number]): string => t(`rules.table.prices.${service}.says`);
const shown = (value: number | string | undefined): string => (typeof value === 'number' ? say.figure(value / 100) : (value ?? ''));
</script>

<template>
  <div class="overflow-x-auto">
    <table class="w-full text-list">
      <caption class="pb-1 text-left text-ink-2">
        {{
          t('salon.pricesIn', { currency })
        }}
      </caption>
      <thead>
        <tr>
          <td></td>
          <th v-for="service in SERVICES" :key="service" scope="col" class="px-1 pb-1 text-left align-bottom font-semibold">
            {{ nameOf(service) }}
          </th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="weight in WEIGHTS" :key="weight">
          <th scope="row" class="py-1 pr-2 text-left font-normal whitespace-nowrap">{{ weightName(weight, units) }}</th>
          <td v-for="service in SERVICES" :key="service" class="p-1 align-top">
            <input
              class="field !min-h-11 tabular-nums"
              inputmode="decimal"
              autocomplete="off"
              :aria-label="`${nameOf(service)}, ${weightName(weight, units)}`"
              :aria-invalid="problems[`prices.${service}.${weight}`] !== undefined"
              :value="shown(values[`prices.${service}.${weight}`])"
              @input="emit('set', `prices.${service}.${weight}`, ($event.target as HTMLInputElement).value)"
            />
            <p v-if="problems[`prices.${service}.${weight}`]" class="text-note font-semibold" role="alert">
              {{ problems[`prices.${service}.${weight}`] }}
            </p>
          </td>
        </tr>
      </tbody>
    </table>
  </div>
</template>
