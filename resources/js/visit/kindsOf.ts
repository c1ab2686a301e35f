import type { MarkKind } from '@/api/types';
import { KINDS } from './kinds';

type Phase = (typeof KINDS)[MarkKind]['phase'];

const FROM_THE_TABLE_ON: Phase[] = ['table', 'bath', 'end'];

/** The kinds of a phase that can be taken back. */
export const undoableOf = (phase: Phase): MarkKind[] =>
  (Object.keys(KINDS) as MarkKind[]).filter((kind) => KINDS[kind].phase === phase && KINDS[kind].undoable);

/** Made with the dog under the hands, from the table on: it ends a rest, and the clock of standing runs. */
export const isHandsOn = (kind: MarkKind): boolean => KINDS[kind].handsOn && FROM_THE_TABLE_ON.includes(KINDS[kind].phase);
