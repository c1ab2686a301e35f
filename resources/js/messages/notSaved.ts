import type { SectionId, SentMark } from '@/api/types';
import { say } from './say';

/** What is told of entries that the server did not take. */
export const notSaved = {
  text: {
    read: 'I have read it',
    download: 'Keep the file',
    throwAway: 'Throw it away',
    photo: 'photo',
    unreadable: ['One entry on this device cannot be read any more.', '{count} entries on this device cannot be read any more.'],
    unreadableWhy: 'The browser has damaged it. Look whether something is missing in the last visits, and enter it again.',
  },

  /** "Not saved for Dulse: note, tail." */
  title(what: { dog?: string; mark?: SentMark; section?: SectionId | null }): string {
    const kind = what.mark ? say.text.markKinds[what.mark.kind].toLowerCase() : this.text.photo;
    const section = what.mark?.section ?? what.section ?? null;
    return `Not saved${what.dog ? ` for ${what.dog}` : ''}: ${kind}${section ? `, ${say.section(section).toLowerCase()}` : ''}.`;
  },

  /** What was written with it, so that it can be written again. */
  words(mark: SentMark): string {
    return Object.entries(mark.payload)
      .flatMap(([field, value]) => (['text', 'note', 'reason', 'wishes'].includes(field) && typeof value === 'string' ? [value] : []))
      .join(' ');
  },

  unreadable(count: number): string {
    return this.text.unreadable[count === 1 ? 0 : 1]!.replace('{count}', String(count));
  },
};
