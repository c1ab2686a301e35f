import { t } from '@/messages/words';
import type { Signal } from '@/api/types';
import type { Key } from '@/device/useKeys';
import { signals } from './useTable';

interface Actions {
  pressed: () => boolean;
  onMarks: () => boolean;
  mayMain: () => boolean;
  mayHold: () => boolean;
  mayPause: () => boolean;
  mayUndo: () => boolean;
  hasBlades: () => boolean;
  hasUndercoat: () => boolean;
  main: () => void;
  ask: () => void;
  react: (signal: Signal) => void;
  takeMat: () => void;
  undo: () => void;
  step: (by: number) => void;
  mist: () => void;
  pause: () => void;
  rake: () => void;
  gate: () => void;
  open: (what: 'park' | 'blades' | 'finding' | 'note' | 'photo') => void;
  print: () => void;
}

/** The keys of the table: one for each mark. They stand on the buttons, so the foot leaves them out. */
export function tableKeys(act: Actions): Key[] {
  const onMarks = act.onMarks;
  const keys: Omit<Key, 'foot'>[] = [
    {
      keys: [' ', 'Enter', 'PageDown'],
      shown: t('ui.space'),
      says: t('table.keys.space'),
      run: act.main,
      when: () => onMarks() && act.mayMain(),
    },
    { keys: ['c'], says: t('visit.markKinds.comb_checked'), run: act.ask, when: onMarks },
    ...signals.map((signal, index) => ({
      keys: [String(index + 1)],
      says: t(`table.signals.${signal}`),
      run: () => act.react(signal),
      when: onMarks,
    })),
    { keys: ['m'], says: t('table.keys.mist'), run: act.mist, when: onMarks },
    { keys: ['h'], says: t('table.keys.holdAMat'), run: act.takeMat, when: () => onMarks() && act.mayHold() },
    { keys: ['k'], says: t('table.keys.parkAMat'), run: () => act.open('park'), when: onMarks },
    { keys: ['b'], says: t('plan.blade.title'), run: () => act.open('blades'), when: () => onMarks() && act.hasBlades() },
    { keys: ['r'], says: t('table.undercoat.title'), run: act.rake, when: () => onMarks() && act.hasUndercoat() },
    { keys: ['p'], says: t('table.keys.pause'), run: act.pause, when: act.mayPause },
    { keys: ['u'], says: t('ui.undo'), run: act.undo, when: act.mayUndo },
    { keys: ['s'], says: t('ui.skin'), run: () => act.open('finding'), when: act.pressed },
    { keys: ['n'], says: t('ui.note'), run: () => act.open('note'), when: act.pressed },
    { keys: ['f'], says: t('ui.photo'), run: () => act.open('photo'), when: act.pressed },
    { keys: ['g'], says: t('table.keys.theGate'), run: act.gate },
    { keys: ['z'], says: t('ui.bigPrint'), run: act.print },
    { keys: ['ArrowLeft'], shown: '←', says: t('ui.keys.sectionBefore'), run: () => act.step(-1) },
    { keys: ['ArrowRight'], shown: '→', says: t('ui.keys.sectionAfter'), run: () => act.step(1) },
  ];
  return keys.map((key) => ({ ...key, foot: false }));
}
