import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import type { CheckOutcome, SectionId, TableSection, Visit } from '@/api/types';
import { type LengthPart, lengthPartOf } from '@/chart/lengthParts';
import { drawRun } from '@/table/drawRun';
import { feetWith } from '@/visit/useFeet';
import type { Waiting } from '@/device/useOutbox';

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
type Stood = Pick<Visit['feet'], 'posture' | 'seconds' | 'wholeSeconds' | 'restingSince' | 'runsFrom'>;
interface Standing {
  visit: string;
  before: Stood;
  mark: Waiting['mark'];
  after: Stood;
}
/** Made by tests/corpus/drawn.php, which `npm run test:screens` runs first. */
const made = JSON.parse(readFileSync('.cache/drawn.json', 'utf8')) as {
  atTable: Case[];
  onItsFeet: Standing[];
  lengthParts: [SectionId, LengthPart][];
};
const cases = made.atTable;

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

/** At a time in ms, rounded as a clock is. */
function clock(feet: ReturnType<typeof feetWith>, now: number) {
  const since = feet.runsFrom === null ? 0 : (now - feet.runsFrom) / 1000;
  return {
    ...{ posture: feet.posture, restingSince: feet.restingSince, runs: feet.runsFrom !== null },
    ...{ seconds: Math.round(feet.seconds + since), wholeSeconds: Math.round(feet.wholeSeconds + since) },
  };
}

describe('how long a dog has been on its feet, as the screens draw it before the server has answered', () => {
  const sixty = { onItsFeetMinutes: 60, mostMinutes: 180, fits: true, asksWhy: false, planned: null, way: null, reason: null, ways: [] };
  const house = {
    ...{ neverOnTheBack: false, rests: 0, standsMinutes: 60, restMinutes: 5, inOneVisit: sixty },
    silenceSeconds: 1800,
  };
  const drawn = (from: Stood, waiting: Standing[]) => clock(feetWith({ ...house, ...from }, waiting), Date.parse(waiting.at(-1)!.mark.at));
  /** These wait for the server. */
  const isDecision = ({ mark }: Standing): boolean => ['signed_off', 'handed_over', 'stopped'].includes(mark.kind);

  it.each([...new Set(made.onItsFeet.map((one) => one.visit))])('is what the core makes of it: %s', (visit) => {
    const all = made.onItsFeet.filter((one) => one.visit === visit);
    const worked = all.slice(0, all.some(isDecision) ? all.findIndex(isDecision) : all.length);
    worked.forEach((one, index) => {
      const after = clock(feetWith({ ...house, ...one.after }, []), Date.parse(one.mark.at));
      const said = `${index} ${one.mark.kind} at ${one.mark.at}`;
      if (one.mark.kind !== 'withdrawn') {
        expect(drawn(one.before, [one]), said).toEqual(after);
      }
      expect(drawn(worked[0]!.before, worked.slice(0, index + 1)), `${said}, offline from the table on`).toEqual(after);
    });
  });
});

describe('the parts of a dog whose sections share a length', () => {
  it.each(made.lengthParts)('are those of the core: %s is one of the %s', (section, part) => {
    expect(lengthPartOf(section)).toBe(part);
  });
});
