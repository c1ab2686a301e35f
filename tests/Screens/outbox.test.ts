import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { fakeServer, type Sent, takingMarks } from './server';
import { openAnew } from './setup';

const VISIT = '01J00000000000000000000000';
const keptKeys = (prefix: string): string[] => Object.keys(localStorage).filter((key) => key.startsWith(prefix));
const entries = (): { takenAt?: number }[] => keptKeys('hound-check.mark.').map((key) => JSON.parse(localStorage.getItem(key)!));
const kept = (): unknown[] => entries().filter((entry) => entry.takenAt === undefined);

/** The outbox as a page has it that was just opened: what it kept is in the browser's storage. */
async function openPage() {
  openAnew();
  return (await import('@/device/useOutbox')).useOutbox();
}

beforeEach(() => {
  vi.useFakeTimers({ shouldAdvanceTime: true });
  localStorage.clear();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
});

describe('what is recorded on a device', () => {
  it('is kept before it is sent, and taken off once the server has it', async () => {
    const server = fakeServer({ 'POST visits': takingMarks() });
    const outbox = await openPage();

    outbox.record(VISIT, 'note_written', { text: 'Sings' });
    expect(kept()).toHaveLength(1);
    expect(outbox.waitingCount.value).toBe(1);

    await vi.waitFor(() => expect(outbox.waitingCount.value).toBe(0));
    expect(kept()).toHaveLength(0);
    expect(server.sent[0].body!.marks!.map((mark) => mark.payload)).toEqual([{ text: 'Sings' }]);
  });

  it('goes out in the order of the hand, a visit at a time', async () => {
    const server = fakeServer({ 'POST visits': takingMarks() });
    const outbox = await openPage();
    server.state.reachable = false;
    for (const text of ['one', 'two', 'three']) {
      outbox.record(VISIT, 'note_written', { text });
    }
    outbox.record('01J00000000000000000000001', 'note_written', { text: 'another dog' });
    server.state.reachable = true;
    await vi.advanceTimersByTimeAsync(20_000);

    const batches = server.sent.filter((sent) => sent.method === 'POST').map((sent) => sent.body!.marks!.map((mark) => mark.payload.text));
    expect(batches.flat()).toEqual(['one', 'two', 'three', 'another dog']);
    expect(batches.at(-1)).toEqual(['another dog']);
  });

  it('waits while there is no network, says so, and asks again by itself', async () => {
    const server = fakeServer({ 'POST visits': takingMarks() });
    const outbox = await openPage();
    server.state.reachable = false;
    outbox.record(VISIT, 'note_written', { text: 'cellar' });
    await vi.waitFor(() => expect(outbox.online.value).toBe(false));
    expect(outbox.waitingCount.value).toBe(1);

    server.state.reachable = true;
    await vi.advanceTimersByTimeAsync(20_000);
    expect(outbox.waitingCount.value).toBe(0);
    expect(outbox.online.value).toBe(true);
  });

  it('is drawn over a reload until a picture that includes it was seen, though the server has it', async () => {
    const server = fakeServer({ 'POST visits': takingMarks() });
    const first = await openPage();
    const id = first.record(
      VISIT,
      'comb_checked',
      { comb: 'glides' },
      { section: 'tail', shows: { section: 'tail', check: { comb: 'glides' } } },
    );
    await vi.waitFor(() => expect(first.waitingCount.value).toBe(0));
    server.state.reachable = false;

    const next = await openPage();
    expect(next.waitingCount.value).toBe(0);
    expect(next.waitingFor(VISIT).map((entry) => [entry.mark.id, entry.shows?.section])).toEqual([[id, 'tail']]);
    next.forget(VISIT, 0);
    expect(next.waitingFor(VISIT)).toHaveLength(1);
    next.forget(VISIT, 1);
    expect([next.waitingFor(VISIT).length, entries().length]).toEqual([0, 0]);
  });

  it('goes out from a device that has no room to keep it, and says that it is full until then', async () => {
    const server = fakeServer({ 'POST visits': takingMarks() });
    const outbox = await openPage();
    server.state.reachable = false;
    const storage = localStorage;
    const full = (): never => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    vi.stubGlobal('localStorage', { getItem: () => null, removeItem: () => undefined, setItem: full });
    outbox.record(VISIT, 'note_written', { text: 'no room' });
    expect([outbox.full.value, outbox.waitingCount.value]).toEqual([true, 1]);
    vi.stubGlobal('localStorage', storage);

    server.state.reachable = true;
    await vi.advanceTimersByTimeAsync(20_000);
    expect([outbox.full.value, outbox.waitingCount.value]).toEqual([false, 0]);
  });

  it('is sent by the page that opens after a killed one, with the same id', async () => {
    const server = fakeServer({ 'POST visits': takingMarks() });
    server.state.reachable = false;
    const id = (await openPage()).record(VISIT, 'note_written', { text: 'killed' });
    server.state.reachable = true;

    const next = await openPage();
    expect(next.waitingCount.value).toBe(1);
    await vi.advanceTimersByTimeAsync(1000);

    expect(server.sent.at(-1)!.body!.marks!.map((mark) => mark.id)).toEqual([id]);
    expect(kept()).toHaveLength(0);
  });

  it('counts as arrived when the server had it already', async () => {
    fakeServer({
      'POST visits': (sent) => ({ json: { number: 7, marks: sent.body!.marks!.map((mark) => ({ id: mark.id, outcome: 'already' })) } }),
    });
    const outbox = await openPage();
    outbox.record(VISIT, 'note_written', { text: 'twice' });
    await vi.waitFor(() => expect(outbox.waitingCount.value).toBe(0));
    expect(outbox.refused.value).toEqual([]);
  });

  it('stays to be read when the server refuses it, over a reload, until it was read', async () => {
    fakeServer({
      'POST visits': (sent) => ({
        json: {
          number: 1,
          marks: sent.body!.marks!.map((mark) => ({
            id: mark.id,
            outcome: 'refused',
            reason: 'visit_closed',
            message: 'This visit has ended.',
          })),
        },
      }),
    });
    (await openPage()).record(VISIT, 'note_written', { text: 'late' });
    await vi.waitFor(() => expect(keptKeys('hound-check.refused.')).toHaveLength(1));

    const next = await openPage();
    expect(next.refused.value.map((refusal) => [refusal.message, refusal.mark.payload])).toEqual([
      ['This visit has ended.', { text: 'late' }],
    ]);
    expect(kept()).toHaveLength(0);
    next.dismiss(next.refused.value[0]);
    expect((await openPage()).refused.value).toEqual([]);
  });

  it('stays on a device that has no room for the refusal, and is told again by the page that opens next', async () => {
    const refuses = (sent: Sent) => ({
      json: {
        number: 0,
        marks: sent.body!.marks!.map(({ id }) => ({ id, outcome: 'refused', reason: 'closed', message: 'It has left.' })),
      },
    });
    fakeServer({ 'POST visits': refuses });
    const outbox = await openPage();
    const real = localStorage;
    const set = vi.fn((key: string, value: string) => {
      if (key.includes('refused')) {
        throw new DOMException('full', 'QuotaExceededError');
      }
      real.setItem(key, value);
    });
    vi.stubGlobal('localStorage', {
      ...{ getItem: (key: string) => real.getItem(key), removeItem: (key: string) => real.removeItem(key), setItem: set },
      ...{ key: (at: number) => real.key(at), length: real.length },
    });
    const id = outbox.record(VISIT, 'note_written', { text: 'bit me' });
    await vi.waitFor(() => expect(outbox.refused.value).toHaveLength(1));
    vi.stubGlobal('localStorage', real);
    expect(outbox.waitingCount.value).toBe(0);

    const next = await openPage();
    await vi.advanceTimersByTimeAsync(1000);
    expect(next.refused.value.map((refusal) => refusal.mark.id)).toEqual([id]);
    next.dismiss(next.refused.value[0]);
    expect(Object.keys(localStorage).filter((key) => key.includes(id))).toEqual([]);
  });

  it('is told once when the page was killed between the refusal and the end of the entry', async () => {
    const server = fakeServer({ 'POST visits': takingMarks() });
    server.state.reachable = false;
    const id = (await openPage()).record(VISIT, 'note_written', { text: 'twice' });
    const entry = JSON.parse(localStorage.getItem(`hound-check.mark.${id}`)!);
    localStorage.setItem(`hound-check.refused.${id}`, JSON.stringify({ ...entry, message: 'It has left.' }));

    const next = await openPage();
    expect([next.refused.value.length, next.waitingCount.value]).toEqual([1, 0]);
  });

  it.each([[null], [{}], [{ welcome: 'to the hotel' }]])('waits through an answer that means nothing: %j', async (nothing) => {
    let portal = true;
    const take = takingMarks();
    const server = fakeServer({ 'POST visits': (sent) => (portal ? { json: nothing } : take(sent)) });
    const outbox = await openPage();
    outbox.record(VISIT, 'note_written', { text: 'portal' });
    await vi.waitFor(() => expect(outbox.online.value).toBe(false));
    await vi.advanceTimersByTimeAsync(2500);
    expect([outbox.waitingCount.value, server.sent.length]).toEqual([1, 2]);

    portal = false;
    await vi.advanceTimersByTimeAsync(20_000);
    expect(outbox.waitingCount.value).toBe(0);
  });

  it('is kept when the session has ended, and is not refused', async () => {
    fakeServer({ 'POST visits': () => ({ status: 401, json: { code: 'signed_out', message: 'You are signed out.' } }) });
    const outbox = await openPage();
    outbox.record(VISIT, 'note_written', { text: 'overnight' });
    await vi.advanceTimersByTimeAsync(1000);
    expect(outbox.waitingCount.value).toBe(1);
    expect(outbox.refused.value).toEqual([]);
    expect(kept()).toHaveLength(1);
  });

  it('is sent again after a server error', async () => {
    let broken = true;
    const take = takingMarks();
    fakeServer({ 'POST visits': (sent) => (broken ? { status: 500, json: { code: 'failed', message: 'x' } } : take(sent)) });
    const outbox = await openPage();
    outbox.record(VISIT, 'note_written', { text: 'again' });
    await vi.advanceTimersByTimeAsync(200);
    expect(outbox.waitingCount.value).toBe(1);
    broken = false;
    await vi.advanceTimersByTimeAsync(20_000);
    expect(outbox.waitingCount.value).toBe(0);
  });

  it('stays drawn until a picture of the visit that includes it has come', async () => {
    fakeServer({ 'POST visits': takingMarks() });
    const outbox = await openPage();
    outbox.record(VISIT, 'comb_checked', { comb: 'glides' }, { section: 'tail', shows: { section: 'tail', check: { comb: 'glides' } } });
    await vi.waitFor(() => expect(outbox.waitingCount.value).toBe(0));
    expect(outbox.waitingFor(VISIT)).toHaveLength(1);
    outbox.forget(VISIT, 0);
    expect(outbox.waitingFor(VISIT)).toHaveLength(1);
    outbox.forget(VISIT, 1);
    expect(outbox.waitingFor(VISIT)).toHaveLength(0);
  });
});

