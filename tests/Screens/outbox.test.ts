import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { fakeServer, type Sent, takingMarks } from './server';
import { Channel, freshDevice, heldClocks, onDisk, openAnew } from './setup';

const VISIT = '01J00000000000000000000000';
const entries = (): Promise<{ takenAt?: number }[]> => onDisk('marks');
const kept = async (): Promise<unknown[]> => (await entries()).filter((entry) => entry.takenAt === undefined);

/** The outbox as a page has it that was just opened: what it kept is in the browser's storage. */
async function openPage() {
  openAnew();
  const outbox = (await import('@/device/useOutbox')).useOutbox();
  await outbox.ready;
  return outbox;
}

beforeEach(async () => {
  await freshDevice();
  vi.useFakeTimers(heldClocks);
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
    expect([outbox.waitingCount.value, outbox.kept.value], 'kept is said when the disk says so').toEqual([1, false]);

    await vi.waitFor(() => expect(outbox.waitingCount.value).toBe(0));
    await vi.waitFor(async () => expect(await kept()).toHaveLength(0));
    expect(server.sent[0]!.body!.marks!.map((mark) => mark.payload)).toEqual([{ text: 'Sings' }]);
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
    expect(next.waitingFor(VISIT)).toHaveLength(0);
    await vi.waitFor(async () => expect(await entries()).toHaveLength(0));
  });

  it('goes out from a device that has no room to keep it, and says that it is full until then', async () => {
    const server = fakeServer({ 'POST visits': takingMarks() });
    const outbox = await openPage();
    server.state.reachable = false;
    const { put } = IDBObjectStore.prototype;
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('full', 'QuotaExceededError');
    };
    outbox.record(VISIT, 'note_written', { text: 'no room' });
    await vi.waitFor(() => expect([outbox.full.value, outbox.kept.value, outbox.waitingCount.value]).toEqual([true, false, 1]));
    IDBObjectStore.prototype.put = put;

    server.state.reachable = true;
    await vi.advanceTimersByTimeAsync(20_000);
    expect([outbox.full.value, outbox.waitingCount.value]).toEqual([false, 0]);
  });

  it('is sent by the page that opens after a killed one, with the same id', async () => {
    const server = fakeServer({ 'POST visits': takingMarks() });
    server.state.reachable = false;
    const outbox = await openPage();
    const id = outbox.record(VISIT, 'note_written', { text: 'killed' });
    await vi.waitFor(() => expect(outbox.kept.value).toBe(true));
    server.state.reachable = true;

    const next = await openPage();
    expect(next.waitingCount.value).toBe(1);
    await vi.advanceTimersByTimeAsync(1000);

    expect(server.sent.at(-1)!.body!.marks!.map((mark) => mark.id)).toEqual([id]);
    await vi.waitFor(async () => expect(await kept()).toHaveLength(0));
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
    await vi.waitFor(async () => expect(await onDisk('refused')).toHaveLength(1));

    const next = await openPage();
    expect(next.refused.value.map((refusal) => [refusal.message, refusal.mark.payload])).toEqual([
      ['This visit has ended.', { text: 'late' }],
    ]);
    expect(await kept()).toHaveLength(0);
    next.dismiss(next.refused.value[0]!);
    await vi.waitFor(async () => expect(await onDisk('refused')).toHaveLength(0));
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
    const put = IDBObjectStore.prototype.put;
    IDBObjectStore.prototype.put = function (this: IDBObjectStore, value: unknown, key?: IDBValidKey) {
      if (this.name === 'refused') {
        throw new DOMException('full', 'QuotaExceededError');
      }
      return put.call(this, value, key);
    };
    const id = outbox.record(VISIT, 'note_written', { text: 'bit me' });
    await vi.waitFor(() => expect(outbox.refused.value).toHaveLength(1));
    await vi.waitFor(() => expect(outbox.full.value || outbox.waitingCount.value === 0).toBe(true));
    IDBObjectStore.prototype.put = put;
    expect([outbox.waitingCount.value, (await entries()).length]).toEqual([0, 1]);

    const next = await openPage();
    await vi.advanceTimersByTimeAsync(1000);
    expect(next.refused.value.map((refusal) => refusal.mark.id)).toEqual([id]);
    next.dismiss(next.refused.value[0]!);
    await vi.waitFor(async () => expect([await onDisk('refused'), await onDisk('marks')]).toEqual([[], []]));
  });

  it('comes over from where an earlier version kept it, what was refused too, and is gone from there', async () => {
    const server = fakeServer({ 'POST visits': takingMarks() });
    const entry = (id: string) => ({
      visit: VISIT,
      by: null,
      mark: { id, kind: 'note_written', at: '2026-06-09T09:00:00.000Z', payload: {} },
    });
    localStorage.setItem('hound-check.mark.01J', JSON.stringify(entry('01J')));
    localStorage.setItem('hound-check.refused.02J', JSON.stringify({ ...entry('02J'), message: 'It has left.' }));
    server.state.reachable = false;

    const outbox = await openPage();
    expect([outbox.waitingCount.value, outbox.kept.value, outbox.refused.value.map((one) => one.message)]).toEqual([
      1,
      true,
      ['It has left.'],
    ]);
    expect([(await kept()).length, (await onDisk('refused')).length, localStorage.length]).toEqual([1, 1, 0]);
  });

  it('is seen by the other page of the device, and drawn there until it has a picture of its own', async () => {
    const server = fakeServer({ 'POST visits': takingMarks() });
    vi.stubGlobal('BroadcastChannel', Channel);
    const other = new Channel('hound-check.outbox');
    server.state.reachable = false;
    const outbox = await openPage();
    const heard: unknown[] = [];
    other.onmessage = ({ data }: MessageEvent<{ kept?: { mark: { id: string } } }>) => heard.push(data.kept?.mark.id);
    const id = outbox.record(VISIT, 'note_written', { text: 'here' });
    await vi.waitFor(() => expect(heard).toEqual([id]));

    const theirs = { visit: VISIT, by: null, mark: { id: '09ZZZ', kind: 'note_written', at: new Date().toISOString(), payload: {} } };
    other.postMessage({ kept: theirs });
    await vi.waitFor(() => expect(outbox.waitingFor(VISIT).map(({ mark }) => mark.id)).toContain('09ZZZ'));
    const told: number[] = [];
    outbox.onTaken((_, { number }) => void told.push(number));
    other.postMessage({ kept: { ...theirs, takenAt: 7 } });
    other.postMessage({ gone: '09ZZZ' });
    await vi.waitFor(() => expect(told).toEqual([7]));
    expect(outbox.waitingFor(VISIT)).toHaveLength(2);
    outbox.forget(VISIT, 7);
    expect(outbox.waitingFor(VISIT).map(({ mark }) => mark.id)).toEqual([id]);
    other.close();
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
    expect(await kept()).toHaveLength(1);
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
    expect([marksSent(), outbox.othersWaiting.value, (await kept()).length]).toEqual([0, ['Imke'], 1]);

    await session.signIn('Imke', 'x');
    await outbox.flush();
    expect([marksSent(), outbox.othersWaiting.value, (await kept()).length]).toEqual([1, [], 0]);
  });
});

