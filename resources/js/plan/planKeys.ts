import { t } from '@/messages/words';
import type { ComputedRef } from 'vue';
import type { Frontier } from '@/api/types';
import type { Key } from '@/device/useKeys';

interface Actions {
  frontier: ComputedRef<Frontier | null>;
  decidable: () => boolean;
  offersPlans: () => boolean;
  undo: () => void;
  step: (by: number) => void;
  choosePlan: (place: number) => void;
  stepPlan: (by: number) => void;
  record: () => void;
}

/** The keys of the plan. */
export function planKeys(act: Actions): Key[] {
  const named = (key: string, says: string, which: 'easiest' | 'balanced' | 'keepCoat'): Key => ({
    ...{ keys: [key], says, foot: false, when: act.offersPlans },
    run: () => {
      const at = act.frontier.value?.[which] ?? null;
      if (at !== null) {
        act.choosePlan(at);
      }
    },
  });
  return [
    { keys: ['u'], says: t('ui.undo'), run: act.undo, when: act.decidable },
    { keys: ['ArrowLeft'], shown: '←', says: t('ui.keys.sectionBefore'), run: () => act.step(-1), foot: false },
    {
      keys: ['ArrowRight'],
      shown: '→',
      says: t('ui.keys.sectionAfter'),
      run: () => act.step(1),
      foot: { shown: '← →', says: t('ui.keys.section') },
    },
    // Before what comes only with the plans, so that it does not move.
    { keys: ['r'], says: t('ui.theRecord'), run: act.record },
    named('e', t('plan.aims.easiest'), 'easiest'),
    named('b', t('plan.aims.balanced'), 'balanced'),
    named('k', t('plan.aims.keep_coat'), 'keepCoat'),
    { keys: [','], says: t('plan.keys.less'), foot: false, run: () => act.stepPlan(-1), when: act.offersPlans },
    {
      keys: ['.'],
      says: t('plan.keys.more'),
      run: () => act.stepPlan(1),
      foot: { shown: ', .', says: t('visit.steps.plan') },
      when: act.offersPlans,
    },
  ];
}
