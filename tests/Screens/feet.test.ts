import { describe, expect, it } from 'vitest';
import type { MarkKind, Payloads, Visit } from '@/api/types';
import { feetWith } from '@/visit/useFeet';
import { sentMark } from './marks';

const manyMinutes = {
  onItsFeetMinutes: 60,
  mostMinutes: 180,
  fits: true,
  asksWhy: false,
  planned: null,
  way: null,
  reason: null,
  ways: [],
};
const feet: Visit['feet'] = {
  ...{ posture: 'stands', neverOnTheBack: false, seconds: 600, wholeSeconds: 900, rests: 1, restingSince: null },
  ...{ runsFrom: '2026-06-09T09:00:00Z', standsMinutes: 30, restMinutes: 5, inOneVisit: manyMinutes, silenceSeconds: 1800 },
};
const marked = <K extends MarkKind>(kind: K, minute: number, payload: Payloads[K]) => ({
  mark: sentMark(kind, payload, { id: `M${minute}`, at: `2026-06-09T09:${String(minute).padStart(2, '0')}:00Z` }),
});

describe('the clock of standing, drawn before the server has answered', () => {
  it('runs on from the latest mark of a hand, whatever else is recorded', () => {
    const drawn = feetWith(feet, [marked('misted', 3, {}), marked('note_written', 4, { text: 'x' })]);
    expect(drawn).toMatchObject({ seconds: 780, wholeSeconds: 1080, runsFrom: Date.parse('2026-06-09T09:03:00Z') });
  });

  it('stops when the dog lies, and runs again when it stands', () => {
    const lies = feetWith(feet, [marked('posture_taken', 2, { posture: 'left_side' })]);
    expect(lies).toMatchObject({ posture: 'left_side', seconds: 720, wholeSeconds: 1020, runsFrom: null });
    const up = feetWith(feet, [marked('posture_taken', 2, { posture: 'left_side' }), marked('posture_taken', 9, { posture: 'stands' })]);
    expect(up).toMatchObject({ posture: 'stands', seconds: 720, runsFrom: Date.parse('2026-06-09T09:09:00Z') });
  });

  it('stops for a rest, counts it from the first touch, and goes on with what it stood when it was too short', () => {
    const rests = feetWith(feet, [marked('rest_began', 1, {}), marked('rest_began', 4, {})]);
    expect(rests).toMatchObject({ seconds: 660, runsFrom: null, restingSince: Date.parse('2026-06-09T09:01:00Z') });
    const up = feetWith(feet, [marked('rest_began', 1, {}), marked('posture_taken', 5, { posture: 'stands' })]);
    expect(up).toMatchObject({ restingSince: null, seconds: 660, runsFrom: Date.parse('2026-06-09T09:05:00Z') });
  });

  it('begins anew after a whole rest, as soon as a hand is on the dog again', () => {
    const up = feetWith(feet, [marked('rest_began', 1, {}), marked('section_taken', 6, {})]);
    expect(up).toMatchObject({ restingSince: null, seconds: 0, wholeSeconds: 960, runsFrom: Date.parse('2026-06-09T09:06:00Z') });
  });

  it('forgets a rest that was taken back', () => {
    const rest = marked('rest_began', 1, {});
    expect(feetWith(feet, [rest, marked('withdrawn', 2, { markId: rest.mark.id })])).toMatchObject({ seconds: 600, restingSince: null });
  });
});
