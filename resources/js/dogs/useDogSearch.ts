import { onScopeDispose, ref, watch } from 'vue';
import { api, Unreachable } from '@/api/client';
import type { Dog } from '@/api/types';
import { useOutbox } from '@/device/useOutbox';
import { useSession } from '@/device/useSession';

const PAUSE_MS = 180;

/** Dogs by what is typed: their name, their client's, a telephone number. An answer to an earlier word never takes a later one's place. */
export function useDogSearch() {
  const { lost, reached } = useOutbox();
  const search = ref('');
  const found = ref<Dog[]>([]);
  const foundFor = ref('');
  /** Nobody is called that: those are, nearly. */
  const forgiven = ref(false);
  const nextPage = ref<number | null>(null);
  const state = ref<'looking' | 'found' | 'unreachable'>('looking');
  let asked = 0;
  let timer: ReturnType<typeof setTimeout> | undefined;

  async function look(page = 1): Promise<void> {
    clearTimeout(timer);
    const mine = ++asked;
    const wanted = page === 1 ? search.value : foundFor.value;
    state.value = page === 1 ? 'looking' : 'found';
    try {
      const answer = await api('get', '/api/dogs', { query: { search: wanted, page } });
      if (mine === asked) {
        found.value = page === 1 ? answer.dogs : [...found.value, ...answer.dogs];
        foundFor.value = wanted;
        forgiven.value = answer.forgiven;
        nextPage.value = answer.nextPage;
        state.value = 'found';
        reached();
      }
    } catch (failure) {
      if (failure instanceof Unreachable) {
        lost();
      } else {
        useSession().endsBy(failure);
      }
      if (mine === asked) {
        state.value = 'unreachable';
      }
    }
  }

  watch(search, () => {
    clearTimeout(timer);
    timer = setTimeout(() => void look(), PAUSE_MS);
  });
  onScopeDispose(() => clearTimeout(timer));

  /** What the field says now, answered; for Enter. */
  async function settled(): Promise<Dog[]> {
    if (foundFor.value !== search.value) {
      await look();
    }
    return foundFor.value === search.value ? found.value : [];
  }

  return { search, found, foundFor, forgiven, nextPage, state, look, settled };
}
