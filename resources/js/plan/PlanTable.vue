<script setup lang="ts">
// The choices side by side; the one in force is large.
import { there } from '@/api/there';
import { t } from '@/messages/words';
import { computed } from 'vue';
import type { Frontier, FrontierPlan, Plan, Visit } from '@/api/types';
import { aimsAt, choicesOf, isOverFee, namedPlaces } from './frontier';
import { useSession } from '@/device/useSession';
import { say } from '@/messages/say';

const props = defineProps<{
  plan: Plan;
  frontier: Frontier;
  coat: Visit['dog']['coat'];
  shown: number | null;
  disabled: boolean;
  low?: boolean;
}>();
defineEmits<{ choose: [place: number] }>();
const { salon } = useSession();

/** "Easiest on the dog, worth the pulling": plans that are nearly the same are one row. */
const aimsSaid = (place: number): string =>
  aimsAt(props.frontier, place)
    .map((aim, index) => (index === 0 ? t(`plan.aims.${aim}`) : say.within(t(`plan.aims.${aim}`))))
    .join(', ');
interface Row {
  says: string;
  place: number;
  now: boolean;
  /** Several names need the room. */
  several: boolean;
}
const rows = computed<Row[]>(() => {
  const places = namedPlaces(props.frontier);
  const row = (place: number): Row => ({
    says: places.length === 1 && places[0] === place ? t('plan.aims.only') : aimsSaid(place),
    place,
    now: place === props.shown,
    several: places.length > 1 && aimsAt(props.frontier, place).length > 1,
  });
  const shown = props.shown === null || places.includes(props.shown) ? places : [...places, props.shown];
  return shown.sort((one, other) => one - other).map(row);
});
const planAt = (place: number): FrontierPlan => there(props.frontier.plans[place]);
/** Whether the plan clips anything, by its picks. */
const clips = (place: number): boolean =>
  Object.values(choicesOf(props.frontier, planAt(place))).some((choice) => choice.startsWith('clip'));

function grownBack(place: number): string {
  const weeks = planAt(place).regrowthWeeks;
  return weeks ? say.weeks(weeks) : props.coat === 'double' && clips(place) ? t('plan.table.unevenly') : '–';
}
const sizeOf = (row: Row): string => (!row.now || props.low ? '' : row.several ? 'tall:text-answer' : 'tall:text-say');
const currency = computed(() => salon.value?.currency ?? 'EUR');
</script>

<template>
  <table class="w-full text-left whitespace-nowrap" :aria-label="t('plan.table.label')">
    <thead :class="low ? 'sr-only' : ''">
      <tr class="text-note text-ink-2">
        <th class="font-medium">
          <span class="sr-only">{{ t('visit.steps.plan') }}</span>
        </th>
        <th class="pl-2 font-medium">{{ t('plan.table.kept') }}</th>
        <th class="pl-2 font-medium">{{ t('plan.table.table') }}</th>
        <th class="pl-2 font-medium">{{ t('plan.table.pulling') }}</th>
        <th class="pl-2 font-medium">{{ t('plan.table.price') }}</th>
        <th class="pl-2 font-medium max-tall:hidden">{{ t('plan.table.grownBack') }}</th>
      </tr>
    </thead>
    <tbody>
      <tr
        v-for="row in rows"
        :key="row.says"
        class="border-t align-baseline"
        :class="row.now ? 'border-y-2 border-ink font-bold' : 'border-line'"
        :aria-current="row.now ? 'true' : undefined"
      >
        <td>
          <button
            type="button"
            class="w-full pr-2 text-left text-body whitespace-normal"
            :class="[row.now ? 'font-bold' : 'underline', low ? 'min-h-8' : 'min-h-11']"
            :disabled="disabled"
            @click="$emit('choose', row.place)"
          >
            {{ row.says }}
          </button>
        </td>
        <td class="pl-2" :class="sizeOf(row)">{{ say.percent(planAt(row.place).keep) }}</td>
        <td class="pl-2" :class="sizeOf(row)">{{ say.minutes(planAt(row.place).minutes) }}</td>
        <td class="pl-2" :class="sizeOf(row)">{{ say.pulling(planAt(row.place).tension) }}</td>
        <td class="pl-2" :class="sizeOf(row)">
          {{ say.money(planAt(row.place).priceCents, currency)
          }}<span v-if="isOverFee(plan.feeLimitCents, planAt(row.place).priceCents)" class="block text-note font-bold text-call">{{
            t('plan.table.over', { limit: say.money(plan.feeLimitCents, currency) })
          }}</span>
        </td>
        <td class="pl-2 text-list max-tall:hidden">
          {{ grownBack(row.place) }}
        </td>
      </tr>
    </tbody>
  </table>
</template>