describe('a tablet that several people use', () => {
  it('sends what somebody recorded under their name only, and keeps it until they are back', async () => {
    const server = fakeServer({
      'POST visits': takingMarks(),
      'POST session': (sent) => {
        const name = (sent.body as unknown as { name: string }).name;
        return { json: { staff: { id: `id of ${name}`, name, role: 'groomer' }, salon: { name: '', timezone: 'UTC', currency: 'EUR' } } };
      },
      'DELETE session': () => ({ status: 204 }),
    });
    const outbox = await openPage();
    const session = (await import('@/device/useSession')).useSession();
    const marksSent = (): number => server.sent.filter((sent) => sent.path.startsWith('visits')).length;
    await session.signIn('Imke', 'x');
    server.state.reachable = false;
    outbox.record(VISIT, 'note_written', { text: 'by Imke' });
    await vi.waitFor(() => expect(outbox.online.value).toBe(false));
    server.state.reachable = true;
    session.endsBy(new (await import('@/api/client')).Refused(401, { code: 'signed_out', message: 'x' }));
    await session.signIn('Rosalind', 'x');
    await outbox.flush();
    expect([marksSent(), outbox.othersWaiting.value, kept().length]).toEqual([0, ['Imke'], 1]);

    await session.signIn('Imke', 'x');
    await outbox.flush();
    expect([marksSent(), outbox.othersWaiting.value, kept().length]).toEqual([1, [], 0]);
  });
});

