import { ref } from 'vue';
import { api, Refused, Unreachable } from '@/api/client';
import type { SignIn } from '@/api/types';
import { t } from '@/messages/words';
import { useLoader } from './useLoader';
import { useSession } from './useSession';

/** Where one is signed in, or, for an owner, where everybody is; ended one by one. */
export function useSignIns() {
  const loaded = useLoader<SignIn[]>({ ask: async () => (await api('get', '/api/sign-ins')).signIns });
  const said = ref('');
  const busy = ref(false);

  async function end(one: SignIn): Promise<void> {
    busy.value = true;
    said.value = '';
    try {
      await api('delete', '/api/sign-ins/{signIn}', { path: { signIn: one.id } });
      said.value = t('device.signIns.ended');
      await loaded.refresh();
    } catch (failure) {
      if (useSession().endsBy(failure)) {
        return;
      }
      if (!(failure instanceof Refused) && !(failure instanceof Unreachable)) {
        throw failure;
      }
      said.value = failure instanceof Refused ? failure.message : t('device.signIns.noNetwork');
    } finally {
      busy.value = false;
    }
  }

  void loaded.refresh();
  return { loaded, signIns: loaded.value, said, busy, end };
}
