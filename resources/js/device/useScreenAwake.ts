import { useWakeLock } from '@vueuse/core';
import { type Ref, watch } from 'vue';

/** Keeps the screen awake while something runs, where the device can; one that is low on battery refuses, and the work goes on. */
export function useScreenAwake(running: Ref<boolean>): void {
  const { request, release } = useWakeLock();
  watch(running, (on) => void (on ? request('screen') : release()).catch(() => undefined), { immediate: true });
}
