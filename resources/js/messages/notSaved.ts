import type { SectionId, SentMark } from '@/api/types';
import { say } from './say';
import { t } from './words';

/** What is told of entries that the server did not take. */
export const notSaved = {
  /** "Not saved for Dulse: note, tail." */
  title(of: { dog?: string; mark?: SentMark; section?: SectionId | null }): string {
    const kind = of.mark ? say.within(t(`visit.markKinds.${of.mark.kind}`)) : t('device.notSaved.photo');
    const section = of.mark?.section ?? of.section ?? null;
    const what = section ? `${kind}, ${say.within(say.section(section))}` : kind;
    return of.dog ? t('device.notSaved.titleFor', { dog: of.dog, what }) : t('device.notSaved.title', { what });
  },

  /** What was written with it, so that it can be written again. */
  words(mark: SentMark): string {
    return Object.entries(mark.payload)
      .flatMap(([field, value]) => (['text', 'note', 'reason', 'wishes'].includes(field) && typeof value === 'string' ? [value] : []))
      .join(' ');
  },
};
