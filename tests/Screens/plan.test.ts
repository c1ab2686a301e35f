import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import type { Plan, Visit } from '@/api/types';
import { say } from '@/messages/say';
import { fakeServer, takingMarks } from './server';
import { freshDevice, openAnew } from './setup';

const FRONTIER = {
  sections: ['back', 'tail'],
  options: { back: ['brush', 'clip:9.5'], tail: ['demat', 'thin', 'clip:3.2'] },
  plans: [
    { keep: 0.4, tension: 0, minutes: 20, priceCents: 7800, regrowthWeeks: { from: 3, to: 6 }, picks: '12' },
    { keep: 0.8, tension: 2, minutes: 25, priceCents: 7800, regrowthWeeks: null, picks: '01' },
    { keep: 0.9, tension: 5, minutes: 30, priceCents: 9000, regrowthWeeks: null, picks: '00' },
  ],
  ...{ easiest: 0, balanced: 1, keepCoat: 2, unfixed: [], shortfall: null },
  rows: [
    { place: 0, aims: ['easiest'] },
    { place: 1, aims: ['balanced'] },
    { place: 2, aims: ['keep_coat'] },
  ],
};
const planAt = (place: number): Plan =>
  ({
    sections: {
      back: { grade: 0, choice: place === 0 ? 'clip:9.5' : 'brush', options: [], notOffered: [] },
      tail: { grade: 3, choice: ['clip:3.2', 'thin', 'demat'][place], options: [], notOffered: [] },
    },
    totals: {
      ...{ complete: true, undecided: [], noLongerOffered: [], coatKept: FRONTIER.plans[place]!.keep },
      ...{ tension: FRONTIER.plans[place]!.tension, minutes: FRONTIER.plans[place]!.minutes },
    },
    frontier: FRONTIER,
    fixed: [],
    even: [],
  }) as unknown as Plan;

async function open(place: number, closedAt: string | null = null) {
  openAnew();
  const sent: { kind: string; section: string | null; payload: Record<string, unknown> }[] = [];
  const take = takingMarks();
  fakeServer({
    'GET visits/V/plan': () => ({ json: planAt(place) }),
    'POST visits': (request) => {
      sent.push(...(request.body!.marks as unknown as typeof sent));
      return take(request);
    },
  });
  const { usePlan } = await import('@/plan/usePlan');
  const visit = ref({ id: 'V', number: 1, route: ['back', 'tail'], undoable: [], closedAt } as unknown as Visit);
  const plan = usePlan('V', visit);
  await vi.waitFor(() => expect(plan.plan.value).not.toBeNull());
  return { plan, sent };
}

describe('the handle on the frontier', () => {
  beforeEach(freshDevice);
  afterEach(() => vi.unstubAllGlobals());

  it('stands at the plan in force, and nowhere when that lies not on the frontier', async () => {
    expect((await open(1)).plan.place.value).toBe(1);
    const { plan } = await open(1);
    FRONTIER.plans[1]!.keep = 0.79;
    const other = await open(0);
    expect([plan.place.value, other.plan.place.value]).toEqual([1, 0]);
    FRONTIER.plans[1]!.keep = 0.8;
  });

  it('draws what it passes over while it is held, and records nothing before it is let go', async () => {
    const { plan, sent } = await open(1);
    plan.preview.value = 2;
    expect(plan.plan.value!.sections.tail!.choice).toBe('demat');
    plan.preview.value = 0;
    expect([plan.plan.value!.sections.tail!.choice, plan.plan.value!.sections.back!.choice]).toEqual(['clip:3.2', 'clip:9.5']);
    plan.preview.value = null;
    expect([plan.plan.value!.sections.tail!.choice, sent]).toEqual(['thin', []]);
  });

  it('records the whole plan where it is let go, by its name or as one between', async () => {
    const { plan, sent } = await open(1);
    plan.choosePlan(2);
    plan.choosePlan(0);
    await vi.waitFor(() => expect(sent).toHaveLength(2));
    expect(sent.map((mark) => [mark.kind, mark.payload])).toEqual([
      ['plan_chosen', { aim: 'keep_coat', choices: { back: 'brush', tail: 'demat' } }],
      ['plan_chosen', { aim: 'easiest', choices: { back: 'clip:9.5', tail: 'clip:3.2' } }],
    ]);
  });

  it('steps to the next plan, stays at the ends, and leaves a closed visit as it is', async () => {
    const { plan, sent } = await open(2);
    plan.stepPlan(1);
    plan.stepPlan(-1);
    await vi.waitFor(() => expect(sent.map((mark) => mark.payload.aim)).toEqual(['balanced']));
    const closed = await open(1, '2026-06-09T12:00:00.000Z');
    closed.plan.choosePlan(2);
    closed.plan.choose('demat');
    expect(closed.sent).toEqual([]);
  });

  it('frees a section, asks for one length and records a blade at its section', async () => {
    const { plan, sent } = await open(1);
    plan.free('tail');
    plan.wantEven(['legs']);
    plan.tryBlade('tail', 3.2, 'stops');
    plan.giveTime(74);
    await vi.waitFor(() => expect(sent).toHaveLength(4));
    expect(sent.map((mark) => [mark.kind, mark.section, mark.payload])).toEqual([
      ['treatment_freed', 'tail', {}],
      ['even_wanted', null, { groups: ['legs'] }],
      ['blade_tried', 'tail', { mm: 3.2, result: 'stops' }],
      ['arrival_answered', null, { slotMinutes: 74 }],
    ]);
  });
});

describe('figures in words', () => {
  it('says money by the salon’s currency, and weeks as a range', () => {
    expect([say.money(7800, 'EUR'), say.money(7850, 'GBP')]).toEqual(['€78', '£78.50']);
    expect([say.weeks({ from: 16.2, to: 30.9 }), say.weeks({ from: 4.1, to: 4.4 })]).toEqual(['16–31 wk', '4 wk']);
  });
});
