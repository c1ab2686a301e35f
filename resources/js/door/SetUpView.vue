<script setup lang="ts">
// The first run: a few answers make an empty installation somebody's salon. All else is a rule of thumb that can be changed later.
import { computed, nextTick, ref } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import CoatChart from '@/chart/CoatChart.vue';
import { chartOfGrades } from '@/chart/tones';
import { allSections } from '@/chart/geometry';
import { useSession } from '@/device/useSession';
import KitDrawn from '@/house/KitDrawn.vue';
import PriceTable from '@/house/PriceTable.vue';
import SalonFields from '@/house/SalonFields.vue';
import StepField from '@/house/StepField.vue';
import { language, t } from '@/messages/words';
import KeyCap from '@/ui/KeyCap.vue';
import LanguageChoice from '@/ui/LanguageChoice.vue';
import LoadState from '@/ui/LoadState.vue';
import PasswordField from '@/ui/PasswordField.vue';
import TextField from '@/ui/TextField.vue';
import FoldedPart from './FoldedPart.vue';
import { useSetUp } from './useSetUp';

const ROOMS = ['tables', 'tubs', 'dryers'] as const;
const route = useRoute();
const router = useRouter();
const { begin } = useSession();
const { loaded, offered, owner, password, salon, values, problems, trouble, busy, set, open } = useSetUp(language());
const key = ref(typeof route.query.key === 'string' ? route.query.key : '');
const asksKey = ref(key.value === '');
const chart = chartOfGrades('');

/** What is offered: the lengths of the starting kit; others come under House rules. */
const startingKit = computed(() => ({
  blades: (offered.value?.rules['kit.bladesMm'] ?? []) as number[],
  guards: (offered.value?.rules['kit.guardsMm'] ?? []) as number[],
}));
const ofSalon = computed(() =>
  Object.fromEntries(Object.entries(problems).flatMap(([field, says]) => (field.startsWith('salon.') ? [[field.slice(6), says]] : []))),
);
const ofDetails = computed(() => Object.keys(ofSalon.value).some((field) => field !== 'name'));
const ofPrices = computed(() => Object.keys(problems).some((field) => field.startsWith('prices.')));
const prices = computed(() => values.value as Record<string, number | string>);
const placeSaid = computed(() => {
  const now = salon.value!;
  const country = offered.value?.countries.find((one) => one.code === now.country)?.name;
  return [country, now.currency, t(`salon.unitsAre.${now.units}`), now.timeZone.replaceAll('_', ' ')].filter((one) => one).join(', ');
});

/** Where whoever opened the salon goes: to its empty day, or to where clients and dogs come in from a table. */
async function submit(event?: Event): Promise<void> {
  const brings = event instanceof SubmitEvent && event.submitter?.id === 'set-up-table';
  const session = await open(key.value);
  if (session) {
    await begin(session);
    await router.replace({ name: brings ? 'records' : 'day' });
    return;
  }
  asksKey.value = asksKey.value || problems.key !== undefined;
  await nextTick();
  document.querySelector('[aria-invalid="true"], [role="alert"]')?.scrollIntoView({ block: 'center' });
}
</script>

<template>
  <div class="grid h-dvh overflow-hidden wide:grid-cols-2 short:h-auto short:overflow-visible">
    <div class="relative hidden min-h-0 place-items-center p-8 wide:grid" aria-hidden="true">
      <CoatChart class="max-h-[min(84vh,40rem)]" label="" :sections="chart" :coat-mm="60" />
      <div class="absolute top-6 right-6 w-72 text-right">
        <p class="text-title font-extrabold">
          {{ allSections.length }} <span class="text-lead font-semibold">{{ t('salon.places') }}</span>
        </p>
        <p class="text-note text-ink-2">{{ t('salon.onEveryDog') }}</p>
      </div>
    </div>
    <main class="grid min-h-0 grid-rows-[1fr_auto] border-line bg-sheet wide:border-l">
      <form id="set-up" class="min-h-0 overflow-y-auto px-4 py-5 tall:px-8" novalidate @submit.prevent="submit">
        <h1 class="text-title">{{ t('salon.empty') }}</h1>
        <LoadState v-if="!offered || !salon" :loaded="loaded" :fetching="t('salon.fetching')" />
        <template v-else>
          <p class="text-ink-2">{{ t('salon.fewAnswers') }}</p>
          <p v-if="trouble" class="mt-2 font-semibold" role="alert">{{ trouble }}</p>
          <div class="mt-4 grid gap-x-6 gap-y-4 tall:grid-cols-2">
            <TextField
              v-if="asksKey"
              v-model="key"
              class="tall:col-span-2"
              :label="t('salon.key')"
              :hint="t('salon.keyWhere')"
              :max="100"
              :error="problems.key ?? ''"
            />
            <TextField
              :model-value="salon.name"
              :label="t('salon.name')"
              :max="80"
              :error="ofSalon.name ?? ''"
              @update:model-value="salon = { ...salon, name: $event }"
            />
            <TextField v-model="owner" :label="t('salon.you')" :max="60" :error="problems['owner.name'] ?? ''" />
            <PasswordField
              v-model="password"
              class="tall:col-span-2"
              autocomplete="new-password"
              :label="t('salon.password')"
              :hint="t('salon.passwordHow')"
              :error="problems['owner.password'] ?? ''"
            />
            <div class="grid grid-cols-3 gap-3 tall:col-span-2 tall:gap-6">
              <StepField
                v-for="room in ROOMS"
                :key="room"
                :model-value="Number(values[`day.${room}`])"
                :label="t(`rules.single.day.${room}.says`)"
                :least="1"
                :most="20"
                :error="problems[`day.${room}`]"
                @update:model-value="set(`day.${room}`, $event)"
              />
            </div>
          </div>
          <h2 class="lab mt-5">{{ t('salon.kit', { unit: t(`salon.kitUnit.${salon.units}`) }) }}</h2>
          <KitDrawn
            class="mt-1"
            :offered="startingKit"
            :units="salon.units"
            :blades="values['kit.bladesMm'] as number[]"
            :guards="values['kit.guardsMm'] as number[]"
            @blades="set('kit.bladesMm', $event)"
            @guards="set('kit.guardsMm', $event)"
          />
          <p v-if="problems['kit.bladesMm']" class="text-list font-semibold" role="alert">{{ problems['kit.bladesMm'] }}</p>
          <FoldedPart :says="t('salon.where')" :now="placeSaid" :open="ofDetails">
            <SalonFields v-model="salon" :countries="offered.countries" :problems="ofSalon" />
          </FoldedPart>
          <FoldedPart :says="t('salon.prices')" :now="t('salon.pricesStart')" :open="ofPrices">
            <PriceTable :values="prices" :currency="salon.currency" :units="salon.units" :problems="problems" @set="set" />
          </FoldedPart>
          <p class="mt-3 border-t border-line pt-3 text-note text-ink-2">{{ t('salon.later') }}</p>
          <LanguageChoice class="mt-3" />
        </template>
      </form>
      <footer class="border-t border-line bg-paper px-4 py-3 tall:px-8">
        <button form="set-up" class="btn btn-main group w-full" :disabled="busy || !offered">
          {{ t(busy ? 'salon.opening' : 'salon.open') }} <KeyCap>{{ t('ui.enter') }}</KeyCap>
        </button>
        <button
          id="set-up-table"
          form="set-up"
          class="act mt-1 w-full justify-center text-center whitespace-normal"
          :disabled="busy || !offered"
        >
          {{ t('salon.openAndBring') }}
        </button>
      </footer>
    </main>
  </div>
</template>
