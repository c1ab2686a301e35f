import type { MarkKind, MarkOf, Payloads, SentMark } from '@/api/types';

/** A mark as a device sends it. */
export function sentMark<K extends MarkKind>(
  kind: K,
  payload: Payloads[K],
  more: Partial<Pick<SentMark, 'id' | 'section' | 'at'>> = {},
): SentMark {
  const mark: MarkOf<K> = { id: 'M', at: '2026-06-09T09:00:00Z', device: 'D', ...more, kind, payload };
  // One kind is one of all kinds: the compiler does not follow that through a type parameter.
  return mark as SentMark;
}
