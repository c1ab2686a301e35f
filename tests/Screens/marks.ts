import type { MarkKind, MarkOf, Payloads, SentMark } from '@/api/types';

/** A mark as a device sends it. */
export function sentMark<K extends MarkKind>(
  kind: K,
  payload: Payloads[K],
  more: Partial<Pick<SentMark, 'id' | 'section' | 'at'>> = {},
): SentMark {
  const mark: MarkOf<K> = { id: 'M', at: '2026-06-09T09:00:00Z', device: 'D', ...more, kind, payload };
  return mark as SentMark;
}
