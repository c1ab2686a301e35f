import { computed, reactive } from 'vue';
import { api, Refused, signedIn, Unreachable } from '@/api/client';
import { deviceStore } from './store';
import { texts } from './texts';
import { whileOpen } from './whileOpen';
import type { Session } from '@/api/types';
import { salon as ways } from '@/messages/salon';
import type { Language } from '@/messages/words';

const KEPT = 'session';
/** Somebody signed out here, and the server does not know yet: nobody is signed in until it does. */
const SIGNED_OUT = 'hound-check.signed-out';

async function tellSignOut(): Promise<void> {
  try {
    await api('delete', '/api/session');
  } catch (failure) {
    // Nobody was signed in any more.
    if (!(failure instanceof Refused) || failure.status !== 401) {
      throw failure;
    }
  }
  texts.remove(SIGNED_OUT);
}

/** Who is signed in here, and the salon. */
export const useSession = whileOpen(() => {
  const state = reactive<{ session: Session | null }>({ session: null });

  function know(session: Session): void {
    state.session = session;
    ways.timeZone = session.salon.timezone;
    ways.units = session.salon.units;
  }

  async function keep(session: Session): Promise<void> {
    deviceStore.openFor();
    await deviceStore.keep(KEPT, session);
  }

  /** Somebody is signed in from here on; what the device kept for whoever was before is not theirs to see. */
  async function begin(session: Session): Promise<void> {
    signedIn();
    texts.remove(SIGNED_OUT);
    const before = state.session?.staff;
    if (before && before.id !== session.staff?.id) {
      await deviceStore.forgetAll();
    }
    know(session);
    await keep(session);
  }

  return {
    staff: computed(() => state.session?.staff ?? null),
    salon: computed(() => state.session?.salon ?? null),
    known: computed(() => state.session !== null),
    /** An apprentice records, a groomer decides. The server checks; this only says it beforehand. */
    decides: computed(() => state.session?.staff != null && state.session.staff.role !== 'apprentice'),
    /** Single letters, figures and signs are keys: each person's own choice. */
    letters: computed(() => state.session?.staff?.letterKeys ?? true),
    /** Whether the person keeps the house: its rules, and what is erased. By PIN an owner works at a dog like everybody. */
    owns: computed(() => state.session?.staff?.role === 'owner' && !state.session.staff.byPin),
    /** From which whoever signs in chooses; empty where there is but one. */
    salons: computed(() => state.session?.salons ?? []),
    /** Nobody is signed in: the door of another salon. The device remembers it. */
    async goTo(salonId: string): Promise<void> {
      know(await api('get', '/api/session', { query: { salon: salonId } }));
    },
    /** Without network, whoever was signed in here last goes on; the server checks again before it takes anything. */
    async load(): Promise<void> {
      try {
        if (texts.get(SIGNED_OUT) !== null) {
          await tellSignOut();
        }
        // The address of a set-up names its salon.
        const named = new URLSearchParams(window.location.search).get('salon');
        const session = await api('get', '/api/session', named === null ? {} : { query: { salon: named } });
        know(session);
        await (session.staff ? keep(session) : deviceStore.forgetAll());
      } catch (failure) {
        const isAway = failure instanceof Unreachable && texts.get(SIGNED_OUT) === null;
        const kept = isAway ? await deviceStore.kept<Session>(KEPT) : undefined;
        if (!kept) {
          throw failure;
        }
        know(kept);
        deviceStore.openFor();
      }
    },
    async signIn(name: string, password: string): Promise<void> {
      await begin(await api('post', '/api/session', { body: { name, password } }));
    },
    begin,
    /** From the next key on; the choice goes with the person to every tablet. */
    async useLetters(letterKeys: boolean): Promise<void> {
      const session = await api('patch', '/api/session', { body: { letterKeys } });
      know(session);
      await keep(session);
    },
    async useLanguage(language: Language): Promise<void> {
      const session = await api('patch', '/api/session', { body: { language } });
      know(session);
      await keep(session);
    },
    /** On this device at once, whatever the network does; the server is told as soon as it answers. */
    async signOut(): Promise<void> {
      texts.keep(SIGNED_OUT, '1');
      state.session = { staff: null, salon: state.session!.salon, salons: state.session!.salons };
      await deviceStore.forgetAll();
      await tellSignOut().catch(() => undefined);
    },
    /** Whether the server no longer knows us. Then nobody is signed in; what was entered stays on this device. */
    endsBy(failure: unknown): boolean {
      const ends = failure instanceof Refused && failure.status === 401;
      if (ends && state.session) {
        state.session = { staff: null, salon: state.session.salon, salons: state.session.salons };
        void deviceStore.forgetAll();
      }
      return ends;
    },
  };
});
