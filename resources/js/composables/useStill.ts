import { readonly, ref, watch, type Ref } from 'vue';

/** Longer than a finger on its way takes to stop; what comes under it meanwhile is not what it was going for. */
const REACTION_MS = 300;

/** True while a list has only just moved and takes no touch. `order` changes when the places in the list do. */
export function useStill(order: () => unknown): Readonly<Ref<boolean>> {
  const moving = ref(false);
  let timer: ReturnType<typeof setTimeout> | undefined;
  watch(order, () => {
    moving.value = true;
    clearTimeout(timer);
    timer = setTimeout(() => (moving.value = false), REACTION_MS);
  });
  return readonly(moving);
}
