import { onScopeDispose, type Ref, watch } from 'vue';

/** Keeps the screen awake while something runs, where the device can; it is given back when the page is hidden. */
export function useWakeLock(running: Ref<boolean>): void {
  let lock: WakeLockSentinel | null = null;

  async function hold(): Promise<void> {
    if (running.value && !lock && document.visibilityState === 'visible' && 'wakeLock' in navigator) {
      try {
        lock = await navigator.wakeLock.request('screen');
        lock.addEventListener('release', () => (lock = null));
      } catch {
        // A device that is low on battery refuses; the work goes on without.
        lock = null;
      }
    }
  }
  function giveBack(): void {
    void lock?.release();
    lock = null;
  }
  watch(running, (on) => (on ? void hold() : giveBack()), { immediate: true });
  const onShown = (): void => void hold();
  document.addEventListener('visibilitychange', onShown);
  onScopeDispose(() => {
    document.removeEventListener('visibilitychange', onShown);
    giveBack();
  });
}
