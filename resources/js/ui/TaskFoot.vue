<script setup lang="ts">
// The keys at the foot; each is a button as well.
import { there } from '@/api/there';
import { t } from '@/messages/words';
import { computed, ref } from 'vue';
import { type Key, releaseFocus, useKeys } from '@/device/useKeys';
import KeyCap from './KeyCap.vue';
import { later } from './later';

const KeysDialog = later(() => import('@/ui/dialogs'), 'KeysDialog');
const props = defineProps<{ keys: Key[] }>();
const help = ref(false);
const shown = computed(() => props.keys.filter((key) => key.foot !== false && (key.when?.() ?? true)));
function press(event: MouseEvent, key: Key): void {
  releaseFocus(event);
  key.run();
}

useKeys(() => [...props.keys, { keys: ['?'], says: t('ui.keys.list'), run: () => (help.value = true) }]);
</script>

<template>
  <footer class="no-print mt-auto flex shrink-0 items-center border-t border-line bg-paper px-2 py-1 tall:px-3 tall:py-2">
    <slot />
    <!-- Where the words are long, the last keys have no room: a half word helps nobody, and the list has them all. -->
    <div class="flex max-h-11 flex-wrap overflow-hidden" :class="$slots.default ? '' : 'min-w-0 flex-1'">
      <button v-for="key in shown" :key="key.says" type="button" class="act px-1.5!" @click="press($event, key)">
        <KeyCap>{{ key.foot ? key.foot.shown : (key.shown ?? there(key.keys[0]).toUpperCase()) }}</KeyCap>
        {{ key.foot ? key.foot.says : key.says }}
      </button>
    </div>
    <button type="button" class="act max-tall:hidden" @click="help = true"><KeyCap>?</KeyCap> {{ t('ui.keys.keys') }}</button>
    <KeysDialog v-if="help" @close="help = false" />
  </footer>
</template>
