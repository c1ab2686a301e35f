<script setup lang="ts">
// One answer: its key, its words, and what the section becomes with it.
import HairSwatch from '@/chart/HairSwatch.vue';
import { releaseFocus } from '@/device/useKeys';
import { say } from '@/messages/say';
import KeyCap from '@/ui/KeyCap.vue';

defineProps<{ shortcut: string; says: string; sub: string; grade?: number | null; leads?: string; main?: boolean; chosen?: boolean }>();
const emit = defineEmits<{ choose: [] }>();

/** The same buttons serve the next section: the next Space must not give the last answer again. */
function choose(event: MouseEvent): void {
  releaseFocus(event);
  emit('choose');
}
</script>

<template>
  <button
    type="button"
    class="grid w-full grid-cols-[1fr_auto] items-center tall:grid-cols-[2.5rem_1fr_auto] rounded-lg edge border-ink px-3 py-1 text-left"
    :class="[main ? 'min-h-15 tall:min-h-18 wide:min-h-21' : 'min-h-13 tall:min-h-15', chosen ? 'bg-rail' : 'bg-sheet']"
    @click="choose"
  >
    <KeyCap class="justify-self-start">{{ shortcut }}</KeyCap>
    <span class="min-w-0">
      <span class="block text-lead font-bold" :class="main ? 'tall:text-say' : 'tall:text-answer'">{{ says }}</span>
      <span class="block text-list text-ink-2 max-tall:hidden">{{ sub }}</span>
    </span>
    <span v-if="grade !== undefined" class="grid grid-cols-[auto_2.5rem] items-center gap-2.5 pl-2 text-right text-list leading-5">
      <span v-if="leads || grade != null"
        >{{ leads
        }}<template v-if="grade != null"
          ><br /><b>{{ say.grade(grade) }}</b></template
        ></span
      >
      <HairSwatch :grade="grade" class="col-start-2" />
    </span>
  </button>
</template>
