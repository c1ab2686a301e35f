import type { ComputedRef } from 'vue';
import type { Frontier } from '@/api/types';
import { say } from '@/messages/say';
import type { Key } from '@/device/useKeys';

interface Actions {
  frontier: ComputedRef<Frontier | null>;
  decidable: () => boolean;
  undo: () => void;
  step: (by: number) => void;
  choosePlan: (place: number) => void;
  stepPlan: (by: number) => void;
  record: () => void;
}

/** The keys of the plan. */
export function planKeys(act: Actions): Key[] {
  const mayChoose = (): boolean => act.decidable() && act.frontier.value !== null;
  const named = (key: string, says: string, which: 'easiest' | 'balanced' | 'keepCoat'): Key => ({
    ...{ keys: [key], says, foot: false, when: mayChoose },
    run: () => {
      const at = act.frontier.value?.[which] ?? null;
      if (at !== null) {
        act.choosePlan(at);
      }
    },
  });
  return [
    { keys: ['u'], says: 'Undo', run: act.undo, when: act.decidable },
    { keys: ['ArrowLeft'], shown: '←', says: 'Section before', run: () => act.step(-1), foot: false },
    { keys: ['ArrowRight'], shown: '→', says: 'Section after', run: () => act.step(1), foot: { shown: '← →', says: 'Section' } },
    named('e', say.text.aims.easiest, 'easiest'),
    named('b', say.text.aims.balanced, 'balanced'),
    named('k', say.text.aims.keep_coat, 'keepCoat'),
    { keys: [','], says: 'Less pulling', foot: false, run: () => act.stepPlan(-1), when: mayChoose },
    { keys: ['.'], says: 'More coat', run: () => act.stepPlan(1), foot: { shown: ', .', says: 'Plan' }, when: mayChoose },
    { keys: ['r'], says: 'The record', run: act.record },
  ];
}