describe('a decision', () => {
  it('is told at once when it is refused, and nothing waits', async () => {
    fakeServer({
      'POST visits': (sent) => ({
        json: {
          number: 1,
          marks: [{ id: sent.body!.marks![0].id, outcome: 'refused', reason: 'plan_has_changed', message: 'The plan changed.' }],
        },
      }),
    });
    const outbox = await openPage();
    await expect(outbox.recordNow(VISIT, 'plan_shown', { choices: {} })).rejects.toThrow('The plan changed.');
    expect(outbox.waitingCount.value).toBe(0);
  });

  it('is stored once when its answer was lost and it is made again', async () => {
    const ids: string[] = [];
    let answers = false;
    fakeServer({
      'POST visits': (sent) => {
        ids.push(sent.body!.marks![0].id);
        return answers ? { json: { number: ids.length, marks: [{ id: ids.at(-1), outcome: 'taken' }] } } : { status: 502, json: {} };
      },
    });
    const outbox = await openPage();
    const waive = (who: string): Promise<string> =>
      outbox.recordNow(VISIT, 'waived', { step: 'before_bath', who, reason: 'Too sore' }, 'belly');
    await expect(waive('Ada')).rejects.toThrow();
    answers = true;
    await waive('Ada');
    expect(ids[1]).toBe(ids[0]);

    await waive('Bo');
    await waive('Ada');
    expect(new Set(ids).size).toBe(3);
  });

  it('is a new one when the first was taken back or stands in the picture already', async () => {
    fakeServer({ 'POST visits': takingMarks() });
    const outbox = await openPage();
    const wash = (): Promise<string> => outbox.recordNow(VISIT, 'bath_cleared', {});
    const [first, again] = [await wash(), await wash()];
    expect(again).toBe(first);

    outbox.record(VISIT, 'withdrawn', { markId: first });
    const second = await wash();
    expect(second).not.toBe(first);

    outbox.forget(VISIT, Number.MAX_SAFE_INTEGER);
    expect(await wash()).not.toBe(second);
  });

  it('is not recorded without network', async () => {
    const server = fakeServer({});
    server.state.reachable = false;
    const outbox = await openPage();
    await expect(outbox.recordNow(VISIT, 'stopped', { reason: 'Ill' })).rejects.toThrow('No answer from the server.');
    expect(kept()).toHaveLength(0);
  });
});
