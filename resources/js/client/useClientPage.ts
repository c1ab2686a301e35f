import { ref, shallowRef } from 'vue';
import { at, Refused, Unreachable } from '@/api/client';
import { speak, t, type Chapter } from '@/messages/words';

/** A page that a client opens by link, in the client's language: fetched, answered, and told plainly when that does not work. */
export function useClientPage<T extends { language: string }>(
  address: string,
  words: readonly Chapter[],
  shown: (page: T) => void = () => undefined,
) {
  const page = shallowRef<T | null>(null);
  const over = ref('');
  const trouble = ref('');
  const busy = ref(false);

  async function show(found: T): Promise<void> {
    await speak(found.language, words);
    page.value = found;
    shown(found);
  }

  /** @returns the words of what went wrong; anything that is no answer of ours is a fault and not caught */
  function said(failure: unknown, noNetwork: string): string {
    if (failure instanceof Unreachable) {
      return noNetwork;
    }
    if (failure instanceof Refused) {
      return failure.message;
    }
    throw failure;
  }

  async function load(): Promise<void> {
    over.value = '';
    try {
      await show(await at<T>('GET', address));
    } catch (failure) {
      over.value = said(failure, t('client.noNetworkOpen'));
    }
  }

  /** Resolves to whether it was taken; what the page answers is shown. */
  async function answer(what: Record<string, unknown>): Promise<'taken' | 'refused' | 'lost'> {
    busy.value = true;
    trouble.value = '';
    try {
      const found = await at<T | null>('POST', address, what);
      if (found) {
        await show(found);
      }
      return 'taken';
    } catch (failure) {
      trouble.value = said(failure, t('client.noNetworkSend'));
      return failure instanceof Refused ? 'refused' : 'lost';
    } finally {
      busy.value = false;
    }
  }

  void load();
  return { page, over, trouble, busy, load, answer };
}
