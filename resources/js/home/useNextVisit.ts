import { api } from '@/api/client';
import type { NextVisit } from '@/api/types';
import { useLoader } from '@/device/useLoader';

/** The next visit of the dog that is here, as its clock and today's comb say it. */
export function useNextVisit(visit: string) {
  const loaded = useLoader<NextVisit>({ ask: () => api('get', '/api/visits/{visit}/next-visit', { path: { visit } }) });
  void loaded.refresh();
  return { next: loaded.value, loaded };
}
