import { describe, expect, it } from 'vitest';
import type { DogYears } from '@/api/types';
import { allSections } from '@/chart/geometry';
import { partLength, withPart } from '@/chart/lengthParts';
import { gradeOf, sectionStrand } from '@/dogs/sectionStrand';

type Visit = DogYears['visits'][number];
const at = allSections.indexOf('tail');

function visit(day: string, grade: string, came: number, left = came): Visit {
  const lengths = (mm: number) => Object.fromEntries(allSections.map((section) => [section, section === 'tail' ? mm : 50]));
  return {
    id: day,
    at: `${day}T10:00:00Z`,
    grades: '0'.repeat(at) + grade + '0'.repeat(30 - at - 1),
    cameMm: lengths(came),
    leftMm: lengths(left),
    weightKg: 12,
    minutes: 30,
    pulling: 2,
  };
}

describe('a place’s own hair over the years', () => {
  const visits = [visit('2026-01-05', '4', 60, 9.5), visit('2026-03-05', '2', 33), visit('2026-05-04', '-', 57)];

  it('stands at its visits, with the grade the comb found, and its cuts', () => {
    const { notches } = sectionStrand(visits, 'tail', 720, 96);
    expect(notches.map(({ visit, grade, cameMm, cutMm }) => [visit, grade, cameMm, cutMm])).toEqual([
      ['2026-01-05', 4, 60, 9.5],
      ['2026-03-05', 2, 33, null],
      ['2026-05-04', null, 57, null],
    ]);
    expect(notches[0]!.x).toBeLessThan(notches[1]!.x);
    // Fifty-nine days and sixty: by true dates.
    expect((notches[1]!.x - notches[0]!.x) / (notches[2]!.x - notches[1]!.x)).toBeCloseTo(59 / 60, 2);
  });

  it('grows from what was left to what came in, and never out of the picture', () => {
    const { hairs, notches } = sectionStrand(visits, 'tail', 720, 96);
    const tops = hairs
      .map(({ d }) => d.match(/^M([\d.]+) .* ([\d.]+)$/)!)
      .filter(([, x]) => Number(x) < notches[1]!.x)
      .map(([, , top]) => Number(top));
    expect(tops).toEqual([...tops].sort((one, other) => other - one));
    expect(Math.min(...tops)).toBeGreaterThanOrEqual(0);
    // 9.5 of 60 mm at the start.
    expect(tops[0]).toBeGreaterThan(75);
  });

  it('has nothing to draw of one visit but the visit', () => {
    const { hairs, notches } = sectionStrand(visits.slice(0, 1), 'tail', 720, 96);
    expect([hairs.length, notches.length]).toEqual([0, 1]);
  });

  it('reads a grade from its row, and none where nobody combed', () => {
    expect(visits.map((one) => gradeOf(one, 'tail'))).toEqual([4, 2, null]);
  });
});

describe('lengths by part of the dog', () => {
  it('says one length where all of a part has one, and none where it differs', () => {
    expect(partLength('head', 60, {})).toBe(60);
    expect(partLength('head', 60, { muzzle: 12, crown: 12 })).toBe(12);
    expect(partLength('head', 60, { muzzle: 12 })).toBeNull();
  });

  it('sets a part and leaves the others as they are; as long as the rest is nothing of its own', () => {
    const set = withPart('head', 20, 60, { muzzle: 12, tail: 18 });
    expect(set).toEqual({ tail: 18, muzzle: 20, crown: 20 });
    expect(withPart('head', 60, 60, set)).toEqual({ tail: 18 });
    expect(withPart('head', null, 60, set)).toEqual({ tail: 18 });
  });
});
