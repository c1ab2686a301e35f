<script setup lang="ts">
import { releaseFocus } from '@/device/useKeys';

const on = defineModel<boolean>({ required: true });

function toggle(event: MouseEvent): void {
  releaseFocus(event);
  on.value = !on.value;
}
</script>

<template>
  <button type="button" class="toggle" :aria-pressed="on" @click="toggle"><slot /></button>
</template>
