import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, type EffectScope } from 'vue';
import type { OwnerPage } from '@/api/types';
import { minutesSaid, oftenSaid, placeSaid } from '@/owner/ownerWords';
import { planChart } from '@/owner/planChart';
import { today, useOwnerPage } from '@/owner/useOwnerPage';

const PLAN = '01J00000000000000000000001';
const page: OwnerPage = {
  ...{ minutes: 10, sessions: 2, weeks: 4, brush: 'bent_pin_slicker', fineComb: true, tanglesWithout: 6, leftOut: [], tanglesWith: 3 },
  ...{ savesMinutes: 4, savesPulling: 2, savesCents: 0, salon: 'Kittiwake Lane', phone: null, dog: 'Dulse', coat: 'curly' },
  ...{ brushSlidesOver: false, language: 'en', givenAt: '2026-06-09T10:00:00Z', ticks: [] },
  places: [
    { part: 'forefoot', sections: ['forefoot_l', 'forefoot_r'], minutes: 2 },
    { part: 'armpit', sections: ['armpit_r'], minutes: 0.4 },
    { part: 'tail', sections: ['tail'], minutes: 1.4 },
  ],
};

describe('a place as an owner says it', () => {
  it.each([
    [0, 'Front feet'],
    [1, 'Armpits, right'],
    [2, 'Tail'],
  ])('number %i', (index, says) => expect(placeSaid(page.places[index]!)).toBe(says));

  it.each([
    [0.2, '½ min'],
    [0.7, '½ min'],
    [0.8, '1 min'],
    [1.4, '1½ min'],
    [3, '3 min'],
  ])('%f minutes are half minutes, never a comma', (minutes, says) => expect(minutesSaid(minutes)).toBe(says));

  it.each([
    [1, 'once a week'],
    [2, 'twice a week'],
    [3, '3 times a week'],
    [7, 'every day'],
  ])('%i sessions a week', (sessions, says) => expect(oftenSaid(sessions)).toBe(says));

  it('is numbered on the dog, left and right together, and ticked when it is done', () => {
    const chart = planChart(page.places, 'armpit', new Set(['forefoot']));
    expect([chart.forefoot_l.text, chart.forefoot_r.text, chart.armpit_r.text, chart.armpit_l.text]).toEqual(['1', '1', '2', undefined]);
    expect([chart.forefoot_l.mark, chart.armpit_r.tone, chart.tail.tone, chart.back.tone]).toEqual(['done', '2', '1', 'u']);
  });
});

describe('the owner’s page', () => {
  let scope: EffectScope;
  let ticks: { place: string; day: string }[] = [];
  let network: 'up' | 'down' | 'withdrawn' = 'up';
  const posted: unknown[] = [];

  beforeEach(() => {
    scope = effectScope();
    ticks = [];
    network = 'up';
    posted.length = 0;
    localStorage.clear();
    vi.stubGlobal('fetch', async (address: string | Request, init?: RequestInit) => {
      const request = address instanceof Request ? address : new Request(new URL(address, 'http://salon.test'), init);
      if (network === 'down') {
        throw new TypeError('Failed to fetch');
      }
      if (network === 'withdrawn') {
        return Response.json({ code: 'refused', message: 'This page is no longer open.' }, { status: 403 });
      }
      if (request.method === 'POST' && request.url.includes('home-plan')) {
        const tick = (await request.json()) as { place: string; day: string; done: boolean };
        posted.push(tick);
        ticks = tick.done ? [...ticks, { place: tick.place, day: tick.day }] : ticks.filter(({ place }) => place !== tick.place);
        return new Response(null, { status: 204 });
      }
      return Response.json({ ...page, ticks });
    });
  });
  afterEach(() => {
    scope.stop();
    vi.unstubAllGlobals();
  });

  const open = async () => {
    const opened = scope.run(() => useOwnerPage(PLAN, '?signature=x', ['owner']))!;
    await vi.waitFor(() => expect(opened.page.value !== null || opened.over.value !== '').toBe(true));
    return opened;
  };

  it('tells the salon each tick once, and takes one back that is touched again', async () => {
    const { tick, isDone } = await open();
    tick('tail');
    expect(isDone('tail')).toBe(true);
    await vi.waitFor(() => expect(posted).toEqual([{ place: 'tail', day: today(), done: true }]));
    tick('tail');
    await vi.waitFor(() => expect(posted).toHaveLength(2));
    expect(isDone('tail')).toBe(false);
  });

  it('keeps ticks on the phone without a network, over a new opening, and sends them when there is one', async () => {
    const first = await open();
    network = 'down';
    first.tick('armpit');
    await vi.waitFor(() => expect(first.offline.value).toBe(true));

    const again = await open();
    expect([again.page.value?.dog, again.isDone('armpit')]).toEqual(['Dulse', true]);
    network = 'up';
    const later = await open();
    await vi.waitFor(() => expect(ticks).toEqual([{ place: 'armpit', day: today() }]));
    expect(later.isDone('armpit')).toBe(true);
  });

  it('a tick belongs to its day', async () => {
    const { tick, isDone } = await open();
    tick('tail');
    expect([isDone('tail'), isDone('tail', '2020-01-01')]).toEqual([true, false]);
  });

  it('says when it was withdrawn, and asks no more', async () => {
    network = 'withdrawn';
    const { over, page: shown } = await open();
    expect([over.value, shown.value]).toEqual(['This page is no longer open.', null]);
  });
});
