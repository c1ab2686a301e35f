<script setup lang="ts">
// A key as it is printed; a letter only for those who use letters as keys.
import { computed, useSlots } from 'vue';
import { useSession } from '@/device/useSession';

const slots = useSlots();
const { letters } = useSession();
const works = computed(() => letters.value || !/^[!-~]( [!-~])*$/.test(String(slots.default?.()[0]?.children ?? '').trim()));
</script>

<template>
  <kbd
    v-if="works"
    class="inline-block max-tall:hidden min-w-6.5 rounded-sm edge border-b-3 border-line-2 bg-paper px-1.75 pt-px text-center font-sans text-note leading-5.5 font-semibold whitespace-nowrap text-ink group-[.btn-main]:border-on-ink/45 group-[.btn-main]:bg-transparent group-[.btn-main]:text-on-ink"
    ><slot
  /></kbd>
</template>
