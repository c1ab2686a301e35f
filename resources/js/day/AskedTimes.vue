<script setup lang="ts">
// A dog asks for a time: the question, what it will take, and up to three times that were tried.
import { computed } from 'vue';
import type { Dog, Service } from '@/api/types';
import { options } from '@/messages/options';
import { say } from '@/messages/say';
import { t, wordsOf } from '@/messages/words';
import ChoiceGroup from '@/ui/ChoiceGroup.vue';
import KeyCap from '@/ui/KeyCap.vue';
import HoldsHair from '@/visit/HoldsHair.vue';
import { holdsSaid } from '@/visit/holds';
import type { Offer, useAsking } from './useComingDays';

const props = defineProps<{
  dog: Dog;
  service: Service;
  asking: ReturnType<typeof useAsking>;
  names: Map<string, string>;
  looked: Offer | null;
}>();
const emit = defineEmits<{ service: [service: Service]; look: [offer: Offer]; wait: [] }>();
const services = options(wordsOf('arrival.services'));
const minutes = computed(() => props.asking.minutes.value);
const range = computed(() => (minutes.value ? `${say.duration(minutes.value.from)}–${say.duration(minutes.value.to)}` : ''));
const noon = (date: string): string => `${date}T12:00:00Z`;
const tightestOf = (offer: Offer): string => (offer.tightest ? t('days.tightest', { dog: offer.tightest }) : t('days.tightestOwn'));
</script>

<template>
  <section
    class="grid gap-4 border-b border-line bg-seam px-4 py-4 tall:px-8 wide:grid-cols-[21rem_minmax(0,1fr)]"
    :aria-label="t('days.askFor')"
  >
    <div>
      <p>
        <span class="font-name text-title font-extrabold italic">{{ dog.name }}</span>
        <span class="ml-2 text-list text-ink-2">{{ dog.breed }}, {{ dog.client.name }}</span>
      </p>
      <h2 class="text-ask text-call">{{ t('days.ask', { dog: dog.name }) }}</h2>
      <p v-if="minutes" class="text-list">
        {{ t('days.about', { minutes: say.duration(minutes.likely), range }) }}
      </p>
    </div>
    <div class="grid content-start gap-3">
      <ol class="grid gap-2 tall:grid-cols-3">
        <li v-for="(offer, index) in asking.offers.value" :key="offer.date">
          <RouterLink
            class="group block h-full rounded-lg edge border-ink p-3"
            :class="looked?.date === offer.date ? 'bg-ink text-on-ink' : 'bg-white'"
            :to="{
              name: 'new-appointment',
              query: { dog: dog.id, service, startsAt: offer.startsAt, promisedAt: offer.promisedAt, groomer: offer.groomer },
            }"
            @focus="emit('look', offer)"
            @mouseenter="emit('look', offer)"
          >
            <span class="flex items-center gap-3">
              <KeyCap>{{ index + 1 }}</KeyCap>
              <b class="text-say">{{ say.weekDay(noon(offer.date)) }}, {{ say.time(offer.startsAt) }}</b>
            </span>
            <span class="mt-1 block text-list">{{
              t('days.offer', { groomer: names.get(offer.groomer) ?? '', time: say.time(offer.promisedAt) })
            }}</span>
            <span class="mt-1 flex flex-wrap items-center gap-x-2">
              <HoldsHair :chance="offer.tightestChance" :on-ink="looked?.date === offer.date" />
              <b class="text-list">{{ holdsSaid(offer.tightestChance) }}</b>
              <span class="text-note">{{ tightestOf(offer) }}</span>
            </span>
          </RouterLink>
        </li>
      </ol>
      <p v-if="asking.trying.value" class="text-list text-ink-2" role="status">
        {{ t('days.trying', { date: say.weekDay(noon(asking.trying.value)) }) }}
      </p>
      <p v-else-if="asking.lost.value" class="font-semibold" role="alert">{{ t('days.appointment.noNetwork') }}</p>
      <p v-else-if="asking.done.value && asking.offers.value.length === 0" class="font-semibold" role="status">{{ t('days.none') }}</p>
      <div class="flex flex-wrap items-end gap-x-6 gap-y-2">
        <ChoiceGroup :label="t('days.service')" :options="services" :model-value="service" @update:model-value="emit('service', $event)" />
        <button type="button" class="btn btn-small" @click="emit('wait')">{{ t('days.wait') }}</button>
        <RouterLink class="act underline" :to="{ name: 'days' }">{{ t('days.stop') }}</RouterLink>
      </div>
    </div>
  </section>
</template>
