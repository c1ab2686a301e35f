<script setup lang="ts">
// The keys at the foot; each is a button as well.
import { computed, ref } from 'vue';
import { type Key, releaseFocus, useKeys } from '@/device/useKeys';
import KeyCap from './KeyCap.vue';
import KeysDialog from './KeysDialog.vue';

const props = defineProps<{ keys: Key[] }>();
const help = ref(false);
const shown = computed(() => props.keys.filter((key) => key.foot !== false && (key.when?.() ?? true)));
function press(event: MouseEvent, key: Key): void {
  releaseFocus(event);
  key.run();
}

useKeys(() => [...props.keys, { keys: ['?'], says: 'This list', run: () => (help.value = true) }]);
</script>

<template>
  <footer class="no-print mt-auto flex shrink-0 items-center overflow-x-auto border-t border-line bg-paper px-2 py-1 tall:px-4 tall:py-2">
    <slot />
    <button v-for="key in shown" :key="key.says" type="button" class="act" @click="press($event, key)">
      <KeyCap>{{ key.foot ? key.foot.shown : (key.shown ?? key.keys[0].toUpperCase()) }}</KeyCap>
      {{ key.foot ? key.foot.says : key.says }}
    </button>
    <span v-if="!$slots.default" class="flex-1"></span>
    <button type="button" class="act max-tall:hidden" @click="help = true"><KeyCap>?</KeyCap> Keys</button>
    <KeysDialog v-if="help" @close="help = false" />
  </footer>
</template>
