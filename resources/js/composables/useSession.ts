import { computed, reactive } from 'vue';
import { api } from '@/api/client';
import type { Session } from '@/api/types';

const state = reactive<{ session: Session | null }>({ session: null });

export function useSession() {
  return {
    staff: computed(() => state.session?.staff ?? null),
    salon: computed(() => state.session?.salon ?? null),
    known: computed(() => state.session !== null),
    /** An apprentice records, a groomer decides. The server checks; this only says it beforehand. */
    decides: computed(() => state.session?.staff != null && state.session.staff.role !== 'apprentice'),
    async load(): Promise<void> {
      state.session = await api<Session>('GET', 'session');
    },
    async signIn(name: string, password: string): Promise<void> {
      state.session = await api<Session>('POST', 'session', { name, password });
    },
    async signOut(): Promise<void> {
      await api('DELETE', 'session');
      state.session = { staff: null, salon: state.session!.salon };
    },
    /** The server no longer knows us; what was entered stays on this device. */
    expire(): void {
      if (state.session) {
        state.session = { staff: null, salon: state.session.salon };
      }
    },
  };
}
