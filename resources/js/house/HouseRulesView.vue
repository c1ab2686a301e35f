<script setup lang="ts">
import { there } from '@/api/there';
import { t } from '@/messages/words';
import { computed, ref } from 'vue';
import type { RuleField, SectionId } from '@/api/types';
import LoadState from '@/ui/LoadState.vue';
import OwnerShell from './OwnerShell.vue';
import OwnRoute from './OwnRoute.vue';
import RuleRow from './RuleRow.vue';
import RuleVersions from './RuleVersions.vue';
import { useHouseRules } from './useHouseRules';
import { chapters, ruleName, ruleValue, tableWords } from '@/messages/rules';

const house = useHouseRules();
const { rules, versions, nextPage, problems, trouble, saved, saving, changed, fields } = house;
const note = ref('');

interface Block {
  id: string;
  table: ReturnType<typeof tableWords>;
  fields: RuleField[];
}

/** A chapter's rules in order; the rows of a table stand together under its name. */
const sheets = computed(() =>
  chapters.map((chapter) => {
    const blocks: Block[] = [];
    for (const field of rules.value?.fields ?? []) {
      if (chapters.find((one) => one.holds(field.path)) !== chapter) {
        continue;
      }
      const path = field.path.split('.');
      const id = path.length === 3 ? path.slice(0, 2).join('.') : chapter.id;
      const last = blocks.at(-1);
      if (last?.id === id) {
        last.fields.push(field);
      } else {
        blocks.push({ id, table: tableWords(id), fields: [field] });
      }
    }
    return { ...chapter, blocks };
  }),
);
const isOwnRoute = computed(() => rules.value !== null && house.valueOf('schools.route') === 'own');
const shownFields = (block: Block): RuleField[] => block.fields.filter((field) => field.kind !== 'route');

async function save(): Promise<void> {
  if (await house.save(note.value)) {
    note.value = '';
  } else {
    document.querySelector('[aria-invalid="true"]')?.scrollIntoView({ block: 'center' });
  }
}
</script>

<template>
  <OwnerShell>
    <LoadState v-if="!rules" :loaded="house.loaded" :fetching="t('device.fetching.rules')" />
    <div v-else class="mx-auto grid max-w-320 gap-x-10 px-4 py-5 tall:px-8 wide:grid-cols-[minmax(0,1fr)_21.25rem]">
      <div>
        <h1 class="text-ask">{{ t('house.rules') }}</h1>
        <p class="max-w-[65ch]">
          {{ t('house.rulesWhat') }}
        </p>
        <nav class="mt-3 flex flex-wrap gap-x-1" :aria-label="t('house.chapters')">
          <a v-for="sheet in sheets" :key="sheet.id" class="act underline" :href="`#${sheet.id}`">{{
            t(`rules.chapter.${sheet.id}.says`)
          }}</a>
        </nav>
        <section v-for="sheet in sheets" :id="sheet.id" :key="sheet.id" class="mt-6 border-t border-line pt-4">
          <h2 class="text-answer">{{ t(`rules.chapter.${sheet.id}.says`) }}</h2>
          <p class="text-list text-ink-2">{{ t(`rules.chapter.${sheet.id}.hint`) }}</p>
          <div v-for="(block, index) in sheet.blocks" :key="`${block.id}-${index}`" class="mt-4">
            <template v-if="block.table">
              <h3 class="lab">{{ block.table.says }}</h3>
              <p v-if="block.table.hint" class="text-note text-ink-2">{{ block.table.hint }}</p>
            </template>
            <div
              class="mt-1.5 grid grid-cols-2 gap-x-6 gap-y-3 tall:grid-cols-3"
              :class="block.id === 'schools' || block.id === 'kit' ? '!grid-cols-1' : ''"
            >
              <template v-for="field in shownFields(block)" :key="field.path">
                <RuleRow
                  :field="field"
                  :value="house.valueOf(field.path)"
                  :start="there(rules.start[field.path])"
                  :changed="changed.includes(field.path)"
                  :is-start="house.isStart(field)"
                  :problem="problems[field.path]"
                  @set="house.set(field.path, $event)"
                />
                <OwnRoute
                  v-if="field.path === 'schools.route' && isOwnRoute"
                  :route="house.valueOf('schools.ownRoute') as SectionId[]"
                  :problem="problems['schools.ownRoute']"
                  @set="house.set('schools.ownRoute', $event)"
                />
              </template>
            </div>
          </div>
        </section>
      </div>
      <aside class="wide:sticky wide:top-5 wide:self-start max-wide:mt-8 max-wide:border-t max-wide:border-line max-wide:pt-4">
        <form class="grid gap-3 rounded-lg edge border-ink bg-paper p-4" novalidate @submit.prevent="save">
          <h2 class="text-lead">
            {{ t('house.changes', { count: changed.length }) }}
          </h2>
          <ul v-if="changed.length" class="grid max-h-[30dvh] gap-1 overflow-y-auto text-list">
            <li v-for="path in changed" :key="path">
              <b>{{ ruleName(path) }}</b>: {{ ruleValue(path, rules.values[path], fields.get(path)?.unit) }} →
              {{ ruleValue(path, house.valueOf(path), fields.get(path)?.unit) }}
            </li>
          </ul>
          <label class="grid gap-1">
            <span class="lab">{{ t('house.why') }}</span>
            <input v-model="note" class="field" maxlength="200" :disabled="changed.length === 0" />
          </label>
          <p v-if="trouble" class="text-list font-semibold" role="alert">{{ trouble }}</p>
          <p v-else-if="saved" class="text-list font-semibold" role="status">{{ saved }}</p>
          <div class="flex flex-wrap gap-2">
            <button type="submit" class="btn btn-main btn-small" :disabled="changed.length === 0 || saving">{{ t('house.save') }}</button>
            <button v-if="changed.length" type="button" class="act" @click="house.drop">{{ t('house.drop') }}</button>
          </div>
        </form>
        <RuleVersions
          class="mt-6"
          :versions="versions"
          :fields="fields"
          :current="rules.version"
          :more="nextPage !== null"
          :busy="saving"
          @put-back="house.putBack"
          @more="house.more"
        />
      </aside>
    </div>
  </OwnerShell>
</template>
