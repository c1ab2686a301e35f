import { describe, expect, it } from 'vitest';
import type { NextInterval, NextVisit } from '@/api/types';
import { allSections } from '@/chart/geometry';
import { chanceChart, fur } from '@/home/chanceChart';
import { between, knots, strands } from '@/home/lock';
import { clockOf, laddersOf, limitsOf, whyOf } from '@/home/nextWords';

const places = (tangle: number, mat: number, mm = 70): NextInterval['places'] =>
  Object.fromEntries(allSections.map((section) => [section, [tangle, mat, mm]]));

function interval(weeks: number, more: Partial<NextInterval> = {}): NextInterval {
  const tangles = weeks * 1.5;
  return {
    weeks,
    tangles,
    usualTangles: tangles,
    mats: tangles / 2,
    matsSeen: weeks / 3,
    lost: weeks / 100,
    minutes: 30 + weeks,
    pulling: weeks,
    priceCents: 7800,
    limits: weeks > 4 ? ['pulling'] : [],
    places: places(0.2, 0.1),
    ...more,
  };
}

function next(more: Partial<NextVisit> = {}): NextVisit {
  return {
    inspections: 12,
    home: 'weekly',
    leftMm: Object.fromEntries(allSections.map((section) => [section, 60])),
    suggestedWeeks: 4,
    brushedTwiceWeeks: 6,
    mostWeeks: 8,
    keeps: { matsSeen: 2, pulling: 4.5, lost: 0.04 },
    tolerance: 9,
    ladder: {
      closer: { weeks: 2, keeps: true, pulling: 3.2, priceCents: 4400 },
      anotherCut: { lengthMm: 40, weeks: 4, priceCents: 6600 },
      shorter: null,
    },
    clock: { pace: 'usual', early: false, where: null },
    intervals: [1, 2, 3, 4, 5, 6, 8, 10, 12].map((weeks) => interval(weeks)),
    keepable: [],
    ...more,
  };
}

/** A figure and its sign stay on one line. */
const plain = (said: string): string => said.replaceAll('\u00a0', ' ');

describe('the lock of hair to the next visit', () => {
  it('tangles from nothing today, in a straight line from one interval to the next', () => {
    const { intervals } = next();
    expect(between(intervals, 0, 'tangles')).toBe(0);
    expect(between(intervals, 0.5, 'tangles')).toBeCloseTo(0.75);
    expect(between(intervals, 7, 'tangles')).toBeCloseTo(10.5);
    expect(between(intervals, 99, 'tangles')).toBe(18);
  });

  it('stays combed for a dog that does not mat, and leaves its lane for one that does', () => {
    const still = strands([{ weeks: 12, tangles: 0, mats: 0 }], 1, 576, 30);
    const tangled = strands([{ weeks: 12, tangles: 20, mats: 9 }], 1, 576, 30);
    // Lanes are 30 high, hair lies in their middle: how far it strays from it at most.
    const spread = (drawn: ReturnType<typeof strands>): number =>
      Math.max(
        ...drawn.slice(0, 4).flatMap(({ d }) =>
          d
            .split('L')
            .slice(1)
            .map((point) => Math.abs(Number(point.split(' ')[1]) - 15)),
        ),
      );
    expect(new Set(still.map(({ tone }) => tone))).toEqual(new Set([0]));
    expect(new Set(tangled.map(({ tone }) => tone))).toEqual(new Set([0, 1, 2, 3]));
    expect(spread(tangled)).toBeGreaterThan(3 * spread(still));
    expect(strands(next().intervals, 12, 576, 112)).toEqual(strands(next().intervals, 12, 576, 112));
  });

  it('has one knot for each mat to expect, all of them on the picture', () => {
    const drawn = knots([interval(8, { mats: 3.4 })], 576, 112);
    expect(drawn).toHaveLength(3);
    drawn.forEach(({ x, y }) => expect(x > 0 && x < 576 && y > 0 && y < 112).toBe(true));
    expect(knots([interval(2, { mats: 0.4 })], 576, 112)).toEqual([]);
  });
});

