import type { Frontier, FrontierPlan, PlanAim } from '@/api/types';

/** What a plan of the frontier does where, from its picks. */
export function choicesOf(frontier: Frontier, plan: FrontierPlan): Record<string, string> {
  return Object.fromEntries(
    frontier.sections.map((section, index) => [section, frontier.options[section][Number.parseInt(plan.picks[index], 36)]]),
  );
}

/** What a place on the frontier is called. */
export function aimAt(frontier: Frontier, place: number): PlanAim {
  return place === frontier.balanced
    ? 'balanced'
    : place === frontier.easiest
      ? 'easiest'
      : place === frontier.keepCoat
        ? 'keep_coat'
        : 'between';
}

/** The named plans, those that are one and the same once, from the least pulling. */
export function namedPlaces(frontier: Frontier): number[] {
  const named = [frontier.easiest, frontier.balanced, frontier.keepCoat].filter((place): place is number => place !== null);
  return [...new Set(named)].sort((one, other) => one - other);
}

/** Whether a price is beyond what the client named on arrival; null: no limit was named. */
export function isOverFee(limitCents: number | null, priceCents: number): limitCents is number {
  return limitCents !== null && priceCents > limitCents;
}
