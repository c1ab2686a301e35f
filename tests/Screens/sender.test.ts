import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { fakeServer, type Sent, takingMarks } from './server';
import { freshDevice, openAnew } from './setup';

const IMKE = {
  staff: { id: 'I', name: 'Imke', role: 'owner', letterKeys: true },
  salon: { name: 'Kittiwake Lane', timezone: 'UTC', currency: 'EUR' },
};
const PICTURE = new Blob(['picture'], { type: 'image/jpeg' });
const posted = (server: { sent: Sent[] }): string[] => server.sent.filter((sent) => sent.method === 'POST').flatMap(kinds);
const kinds = (sent: Sent): string[] => sent.body?.marks?.map((mark) => mark.kind) ?? ['photo'];
const keysUnder = (prefix: string): string[] => Object.keys(localStorage).filter((key) => key.startsWith(prefix));

/** The device as a page has it that was just opened, with somebody signed in. */
async function openPage() {
  openAnew();
  const session = (await import('@/device/useSession')).useSession();
  await session.load();
  const outbox = (await import('@/device/useOutbox')).useOutbox();
  const photos = (await import('@/device/usePhotos')).usePhotos();
  await outbox.ready;
  outbox.knows('V', 'Dulse');
  return { session, outbox, photos };
}

beforeEach(async () => {
  await freshDevice();
  vi.stubGlobal('URL', Object.assign(URL, { createObjectURL: () => 'blob:picture', revokeObjectURL: () => undefined }));
});
afterEach(() => {
  vi.useRealTimers();
  vi.restoreAllMocks();
  vi.unstubAllGlobals();
});

describe('the order of the hand', () => {
  it('holds for a decision: it goes after what was recorded before it and has not arrived', async () => {
    const server = fakeServer({ 'GET session': () => ({ json: IMKE }), 'POST visits/V/marks': takingMarks() });
    const { outbox } = await openPage();
    server.state.reachable = false;
    outbox.record('V', 'mat_parked', {}, { section: 'tail' });
    await vi.waitFor(() => expect(outbox.online.value).toBe(false));
    server.state.reachable = true;
    await outbox.recordNow('V', 'bath_cleared', {});
    expect(posted(server)).toEqual(['mat_parked', 'bath_cleared']);
  });

  it('holds for a photo: it never arrives before the finding that it shows, however slow that is', async () => {
    const server = fakeServer({
      'GET session': () => ({ json: IMKE }),
      'POST visits/V/marks': takingMarks(),
      'POST visits/V/photos': () => ({ status: 201, json: { number: 9, mark: { id: 'P', outcome: 'taken' } } }),
    });
    const { outbox, photos } = await openPage();
    const answer = fetch;
    let arrive = (): void => undefined;
    const slow = new Promise<void>((done) => (arrive = done));
    vi.stubGlobal('fetch', async (address: string, init: RequestInit) => {
      await (address.endsWith('/marks') ? slow : null);
      return answer(address, init);
    });
    const findingId = outbox.record('V', 'finding_noted', { kind: 'growth' }, { section: 'back' });
    await photos.take('V', PICTURE, { section: 'back', findingId, moment: 'before' });
    await new Promise((done) => setTimeout(done, 50));
    expect(posted(server)).toEqual([]);
    arrive();
    await vi.waitFor(() => expect(photos.waitingCount.value).toBe(0));
    expect(posted(server)).toEqual(['finding_noted', 'photo']);
  });

  it('of a decision is given up without network: it does not arrive behind the back of whoever made it', async () => {
    const server = fakeServer({ 'GET session': () => ({ json: IMKE }), 'POST visits/V/marks': takingMarks() });
    const { outbox } = await openPage();
    server.state.reachable = false;
    await expect(outbox.recordNow('V', 'stopped', { reason: 'Ill' })).rejects.toThrow();
    server.state.reachable = true;
    outbox.record('V', 'note_written', { text: 'later' });
    await vi.waitFor(() => expect(outbox.waitingCount.value).toBe(0));
    expect(posted(server)).toEqual(['note_written']);
  });

  it('lets nothing wait that is recorded in the moment in which the last answer comes', async () => {
    const server = fakeServer({ 'GET session': () => ({ json: IMKE }), 'POST visits/V/marks': takingMarks() });
    const { outbox } = await openPage();
    await outbox.recordNow('V', 'aftercare_chosen', { items: [] });
    await outbox.recordNow('V', 'signed_off', {});
    outbox.record('V', 'note_written', { text: 'x' });
    await outbox.flush();
    expect(posted(server)).toEqual(['aftercare_chosen', 'signed_off', 'note_written']);
  });
});

