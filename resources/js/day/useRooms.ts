import { reactive, watch, type Ref } from 'vue';
import { api, Refused, Unreachable } from '@/api/client';
import type { ComingDay, Service } from '@/api/types';

interface Room {
  groomer: string;
  from: string;
  until: string;
}

/** Where the days in view have room, one day after the other: the days do not wait for it. */
export function useRooms(days: Ref<ComingDay[]>, dog: Ref<string | null>, service: Ref<Service>, fresh: Ref<boolean>) {
  const rooms = reactive(new Map<string, Room[]>());
  let round = 0;

  async function look(): Promise<void> {
    const mine = ++round;
    for (const { date, groomers } of days.value) {
      if (groomers.length === 0) {
        continue;
      }
      try {
        const query = { service: service.value, ...(dog.value ? { dogId: dog.value } : {}) };
        const answer = await api('get', '/api/days/{date}/rooms', { path: { date }, query });
        if (mine !== round) {
          return;
        }
        rooms.set(date, answer.rooms);
      } catch (failure) {
        if (!(failure instanceof Unreachable || failure instanceof Refused)) {
          throw failure;
        }
        return;
      }
    }
  }
  // Asked anew only when something on the days has changed.
  watch(
    () => JSON.stringify([days.value.map((day) => [day.date, day.appointments, day.groomers]), dog.value, service.value]),
    () => {
      rooms.clear();
      if (fresh.value) {
        void look();
      }
    },
    { immediate: true },
  );
  return {
    roomsOf: (day: ComingDay, groomer: string | undefined): Room[] => rooms.get(day.date)?.filter((room) => room.groomer === groomer) ?? [],
  };
}
