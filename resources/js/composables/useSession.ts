import { computed, reactive } from 'vue';
import { api, Unreachable } from '@/api/client';
import { deviceStore } from '@/api/deviceStore';
import type { Session } from '@/api/types';

const KEPT = 'session';

const state = reactive<{ session: Session | null }>({ session: null });

export function useSession() {
  return {
    staff: computed(() => state.session?.staff ?? null),
    salon: computed(() => state.session?.salon ?? null),
    known: computed(() => state.session !== null),
    /** An apprentice records, a groomer decides. The server checks; this only says it beforehand. */
    decides: computed(() => state.session?.staff != null && state.session.staff.role !== 'apprentice'),
    /** Single letters, figures and signs are keys: each person's own choice. */
    letters: computed(() => state.session?.staff?.letterKeys ?? true),
    /** Whether the person keeps the house: its rules, and what is erased. */
    owns: computed(() => state.session?.staff?.role === 'owner'),
    /** Without network, whoever was signed in here last goes on; the server checks again before it takes anything. */
    async load(): Promise<void> {
      try {
        const session = await api<Session>('GET', 'session');
        state.session = session;
        await (session.staff ? deviceStore.keep(KEPT, session) : deviceStore.forgetAll());
      } catch (failure) {
        const kept = failure instanceof Unreachable ? await deviceStore.kept<Session>(KEPT) : undefined;
        if (!kept) {
          throw failure;
        }
        state.session = kept;
      }
    },
    async signIn(name: string, password: string): Promise<void> {
      const session = await api<Session>('POST', 'session', { name, password });
      state.session = session;
      await deviceStore.keep(KEPT, session);
    },
    /** From the next key on; the choice goes with the person to every tablet. */
    async useLetters(letterKeys: boolean): Promise<void> {
      const session = await api<Session>('PATCH', 'session', { letterKeys });
      state.session = session;
      await deviceStore.keep(KEPT, session);
    },
    async signOut(): Promise<void> {
      await api('DELETE', 'session');
      await deviceStore.forgetAll();
      state.session = { staff: null, salon: state.session!.salon };
    },
    /** The server no longer knows us; what was entered stays on this device. */
    expire(): void {
      if (state.session) {
        state.session = { staff: null, salon: state.session.salon };
        void deviceStore.forgetAll();
      }
    },
  };
}
