import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import type { VisitSection } from '@/api/types';
import { allSections } from '@/chart/geometry';
import { chartOfGrades, toneOf } from '@/chart/tones';
import { figure, options } from '@/messages/options';
import SectionAdvice from '@/inspection/SectionAdvice.vue';
import { say } from '@/messages/say';
import TableAdvice from '@/table/TableAdvice.vue';
import { sayPlan } from '@/messages/sayPlan';
import { speakAll } from './setup';

describe('sections in words', () => {
  it('says the side after the part', () => {
    expect(say.section('behind_ear_l')).toBe('Behind the ear, left');
    expect(say.section('tail')).toBe('Tail');
  });

  it('takes a pair together and keeps the order of the route', () => {
    expect(say.sections(['hindfoot_l', 'hindfoot_r', 'tail', 'ear_r'])).toBe('hind foot left and right, tail, ear right');
  });

  it('has words for every section of the chart', () => {
    for (const section of allSections) {
      expect(say.section(section), section).toMatch(/^[A-Z][a-z -]+(, (left|right))?$/);
    }
    expect(allSections).toHaveLength(30);
  });
});

describe('figures in words', () => {
  it('writes pulling to a tenth, and neither a false nothing nor a false precision', () => {
    expect([0, 0.04, 0.1, 8.94, 21].map((minutes) => say.pulling(minutes))).toEqual(['0', 'under 0.1', '0.1', '8.9', '21.0']);
  });

  it('says age in months up to two years, then in years', () => {
    expect([9, 23, 24, 52].map((months) => say.age(months))).toEqual(['9 months', '23 months', '2 y', '4 y']);
  });

  it('names the usual shares and writes the others', () => {
    expect([0.1, 0.3, 0.33].map((share) => say.share(share))).toEqual(['a tenth of it', 'a third of it', '33\u00a0% of it']);
  });

  it('quotes what somebody wrote with the marks of the language', async () => {
    expect(say.quoted('Too tight')).toBe('“Too tight”');
    await speakAll('de');
    expect(say.quoted('Zu eng')).toBe('„Zu eng“');
    await speakAll('en');
  });

  it('reads what people type, comma or point, and nothing else', () => {
    expect([figure('6,4'), figure(' 23.5 '), figure('0')]).toEqual([6.4, 23.5, 0]);
    expect([figure(''), figure('heavy'), figure('1,2,3')].every(Number.isNaN)).toBe(true);
  });
});

describe('treatments in words', () => {
  it('says what is done and what was done', () => {
    expect([sayPlan.treatment('clip:6.3'), sayPlan.treatment('demat'), say.done('clip:13'), say.done('leave')]).toEqual([
      'Clip to 6.3 mm',
      'Open by hand',
      'clipped to 13 mm',
      'left alone',
    ]);
  });
});

describe('the chart of a list', () => {
  it('draws each of the thirty characters where it belongs', () => {
    const chart = chartOfGrades('0'.repeat(28) + '~x');
    expect(chart.muzzle.tone).toBe('0');
    expect(chart.hindfoot_r.tone).toBe('again');
    expect(chart.tail.tone).toBe('leave');
    expect(chartOfGrades('-'.repeat(30)).back.tone).toBe('u');
  });

  it('shows a place that is left alone as such, whatever its grade', () => {
    expect([
      toneOf('graded', 3, true),
      toneOf('comb_again', null, false),
      toneOf('not_checked', null, false),
      toneOf('graded', 4, false),
    ]).toEqual(['leave', 'again', 'u', '4']);
  });

  it('makes answers of words, in their order', () => {
    expect(options({ a: 'First', b: 'Second' })).toEqual([
      { value: 'a', says: 'First' },
      { value: 'b', says: 'Second' },
    ]);
  });
});

describe('what a section is worked with, in a sentence', () => {
  const section: Pick<VisitSection, 'holds' | 'tools' | 'direction' | 'lookFirst' | 'matChance'> = {
    matChance: null,
    holds: ['foot_hanging'],
    direction: 'with_the_lay',
    tools: { brush: 'soft_slicker', fineComb: true, reason: 'softest_that_reaches', small: 'whole' },
    lookFirst: [],
  };
  it.each([
    ['while the comb goes round', () => mount(SectionAdvice, { props: { section } })],
    ['at the table', () => mount(TableAdvice, { props: { section, kind: null } })],
  ])('ends once, %s', (_, advice) => {
    const text = advice().text();
    expect(text).toContain('a small brush');
    expect(text).toMatch(/[^.]\.$/);
    expect(text).not.toMatch(/\.[.;,]|[;,]\./);
  });
});
