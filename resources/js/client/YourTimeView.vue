<script setup lang="ts">
// The client's page of an appointment: confirm it, ask for another time, cancel it. Made for a phone, by a link that expires.
import { ref } from 'vue';
import { useRoute } from 'vue-router';
import { ulid } from 'ulid';
import type { YourTime } from '@/api/types';
import { telephone } from '@/messages/telephone';
import { t } from '@/messages/words';
import TextField from '@/ui/TextField.vue';
import PageByLink from './PageByLink.vue';
import { useClientPage } from './useClientPage';

type Answer = 'confirmed' | 'cancelled' | 'other_time';
const route = useRoute();
const address = `your-time/${String(route.params.appointment)}${window.location.search}`;
const { page, over, trouble, busy, load, answer: send } = useClientPage<YourTime>(address, route.meta.words);
/** What is being written about: nothing is sent with one touch that cannot be taken back. */
const writing = ref<'cancelled' | 'other_time' | null>(null);
const words = ref('');
/** Pressed again after a lost answer it is the same one. */
let id = ulid();

async function answer(what: Answer): Promise<void> {
  const said = words.value.trim();
  const outcome = await send({ id, after: page.value!.number, answer: what, ...(said ? { words: said } : {}) });
  if (outcome === 'lost') {
    return;
  }
  id = ulid();
  if (outcome === 'taken') {
    writing.value = null;
    words.value = '';
  } else {
    // The salon changed something: what stands now is what is answered to.
    await load();
  }
}
</script>

<template>
  <PageByLink :over="over" :fetched="page !== null" @again="load">
    <template v-if="page">
      <p class="text-list font-bold">{{ page.salon }}</p>
      <h1 class="mt-1 font-name text-name font-extrabold italic">{{ page.dog }}</h1>
      <template v-if="page.state === 'booked' && !page.over">
        <p class="mt-1 text-ask">{{ t('client.time.at', { day: page.day!, time: page.time! }) }}</p>
        <p v-if="page.promised" class="text-lead">{{ t('client.time.fetch', { promised: page.promised }) }}</p>
        <p
          v-if="page.confirmed || page.asked !== null"
          class="mt-4 rounded-md edge border-ink bg-rail px-4 py-3 text-lead font-bold"
          role="status"
        >
          {{ page.confirmed ? t('client.time.confirmed') : t('client.time.asked') }}
        </p>
        <p v-if="trouble" class="mt-3 font-semibold" role="alert">{{ trouble }}</p>
        <div v-if="!writing" class="mt-5 grid gap-2">
          <button v-if="!page.confirmed" type="button" class="btn btn-main" :disabled="busy" @click="answer('confirmed')">
            {{ t('client.time.confirm') }}
          </button>
          <button type="button" class="btn" :disabled="busy" @click="writing = 'other_time'">{{ t('client.time.other') }}</button>
          <button type="button" class="btn" :disabled="busy" @click="writing = 'cancelled'">{{ t('client.time.cancel') }}</button>
          <a v-if="page.calendar" class="act justify-self-start underline" :href="page.calendar" download="appointment.ics">{{
            t('client.time.calendar')
          }}</a>
        </div>
        <form v-else class="mt-5 grid gap-3" @submit.prevent="answer(writing)">
          <TextField v-model="words" :label="writing === 'cancelled' ? t('client.time.why') : t('client.time.when')" :max="200" />
          <button class="btn btn-main" :disabled="busy">
            {{ writing === 'cancelled' ? t('client.time.sendCancel') : t('client.time.send') }}
          </button>
          <button type="button" class="btn" :disabled="busy" @click="writing = null">{{ t('client.time.back') }}</button>
        </form>
        <section class="mt-6 border-t border-line pt-4">
          <h2 class="text-lead font-bold">{{ t('client.time.before') }}</h2>
          <ul class="mt-2 grid gap-2">
            <li>{{ t('client.time.knots', { dog: page.dog }) }}</li>
            <li>{{ t('client.time.comb') }}</li>
            <li>{{ t('client.time.gear') }}</li>
          </ul>
        </section>
      </template>
      <p v-else class="mt-4 rounded-md edge border-ink bg-rail px-4 py-3 text-lead font-bold" role="status">
        {{
          page.state === 'cancelled'
            ? t('client.time.cancelled')
            : page.state === 'waiting'
              ? t('client.time.noTime')
              : t('client.time.over')
        }}
      </p>
      <a v-if="page.phone" class="btn mt-4 inline-flex" :href="telephone(page.phone)">{{ t('client.time.call', { phone: page.phone }) }}</a>
    </template>
  </PageByLink>
</template>
