import { beforeEach, describe, expect, it } from 'vitest';
import { computed, ref } from 'vue';
import type { Visit, VisitSection } from '@/api/types';
import { fakeServer, takingMarks } from './server';
import { freshDevice, openAnew } from './setup';

const ROUTE = ['hindfoot_l', 'hindfoot_r', 'tail'] as const;
const OPEN = { verdict: 'not_checked', grade: null, asks: 'comb', leaveAlone: false, check: null } as unknown as VisitSection;
const CLEAR = { ...OPEN, verdict: 'graded', grade: 0, asks: null, check: { comb: 'glides', skinLine: 'clear' } } as VisitSection;

async function inspect(known: Record<string, VisitSection>, more: Partial<Visit> = {}) {
  openAnew();
  const { useInspection } = await import('@/inspection/useInspection');
  const { useOutbox } = await import('@/device/useOutbox');
  const visit = ref({ id: 'V', route: [...ROUTE], closedAt: null, undoable: [], ...more } as unknown as Visit);
  const sections = computed(() => known as unknown as Visit['sections']);
  return { round: useInspection('V', visit, sections), outbox: useOutbox() };
}

describe('going round the dog', () => {
  beforeEach(async () => {
    await freshDevice();
    fakeServer({ 'POST visits': takingMarks() });
  });

  it('begins at the first section of the route that wants the comb', async () => {
    const { round } = await inspect({ hindfoot_l: CLEAR, hindfoot_r: OPEN, tail: OPEN });
    expect([round.selected.value, round.place.value, round.next.value]).toEqual(['hindfoot_r', 2, 'tail']);
    expect(round.left.value).toEqual(['hindfoot_r', 'tail']);
  });

  it('goes on past the end to what was skipped, and skips what is done or left alone', async () => {
    const { round } = await inspect({ hindfoot_l: OPEN, hindfoot_r: { ...OPEN, leaveAlone: true }, tail: OPEN });
    round.select('tail');
    expect(round.next.value).toBe('hindfoot_l');
    round.goOn();
    expect(round.selected.value).toBe('hindfoot_l');
    expect(round.left.value).not.toContain('hindfoot_r');
  });

  it('walks backwards and forwards through every section, round and round', async () => {
    const { round } = await inspect({ hindfoot_l: CLEAR, hindfoot_r: CLEAR, tail: CLEAR });
    expect(round.selected.value).toBe('hindfoot_l');
    round.step(-1);
    expect(round.selected.value).toBe('tail');
    round.step(1);
    expect(round.selected.value).toBe('hindfoot_l');
    expect(round.next.value).toBeNull();
  });

  it('comes back to a section whose questions are not all answered', async () => {
    const { round } = await inspect({ hindfoot_l: { ...CLEAR, grade: 2, asks: 'opens' } as VisitSection, hindfoot_r: CLEAR, tail: CLEAR });
    round.select('tail');
    expect(round.next.value).toBe('hindfoot_l');
    expect(round.left.value).toEqual([]);
  });

  it('records the answer at the section in hand and undoes it there', async () => {
    const { round, outbox } = await inspect({ hindfoot_l: OPEN, hindfoot_r: OPEN, tail: OPEN });
    round.check({ comb: 'glides', skinLine: 'clear' }, true);
    expect(round.selected.value).toBe('hindfoot_r');
    round.undoing.undo();
    expect(round.selected.value).toBe('hindfoot_l');
    const marks = outbox.waitingFor('V').map((entry) => [entry.mark.kind, entry.mark.section, entry.shows]);
    expect(marks).toEqual([
      ['comb_checked', 'hindfoot_l', { section: 'hindfoot_l', check: { comb: 'glides', skinLine: 'clear' } }],
      ['withdrawn', null, { section: 'hindfoot_l', check: null }],
    ]);
  });

  it('undoes the last thing first, be it a check or a finding', async () => {
    const { round, outbox } = await inspect({ hindfoot_l: OPEN, hindfoot_r: OPEN, tail: OPEN });
    round.check({ comb: 'glides', skinLine: 'clear' }, false);
    round.recordHere('finding_noted', { kind: 'redness' });
    round.undoing.undo();
    round.undoing.undo();
    const [check, finding, first, second] = outbox.waitingFor('V');
    expect([finding!.mark.kind, first!.mark.payload, first!.shows]).toEqual(['finding_noted', { markId: finding!.mark.id }, undefined]);
    expect([second!.mark.payload, second!.shows]).toEqual([{ markId: check!.mark.id }, { section: 'hindfoot_l', check: null }]);
  });

  it('marks what a hand feels where it was touched, and takes it back at the second touch', async () => {
    const felt: Record<string, VisitSection> = { hindfoot_l: OPEN, hindfoot_r: OPEN, tail: OPEN };
    const { round, outbox } = await inspect(felt);
    round.feel('tail');
    const [mark] = outbox.waitingFor('V');
    expect([mark!.mark.kind, mark!.mark.section, mark!.shows]).toEqual(['knot_felt', 'tail', { section: 'tail', felt: true }]);
    felt.tail = { ...OPEN, felt: mark!.mark.id };
    round.feel('tail');
    expect(outbox.waitingFor('V')[1]).toMatchObject({
      mark: { kind: 'withdrawn', payload: { markId: mark!.mark.id } },
      shows: { section: 'tail', felt: false },
    });
  });

  it('asks before it undoes what a colleague recorded, and says what that is', async () => {
    const { round, outbox } = await inspect({ hindfoot_l: CLEAR, hindfoot_r: OPEN, tail: OPEN }, {
      undoable: [
        { id: 'T', kind: 'treatment_chosen', section: 'tail', by: 'Imke' },
        { id: 'C', kind: 'comb_checked', section: 'hindfoot_l', by: 'Teo' },
      ],
    } as Partial<Visit>);
    round.undoing.undo();
    expect(outbox.waitingFor('V')).toEqual([]);
    expect(round.undoing.asking.value).toMatchObject({ id: 'C', by: 'Teo', section: 'hindfoot_l' });
    round.undoing.leave();
    round.undoing.undo();
    round.undoing.confirm();
    expect(outbox.waitingFor('V').map((entry) => entry.mark.payload)).toEqual([{ markId: 'C' }]);
    expect([round.undoing.asking.value, round.undoing.said.value?.id]).toEqual([null, 'C']);
    expect(round.selected.value).toBe('hindfoot_l');
  });

  it('records nothing once the visit has ended', async () => {
    const { round, outbox } = await inspect({ hindfoot_l: OPEN, hindfoot_r: OPEN, tail: OPEN }, { closedAt: '2026-06-09T12:00:00.000Z' });
    round.check({ comb: 'glides' }, true);
    expect(outbox.waitingFor('V')).toEqual([]);
  });
});
