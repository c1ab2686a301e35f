import { beforeEach, describe, expect, it, vi } from 'vitest';
import { shallowRef } from 'vue';
import type { CheckOutcome, CombCheck, DayDog, MarkKind, Payloads, SectionId, Signal, Visit } from '@/api/types';
import { boxOf, allSections } from '@/chart/geometry';
import { whyOf } from '@/day/dayWords';
import { placeOf } from '@/visit/steps';
import { drawRun } from '@/table/drawRun';
import type { Waiting } from '@/device/useOutbox';
import { say } from '@/messages/say';
import { sentMark } from './marks';
import { tableSection } from './sections';
import { fakeServer, takingMarks } from './server';
import { tableWords } from '@/table/tableWords';
import { freshDevice, openAnew } from './setup';

const START = Date.parse('2026-06-09T10:00:00.000Z');
const grades: Record<string, number> = { glides: 0, catches: 1, stops: 3, cannot_enter: 4 };
const outcomeOf = (check: CombCheck): CheckOutcome => ({ verdict: 'graded', grade: grades[check.comb] }) as CheckOutcome;

function visitWith(table: Record<string, unknown> = {}): Visit {
  return {
    id: 'V',
    number: 1,
    route: ['tail', 'back', 'belly'],
    closedAt: null,
    undoable: [],
    table: {
      ...{ begun: true, scope: 'whole_coat', current: null, paused: false, seconds: 0, lastAt: null, parked: [], reactions: [], mat: null },
      silence: { seconds: 300, withAMatSeconds: 600 },
      route: ['tail', 'back', 'belly'],
      routes: { whole_coat: ['tail', 'back', 'belly'], planned_only: ['belly'] },
      sections: { tail: tableSection(), back: tableSection(), belly: tableSection({ held: true }) },
      borne: { tolerance: 20, left: 20, byReactions: 0, spent: false },
      signals: { looks: 1, tucks: 2, cries: 3, mouths: 5, snaps: null },
      ...table,
    },
    gate: {},
    bath: { steps: {}, areas: [{ area: 'head', sections: ['muzzle'], dry: null }], second: {}, toCombAgain: ['tail', 'back'] },
    home: { cuts: [], ticks: {}, aftercare: null },
  } as unknown as Visit;
}

let made = 0;
function waiting<K extends MarkKind>(kind: K, payload: Payloads[K], at: SectionId | null = null, seconds = 0): Waiting {
  made++;
  return {
    visit: 'V',
    by: { id: 'S', name: 'Imke' },
    mark: sentMark(kind, payload, { id: `M${made}`, section: at, at: new Date(START + seconds * 1000).toISOString() }),
  };
}

