import { type Component, defineAsyncComponent, onMounted } from 'vue';

/**
 * A part of a screen that few touches open: the screen does not wait for it, and has it once it stands, so that it opens
 * without network as well.
 */
export function later<T extends Component>(load: () => Promise<{ default: T }>): T {
  onMounted(() => void load().catch(() => undefined));
  return defineAsyncComponent<T>(load);
}
