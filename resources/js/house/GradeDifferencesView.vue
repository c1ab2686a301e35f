<script setup lang="ts">
import { t } from '@/messages/words';
import { ref } from 'vue';
import { api, Refused } from '@/api/client';
import type { GradeDifference, GradeRule } from '@/api/types';
import HairSwatch from '@/chart/HairSwatch.vue';
import OwnerShell from './OwnerShell.vue';
import LoadState from '@/ui/LoadState.vue';
import { useLoader } from '@/device/useLoader';
import { useBecause } from '@/visit/useBecause';
import { useGuide } from '@/visit/useGuide';
import { say } from '@/messages/say';

interface Page {
  differences: GradeDifference[];
  nextPage: number | null;
  counts: { rule: GradeRule; ruleGrade: number; ownGrade: number; times: number }[];
}

const loaded = useLoader<Page>({ ask: () => api('get', '/api/grade-differences', { query: { page: 1 } }) });
const { value: known } = loaded;
const trouble = ref('');
void loaded.refresh();

async function more(page: number): Promise<void> {
  trouble.value = '';
  try {
    const answer = await api('get', '/api/grade-differences', { query: { page } });
    known.value = { ...answer, differences: [...known.value!.differences, ...answer.differences] };
  } catch (failure) {
    trouble.value = failure instanceof Refused ? failure.message : t('device.trouble.no_network.short');
  }
}
const { load: loadGuide } = useGuide();
const { because } = useBecause();
void loadGuide().catch(() => undefined);
</script>

<template>
  <OwnerShell>
    <div class="mx-auto max-w-275 px-4 py-5 tall:px-8">
      <h1 class="text-ask">{{ t('house.grades.title') }}</h1>
      <p class="max-w-[65ch]">
        {{ t('house.grades.what') }}
      </p>
      <LoadState v-if="!known" :loaded="loaded" :fetching="t('device.fetching.differences')" />
      <p v-else-if="known.differences.length === 0" class="py-10 text-lead text-ink-2">
        {{ t('house.grades.none') }}
      </p>
      <template v-else>
        <section class="mt-5" :aria-label="t('house.grades.howOften')">
          <h2 class="text-lead">{{ t('house.grades.howOften') }}</h2>
          <ul class="mt-1 grid gap-1">
            <li v-for="count in known.counts" :key="`${count.rule}${count.ruleGrade}${count.ownGrade}`" class="text-list">
              <b>{{ t('house.grades.times', { count: count.times }) }}</b>
              {{
                t('house.grades.where', { own: say.grade(count.ownGrade), rule: say.grade(count.ruleGrade), because: because(count.rule) })
              }}
            </li>
          </ul>
        </section>
        <ul class="mt-5 border-t border-line">
          <li
            v-for="difference in known.differences"
            :key="difference.id"
            class="grid items-center gap-x-5 gap-y-1 border-b border-line py-3 tall:grid-cols-[11.875rem_15.625rem_1fr]"
          >
            <p>
              <RouterLink
                class="font-name text-lead font-extrabold italic underline"
                :to="{ name: 'record', params: { visit: difference.visitId } }"
                >{{ difference.dog }}</RouterLink
              >
              <span class="block text-note text-ink-2">{{ say.section(difference.section) }}, {{ say.shortDay(difference.at) }}</span>
            </p>
            <p class="flex items-center gap-2 text-list">
              <HairSwatch :grade="difference.ruleGrade" :width="34" :height="24" /> {{ say.grade(difference.ruleGrade) }} →
              <HairSwatch :grade="difference.ownGrade" :width="34" :height="24" /> <b>{{ say.grade(difference.ownGrade) }}</b>
            </p>
            <p>
              {{ say.quoted(difference.reason) }} <span class="text-list text-ink-2">{{ difference.by }}</span>
            </p>
          </li>
        </ul>
        <button v-if="known.nextPage" type="button" class="btn btn-small mt-3" @click="more(known.nextPage)">{{ t('house.older') }}</button>
        <p v-if="trouble" class="mt-2 font-semibold" role="alert">{{ trouble }}</p>
      </template>
    </div>
  </OwnerShell>
</template>
