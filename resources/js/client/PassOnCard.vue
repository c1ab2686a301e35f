<script setup lang="ts">
// A message that nobody sends: a picture for the client's phone, a link to copy, a number to call.
import QRCode from 'qrcode';
import { computed, ref } from 'vue';
import type { MessageToPassOn } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

const props = defineProps<{ message: MessageToPassOn; busy: boolean }>();
defineEmits<{ passed: [] }>();
const copied = ref(false);
const trouble = ref('');

/** The modules of the code as one path, in a field as wide as it has modules, with the quiet zone round it. */
const code = computed(() => {
  if (props.message.url === null) {
    return null;
  }
  const { modules } = QRCode.create(props.message.url, { errorCorrectionLevel: 'M' });
  const QUIET = 4;
  let path = '';
  for (let row = 0; row < modules.size; row++) {
    for (let column = 0; column < modules.size; column++) {
      path += modules.get(row, column) ? `M${column + QUIET},${row + QUIET}h1v1h-1z` : '';
    }
  }
  return { path, size: modules.size + 2 * QUIET };
});

async function copy(): Promise<void> {
  trouble.value = '';
  try {
    await navigator.clipboard.writeText(props.message.url ?? props.message.text);
    copied.value = true;
  } catch {
    trouble.value = t('client.passOn.copyBy');
  }
}
</script>

<template>
  <article class="grid gap-4 rounded-lg edge border-ink bg-sheet p-4 tall:grid-cols-[auto_1fr]">
    <svg
      v-if="code"
      class="w-44 self-start justify-self-center bg-white text-black"
      :viewBox="`0 0 ${code.size} ${code.size}`"
      role="img"
      :aria-label="t('client.passOn.code', { to: message.toName })"
      shape-rendering="crispEdges"
    >
      <path :d="code.path" fill="currentColor" />
    </svg>
    <div class="grid content-start gap-2">
      <p class="text-note text-ink-2">
        {{ t('client.passOn.notSent', { to: message.toName, time: say.time(message.at), day: say.shortDay(message.at) }) }}
        {{ t(`client.passOn.problems.${message.problem}`) }}
      </p>
      <p>{{ message.text }}</p>
      <p v-if="code" class="text-list text-ink-2">{{ t('client.passOn.point') }}</p>
      <p v-if="message.url" class="rounded-md bg-rail px-2 py-1 text-note break-all select-all">{{ message.url }}</p>
      <div class="flex flex-wrap gap-2">
        <button type="button" class="btn btn-small" @click="copy">
          {{ t(copied ? 'client.passOn.copied' : message.url ? 'client.passOn.copyLink' : 'client.passOn.copyText') }}
        </button>
        <a v-if="message.toPhone" class="btn btn-small" :href="`tel:${message.toPhone.replace(/[^+\d]/g, '')}`">{{
          t('client.passOn.call', { phone: message.toPhone })
        }}</a>
        <button type="button" class="btn btn-main btn-small" :disabled="busy" @click="$emit('passed')">
          {{ t('client.passOn.done') }}
        </button>
      </div>
      <p v-if="trouble" class="text-list font-semibold" role="alert">{{ trouble }}</p>
    </div>
  </article>
</template>