describe('one bad entry', () => {
  it('is set aside with its words and its dog’s name, and its neighbours arrive', async () => {
    const taken: string[] = [];
    const server = fakeServer({
      'GET session': () => ({ json: IMKE }),
      'POST visits/V/marks': (sent) => {
        if (kinds(sent).includes('mat_parked')) {
          return { status: 422, json: { code: 'invalid', message: 'This cannot be read.' } };
        }
        taken.push(...kinds(sent));
        return { json: { number: taken.length, marks: sent.body!.marks!.map((mark) => ({ id: mark.id, outcome: 'taken' })) } };
      },
    });
    const { outbox } = await openPage();
    server.state.reachable = false;
    outbox.record('V', 'section_taken', {}, { section: 'tail' });
    outbox.record('V', 'misted', {}, { section: 'tail' });
    outbox.record('V', 'mat_parked', { note: 'felted' }, { section: 'tail' });
    outbox.record('V', 'line_done', { line: 1 }, { section: 'tail' });
    await vi.waitFor(() => expect(outbox.online.value).toBe(false));
    server.state.reachable = true;
    await outbox.flush();
    expect(taken).toEqual(['section_taken', 'misted', 'line_done']);
    expect(outbox.refused.value.map((refusal) => [refusal.dog, refusal.mark.kind, refusal.message])).toEqual([
      ['Dulse', 'mat_parked', 'This cannot be read.'],
    ]);
    const { notSaved } = await import('@/messages/notSaved');
    expect(notSaved.title(outbox.refused.value[0]!)).toBe('Not saved for Dulse: mat parked, tail.');
    expect(notSaved.words(outbox.refused.value[0]!.mark)).toBe('felted');
  });

  it.each([
    ['a hotel’s sign-in page', { status: 403, json: undefined }],
    ['a token that is refused twice', { status: 419, json: { code: 'token_expired', message: 'Reload the page.' } }],
    ['an answer about something else', { status: 200, json: { number: 4, marks: [] } }],
  ])('is not made by %s: everything stays, and arrives later', async (_what, answer) => {
    let strange = true;
    const take = takingMarks();
    fakeServer({ 'GET session': () => ({ json: IMKE }), 'POST visits/V/marks': (sent) => (strange ? answer : take(sent)) });
    const { outbox } = await openPage();
    outbox.record('V', 'note_written', { text: 'one' });
    outbox.record('V', 'note_written', { text: 'two' });
    await outbox.flush();
    expect([outbox.waitingCount.value, outbox.refused.value.length]).toEqual([2, 0]);
    strange = false;
    await outbox.flush();
    expect([outbox.waitingCount.value, outbox.refused.value.length]).toEqual([0, 0]);
  });

  it('that the browser damaged keeps neither the application nor the other entries back', async () => {
    fakeServer({ 'GET session': () => ({ json: IMKE }), 'POST visits/V/marks': takingMarks() });
    localStorage.setItem('hound-check.mark.01J', '{"visit":"V","mark":{"id":"01J","ki');
    localStorage.setItem('hound-check.mark.02J', JSON.stringify({ visit: 'V', by: IMKE.staff, mark: { id: '02J', kind: 'misted' } }));
    const { outbox } = await openPage();
    expect([outbox.unreadable.value, outbox.waitingCount.value]).toEqual([1, 1]);
    await outbox.flush();
    expect(outbox.waitingCount.value).toBe(0);
    // As it was, for whoever can still make something of it.
    expect(keysUnder('hound-check.unreadable.').map((key) => localStorage.getItem(key))).toEqual(['{"visit":"V","mark":{"id":"01J","ki']);
    outbox.forgetUnreadable();
    await vi.waitFor(() => expect(keysUnder('hound-check.unreadable.')).toEqual([]));
    expect((await openPage()).outbox.unreadable.value).toBe(0);
  });
});

describe('a photo', () => {
  const refusing = {
    'GET session': () => ({ json: IMKE }),
    'POST visits/V/photos': () => ({
      json: { number: 4, mark: { id: 'P', outcome: 'refused', message: 'The finding it shows is not there.' } },
    }),
  };

  it('that was refused stays on the device with its picture and why, over a reload, until somebody has seen to it', async () => {
    fakeServer(refusing);
    const first = await openPage();
    await first.photos.take('V', PICTURE, { section: 'back', findingId: 'F', moment: 'before' });
    await vi.waitFor(() => expect(first.photos.refused.value).toHaveLength(1));

    const { photos } = await openPage();
    await vi.waitFor(() => expect(photos.refused.value).toHaveLength(1));
    const [photo] = photos.refused.value;
    expect([photo!.dog, photo!.refused, photo!.url]).toEqual(['Dulse', 'The finding it shows is not there.', 'blob:picture']);
    expect(photos.waitingCount.value).toBe(0);
    await photos.dismiss(photo!.id);
    expect(await (await import('@/device/store')).deviceStore.photos()).toEqual([]);
  });

  it('goes out from a device without room for it, which says so until it has', async () => {
    const server = fakeServer({
      'GET session': () => ({ json: IMKE }),
      'POST visits/V/photos': () => ({ status: 201, json: { number: 4, mark: { id: 'P', outcome: 'taken' } } }),
    });
    const { photos } = await openPage();
    vi.spyOn(IDBObjectStore.prototype, 'put').mockImplementation(() => {
      throw new DOMException('full', 'QuotaExceededError');
    });
    server.state.reachable = false;
    await photos.take('V', PICTURE, { section: null, moment: 'before' });
    expect([photos.full.value, photos.waitingCount.value]).toEqual([true, 1]);
    server.state.reachable = true;
    await photos.flush();
    await vi.waitFor(() => expect([photos.full.value, photos.waitingCount.value]).toEqual([false, 0]));
  });

  it('is kept although the browser has closed the database under a page that slept', async () => {
    fakeServer({ 'GET session': () => ({ json: IMKE }) });
    const { photos } = await openPage();
    const transaction = IDBDatabase.prototype.transaction;
    let closed = true;
    vi.spyOn(IDBDatabase.prototype, 'transaction').mockImplementation(function (this: IDBDatabase, ...names) {
      if (closed) {
        closed = false;
        throw new DOMException('The database connection is closing.', 'InvalidStateError');
      }
      return transaction.apply(this, names);
    });
    await photos.take('V', PICTURE, { section: null, moment: 'before' });
    expect(photos.full.value).toBe(false);
    expect(await (await import('@/device/store')).deviceStore.photos()).toHaveLength(1);
  });
});

