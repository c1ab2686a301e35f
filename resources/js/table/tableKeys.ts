import type { Signal } from '@/api/types';
import { say } from '@/messages/say';
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
      shown: 'Space',
      says: 'The comb passes, line done, start, next',
      run: act.main,
      when: () => onMarks() && act.mayMain(),
    },
    { keys: ['c'], says: 'Comb check', run: act.ask, when: onMarks },
    ...signals.map((signal, index) => ({
      keys: [String(index + 1)],
      says: say.text.signals[signal],
      run: () => act.react(signal),
      when: onMarks,
    })),
    { keys: ['m'], says: 'Mist', run: act.mist, when: onMarks },
    { keys: ['h'], says: 'Hold a mat', run: act.takeMat, when: () => onMarks() && act.mayHold() },
    { keys: ['k'], says: 'Park a mat', run: () => act.open('park'), when: onMarks },
    { keys: ['b'], says: 'Blade test', run: () => act.open('blades'), when: () => onMarks() && act.hasBlades() },
    { keys: ['r'], says: 'Undercoat', run: act.rake, when: () => onMarks() && act.hasUndercoat() },
    { keys: ['p'], says: 'Pause, or hands on again', run: act.pause, when: act.mayPause },
    { keys: ['u'], says: 'Undo', run: act.undo, when: act.mayUndo },
    { keys: ['s'], says: 'Skin', run: () => act.open('finding'), when: act.pressed },
    { keys: ['n'], says: 'Note', run: () => act.open('note'), when: act.pressed },
    { keys: ['f'], says: 'Photo', run: () => act.open('photo'), when: act.pressed },
    { keys: ['g'], says: 'The bath gate', run: act.gate },
    { keys: ['z'], says: 'Big print', run: act.print },
    { keys: ['ArrowLeft'], shown: '←', says: 'Section before', run: () => act.step(-1) },
    { keys: ['ArrowRight'], shown: '→', says: 'Section after', run: () => act.step(1) },
  ];
  return keys.map((key) => ({ ...key, foot: false }));
}
