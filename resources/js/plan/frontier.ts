import { there } from '@/api/there';
import type { Frontier, FrontierPlan, Plan, PlanAim } from '@/api/types';

/** What a plan of the frontier does where, from its picks. */
export function choicesOf(frontier: Frontier, plan: FrontierPlan): Record<string, string> {
  return Object.fromEntries(
    frontier.sections.map((section, index) => [
      section,
      there(there(frontier.options[section])[Number.parseInt(there(plan.picks[index]), 36)]),
    ]),
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

/** The named plans as the server shows them, those that are nearly the same as one, from the least pulling. */
export const namedPlaces = (frontier: Frontier): number[] => frontier.rows.map((row) => row.place);

/** What a named row is called: one name, or several. */
export const aimsAt = (frontier: Frontier, place: number): PlanAim[] =>
  frontier.rows.find((row) => row.place === place)?.aims ?? [aimAt(frontier, place)];

/** Whether a price is beyond what the client named on arrival; null: no limit was named. */
export function isOverFee(limitCents: number | null, priceCents: number): limitCents is number {
  return limitCents !== null && priceCents > limitCents;
}

/** All is decided, and it asks more time or more pulling than there is today. */
export function overreachOf({ totals }: Pick<Plan, 'totals'>): boolean {
  return totals.complete && !(totals.fitsSlot && totals.fitsTolerance);
}
