import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { CheckOutcome, TableSection, Visit } from '@/api/types';
import { drawRun } from '@/composables/drawRun';
import type { Waiting } from '@/composables/useOutbox';

interface Table {
  current: string | null;
  paused: boolean;
  seconds: number;
  parked: { id: string }[];
  reactions: { id: string }[];
  mat: { id: string } | null;
  sections: Record<string, Partial<TableSection>>;
}
interface Case {
  visit: string;
  before: Table;
  mark: Waiting['mark'];
  combGrade: number | null;
  after: Table;
}
/** Made by tests/corpus/drawn.php, which `npm run test:screens` runs first. */
const cases = JSON.parse(readFileSync('.cache/drawn.json', 'utf8')) as Case[];

const untouched = {
  ...{ done: false, clippedMm: null, linesDone: [], linesSinceMist: 0, seconds: 0, lineSeconds: 0, mats: [], guards: [] },
};

/** What the screens show of a table before the server's answer comes; rounded, as clocks are. */
function told(table: Table) {
  const sections = Object.entries(table.sections)
    .map(([id, here]) => [id, { ...untouched, ...here }] as const)
    .map(([id, here]) => ({
      id,
      done: here.done,
      clippedMm: here.clippedMm,
      linesDone: [...here.linesDone].sort((one, other) => one - other),
      linesSinceMist: here.linesSinceMist,
      seconds: Math.round(here.seconds),
      mats: here.mats.map((mat) => `${mat.id} ${mat.outcome} ${mat.closes} ${Math.round(mat.seconds)}`),
    }))
    .filter((here) => here.done || here.clippedMm !== null || here.linesDone.length || here.seconds || here.mats.length)
    .sort((one, other) => one.id.localeCompare(other.id));
  return {
    current: table.current,
    paused: table.paused,
    seconds: Math.round(table.seconds),
    parked: table.parked.map((mat) => mat.id),
    reactions: table.reactions.map((reaction) => reaction.id),
    mat: table.mat?.id ?? null,
    sections,
  };
}

/** The core's table has what the drawing reads and no more, hence the cast: an answer of the server holds much beside it. */
function draw({ before, mark, combGrade }: Case): Table {
  const sections = Object.fromEntries(
    Object.entries({ [mark.section ?? 'tail']: {}, ...before.sections }).map(([id, here]) => [
      id,
      { ...structuredClone(untouched), ...here },
    ]),
  );
  const visit = {
    table: {
      ...{ route: [], routes: {}, borne: { left: 20, byReactions: 0, spent: false } },
      ...{ signals: { looks: 1, tucks: 2, cries: 3, mouths: 5, snaps: null } },
      ...before,
      sections,
    },
    gate: {},
    bath: { steps: {}, areas: [], second: {}, toCombAgain: [] },
    home: { ticks: {}, aftercare: null, cuts: [] },
  } as unknown as Visit;
  return drawRun(visit, [{ visit: 'V', by: { id: 'S', name: 'Imke' }, mark }], () => ({ grade: combGrade }) as CheckOutcome).table;
}

describe('the table as the screens draw it before the server has answered', () => {
  it('has marks of every visit of the corpus to be held against', () => {
    expect(cases.length).toBeGreaterThan(300);
  });

  it.each([...new Set(cases.map((one) => one.visit))])('is what the core makes of it: %s', (visit) => {
    for (const one of cases.filter((other) => other.visit === visit)) {
      expect(told(draw(one)), `${one.mark.kind} ${one.mark.section ?? ''} ${one.mark.id}`).toEqual(told(one.after));
    }
  });
});
