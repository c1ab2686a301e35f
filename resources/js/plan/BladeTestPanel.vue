<script setup lang="ts">
// The blade test on the section's worst spot: from the longest planned down to one that passes.
import { computed, ref, watch } from 'vue';
import type { BladeResult, BladeTest } from '@/api/types';
import { say } from '@/messages/say';
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
    <summary class="act -ml-2 cursor-pointer text-list">Blade test</summary>
    <ul v-if="blades.tries.length" class="flex flex-wrap gap-2 text-list">
      <li v-for="one in blades.tries" :key="one.id" class="rounded-md bg-rail px-3 py-1.5">
        <b>{{ one.mm }} mm</b> {{ say.text.bladeResults[one.result].toLowerCase() }}, {{ one.by }}
      </li>
    </ul>
    <AskStrip
      v-if="stopped"
      class="mt-1.5"
      :says="say.text.proof.blade"
      :does="say.text.proof.does"
      :disabled="disabled"
      @press="emit('photo')"
    />
    <p v-if="blades.needsAVet" class="mt-2 font-bold" role="alert">The shortest blade stops. Do not go on: ask the client to see a vet.</p>
    <template v-else-if="blades.next !== null">
      <p class="mt-1 text-list">
        On the worst spot, start with the longest blade: <b>{{ mm }} mm</b>. Check the blade on your wrist; a hot blade burns.
      </p>
      <div class="mt-1.5 flex flex-wrap gap-2">
        <button
          v-for="(says, result) in say.text.bladeResults"
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
    <p v-else class="mt-1 text-list">The gap is known: no longer blade is left to try.</p>
  </details>
</template>