describe('an answer that comes late', () => {
  const salon = { name: '', timezone: 'UTC', currency: 'EUR' };
  const out = () => new Response(JSON.stringify({ code: 'signed_out', message: 'Sign in.' }), { status: 401 });

  /** A picture on its way: answered when the test says so. */
  let answerPicture = (): void => undefined;
  class Picture {
    status = 401;
    responseText = JSON.stringify({ code: 'signed_out', message: 'Sign in.' });
    upload = {};
    onload = (): void => undefined;
    open(): void {}
    setRequestHeader(): void {}
    send(): void {
      answerPicture = () => this.onload();
    }
  }

  it('and was asked for before somebody signed in does not sign them out', async () => {
    let late: (answer: Response) => void = () => undefined;
    vi.stubGlobal('fetch', (_: string, { method }: RequestInit) =>
      method === 'POST'
        ? Promise.resolve(new Response(JSON.stringify({ staff: { id: 'S', name: 'Imke', role: 'owner' }, salon })))
        : new Promise<Response>((resolve) => (late = resolve)),
    );
    vi.stubGlobal('XMLHttpRequest', Picture);
    const { api, Unreachable, upload } = await import('@/api/client');
    const session = (await import('@/device/useSession')).useSession();
    const asked = api('get', '/api/day').catch((failure: unknown) => failure);
    await session.signIn('Imke', 'x');
    late(out());
    const failure = await asked;
    expect(failure).toBeInstanceOf(Unreachable);
    expect([session.endsBy(failure), session.staff.value?.name]).toEqual([false, 'Imke']);

    const picture = upload('visits/V/photos', new FormData(), () => undefined).catch((why: unknown) => why);
    await session.signIn('Imke', 'x');
    answerPicture();
    expect(session.endsBy(await picture)).toBe(false);

    const askedNow = api('get', '/api/day').catch((why: unknown) => why);
    late(out());
    expect([session.endsBy(await askedNow), session.staff.value]).toEqual([true, null]);
  });
});

describe('a decision', () => {
  it('is told at once when it is refused, and nothing waits', async () => {
    fakeServer({
      'POST visits': (sent) => ({
        json: {
          number: 1,
          marks: [{ id: sent.body!.marks![0]!.id, outcome: 'refused', reason: 'plan_has_changed', message: 'The plan changed.' }],
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
        ids.push(sent.body!.marks![0]!.id);
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

    const opened = await openPage();
    await opened.recordNow(VISIT, 'waived', { step: 'before_bath', who: 'Ada', reason: 'Too sore' }, 'belly');
    expect(ids.at(-1), 'also by the page that opens after a killed one').toBe(ids.at(-2));
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
    await vi.waitFor(async () => expect(await kept()).toHaveLength(0));
  });
});
