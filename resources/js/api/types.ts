import type { ClientWord as SentWord, MarkKind, SectionId, SentMark } from './schema';

/** Shapes of the contract by their names there, and what the screens call a part of one. */
export type * from './schema';

export type ClientWord = NonNullable<SentWord>;

/** What a mark of each kind holds. */
export type Payloads = { [Mark in SentMark as Mark['kind']]: Mark['payload'] };

/** A mark on its way: its kind says what it carries. */
export type MarkOf<K extends MarkKind> = Pick<SentMark, 'id' | 'at' | 'device' | 'seen'> & {
  kind: K;
  section?: SectionId | null;
  payload: Payloads[K];
};
export type BladeResult = Payloads['blade_tried']['result'];
export type DryMethod = Payloads['dry_started']['method'];
export type OpenedWith = Payloads['mats_opened']['with'];
export type Rake = Payloads['rake_passed']['rake'];
