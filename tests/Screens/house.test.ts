import { beforeEach, describe, expect, it, vi } from 'vitest';
import { fakeServer } from './server';
import { openAnew } from './setup';

const VALUES = { 'effort.layerMm': 15, 'kit.bladesMm': [1.5, 3.2], 'plan.thinningAllowed': true, 'schools.mats': 'fingers_first' };
const FIELDS = [
  { path: 'effort.layerMm', kind: 'number', unit: 'mm', least: 5, most: 40, options: [] },
  { path: 'kit.bladesMm', kind: 'lengths', unit: 'mm', least: 0.5, most: 25, options: [] },
  { path: 'plan.thinningAllowed', kind: 'yes_no', unit: null, least: null, most: null, options: [] },
  { path: 'schools.mats', kind: 'choice', unit: null, least: null, most: null, options: ['fingers_first', 'clip_early'] },
];
const rulesAt = (version: number, values: Record<string, unknown> = VALUES) => ({
  ...{ version, since: '2026-06-09T09:00:00.000Z', by: 'Imke', note: null },
  ...{ values, start: VALUES, fields: FIELDS },
});

interface Sent {
  base: number;
  changes?: Record<string, unknown>;
  putBack?: number;
}

async function openHouse(answer: (sent: Sent) => { status?: number; json?: unknown }) {
  openAnew();
  let version = 1;
  const sent: Sent[] = [];
  const server = fakeServer({
    'GET house-rules/versions': () => ({ json: { versions: [], nextPage: null } }),
    'GET house-rules': () => ({ json: rulesAt(version) }),
    'POST house-rules': (request) => {
      sent.push(request.body as unknown as Sent);
      return answer(sent.at(-1)!);
    },
  });
  const { useHouseRules } = await import('@/house/useHouseRules');
  const house = useHouseRules();
  await vi.waitFor(() => expect(house.rules.value).not.toBeNull());
  return { house, sent, server, moveOn: () => (version = 2) };
}

describe('the house rules as they are typed', () => {
  beforeEach(() => localStorage.clear());

  it('go out as figures, lengths and choices, only those that differ', async () => {
    const { house, sent } = await openHouse(() => ({ status: 201, json: rulesAt(2, { ...VALUES, 'effort.layerMm': 12.5 }) }));
    house.set('effort.layerMm', '12,5');
    house.set('kit.bladesMm', '1.5 3,2; 9.5, 13');
    house.set('plan.thinningAllowed', false);
    house.set('schools.mats', 'clip_early');
    house.set('schools.mats', 'fingers_first');
    expect(house.changed.value).toEqual(['effort.layerMm', 'kit.bladesMm', 'plan.thinningAllowed']);

    expect(await house.save('Finer')).toBe(true);
    expect(sent[0]).toEqual({
      base: 1,
      note: 'Finer',
      changes: { 'effort.layerMm': 12.5, 'kit.bladesMm': [1.5, 3.2, 9.5, 13], 'plan.thinningAllowed': false },
    });
    expect([house.changed.value, house.saved.value]).toEqual([[], 'Saved as version 2.']);
  });

  it('are typed and shown in inches and pounds where the salon counts so, and what was only rounded is no change', async () => {
    const { house, sent } = await openHouse(() => ({ status: 201, json: rulesAt(2) }));
    const { salon } = await import('@/messages/salon');
    const { ruleValue } = await import('@/messages/rules');
    const { weightName } = await import('@/messages/weights');
    salon.units = 'imperial';
    try {
      expect([ruleValue('effort.layerMm', 15, 'mm'), ruleValue('kit.bladesMm', [1.5, 3.2])]).toEqual(['0.59 in', '0.06, 0.13 in']);
      expect([weightName('to_5'), weightName('over_35')]).toEqual(['up to 11 lb', 'over 77.2 lb']);
      house.set('effort.layerMm', '0.59');
      house.set('kit.bladesMm', '0.06 0.13');
      expect(house.changed.value).toEqual([]);
      house.set('effort.layerMm', '0.5');
      house.set('kit.bladesMm', '0.06 0.13 0.25');
      await house.save('');
      expect(sent[0]!.changes).toEqual({ 'effort.layerMm': 12.7, 'kit.bladesMm': [1.5, 3.2, 6.4] });
    } finally {
      salon.units = 'metric';
    }
  });

  it('stay in their fields when they cannot be used, with what to put there', async () => {
    const { house } = await openHouse(() => ({
      status: 422,
      json: { code: 'invalid', message: 'Some of this cannot be used.', fields: { 'effort.layerMm': ['Give a number.'] } },
    }));
    house.set('effort.layerMm', 'a finger');
    expect(await house.save('')).toBe(false);
    expect([house.valueOf('effort.layerMm'), house.problems['effort.layerMm']]).toEqual(['a finger', 'Give a number.']);
    house.set('effort.layerMm', '14');
    expect(house.problems['effort.layerMm']).toBeUndefined();
  });

  it('survive a reload, a lost network and somebody else’s change, and go out on top of it', async () => {
    const first = await openHouse(() => ({ status: 409, json: { code: 'conflict', message: 'Rosalind changed the house rules.' } }));
    first.house.set('effort.layerMm', '12');
    first.moveOn();
    expect(await first.house.save('')).toBe(false);
    expect(first.house.trouble.value).toBe('Rosalind changed the house rules.');
    first.server.state.reachable = false;
    expect(await first.house.save('')).toBe(false);
    expect(first.house.trouble.value).toContain('kept on this device');

    const next = await openHouse((sent) => ({ status: 201, json: rulesAt(sent.base + 1) }));
    expect(next.house.valueOf('effort.layerMm')).toBe('12');
    await next.house.save('');
    expect(next.sent[0]!.changes).toEqual({ 'effort.layerMm': 12 });
    expect(localStorage.getItem('hound-check.house-draft')).toBeNull();
  });

  it('are dropped when the owner says so, and an earlier version can be put back', async () => {
    const { house, sent } = await openHouse((request) => ({ status: 201, json: rulesAt(request.base + 1) }));
    house.set('effort.layerMm', '12');
    house.drop();
    expect([house.changed.value, house.valueOf('effort.layerMm')]).toEqual([[], 15]);
    await house.putBack(1);
    expect(sent[0]).toEqual({ base: 1, putBack: 1 });
  });
});
