import { beforeEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { hand, useBounce } from '@/device/bounce';
import { freshDevice } from './setup';

describe('one touch', () => {
  let at = 0;
  beforeEach(async () => {
    await freshDevice();
    at = 0;
    vi.spyOn(hand, 'now').mockImplementation(() => at);
  });
  const takes = (place: string, ms: number): boolean => {
    at = ms;
    return useBounce().takes(place);
  };

  it('answers one place: what comes to another within 400 ms is a bounce, and the place stays open', () => {
    expect([takes('tail', 1000), takes('back', 1150), takes('back', 1399), takes('back', 1400)]).toEqual([true, false, false, true]);
  });

  it('decides between two answers at one place only', async () => {
    const visit = '01JZ0000000000000000000000';
    const { useTwoAnswers } = await import('@/visit/twoAnswers');
    const { useOutbox } = await import('@/device/useOutbox');
    const { decide } = useTwoAnswers(visit, ref(null));
    const clear = { kind: 'comb_checked', payload: { comb: 'glides', skinLine: 'clear' }, check: null } as never;
    const decided = (section: 'tail' | 'back', ms: number): boolean => {
      at = ms;
      return decide(section, clear) !== null;
    };
    expect([decided('tail', 1000), decided('back', 1150), decided('back', 1400)]).toEqual([true, false, true]);
    expect(
      useOutbox()
        .waitingFor(visit)
        .map(({ mark }) => mark.section),
    ).toEqual(['tail', 'back']);
  });

  it('is said for a moment when it was not taken', () => {
    expect(takes('tail', 1000)).toBe(true);
    expect(useBounce().said.value).toBe(false);
    takes('back', 1150);
    expect(useBounce().said.value).toBe(true);
  });

  it('may be followed at once by more about the same place', () => {
    expect([takes('tail', 1000), takes('tail', 1050), takes('tail', 1100), takes('back', 1200)]).toEqual([true, true, true, false]);
  });
});
