import type { Visit } from '@/api/types';

/** The steps of a visit as places one can walk between. */
export const visitSteps = [
  { name: 'arrival', says: 'Arrival', goOn: 'To the arrival' },
  { name: 'inspection', says: 'Inspection', goOn: 'To the inspection' },
  { name: 'plan', says: 'Plan', goOn: 'To the plan' },
  { name: 'table', says: 'Table', goOn: 'To the table' },
  { name: 'dry', says: 'Dry', goOn: 'To bath and dryer' },
  { name: 'home', says: 'Home', goOn: '' },
] as const;

const STEP_OF: Record<Visit['stage'], (typeof visitSteps)[number]['name']> = {
  arrived: 'arrival',
  inspecting: 'inspection',
  planned: 'plan',
  agreed: 'table',
  brushing: 'table',
  cleared: 'dry',
  bathed: 'dry',
  dried: 'dry',
  finished: 'home',
  collected: 'home',
  stopped: 'home',
};

/** Where the visit is, as an index of the steps. */
export function stepOf(stage: Visit['stage']): number {
  return visitSteps.findIndex((step) => step.name === STEP_OF[stage]);
}