describe('a run with this device’s marks on top', () => {
  it('is the server’s own while nothing waits', () => {
    const visit = visitWith();
    expect(drawRun(visit, [], outcomeOf).table).toBe(visit.table);
  });

  it('marks lines once, lets a comb that glides end the section, and keeps the server’s picture untouched', () => {
    const visit = visitWith();
    const drawn = drawRun(
      visit,
      [
        waiting('section_taken', {}, 'tail', 0),
        waiting('line_done', { line: 1 }, 'tail', 20),
        waiting('line_done', { line: 1 }, 'tail', 21),
        waiting('table_combed', { comb: 'glides' }, 'tail', 50),
      ],
      outcomeOf,
    );
    expect(drawn.table.sections.tail).toMatchObject({ linesDone: [1], done: true, seconds: 50 });
    expect([drawn.table.current, drawn.table.seconds, drawn.lastMs]).toEqual([null, 50, START + 50_000]);
    expect(visit.table.sections.tail.done).toBe(false);
  });

  it('stands still in a pause and goes on with the next hand on the dog', () => {
    const drawn = drawRun(
      visitWith(),
      [
        waiting('section_taken', {}, 'tail', 0),
        waiting('paused', {}, null, 10),
        waiting('line_done', { line: 1 }, 'tail', 300),
        waiting('misted', {}, 'tail', 305),
      ],
      outcomeOf,
    );
    expect([drawn.table.sections.tail.seconds, drawn.table.paused, drawn.table.sections.tail.linesSinceMist]).toEqual([15, false, 0]);
  });

  it('sends a section back to its lowest line where the comb stops, and not where it catches', () => {
    const lines = [waiting('line_done', { line: 1 }, 'tail', 0), waiting('line_done', { line: 2 }, 'tail', 5)];
    const caught = drawRun(visitWith(), [...lines, waiting('table_combed', { comb: 'catches' }, 'tail', 9)], outcomeOf).table.sections.tail;
    const stopped = drawRun(visitWith(), [...lines, waiting('table_combed', { comb: 'stops' }, 'tail', 9)], outcomeOf).table.sections.tail;
    expect([caught.linesDone, caught.done]).toEqual([[1, 2], false]);
    expect([stopped.linesDone, stopped.grade]).toEqual([[], 3]);
  });

  it('takes what a signal takes from what the dog can bear, and all of it for a snap', () => {
    const left = (...signals: Signal[]): number =>
      drawRun(
        visitWith(),
        signals.map((signal) => waiting('reacted', { signal })),
        outcomeOf,
      ).table.borne.left;
    expect([left('looks'), left('tucks', 'cries'), left('mouths', 'mouths', 'mouths', 'mouths', 'looks'), left('snaps')]).toEqual([
      19, 15, 0, 0,
    ]);
    expect(drawRun(visitWith(), [waiting('reacted', { signal: 'snaps' })], outcomeOf).table.borne).toMatchObject({
      byReactions: null,
      spent: true,
    });
  });

  it('parks the mat in hand, and a pass there clears the list', () => {
    const taken = [waiting('mat_taken', {}, 'tail', 0), waiting('mat_parked', { note: 'Root' }, 'tail', 30)];
    const parked = drawRun(visitWith(), taken, outcomeOf).table;
    expect([parked.mat, parked.parked.map((mat) => mat.note)]).toEqual([null, ['Root']]);
    expect(drawRun(visitWith(), [...taken, waiting('table_combed', { comb: 'glides' }, 'tail', 60)], outcomeOf).table.parked).toEqual([]);
  });

  it('draws nothing of a mark that was taken back before it was sent', () => {
    const line = waiting('line_done', { line: 1 }, 'tail', 0);
    expect(drawRun(visitWith(), [line, waiting('withdrawn', { markId: line.mark.id })], outcomeOf).table.sections.tail.linesDone).toEqual(
      [],
    );
  });

  it('shows bath, dryer, second comb check and finish at once', () => {
    const drawn = drawRun(
      visitWith(),
      [
        waiting('bath_stepped', { step: 'lathered', product: 'mild' }),
        waiting('dry_started', { method: 'dryer' }),
        waiting('dried', { area: 'head' }),
        waiting('second_combed', { comb: 'glides' }, 'tail'),
        waiting('second_combed', { comb: 'stops' }, 'back'),
        waiting('finish_ticked', { item: 'nails' }),
      ],
      outcomeOf,
    );
    expect([drawn.bath.steps.lathered?.product, drawn.bath.drying?.method, drawn.bath.areas[0]!.dry?.by]).toEqual([
      'mild',
      'dryer',
      'Imke',
    ]);
    expect([drawn.bath.toCombAgain, drawn.bath.second.back!.grade, drawn.home.ticks.nails?.by]).toEqual([['back'], 3, 'Imke']);
  });
});

