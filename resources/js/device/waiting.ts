import type { CombCheck, Payloads, SentMark } from '@/api/types';

/** Ids of the marks that these take back. */
export const takenBackBy = (entries: readonly { mark: SentMark }[]): Set<string> =>
  new Set(entries.flatMap(({ mark }) => (mark.kind === 'withdrawn' ? [mark.payload.markId] : [])));

/** The same without what was not answered. */
export function given<T extends object>(fields: T): T {
  const answered = { ...fields };
  Object.entries(answered)
    .filter(([, value]) => value === null)
    .forEach(([field]) => Reflect.deleteProperty(answered, field));
  return answered;
}

/** What a comb found, as a mark carries it; not answered is not there. */
export const checkOf = ({ fine, tender, ...check }: Payloads['table_combed']): CombCheck => ({
  ...check,
  ...(fine == null ? {} : { fine }),
  ...(tender == null ? {} : { tender }),
});
