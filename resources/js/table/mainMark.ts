import { sayPlan } from '@/messages/sayPlan';
import { t } from '@/messages/words';
import type { SectionId, TableSection } from '@/api/types';
import { say } from '@/messages/say';

/** What the largest button and Space do. */
export type MainMark =
  | { does: 'next'; section: SectionId }
  | { does: 'clip'; mm: number; allowed: boolean }
  | { does: 'line'; line: number }
  | { does: 'gate' | 'plan' | 'take' | 'pass' | 'comb' };

/** Kind of a treatment, and the millimetres of a clip: "clip:3.2". */
export function treatmentOf(choice: string | null): { kind: string | null; clipMm: number | null } {
  const [kind = null, mm] = choice?.split(':') ?? [];
  return { kind, clipMm: kind === 'clip' ? Number(mm) : null };
}

/**
 * What comes next at the table: the lines where the house counts them, the comb, the next section, the bath gate. Where
 * nothing was found one touch passes the section.
 *
 * @param next the section that comes after this one, null when nothing is left
 * @param line the lowest line that is not done, null when all are
 */
export function mainMark(here: TableSection | null, inHand: boolean, line: number | null, next: SectionId | null): MainMark {
  if (!here || here.done || here.held) {
    return next ? { does: 'next', section: next } : { does: 'gate' };
  }
  if (here.asks === 'plan') {
    return { does: 'plan' };
  }
  if (!inHand) {
    return { does: 'take' };
  }
  const { clipMm } = treatmentOf(here.choice);
  if (here.asks === 'clip' && clipMm !== null) {
    return { does: 'clip', mm: clipMm, allowed: here.clipAgreed };
  }
  if (here.asks !== 'comb_the_cut' && here.countsLines && line !== null) {
    return { does: 'line', line };
  }
  return { does: here.asks === 'pass' ? 'pass' : 'comb' };
}

export function sayMainMark(mark: MainMark, here: TableSection | null): string {
  switch (mark.does) {
    case 'next':
      return t('table.main.next', { section: say.within(say.section(mark.section)) });
    case 'clip':
      return t('table.main.clip', { length: say.mm(mark.mm) });
    case 'line':
      return t('table.main.line', { line: mark.line });
    case 'take':
      return here?.seconds ? t('table.main.goOn') : t('table.main.take');
    default:
      return t(`table.main.${mark.does}`);
  }
}

/** What is planned at a section, under its name. */
export function sayToDo(here: TableSection | null): string {
  const { kind, clipMm } = treatmentOf(here?.choice ?? null);
  if (!here || kind === null) {
    return t('table.toDo.open');
  }
  if (here.cutAfterDrying) {
    return t('table.toDo.brushThenCut', { length: say.mm(clipMm ?? 0) });
  }
  return kind === 'clip' ? say.within(sayPlan.treatment(here.choice!)) : t(`table.toDo.${kind as 'brush'}`);
}
