import { describe, expect, it, vi } from 'vitest';
import { computed, effectScope, nextTick, ref } from 'vue';
import type { CombCheck, SectionId, TableSection, Visit } from '@/api/types';
import { mainMark, sayMainMark, treatmentOf } from '@/table/mainMark';
import type { TablePanel } from '@/table/useTableComb';
import { useStill } from '@/ui/useStill';
import { tableSection } from './sections';
import { useTableComb } from '@/table/useTableComb';

/** What the server would say of a comb check. */
const guide = vi.hoisted(() => ({ outcome: null as unknown }));
vi.mock('@/visit/useGuide', () => ({ useGuide: () => ({ outcome: () => guide.outcome }) }));

describe('what the largest button does', () => {
  const cases: [string, TableSection | null, boolean, number | null, SectionId | null, unknown, string][] = [
    ['not in hand yet', tableSection(), false, 1, 'back', { does: 'take' }, 'Start here'],
    ['left and come back to', tableSection({ seconds: 40 }), false, 2, 'back', { does: 'take' }, 'Go on here'],
    ['in hand, a line open', tableSection(), true, 3, 'back', { does: 'line', line: 3 }, 'Line 3 done'],
    ['in hand, all lines done, nothing found', tableSection(), true, null, 'back', { does: 'pass' }, 'The comb passes'],
    ['in hand, all lines done, matted', tableSection({ grade: 2, asks: 'comb' }), true, null, 'back', { does: 'comb' }, 'Comb check'],
    [
      'lines not counted, nothing found',
      tableSection({ countsLines: false, grade: 1 }),
      true,
      1,
      'back',
      { does: 'pass' },
      'The comb passes',
    ],
    [
      'lines not counted, matted',
      tableSection({ countsLines: false, grade: 3, asks: 'comb' }),
      true,
      1,
      'back',
      { does: 'comb' },
      'Comb check',
    ],
    [
      'no comb was drawn yet',
      tableSection({ countsLines: false, grade: null, asks: 'comb' }),
      true,
      1,
      'back',
      { does: 'comb' },
      'Comb check',
    ],
    [
      'a mat to open is brushed in lines too',
      tableSection({ choice: 'demat', asks: 'comb' }),
      true,
      1,
      null,
      { does: 'line', line: 1 },
      'Line 1 done',
    ],
    ['nothing decided here', tableSection({ choice: null, asks: 'plan' }), true, 1, 'back', { does: 'plan' }, 'Plan from here'],
    [
      'to clip, agreed',
      tableSection({ choice: 'clip:3.2', clipAgreed: true, asks: 'clip' }),
      true,
      1,
      'back',
      { does: 'clip', mm: 3.2, allowed: true },
      'Clipped to 3.2 mm',
    ],
    [
      'to clip, no yes yet',
      tableSection({ choice: 'clip:13', asks: 'clip' }),
      true,
      1,
      'back',
      { does: 'clip', mm: 13, allowed: false },
      'Clipped to 13 mm',
    ],
    [
      'cut, and combed after it',
      tableSection({ choice: 'clip:13', clippedMm: 13, grade: 3, asks: 'comb_the_cut' }),
      true,
      1,
      'back',
      { does: 'comb' },
      'Comb check',
    ],
    [
      'cut on clean coat waits for the dryer',
      tableSection({ choice: 'clip:16', cutAfterDrying: true }),
      true,
      2,
      'back',
      { does: 'line', line: 2 },
      'Line 2 done',
    ],
    ['to clip, not in hand', tableSection({ choice: 'clip:13', asks: 'clip' }), false, 1, 'back', { does: 'take' }, 'Start here'],
    ['done', tableSection({ done: true }), true, null, 'armpit_l', { does: 'next', section: 'armpit_l' }, 'Next: armpit, left'],
    ['held for a vet', tableSection({ held: true }), false, 1, 'back', { does: 'next', section: 'back' }, 'Next: back'],
    ['the last one done', tableSection({ done: true }), true, null, null, { does: 'gate' }, 'To the bath gate'],
    ['no section at all', null, false, null, null, { does: 'gate' }, 'To the bath gate'],
  ];

  it.each(cases)('%s', (_, here, inHand, line, next, mark, says) => {
    const found = mainMark(here, inHand, line, next);
    expect(found).toEqual(mark);
    expect(sayMainMark(found, here)).toBe(says);
  });

  it('reads a treatment as its kind and, of a clip, its millimetres', () => {
    expect([treatmentOf('clip:3.2'), treatmentOf('demat'), treatmentOf(null)]).toEqual([
      { kind: 'clip', clipMm: 3.2 },
      { kind: 'demat', clipMm: null },
      { kind: null, clipMm: null },
    ]);
  });
});

