import { ref, shallowRef, type Ref } from 'vue';
import { ulid } from 'ulid';
import { api, Refused, Unreachable } from '@/api/client';
import type { Appointment } from '@/api/types';
import { useLoader } from '@/device/useLoader';
import { useOutbox } from '@/device/useOutbox';
import { useSession } from '@/device/useSession';
import { t } from '@/messages/words';

type Acts = 'moved' | 'changed' | 'cancelled' | 'no_show' | 'confirmed' | 'withdrawn';
export type ActFields = {
  service?: Appointment['service'];
  startsAt?: string | null;
  promisedAt?: string | null;
  groomer?: string | null;
  note?: string;
  by?: 'client' | 'salon';
  reason?: string;
  act?: string;
};

/** One appointment, and what is done about it: each act once however often it is pressed, and never over another's. */
export function useAppointment(id: Ref<string | null>) {
  const { device, lost, reached } = useOutbox();
  const problem = ref('');
  const fields = shallowRef<Record<string, string>>({});
  const busy = ref(false);
  const loaded = useLoader<Appointment>({
    ask: async () => (id.value ? api('get', '/api/appointments/{appointment}', { path: { appointment: id.value } }) : null),
  });
  /** The id of an act that is not answered yet: pressed again, it is the same one. */
  let pending: { key: string; id: string } | null = null;
  const idOf = (what: unknown): string => {
    const key = JSON.stringify(what);
    pending = pending?.key === key ? pending : { key, id: ulid() };
    return pending.id;
  };

  async function send(ask: () => Promise<Appointment>): Promise<boolean> {
    if (busy.value) {
      return false;
    }
    busy.value = true;
    problem.value = '';
    fields.value = {};
    try {
      loaded.value.value = await ask();
      pending = null;
      reached();
      return true;
    } catch (failure) {
      if (failure instanceof Unreachable) {
        lost();
        problem.value = t('days.appointment.noNetwork');
      } else if (failure instanceof Refused && !useSession().endsBy(failure)) {
        problem.value = failure.message;
        fields.value = Object.fromEntries(Object.entries(failure.problem.fields ?? {}).map(([name, [said]]) => [name, said ?? '']));
        if (failure.status === 409 && id.value) {
          await loaded.refresh();
        }
        pending = failure.status === 409 ? null : pending;
      } else if (!(failure instanceof Refused)) {
        throw failure;
      }
      return false;
    } finally {
      busy.value = false;
    }
  }

  const stamp = (): { at: string; sentAt: string; device: string } => {
    const at = new Date().toISOString();
    return { at, sentAt: at, device: device() };
  };

  function book(appointmentId: string, dogId: string, what: ActFields, tell: boolean): Promise<boolean> {
    return send(() =>
      api('post', '/api/appointments', {
        body: { appointmentId, dogId, id: idOf(['booked', what]), kind: 'booked', fields: what, tell, ...stamp() },
      }),
    );
  }

  function act(kind: Acts, what: ActFields = {}, tell = false): Promise<boolean> {
    const standing = loaded.value.value;
    return standing
      ? send(() =>
          api('post', '/api/appointments/{appointment}/acts', {
            path: { appointment: standing.id },
            body: { id: idOf([kind, what, standing.number]), kind, after: standing.number, fields: what, tell, ...stamp() },
          }),
        )
      : Promise.resolve(false);
  }

  return { appointment: loaded.value, loaded, problem, fields, busy, book, act };
}
