<script setup lang="ts">
// A yes is said back before it counts: what is agreed to, and for how much. One way on, one way back.
import { t } from '@/messages/words';
import { onMounted, ref } from 'vue';

defineProps<{ title: string; way: string; lines: string[]; price: string; busy?: boolean }>();
const emit = defineEmits<{ agree: []; back: [] }>();
const heading = ref<HTMLHeadingElement>();
// Not on a button: the Enter that led here must not be the one that agrees.
onMounted(() => heading.value?.focus());
</script>

<template>
  <section class="rounded-lg border-3 border-ink bg-white px-4 py-4" aria-labelledby="read-back">
    <h2 id="read-back" ref="heading" class="text-answer" tabindex="-1">{{ title }}</h2>
    <p class="mt-1 text-lead font-bold">{{ way }}, {{ price }}</p>
    <ul class="mt-1 grid gap-0.5">
      <li v-for="line in lines" :key="line">{{ line }}</li>
    </ul>
    <div class="mt-4 grid gap-2 tall:grid-cols-2">
      <button type="button" class="btn btn-main" :disabled="busy" @click="emit('agree')">{{ t('plan.readBack.agree') }}</button>
      <button type="button" class="btn" :disabled="busy" @click="emit('back')">{{ t('plan.readBack.back') }}</button>
    </div>
  </section>
</template>
