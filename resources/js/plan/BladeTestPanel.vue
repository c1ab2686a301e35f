<script setup lang="ts">
// The blade test on the section's worst spot: from the longest planned down to one that passes.
import { t, wordsOf } from '@/messages/words';
import { computed, ref, watch } from 'vue';
import type { BladeResult, BladeTest } from '@/api/types';
import { say } from '@/messages/say';
import BoldWords from '@/ui/BoldWords.vue';
import AskStrip from '@/ui/AskStrip.vue';

const props = defineProps<{ blades: BladeTest; disabled: boolean; open?: boolean }>();
const emit = defineEmits<{ tried: [mm: number, result: BladeResult]; photo: [] }>();
/** The one tried last did not go under. */
const stopped = computed(() => props.blades.tries.at(-1)?.result === 'stops');
const mm = ref(props.blades.next);
watch(
  () => props.blades.next,
  (next) => (mm.value = next),
);

function tried(result: BladeResult): void {
  if (mm.value !== null) {
    emit('tried', mm.value, result);
  }
}
</script>

<template>
  <details class="mt-2 border-t border-line pt-1" :open="open || blades.tries.length > 0">
    <summary class="act -ml-2 text-list">{{ t('plan.blade.title') }}</summary>
    <ul v-if="blades.tries.length" class="flex flex-wrap gap-2 text-list">
      <li v-for="one in blades.tries" :key="one.id" class="rounded-md bg-rail px-3 py-1.5">
        <b>{{ say.mm(one.mm) }}</b> {{ say.within(t(`plan.bladeResults.${one.result}`)) }}, {{ one.by }}
      </li>
    </ul>
    <AskStrip
      v-if="stopped"
      class="mt-1.5"
      :says="t('visit.proof.blade')"
      :does="t('visit.proof.does')"
      :disabled="disabled"
      @press="emit('photo')"
    />
    <p v-if="blades.needsAVet" class="mt-2 font-bold" role="alert">{{ t('plan.blade.stops') }}</p>
    <template v-else-if="blades.next !== null">
      <p class="mt-1 text-list">
        <BoldWords :words="t('plan.blade.worstSpot', { length: say.mm(mm ?? blades.next) })" />
      </p>
      <div class="mt-1.5 flex flex-wrap gap-2">
        <button
          v-for="(says, result) in wordsOf('plan.bladeResults')"
          :key="result"
          type="button"
          class="btn btn-small"
          :disabled="disabled"
          @click="tried(result)"
        >
          {{ says }}
        </button>
      </div>
    </template>
    <p v-else class="mt-1 text-list">{{ t('plan.blade.known') }}</p>
  </details>
</template>