describe('hands in the coat', () => {
  beforeEach(async () => {
    openAnew();
    await freshDevice();
  });

  async function atTheTable(table: Record<string, unknown> = {}) {
    const sent: { kind: string; section: string | null; payload: Record<string, unknown> }[] = [];
    const take = takingMarks();
    fakeServer({
      'POST visits': (request) => {
        sent.push(...(request.body!.marks as unknown as typeof sent));
        return take(request);
      },
    });
    const { useTable } = await import('@/table/useTable');
    const run = useTable('V', shallowRef(visitWith(table)));
    return { run, kinds: () => sent.map((mark) => `${mark.kind} ${mark.section ?? ''}`.trim()) };
  }

  it('begins at the first section of the chosen route that is open', async () => {
    const { run } = await atTheTable({ begun: false, sections: { tail: tableSection(), back: tableSection(), belly: tableSection() } });
    expect(run.selected.value).toBe('tail');
    run.begin('planned_only');
    expect(run.selected.value).toBe('belly');
  });

  it('does lines from the lowest up, and all of them up to one that is touched', async () => {
    const { run, kinds } = await atTheTable();
    run.take();
    run.lineDone();
    expect(run.line.value).toBe(2);
    run.linesUpTo(3);
    expect(run.line.value).toBe(4);
    await vi.waitFor(() => expect(kinds()).toEqual(['section_taken tail', 'line_done tail', 'line_done tail', 'line_done tail']));
  });

  it('hands on to the next open section, past one that is held for a vet, and undo brings the pass back', async () => {
    const { run, kinds } = await atTheTable();
    run.take();
    run.comb({ comb: 'glides', skinLine: 'clear' } as CombCheck, true);
    expect(run.selected.value).toBe('back');
    run.undoing.undo();
    expect(run.selected.value).toBe('tail');
    await vi.waitFor(() =>
      expect(kinds()).toEqual(['section_taken tail', 'table_combed tail', 'section_taken back', 'withdrawn', 'withdrawn']),
    );
  });

  it('takes back what a colleague recorded only when it is meant', async () => {
    const { run, kinds } = await atTheTable();
    const visit = visitWith();
    visit.undoable = [
      { id: 'X1', kind: 'comb_checked', section: 'tail', by: 'Teo' },
      { id: 'X2', kind: 'misted', section: 'back', by: 'Teo' },
    ];
    const { useTable } = await import('@/table/useTable');
    const other = useTable('V', shallowRef(visit));
    other.undoing.undo();
    expect(kinds()).toEqual([]);
    other.undoing.confirm();
    expect([other.selected.value, run.selected.value]).toEqual(['back', 'tail']);
    await vi.waitFor(() => expect(kinds()).toEqual(['withdrawn']));
  });
});

describe('a mat that lay parked', () => {
  const parked = { parked: [{ id: 'P', section: 'tail', note: null, at: '', by: 'Imke' }] };
  const take = () => [waiting('section_taken', {}, 'tail'), waiting('mat_taken', { parkedId: 'P' }, 'tail')];

  it('and is put down again lies there once', () => {
    const again = waiting('mat_parked', {}, 'tail');
    const { table } = drawRun(visitWith(parked), [...take(), again], outcomeOf);
    expect([table.parked.map((mat) => mat.id), table.mat]).toEqual([[again.mark.id], null]);
  });

  it('still lies there when the hands go on elsewhere', () => {
    const { table } = drawRun(visitWith(parked), [...take(), waiting('section_taken', {}, 'back')], outcomeOf);
    expect([table.parked.map((mat) => mat.id), table.mat, table.current]).toEqual([['P'], null, 'back']);
  });
});

describe('what was taken back on this device', () => {
  it('is no longer drawn, though the server’s picture still holds it', () => {
    const visit = visitWith({ parked: [{ id: 'P', section: 'tail' }], reactions: [{ id: 'R', signal: 'looks' }] });
    const stamp = (id: string) => ({ id, at: '', by: 'Imke' });
    visit.home = { ticks: { nails: stamp('T'), ears: stamp('E') }, aftercare: null, signedOff: stamp('S') } as unknown as Visit['home'];
    visit.bath.areas[0]!.dry = stamp('D');
    const gone = ['P', 'R', 'T', 'S', 'D'].map((markId) => waiting('withdrawn', { markId }));
    const drawn = drawRun(visit, gone, outcomeOf);
    expect([Object.keys(drawn.home.ticks), drawn.home.signedOff, drawn.bath.areas[0]!.dry]).toEqual([['ears'], null, null]);
    expect([drawn.table.parked, drawn.table.reactions]).toEqual([[], []]);
    expect(visit.home.ticks.nails).toEqual(stamp('T'));
  });
});

