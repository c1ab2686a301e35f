import { describe, expect, it } from 'vitest';
import type { TimelineMark } from '@/api/types';
import { answersSaid } from '@/record/arrivalWords';
import { clockOf } from '@/record/markWords';

const mark = (more: Partial<TimelineMark>): TimelineMark => ({
  id: '01J0000000000000000000MARK',
  number: 1,
  kind: 'note_written',
  section: null,
  at: '2026-06-09T09:00:00.000Z',
  deviceAt: null,
  receivedAt: '2026-06-09T09:00:02.000Z',
  by: 'Imke',
  takenBy: null,
  payload: { text: 'x' },
  withdrawn: false,
  setApart: false,
  decision: null,
  ...more,
});

describe('the clocks in the record', () => {
  it('says nothing of an entry that came as it was made', () => {
    expect(clockOf(mark({}))).toBe('');
    expect(clockOf(mark({ receivedAt: '2026-06-09T09:04:00.000Z' }))).toBe('');
  });

  it('says that an entry came long after the hand', () => {
    expect(clockOf(mark({ receivedAt: '2026-06-09T09:47:00.000Z' }))).toBe('arrived 47 min later');
  });

  it('says what a clock said that was off', () => {
    expect(clockOf(mark({ deviceAt: '2026-06-07T03:00:00.000Z' }))).toMatch(
      /^the device’s clock said .+03:00$|^the device’s clock said .+3:00$/,
    );
  });
});

describe('the arrival answers in the record', () => {
  it('says what the client allowed, and what was taken back', () => {
    expect(answersSaid({ consent: 'any', feeLimitCents: 9000, weightKg: 24.5 }, 'EUR')).toBe(
      'the client allowed clipping wherever it is needed, fee limit €90, weight 24.5 kg',
    );
    expect(answersSaid({ wishes: null, gearOff: false, health: [] }, 'EUR')).toBe('wishes undone, taken off: no, health none');
    expect(answersSaid({ health: ['joint_pain', 'skin_allergy'], wishes: 'Short ears', daysSinceBath: 12 }, 'EUR')).toBe(
      'health joint pain and skin allergy, wishes “Short ears”, last bath 12 days ago',
    );
  });
});
