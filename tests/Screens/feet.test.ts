import { describe, expect, it } from 'vitest';
import type { Visit } from '@/api/types';
import { feetWith } from '@/composables/useFeet';
import type { Waiting } from '@/composables/useOutbox';

const feet: Visit['feet'] = {
  ...{ posture: 'stands', neverOnTheBack: false, seconds: 600, wholeSeconds: 900, rests: 1, restingSince: null },
  ...{ runsFrom: '2026-06-09T09:00:00Z', standsMinutes: 30, restMinutes: 5, inOneVisitMinutes: null },
};
const marked = (kind: string, minute: number, payload = {}): Waiting =>
  ({ mark: { kind, payload, at: `2026-06-09T09:${String(minute).padStart(2, '0')}:00Z` } }) as unknown as Waiting;

describe('the clock of standing, drawn before the server has answered', () => {
  it('runs on from the latest mark', () => {
    expect(feetWith(feet, [marked('misted', 3)])).toMatchObject({ seconds: 600, runsFrom: Date.parse('2026-06-09T09:00:00Z') });
  });

  it('stops when the dog lies, and runs again when it stands', () => {
    const lies = feetWith(feet, [marked('posture_taken', 2, { posture: 'left_side' })]);
    expect(lies).toMatchObject({ posture: 'left_side', seconds: 720, wholeSeconds: 1020, runsFrom: null });
    const up = feetWith(feet, [marked('posture_taken', 2, { posture: 'left_side' }), marked('posture_taken', 9, { posture: 'stands' })]);
    expect(up).toMatchObject({ posture: 'stands', seconds: 720, runsFrom: Date.parse('2026-06-09T09:09:00Z') });
  });

  it('stops for a rest, counts it from the first touch, and ends it when the dog stands', () => {
    const rests = feetWith(feet, [marked('rest_began', 1), marked('rest_began', 4)]);
    expect(rests).toMatchObject({ seconds: 660, runsFrom: null, restingSince: Date.parse('2026-06-09T09:01:00Z') });
    const up = feetWith(feet, [marked('rest_began', 1), marked('posture_taken', 7, { posture: 'stands' })]);
    expect(up).toMatchObject({ restingSince: null, runsFrom: Date.parse('2026-06-09T09:07:00Z') });
  });
});
