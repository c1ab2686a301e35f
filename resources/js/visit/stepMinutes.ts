import type { StepMinutes } from '@/api/types';

/** All steps together; the outer tenths of each do not fall together, so the range is narrower than their sum. */
export function total(steps: readonly StepMinutes[]): { likely: number; from: number; to: number } | null {
  if (steps.length === 0) {
    return null;
  }
  const likely = steps.reduce((sum, step) => sum + step.likely, 0);
  const below = Math.sqrt(steps.reduce((sum, step) => sum + (step.likely - step.from) ** 2, 0));
  const above = Math.sqrt(steps.reduce((sum, step) => sum + (step.to - step.likely) ** 2, 0));
  return { likely, from: likely - below, to: likely + above };
}
