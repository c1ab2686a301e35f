<script setup lang="ts">
// The client's page of a record: what it is, and the file itself. Made for a phone, by a link that expires.
import { useRoute } from 'vue-router';
import type { SheetPage } from '@/api/types';
import { telephone } from '@/messages/telephone';
import { t } from '@/messages/words';
import PageByLink from './PageByLink.vue';
import { useClientPage } from './useClientPage';

const route = useRoute();
const address = `visit-sheet/${String(route.params.link)}${window.location.search}`;
const { page, over, load } = useClientPage<SheetPage>(address, route.meta.words);
</script>

<template>
  <PageByLink :over="over" :fetched="page !== null" @again="load">
    <template v-if="page">
      <p class="text-list font-bold">{{ page.salon }}</p>
      <h1 class="mt-1 font-name text-name font-extrabold italic">{{ page.dog }}</h1>
      <p class="mt-1 text-ask">{{ t('client.sheet.visit', { day: page.day }) }}</p>
      <p class="mt-3 text-lead">{{ t('client.sheet.what', { dog: page.dog }) }}</p>
      <div class="mt-5 grid gap-2">
        <a class="btn btn-main" :href="page.file" target="_blank" rel="noopener">{{ t('client.sheet.open') }}</a>
        <a v-if="page.phone" class="btn" :href="telephone(page.phone)">{{ t('client.time.call', { phone: page.phone }) }}</a>
      </div>
      <p class="mt-4 text-list text-ink-2">{{ t('client.sheet.until', { until: page.until }) }}</p>
    </template>
  </PageByLink>
</template>
