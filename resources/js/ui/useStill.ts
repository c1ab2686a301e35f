import { onScopeDispose, readonly, ref, watch, type Ref } from 'vue';

/** Longer than a finger on its way takes to stop; what comes under it meanwhile is not what it was going for. */
const REACTION_MS = 300;

/** True while a list has only just moved and takes no touch. `places` change when those of the list do. */
export function useStill(...places: (() => unknown)[]): Readonly<Ref<boolean>> {
  const moving = ref(false);
  let timer: ReturnType<typeof setTimeout> | undefined;
  watch(places, () => {
    moving.value = true;
    clearTimeout(timer);
    timer = setTimeout(() => (moving.value = false), REACTION_MS);
  });
  onScopeDispose(() => clearTimeout(timer));
  return readonly(moving);
}
