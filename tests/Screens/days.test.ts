import { afterEach, describe, expect, it } from 'vitest';
import type { AppointmentRow, ComingDay } from '@/api/types';
import { dayWord } from '@/day/dayWord';
import { hoursOf, hoursOn } from '@/day/hours';
import { lockHairs } from '@/day/lockHairs';
import { dayAfter, inSalon, isoAt } from '@/day/salonTime';
import { salon } from '@/messages/salon';
import { curled } from '@/visit/curled';
import { combedOf, holdsSaid, holdsWithin } from '@/visit/holds';
import { promiseAsked } from '@/visit/promiseAsked';

const zone = salon.timeZone;
afterEach(() => {
  salon.timeZone = zone;
});

describe('how surely a promise holds', () => {
  it.each([
    [1, 'nearly sure', 10],
    [0.95, 'nearly sure', 10],
    [0.94, '9 in 10', 9],
    [0.89, 'barely 9 in 10', 9],
    [0.62, '6 in 10', 6],
    [0.04, 'hardly ever', 0],
  ])('is said in tenths, never as sure: %f', (chance, said, combed) => {
    expect([holdsSaid(chance), combedOf(chance)]).toEqual([said, combed]);
    expect(holdsSaid(chance)).not.toContain('%');
  });

  it('stands within a sentence', () => {
    expect([holdsWithin(0.5), holdsWithin(0.99)]).toEqual(['holds 5 in 10', 'nearly sure']);
    salon.timeZone = 'UTC';
    expect(promiseAsked('2026-06-11T16:15:00Z', 0.8)).toMatch(/^Promise 16:15\? It holds 8 in 10\.$/);
    expect(promiseAsked('2026-06-11T16:15:00Z', 0.97)).toMatch(/nearly sure/);
    expect(promiseAsked('2026-06-11T16:15:00Z', 0.01)).toMatch(/hardly ever/);
  });
});

describe('the salon’s clock', () => {
  it('is the salon’s, wherever the tablet is', () => {
    salon.timeZone = 'Europe/Berlin';
    expect(inSalon('2026-06-10T22:30:00Z')).toEqual({ date: '2026-06-11', time: '00:30' });
    expect(isoAt('2026-06-11', '00:30')).toBe('2026-06-10T22:30:00.000Z');
    salon.timeZone = 'America/St_Johns';
    expect(inSalon(isoAt('2026-06-11', '13:15'))).toEqual({ date: '2026-06-11', time: '13:15' });
  });

  it('holds over the change of summer time, both ways', () => {
    salon.timeZone = 'Europe/Berlin';
    expect(isoAt('2026-03-29', '09:00')).toBe('2026-03-29T07:00:00.000Z');
    expect(isoAt('2026-03-28', '09:00')).toBe('2026-03-28T08:00:00.000Z');
    expect(isoAt('2026-10-25', '09:00')).toBe('2026-10-25T08:00:00.000Z');
    // Half past two does not happen on that night; an hour later does.
    expect(inSalon(isoAt('2026-03-29', '02:30')).date).toBe('2026-03-29');
    expect([dayAfter('2026-03-28', 1), dayAfter('2026-10-31', 1), dayAfter('2026-03-01', -1)]).toEqual([
      '2026-03-29',
      '2026-11-01',
      '2026-02-28',
    ]);
  });
});

