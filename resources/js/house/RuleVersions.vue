<script setup lang="ts">
import { t } from '@/messages/words';
import type { HouseRulesVersion, RuleField } from '@/api/types';
import { ruleName, ruleValue } from '@/messages/rules';
import { say } from '@/messages/say';

defineProps<{ versions: HouseRulesVersion[]; fields: Map<string, RuleField>; current: number; more: boolean; busy: boolean }>();
defineEmits<{ putBack: [version: number]; more: [] }>();
</script>

<template>
  <section :aria-label="t('house.versions')">
    <h2 class="text-lead">{{ t('house.versions') }}</h2>
    <ol class="mt-1 grid">
      <li v-for="version in versions" :key="version.version" class="border-t border-line py-2.5 text-list">
        <p>
          <b>{{ version.version === current ? t('house.inForce', { version: version.version }) : version.version }}</b>
          <span class="text-ink-2">
            · {{ say.shortDay(version.since) }} {{ say.time(version.since) }}<template v-if="version.by">, {{ version.by }}</template></span
          >
        </p>
        <p v-if="version.putBack">{{ t('house.houseVersions.putBack', { version: version.putBack }) }}</p>
        <p v-if="version.note || version.version === 1">{{ version.note ?? t('house.houseVersions.first') }}</p>
        <ul class="text-note text-ink-2">
          <li v-for="change in version.changes.slice(0, 6)" :key="change.path">
            {{ ruleName(change.path) }}: {{ ruleValue(change.path, change.before, fields.get(change.path)?.unit) }} →
            {{ ruleValue(change.path, change.after, fields.get(change.path)?.unit) }}
          </li>
          <li v-if="version.changes.length > 6">{{ t('house.more', { count: version.changes.length - 6 }) }}</li>
        </ul>
        <button
          v-if="version.version !== current"
          type="button"
          class="act -ml-2"
          :disabled="busy"
          @click="$emit('putBack', version.version)"
        >
          {{ t('house.putBack', { version: version.version }) }}
        </button>
      </li>
    </ol>
    <button v-if="more" type="button" class="btn btn-small mt-2" @click="$emit('more')">{{ t('house.olderVersions') }}</button>
  </section>
</template>