describe('the comb check at the table', () => {
  function atTheComb(outcome: { verdict: string; grade: number | null; asks: string | null }) {
    guide.outcome = outcome;
    const combed: boolean[] = [];
    const panel = ref<TablePanel>('marks');
    const run = {
      selected: ref<SectionId | null>('tail'),
      here: ref({ comb: null }),
      comb: (_: CombCheck, passes: boolean) => combed.push(passes),
    };
    const sections = computed(() => ({ tail: { grade: 2, verdict: 'graded' } }) as unknown as Visit['sections']);
    const comb = useTableComb(run as unknown as Parameters<typeof useTableComb>[0], sections, panel);
    return { comb, combed, panel };
  }
  const check = (more: Partial<CombCheck>): CombCheck => ({ comb: 'glides', skinLine: 'clear', ...more }) as CombCheck;

  it('asks from the comb on, not with what the inspection answered', async () => {
    const { comb, panel } = atTheComb({ verdict: 'graded', grade: 0, asks: null });
    comb.ask();
    expect([panel.value, comb.combAsks.value, comb.combing.value?.check, comb.combing.value?.grade]).toEqual(['comb', 'comb', null, null]);
  });

  it('ends the section where the comb glides and goes back to the marks', async () => {
    const { comb, combed, panel } = atTheComb({ verdict: 'graded', grade: 0, asks: 'fine' });
    comb.ask();
    comb.combed(check({}));
    expect([combed, panel.value]).toEqual([[true], 'marks']);
  });

  it('passes a place where nothing was found by one touch', async () => {
    const { comb, combed, panel } = atTheComb({ verdict: 'graded', grade: 0, asks: null });
    comb.pass();
    expect([combed, panel.value]).toEqual([[true], 'marks']);
  });

  it('asks on where the comb stops, and ends nothing', async () => {
    const { comb, combed, panel } = atTheComb({ verdict: 'more_needed', grade: 2, asks: 'opens' });
    comb.ask();
    comb.combed(check({ comb: 'stops' }));
    expect([combed, panel.value, comb.combAsks.value]).toEqual([[false], 'comb', 'opens']);
  });

  it('goes back to the lines where it catches and nothing more is asked', async () => {
    const { comb, combed, panel } = atTheComb({ verdict: 'graded', grade: 1, asks: null });
    comb.ask();
    comb.combed(check({ comb: 'catches' }));
    expect([combed, panel.value]).toEqual([[false], 'marks']);
  });
});

describe('a list whose rows have just moved', () => {
  it('takes no touch until a finger on its way has stopped, counted from the last move', async () => {
    vi.useFakeTimers();
    const scope = effectScope();
    const rows = ref(['a', 'b']);
    const message = ref('');
    const moving = scope.run(() =>
      useStill(
        () => rows.value.join(),
        () => message.value,
      ),
    )!;
    const after = async (ms: number): Promise<boolean> => {
      await nextTick();
      vi.advanceTimersByTime(ms);
      return moving.value;
    };

    expect(await after(0)).toBe(false);
    rows.value = ['b', 'a'];
    expect(await after(200)).toBe(true);
    message.value = 'No network.';
    expect(await after(200)).toBe(true);
    expect(await after(100)).toBe(false);
    rows.value = ['b', 'a'];
    expect(await after(0)).toBe(false);
    scope.stop();
    vi.useRealTimers();
  });
});
