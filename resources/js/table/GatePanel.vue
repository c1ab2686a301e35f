<script setup lang="ts">
// The bath gate: shut with the exact list of what is missing, each with the way to mend it; or open.
import { tableWords } from './tableWords';
import { t } from '@/messages/words';
import { computed, ref } from 'vue';
import { Refused } from '@/api/client';
import type { Payloads, SectionId, Visit } from '@/api/types';
import { useOutbox } from '@/device/useOutbox';
import { say } from '@/messages/say';
import WaiveDialog from './WaiveDialog.vue';

type Lack = Visit['gate']['lacks'][number];
const props = defineProps<{ visit: Visit; gate: Visit['gate']; decides: boolean }>();
const emit = defineEmits<{ go: [section: SectionId]; cleared: [] }>();
const outbox = useOutbox();
const waiving = ref<Lack | null>(null);
const problem = ref('');
const sending = ref(false);

/** What lacks for one reason stands together; what a vet must see comes first, above the fold of a phone. */
const groups = computed(() => {
  const byReason = new Map<Lack['reason'], Lack[]>();
  for (const lack of props.gate.lacks) {
    byReason.set(lack.reason, [...(byReason.get(lack.reason) ?? []), lack]);
  }
  return [...byReason.entries()].sort(([one], [other]) => Number(other === 'held_for_vet') - Number(one === 'held_for_vet'));
});

type Decision = 'bath_cleared' | 'waived' | 'held_place_settled' | 'bath_stepped';
async function record<K extends Decision>(kind: K, payload: Payloads[K], section?: SectionId): Promise<boolean> {
  problem.value = '';
  sending.value = true;
  try {
    await outbox.recordNow(props.visit.id, kind, payload, section);
    return true;
  } catch (failure) {
    problem.value = failure instanceof Refused ? failure.message : t('table.gatePanel.noNetwork');
    return false;
  } finally {
    sending.value = false;
  }
}

async function clear(): Promise<void> {
  if (await record('bath_cleared', {})) {
    emit('cleared');
  }
}

async function sponge(): Promise<void> {
  if (await record('bath_stepped', { step: 'sponged' })) {
    emit('cleared');
  }
}

async function waive(who: string, reason: string): Promise<void> {
  if (await record('waived', { step: 'before_bath', who, reason }, waiving.value!.section)) {
    waiving.value = null;
  }
}
</script>

<template>
  <section class="grid content-start gap-3" :aria-label="t('table.gatePanel.label')">
    <template v-if="gate.cleared">
      <h1 class="text-ask">{{ t('table.gatePanel.open') }}</h1>
      <p v-if="gate.clearing">
        {{ t('table.gatePanel.cleared', { time: say.time(gate.clearing.at), by: gate.clearing.by }) }}
      </p>
    </template>
    <template v-else-if="gate.open">
      <h1 class="text-ask text-call">{{ t('table.gatePanel.nothingMissing', { dog: visit.dog.name }) }}</h1>
      <p>{{ t('table.gatePanel.all') }}</p>
      <button v-if="decides" type="button" class="btn btn-main min-h-18 text-say" :disabled="sending" @click="clear">
        {{ t('table.gatePanel.clear') }}
      </button>
      <p v-else class="font-bold">{{ t('table.gatePanel.groomer') }}</p>
    </template>
    <template v-else>
      <h1 class="text-ask">{{ t('table.gatePanel.shut') }}</h1>
      <p class="text-list text-ink-2">{{ t('table.gatePanel.why') }}</p>
      <div v-for="[reason, lacks] in groups" :key="reason" class="border-t border-line pt-2">
        <h2 class="text-lead">
          {{ t(`table.lacks.${reason}`, { count: lacks.length }) }}
        </h2>
        <p v-if="reason === 'later_visit'" class="text-list">{{ t('table.laterVisit') }}</p>
        <p v-if="reason === 'held_for_vet'" class="text-list">{{ t('table.heldForVet') }}</p>
        <ul class="mt-1 grid gap-1">
          <li v-for="lack in lacks" :key="`${lack.section}-${reason}`" class="flex flex-wrap items-center gap-x-3">
            <button type="button" class="act -ml-2 text-lead underline" @click="emit('go', lack.section)">
              {{ say.section(lack.section) }}
            </button>
            <span v-if="lack.grade !== null" class="text-list text-ink-2">{{ say.grade(lack.grade) }}</span>
            <span v-if="decides" class="ml-auto flex flex-wrap gap-2 empty:hidden">
              <button
                v-for="way in lack.ways"
                :key="way"
                type="button"
                class="btn btn-small"
                :disabled="sending"
                @click="record('held_place_settled', { way, clientTold: true }, lack.section)"
              >
                {{ t(`table.heldWays.${way}.ask`) }}
              </button>
            </span>
            <button v-if="lack.waivable && decides" type="button" class="btn btn-small ml-auto" @click="waiving = lack">
              {{ t('table.letGo') }}
            </button>
            <span v-else-if="!lack.waivable && lack.grade !== null && reason !== 'later_visit'" class="ml-auto text-note text-ink-2">{{
              t('table.neverLetGo')
            }}</span>
          </li>
        </ul>
        <template v-if="reason === 'held_for_vet' && gate.spongeOnly && lacks.some((lack) => lack.ways.length === 0)">
          <p class="mt-2 text-list">{{ t('table.noFullBath') }}</p>
          <button type="button" class="btn mt-2" :disabled="sending" @click="sponge">{{ t('table.sponge') }}</button>
        </template>
      </div>
    </template>
    <p v-if="problem && !waiving" class="font-semibold" role="alert">{{ problem }}</p>
    <ul v-if="gate.settled.length" class="grid gap-1 border-t border-line pt-2">
      <li v-for="settled in gate.settled" :key="settled.id" class="text-list">
        {{ tableWords.heldWay(settled.way, settled.section) }}; {{ t('table.clientTold') }} ({{ settled.by }}, {{ say.time(settled.at) }}).
      </li>
    </ul>
    <ul v-if="gate.waivers.length" class="grid gap-1 border-t border-line pt-2">
      <li v-for="waiver in gate.waivers" :key="waiver.section" class="text-list">
        <b>{{ say.section(waiver.section) }}</b> {{ t('table.letGoBy', { who: waiver.who, reason: waiver.reason }) }}
      </li>
    </ul>
    <WaiveDialog
      v-if="waiving"
      :section="waiving.section"
      :grade="waiving.grade"
      :before="t('table.waivedSteps.before_bath')"
      :problem="problem"
      @waive="waive"
      @close="waiving = null"
    />
  </section>
</template>
