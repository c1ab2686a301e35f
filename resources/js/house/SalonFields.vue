<script setup lang="ts">
// What a salon says of itself beside its name: where it is, how it counts and tells the time, and whom to call. A country proposes the rest.
import { computed } from 'vue';
import type { Country, Salon } from '@/api/types';
import { languageOptions, options } from '@/messages/options';
import { language, t, wordsOf } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import TextField from '@/ui/TextField.vue';
import SelectField from '@/ui/SelectField.vue';
import { weekdayName } from './week';

const props = defineProps<{
  countries: Country[];
  /** By the name of the field, in words. */
  problems: Record<string, string>;
  /** The demo's follows the hour. */
  fixedZone?: boolean;
}>();
const salon = defineModel<Salon>({ required: true });

const country = computed(() => props.countries.find((one) => one.code === salon.value.country));
const zones = computed(() => {
  const there = country.value?.timeZones ?? [];
  const known = there.includes(salon.value.timeZone) ? there : [salon.value.timeZone, ...there];
  return known.map((zone) => ({ value: zone, says: zone.replaceAll('_', ' ') }));
});
const currencyName = new Intl.DisplayNames([language()], { type: 'currency' });
const currencies = computed(() =>
  [...new Set([salon.value.currency, ...props.countries.map((one) => one.currency)])]
    .map((code) => ({ value: code, says: `${currencyName.of(code) ?? code} (${code})` }))
    .sort((one, other) => one.says.localeCompare(other.says)),
);
const countryOptions = computed(() => [
  ...(country.value ? [] : [{ value: '', says: t('salon.noCountry') }]),
  ...props.countries.map(({ code, name }) => ({ value: code, says: name })),
]);
const weekdays = [1, 6, 7].map((day) => ({ value: String(day), says: weekdayName(day) }));

function set(fields: Partial<Salon>): void {
  salon.value = { ...salon.value, ...fields };
}

function settle(code: string): void {
  const there = props.countries.find((one) => one.code === code);
  if (there) {
    const here = Intl.DateTimeFormat().resolvedOptions().timeZone;
    const { currency, units, firstWeekday, timeZones } = there;
    set({
      country: code,
      currency,
      units,
      firstWeekday,
      ...(props.fixedZone ? {} : { timeZone: timeZones.includes(here) ? here : timeZones[0]! }),
    });
  }
}
</script>

<template>
  <div class="grid gap-x-6 gap-y-4 tall:grid-cols-2">
    <SelectField
      :model-value="salon.country ?? ''"
      :label="t('salon.country')"
      :options="countryOptions"
      :error="problems.country"
      @update:model-value="settle"
    />
    <SelectField
      v-if="!fixedZone"
      :model-value="salon.timeZone"
      :label="t('salon.timeZone')"
      :options="zones"
      :error="problems.timeZone"
      @update:model-value="set({ timeZone: $event })"
    />
    <SelectField
      :model-value="salon.currency"
      :label="t('salon.currency')"
      :options="currencies"
      :error="problems.currency"
      @update:model-value="set({ currency: $event })"
    />
    <ChoiceGroup
      :model-value="salon.units"
      :label="t('salon.units')"
      :options="options(wordsOf('salon.unitsAre'))"
      :error="problems.units"
      @update:model-value="set({ units: $event as Salon['units'] })"
    />
    <ChoiceGroup
      :model-value="salon.language"
      :label="t('salon.language')"
      :options="languageOptions()"
      :error="problems.language"
      @update:model-value="set({ language: $event })"
    />
    <ChoiceGroup
      :model-value="String(salon.firstWeekday)"
      :label="t('salon.firstWeekday')"
      :options="weekdays"
      :error="problems.firstWeekday"
      @update:model-value="set({ firstWeekday: Number($event) })"
    />
    <TextField
      live
      :model-value="salon.phone"
      kind="tel"
      :label="t('salon.phone')"
      :hint="t('salon.phoneWhere')"
      :max="40"
      :error="problems.phone ?? ''"
      @update:model-value="set({ phone: $event || null })"
    />
    <TextField
      live
      :model-value="salon.vetPhone"
      kind="tel"
      :label="t('salon.vetPhone')"
      :hint="t('salon.vetWhere')"
      :max="40"
      :error="problems.vetPhone ?? ''"
      @update:model-value="set({ vetPhone: $event || null })"
    />
  </div>
</template>