describe('the day in words', () => {
  const dog = (more: Partial<DayDog>): DayDog =>
    ({
      id: 'V',
      dog: { client: 'Hester' },
      passed: 11,
      parked: 0,
      overMinutes: 0,
      undecided: 2,
      toCheck: 5,
      secondLeft: 1,
      areasDry: 2,
      lastMarkAt: '2026-06-09T10:00:00Z',
      arrivedAt: '2026-06-09T09:00:00Z',
      ...more,
    }) as unknown as DayDog;

  it('opens each dog where its need is met', () => {
    const places = (['answer', 'inspection', 'bath_gate', 'clear_for_bath', 'dry_to_the_skin', 'finish', 'nothing'] as const).map(
      (needs) => placeOf(dog({ needs })).name,
    );
    expect(places).toEqual(['plan', 'inspection', 'table', 'dry', 'dry', 'home', 'record']);
  });

  it('says plainly what stands behind it', () => {
    expect(whyOf(dog({ needs: 'bath_gate', parked: 1 }))).toBe('11 of 30 passed, on pace. One mat parked.');
    expect(whyOf(dog({ needs: 'bath_gate', overMinutes: 12 }))).toBe('11 of 30 passed.');
    expect(whyOf(dog({ needs: 'reply', answer: 'question' }))).toBe('Hester asks.');
    expect(whyOf(dog({ needs: 'plan_from_here', spent: true }))).toBe(
      'All the pulling we ask of a dog in one visit is borne. 19 sections left.',
    );
    expect(whyOf(dog({ needs: 'second_comb_check' }))).toBe('One section to comb, dry.');
  });
});

describe('clocks and guards in words', () => {
  it('writes a stopwatch, an estimate with its range, and no false nothing', () => {
    expect([say.stopwatch(0), say.stopwatch(65.9), say.stopwatch(3600)]).toEqual(['0:00', '1:05', '60:00']);
    expect([say.range({ from: 27.6, to: 43.2 }), say.range({ from: 0.6, to: 1.4 })]).toEqual(['28–43', '1']);
    expect([say.aboutMinutes(0.2), say.aboutMinutes(7.6)]).toEqual(['less than a minute', '8 min']);
  });

  it('says what a correction rests on, and when nobody has been timed yet', () => {
    expect(tableWords.clock({ groomer: 'Imke', coat: 'curly', sections: 0, factor: 1, off: null })).toContain(
      'Nobody has timed Imke on a curly coat yet',
    );
    expect(tableWords.clock({ groomer: 'Imke', coat: 'curly', sections: 214, factor: 0.92, off: 0.18 })).toBe(
      'Imke on curly coats: 0.92 times the house’s forecast, from 214 finished sections. The last 20 were off by 18\u00a0% in the middle.',
    );
  });

  it('says a guard once, with its figure', () => {
    expect(tableWords.guard({ kind: 'mist_again', found: 6 })).toBe('Mist again: 6 lines since the last. A charged coat breaks and flies.');
    expect(tableWords.guard({ kind: 'snapped', found: null })).not.toContain('{');
  });
});

describe('a section as its lines', () => {
  it('has a box inside the drawing for every section', () => {
    for (const id of allSections) {
      const box = boxOf(id);
      expect(box.width > 10 && box.height > 10 && box.x >= 0 && box.x + box.width <= 620 && box.y + box.height <= 700, id).toBe(true);
    }
  });
});