describe('what the next visit says', () => {
  it('names what the next longer interval breaks, with its figure and the house’s limit', () => {
    expect(whyOf(next())).toBe(
      '4 weeks are the longest that keeps. After 5: 5.0 min of pulling, a kept coat asks 4.5 of this dog at most.',
    );
  });

  it('tells what is over by little as over', () => {
    const barely = interval(5, { limits: ['lost'], lost: 0.0423 });
    expect(plain(limitsOf(barely, next()))).toBe('4.2 % of the coat that shows would have to go, a kept coat loses 4 % at most');
  });

  it('says when it is the cut and not the coat that ends it', () => {
    const kept = next({ suggestedWeeks: 8, intervals: next().intervals.map((one) => ({ ...one, limits: [] })) });
    expect(whyOf(kept)).toBe('8 weeks are as long as the cut lasts; the coat would bear it.');
  });

  it('says that no interval keeps the coat, and why not even a week', () => {
    const none = next({ suggestedWeeks: null, intervals: next().intervals.map((one) => ({ ...one, limits: ['lost'] })) });
    expect(plain(whyOf(none))).toBe(
      'No interval keeps this coat. Even after one week: 1 % of the coat that shows would have to go, a kept coat loses 4 % at most.',
    );
  });

  it('tells what helps in its order, with this dog’s figures, and leaves out what does not', () => {
    expect(laddersOf(next(), 'EUR')).toEqual([
      'Closer dates: bath and brush every 2 weeks, €44 each; 3.2 min of pulling, and the coat keeps.',
      'Another cut: the whole dog at 40 mm, every 4 weeks, €66.',
    ]);
    const { closer } = next().ladder;
    const nothing = {
      closer: { ...closer, weeks: 1, keeps: false },
      anotherCut: null,
      shorter: { lengthMm: 13, weeks: 6, priceCents: 6600 },
    };
    expect(laddersOf(next({ ladder: nothing }), 'EUR')).toEqual([
      'Closer dates: bath and brush every week, €44 each; 3.2 min of pulling.',
      'Shorter: 13 mm, every 6 weeks, €66.',
    ]);
  });

  it('tells every limit of an interval', () => {
    expect(plain(limitsOf(interval(12, { limits: ['lost', 'pulling', 'mats_seen'] }), next()))).toBe(
      '12 % of the coat that shows would have to go, a kept coat loses 4 % at most; 12.0 min of pulling, a kept coat asks 4.5 of this dog at most; 4 mats where they show, a kept coat has fewer than 2',
    );
  });

  it.each([
    [{ pace: 'faster', early: false, where: 'behind_ear_l' }, 'Dulse mats faster than most of its coat, mostly here: behind the ear.'],
    [{ pace: 'usual', early: false, where: null }, 'Dulse mats about as fast as others of its coat.'],
    [{ pace: 'slower', early: false, where: null }, 'Dulse mats slower than most of its coat.'],
  ] satisfies [NextVisit['clock'], string][])('tells its clock in words, never as a number: %o', (clock, says) => {
    expect(clockOf(next({ clock }), 'Dulse')).toBe(says);
    expect(says).not.toMatch(/\d/);
  });

  it('says so where it is early, or nothing is known', () => {
    const early: NextVisit['clock'] = { pace: 'usual', early: true, where: null };
    expect(clockOf(next({ inspections: 1, clock: early }), 'Fen')).toContain('Early to say: 1 inspection so far.');
    expect(clockOf(next({ inspections: 0, clock: { ...early, pace: 'unknown' } }), 'Fen')).toBe(
      'No clock of Fen’s own yet: this is the usual dog of this coat. The next inspection will tell.',
    );
  });
});

describe('the chart of chances', () => {
  it('says how often the comb stops, and draws a mat only where one is likely', () => {
    const chart = chanceChart({ ...places(0.05, 0.01), tail: [0.36, 0.2, 70], belly: [0.5, 0.25, 70], chest: [0.2, 0.1, 70] });
    expect([chart.back.tone, chart.chest.tone, chart.tail.tone, chart.belly.tone]).toEqual(['0', '1', '2', '3']);
    expect([chart.tail.text, chart.tail.said]).toEqual(['36', 'the comb stops in 36 of 100 such visits']);
  });

  it('shows the fur that goes home inside the fur to come', () => {
    expect(fur(next().leftMm, places(0, 0, 84)).back).toEqual({ before: 84, after: 60 });
  });
});
