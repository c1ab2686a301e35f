import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import type { Bath, SectionId } from '@/api/types';
import SecondCheck from '@/bath/SecondCheck.vue';

/** A coat that the fine comb does not go through. */
function asked(primitive: boolean, lines: { back: { lines: number } } | null = null) {
  const sections = { back: { tools: { brush: 'pin', fineComb: false, reason: 'short_coat', small: null } } } as const;
  const bath: Pick<Bath, 'second' | 'toCombAgain'> = { second: {}, toCombAgain: ['back'] };
  return mount(SecondCheck, {
    props: {
      ...{ bath, sections, primitive, lines, route: ['back'] as SectionId[], selected: 'back' as SectionId },
      ...{ decides: true, disabled: false, problem: '' },
    },
  });
}

describe('the second comb check of a coat without a fine comb', () => {
  it.each([
    [false, 'Glides, skin line clear'],
    [true, 'Picks through, skin line clear'],
  ])('asks a primitive double coat alone whether the comb picks through: %s', (primitive, first) => {
    expect(asked(primitive).findAll('button')[0]!.text()).toContain(first);
  });

  it('says how many lines are brushed where they are brushed only now', () => {
    expect(asked(false, { back: { lines: 7 } }).text()).toContain(
      'Line brush it now, clean and dry: 7 lines from the lowest up, then the comb.',
    );
    expect(asked(false).text()).not.toContain('Line brush it now');
  });
});