describe('the way to the server', () => {
  it('has a time limit: an answer that never comes stops nothing for good', async () => {
    fakeServer({ 'GET session': () => ({ json: IMKE }) });
    const { outbox } = await openPage();
    const limit = new AbortController();
    const asked = vi.spyOn(AbortSignal, 'timeout').mockReturnValue(limit.signal);
    let hangs = true;
    vi.stubGlobal('fetch', async (_address: string, init: RequestInit) => {
      const marks = (JSON.parse(String(init.body)) as { marks: { id: string }[] }).marks;
      return hangs
        ? new Promise((_done, failed) => init.signal?.addEventListener('abort', () => failed(init.signal!.reason)))
        : new Response(JSON.stringify({ number: 1, marks: marks.map(({ id }) => ({ id, outcome: 'taken' })) }));
    });
    outbox.record('V', 'note_written', { text: 'hung' });
    await vi.waitFor(() => expect(asked).toHaveBeenCalledWith(15_000));
    limit.abort(new DOMException('too long', 'TimeoutError'));
    await vi.waitFor(() => expect(outbox.online.value).toBe(false));
    hangs = false;
    await outbox.flush();
    expect(outbox.waitingCount.value).toBe(0);
  });

  it('is taken by one page of the device at a time', async () => {
    let [running, most] = [0, 0];
    const tails = new Map<string, Promise<void>>();
    const request = vi.fn((name: string, what: () => Promise<void>) => {
      tails.set(name, (tails.get(name) ?? Promise.resolve()).then(what));
      return tails.get(name);
    });
    vi.spyOn(navigator, 'locks', 'get').mockReturnValue({ request } as unknown as LockManager);
    const take = takingMarks();
    fakeServer({ 'GET session': () => ({ json: IMKE }) });
    const one = await openPage();
    // Another page has everything of its own.
    vi.resetModules();
    await (await import('@/device/useSession')).useSession().load();
    const other = { outbox: (await import('@/device/useOutbox')).useOutbox() };
    await other.outbox.ready;
    vi.stubGlobal('fetch', async (_address: string, init: RequestInit) => {
      most = Math.max(most, ++running);
      await new Promise((done) => setTimeout(done, 20));
      running--;
      return new Response(JSON.stringify(take({ method: 'POST', path: '', prefer: undefined, body: JSON.parse(String(init.body)) }).json));
    });
    one.outbox.record('V', 'note_written', { text: 'one page' });
    other.outbox.record('V', 'note_written', { text: 'the other' });
    await Promise.all([one.outbox.flush(), other.outbox.flush()]);
    expect([one.outbox.waitingCount.value, other.outbox.waitingCount.value, most]).toEqual([0, 0, 1]);
    expect(request.mock.calls.map(([name]) => name)).toContain('hound-check.marks');
  });
});

describe('signing out', () => {
  it('counts on the device at once without network, and the server is told before anything else', async () => {
    const server = fakeServer({ 'GET session': () => ({ json: IMKE }), 'DELETE session': () => ({ status: 204 }) });
    const { session } = await openPage();
    const { deviceStore } = await import('@/device/store');
    await deviceStore.keep('visit.V', { dog: { phone: '555' } });
    server.state.reachable = false;
    await session.signOut();
    expect(session.staff.value).toBeNull();
    // An answer that was still on its way writes nothing back.
    await deviceStore.keep('day', { dogs: ['Dulse'] });
    expect([await deviceStore.kept('visit.V'), await deviceStore.kept('day')]).toEqual([undefined, undefined]);

    openAnew();
    const later = (await import('@/device/useSession')).useSession();
    await expect(later.load()).rejects.toThrow();
    expect(later.staff.value).toBeNull();
    server.state.reachable = true;
    server.sent.length = 0;
    await later.load();
    expect(server.sent.map((sent) => `${sent.method} ${sent.path}`)).toEqual(['DELETE session', 'GET session']);
  });
});
