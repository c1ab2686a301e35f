import { ref } from 'vue';
import { useRouter } from 'vue-router';
import { ulid } from 'ulid';
import { api, Refused, Unreachable } from '@/api/client';
import { useOutbox } from '@/device/useOutbox';
import { t } from '@/messages/words';

/** A dog comes in: its visit is opened once, however often it is pressed, and never another dog's. */
export function useArrival() {
  const router = useRouter();
  const { device, lost } = useOutbox();
  const trouble = ref('');
  const busy = ref(false);
  const idsOf = new Map<string, { visit: string; mark: string }>();

  async function arrive(dog: { id: string; name: string }): Promise<void> {
    if (busy.value) {
      return;
    }
    busy.value = true;
    trouble.value = '';
    const ids = idsOf.get(dog.id) ?? { visit: ulid(), mark: ulid() };
    idsOf.set(dog.id, ids);
    try {
      const visit = await api('post', '/api/visits', {
        body: {
          id: ids.visit,
          markId: ids.mark,
          dogId: dog.id,
          at: new Date().toISOString(),
          sentAt: new Date().toISOString(),
          device: device(),
        },
      });
      await router.push({ name: 'arrival', params: { visit: visit.id } });
    } catch (failure) {
      if (failure instanceof Unreachable) {
        lost();
      }
      trouble.value = failure instanceof Refused ? failure.message : t('ui.noNetworkCheckIn', { dog: dog.name });
    } finally {
      busy.value = false;
    }
  }

  return { arrive, trouble, busy };
}