describe('a lock of hair on the day', () => {
  it('combs to where one day in ten ends, and curls only past the promise', () => {
    const tenths = Array.from({ length: 10 }, (_, index) => 100 + 10 * index);
    const hairs = lockHairs(50, tenths, 150, 1000, 20);
    expect(hairs).toHaveLength(10);
    expect([...hairs].map((hair) => hair.to).sort((one, other) => one - other)).toEqual([100, 110, 120, 130, 140, 150, 150, 150, 150, 150]);
    expect(hairs.filter((hair) => hair.curl !== null)).toHaveLength(4);
    expect(lockHairs(50, tenths, null, 1000, 20).every((hair) => hair.curl === null)).toBe(true);
  });

  it('runs to the end of the strand where the dog is not ready that day', () => {
    expect(lockHairs(50, [null], null, 1000, 20)[0]).toMatchObject({ from: 50, to: 1000, curl: null });
    expect(lockHairs(50, [null], 200, 1000, 20)[0]!.curl).toMatch(/^M200\.0 /);
  });

  it('waves from one place to the other', () => {
    const path = curled(10, 22, 5, 2);
    expect([path.startsWith('M10.0 5.0'), path.trim().endsWith('22.0 5.0')]).toEqual([true, true]);
  });
});

describe('hours and minutes', () => {
  it('are whole hours from the first groomer to the last, the same for every day', () => {
    const hour = 3_600_000;
    const span = hoursOf([
      { midnight: 0, from: [9.25 * hour], until: [17.5 * hour] },
      { midnight: 24 * hour, from: [34 * hour], until: [43 * hour] },
    ]);
    expect(span).toEqual({ first: 9, last: 19 });
    expect(hoursOf([])).toEqual({ first: 9, last: 18 });
    expect(hoursOn(0, { first: 9, last: 11 })).toEqual({ from: 9 * hour, to: 11 * hour, ticks: [9 * hour, 10 * hour, 11 * hour] });
  });
});

describe('a word for a day', () => {
  const row: AppointmentRow = {
    id: 'a',
    dog: {
      id: 'd',
      name: 'Brack',
      breed: 'Barbet',
      coat: 'curly',
      mind: null,
      client: { id: 'c', name: 'Nell Quay', phone: null, reach: null },
    },
    state: 'booked',
    service: 'full_groom',
    groomer: null,
    startsAt: '2026-06-10T13:00:00Z',
    promisedAt: '2026-06-10T16:55:00Z',
    visitId: null,
    note: '',
    confirmed: false,
    asked: null,
    number: 1,
    steps: [],
    minutes: { likely: 0, from: 0, to: 0 },
    lateFrom: null,
  };
  const ready = (notToday: number): ComingDay['forecast']['ready'] => [
    { dog: 'a', early: null, likely: null, late: null, chance: 0, notToday, tenths: [] },
  ];
  const day = (more: Partial<ComingDay>, forecast: Partial<ComingDay['forecast']> = {}): ComingDay => ({
    date: '2026-06-10',
    closed: null,
    groomers: [{ id: 'g', name: 'Teo', from: '', until: '' }],
    appointments: [row],
    forecast: {
      runs: 500,
      ready: ready(0),
      bottleneck: { hands: 0, table: 0, tub: 0, dryer: 1 },
      allHold: 0.9,
      standing: 'holds',
      weakest: 0.93,
      tightest: 'a',
      waitedFor: 'dryer',
      ...forecast,
    },
    ...more,
  });

  it('says why, with the tightest promise by its name', () => {
    salon.timeZone = 'UTC';
    expect(dayWord(day({}))).toEqual({ word: 'holds', why: 'Every promise holds 9 in 10 or better.' });
    expect(dayWord(day({}, { standing: 'tight', weakest: 0.6 }))).toEqual({
      word: 'tight',
      why: 'Brack’s 16:55 holds 6 in 10. Dogs would wait longest for the dryer.',
    });
    expect(dayWord(day({}, { standing: 'too_full', weakest: 0, ready: ready(0.9), waitedFor: null }))).toEqual({
      word: 'too full',
      why: 'Brack would not be finished.',
    });
  });

  it('says so where the salon is closed, nobody works or nothing is booked', () => {
    expect(dayWord(day({ closed: 'Harbour feast' })).why).toBe('Closed: Harbour feast');
    expect(dayWord(day({ groomers: [] })).why).toBe('Nobody works.');
    expect(dayWord(day({}, { standing: 'free' })).why).toBe('Nothing is booked.');
  });
});
