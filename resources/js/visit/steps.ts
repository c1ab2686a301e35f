import type { DayDog } from '@/api/types';

/** The steps of a visit, as places one can walk between. */
export const steps = ['arrival', 'inspection', 'plan', 'table', 'dry', 'home'] as const;

/** Where a dog's need is met. */
export function placeOf(visit: Pick<DayDog, 'id' | 'needs'>) {
  const names: Record<DayDog['needs'], (typeof steps)[number] | 'record'> = {
    ...{ answer: 'plan', reply: 'plan', plan_from_here: 'plan', show_plan: 'plan', decide: 'plan' },
    ...{ finish_inspection: 'inspection', inspection: 'inspection' },
    ...{ table: 'table', hands_on_again: 'table', bath_gate: 'table' },
    ...{ clear_for_bath: 'dry', bath: 'dry', rinse_out: 'dry', dry: 'dry', dry_to_the_skin: 'dry', second_comb_check: 'dry' },
    ...{ finish: 'home', hand_over: 'home', nothing: 'record' },
  };
  return { name: names[visit.needs], params: { visit: visit.id } };
}
