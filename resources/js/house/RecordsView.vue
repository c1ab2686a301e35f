<script setup lang="ts">
// Records in and out, for the owner: all of it taken along, a dog from elsewhere, clients and dogs from a table.
import { download } from '@/api/download';
import { t } from '@/messages/words';
import DossierReading from './DossierReading.vue';
import OwnerShell from './OwnerShell.vue';
import RetentionRule from './RetentionRule.vue';
import TableReading from './TableReading.vue';
</script>

<template>
  <OwnerShell>
    <div class="mx-auto grid max-w-280 gap-8 px-4 py-6 tall:px-8">
      <header>
        <h1 class="text-ask">{{ t('records.title') }}</h1>
        <p class="text-list text-ink-2">{{ t('records.hint') }}</p>
      </header>
      <TableReading />
      <DossierReading />
      <section class="border-t border-line pt-5">
        <h2 class="text-lead">{{ t('records.out') }}</h2>
        <p class="text-list text-ink-2">{{ t('records.outWhat') }}</p>
        <dl class="mt-3 grid gap-x-4 gap-y-3 tall:grid-cols-[14rem_1fr] tall:items-center">
          <dt>
            <a class="btn btn-small w-full" href="/api/exports/everything" download @click.prevent="download('/api/exports/everything')">{{
              t('records.everything')
            }}</a>
          </dt>
          <dd class="text-list">{{ t('records.everythingWhat') }}</dd>
          <dt>
            <a class="btn btn-small w-full" href="/api/exports/tables" download @click.prevent="download('/api/exports/tables')">{{
              t('records.tables')
            }}</a>
          </dt>
          <dd class="text-list">{{ t('records.tablesWhat') }}</dd>
        </dl>
        <p class="mt-3 text-list text-ink-2">{{ t('records.oneDog') }}</p>
      </section>
      <RetentionRule />
    </div>
  </OwnerShell>
</template>
