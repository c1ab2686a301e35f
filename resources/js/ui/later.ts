import { type Component, defineAsyncComponent, onMounted } from 'vue';

/**
 * A part of a screen that few touches open: the screen does not wait for it, and has it once it stands, so that it opens
 * without network as well. Parts that are wanted together stand in one file, and are named in it.
 */
export function later<M extends Record<string, unknown>, K extends keyof M = 'default'>(
  load: () => Promise<M>,
  name: K = 'default' as K,
): M[K] & Component {
  onMounted(() => void load().catch(() => undefined));
  return defineAsyncComponent(async () => (await load())[name] as M[K] & Component);
}
