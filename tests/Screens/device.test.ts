import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope, ref, watch } from 'vue';
import type { Session, Visit } from '@/api/types';
import { fakeServer, takingMarks } from './server';
import { freshDevice, openAnew } from './setup';

const IMKE = { staff: { id: 'I', name: 'Imke', role: 'owner' }, salon: { name: 'Kittiwake Lane', timezone: 'UTC', currency: 'EUR' } };
const VISIT = { id: 'V', number: 3, dog: { name: 'Dulse' }, sections: {}, route: [], photos: [], closedAt: null };

beforeEach(async () => {
  openAnew();
  await freshDevice();
  vi.stubGlobal('URL', Object.assign(URL, { createObjectURL: () => 'blob:picture', revokeObjectURL: () => undefined }));
});
afterEach(() => vi.unstubAllGlobals());

async function session() {
  return (await import('@/device/useSession')).useSession();
}

describe('a page that opens without network', () => {
  async function seenWithNetwork() {
    const server = fakeServer({
      'GET session': () => ({ json: IMKE }),
      'GET visits': () => ({ json: VISIT }),
      'GET comb-check-guide': () => ({
        json: { fields: {}, bands: {}, outcomes: [], steps: {}, referrals: { growth: 'never_brush_over' } },
      }),
      'DELETE session': () => ({ status: 204 }),
    });
    await (await session()).load();
    const { useVisit } = await import('@/visit/useVisit');
    const scope = effectScope();
    const { visit } = scope.run(() => useVisit('V'))!;
    await vi.waitFor(() => expect(visit.value?.number).toBe(3));
    await vi.waitFor(async () => expect(await (await import('@/device/store')).deviceStore.kept('comb-check-guide')).toBeDefined());
    scope.stop();
    openAnew();
    return server;
  }

  it('knows who was signed in, the visit that was open, and the comb check', async () => {
    const server = await seenWithNetwork();
    server.state.reachable = false;

    const { load, staff } = await session();
    await load();
    expect(staff.value?.name).toBe('Imke');
    const { useVisit } = await import('@/visit/useVisit');
    const { useGuide } = await import('@/visit/useGuide');
    const scope = effectScope();
    const { visit, loaded } = scope.run(() => useVisit('V'))!;
    await vi.waitFor(() => expect(visit.value?.number).toBe(3));
    await vi.waitFor(() => expect(useGuide().referral('growth')).toBe('never_brush_over'));
    expect([loaded.trouble.value, loaded.seenAt.value !== null]).toEqual(['no_network', true]);
    scope.stop();
  });

  it('opens no visit that was never seen here', async () => {
    const server = await seenWithNetwork();
    server.state.reachable = false;
    const { useVisit } = await import('@/visit/useVisit');
    const scope = effectScope();
    const { visit, loaded } = scope.run(() => useVisit('W'))!;
    await vi.waitFor(() => expect(loaded.trouble.value).toBe('no_network'));
    expect(visit.value).toBeNull();
    scope.stop();
  });

  it('shows nothing of the salon to whoever comes after somebody signed out', async () => {
    const server = await seenWithNetwork();
    const { load, signOut } = await session();
    await load();
    await signOut();
    openAnew();
    server.state.reachable = false;

    await expect((await session()).load()).rejects.toThrow();
    expect(await (await import('@/device/store')).deviceStore.kept('visit.V')).toBeUndefined();
  });

  it('shows nothing of what an owner saw to whoever takes the tablet over by PIN', async () => {
    await seenWithNetwork();
    const { deviceStore } = await import('@/device/store');
    const device = await session();
    await device.load();
    expect(await deviceStore.kept('visit.V')).toBeDefined();
    await device.begin({ ...IMKE } as unknown as Session);
    expect(await deviceStore.kept('visit.V')).toBeDefined();
    await device.begin({ ...IMKE, staff: { id: 'T', name: 'Teo', role: 'apprentice' } } as unknown as Session);
    expect(await deviceStore.kept('visit.V')).toBeUndefined();
    expect(await deviceStore.kept('session')).toBeDefined();
  });

  it('shows nothing that is older than three days', async () => {
    await seenWithNetwork();
    vi.setSystemTime(Date.now() + 3 * 86_400_000 + 1000);
    const { deviceStore } = await import('@/device/store');
    expect(await deviceStore.kept('visit.V')).toBeUndefined();
    vi.useRealTimers();
    vi.setSystemTime(Date.now() + 3 * 86_400_000 + 1000);
    await deviceStore.forgetOld();
    vi.useRealTimers();
    expect(await deviceStore.kept('visit.V')).toBeUndefined();
  });
});

describe('a photo taken on this device', () => {
  const PICTURE = new Blob(['picture'], { type: 'image/jpeg' });

  async function camera(answer: () => { status?: number; json?: unknown }, reachable = true) {
    const posts: string[] = [];
    const server = fakeServer({
      'GET session': () => ({ json: IMKE }),
      'POST visits/V/marks': (sent) => {
        posts.push('marks');
        return takingMarks()(sent);
      },
      'POST visits/V/photos': () => {
        posts.push('photo');
        return answer();
      },
    });
    await (await session()).load();
    server.state.reachable = reachable;
    const { usePhotos } = await import('@/device/usePhotos');
    const { useOutbox } = await import('@/device/useOutbox');
    const photos = usePhotos();
    return { server, posts, photos, outbox: useOutbox(), around: photos.around(ref(VISIT as unknown as Visit)) };
  }
  const taken = () => ({ status: 201, json: { number: 4, mark: { id: 'P', outcome: 'taken' } } });

  it('is seen at once and goes out after the finding that it shows', async () => {
    const { posts, photos, outbox, around } = await camera(taken);
    outbox.record('V', 'finding_noted', { kind: 'growth' }, { section: 'back' });
    await photos.take('V', PICTURE, { section: 'back', findingId: 'F', moment: 'before' });
    expect(around.value.map((photo) => [photo.section, photo.findingId, photo.by, photo.waiting])).toEqual([['back', 'F', 'Imke', true]]);
    await vi.waitFor(() => expect(photos.waitingCount.value).toBe(0));
    expect(posts).toEqual(['marks', 'photo']);
  });

  it('says how much of it is on its way, and nothing once it waits again', async () => {
    const { server, photos, around } = await camera(() => ({ status: 500, json: { code: 'failed', message: 'x' } }));
    const seen: (number | null)[] = [];
    watch(around, ([photo]) => photo && seen.push(photo.onItsWay), { flush: 'sync' });
    await photos.take('V', PICTURE, { section: 'back', moment: 'before' });
    await photos.flush();
    expect(seen).toEqual(expect.arrayContaining([0.5, 1]));
    expect([photos.onItsWay.value, around.value[0]!.onItsWay, around.value[0]!.waiting]).toEqual([null, null, true]);
    server.state.reachable = false;
    await photos.flush();
    expect(around.value[0]!.onItsWay).toBeNull();
  });

  it('waits without network, over a reload, and goes out when there is network again', async () => {
    const first = await camera(taken, false);
    await first.photos.take('V', PICTURE, { section: null, moment: 'after' });
    expect(first.photos.waitingCount.value).toBe(1);

    openAnew();
    const next = await camera(taken);
    await vi.waitFor(() => expect(next.posts).toEqual(['photo']));
    await vi.waitFor(() => expect(next.photos.waitingCount.value).toBe(0));
    expect(await (await import('@/device/store')).deviceStore.photos()).toEqual([]);
  });

  it('that the server cannot keep is said in its words and not tried again', async () => {
    const { posts, photos } = await camera(() => ({
      status: 422,
      json: { code: 'invalid', message: 'x', fields: { picture: ['This file is not a picture.'] } },
    }));
    await photos.take('V', PICTURE, { section: 'tail', moment: 'before' });
    await vi.waitFor(() => expect(photos.refused.value.map((photo) => photo.refused)).toEqual(['This file is not a picture.']));
    await photos.flush();
    expect([posts, photos.waitingCount.value]).toEqual([['photo'], 0]);
    await photos.dismiss(photos.refused.value[0]!.id);
    expect(photos.refused.value).toEqual([]);
  });

  it('is kept for another try when the server fails', async () => {
    const { photos } = await camera(() => ({ status: 500, json: { code: 'failed', message: 'x' } }));
    await photos.take('V', PICTURE, { section: 'tail', moment: 'before' });
    await photos.flush();
    expect([photos.waitingCount.value, photos.refused.value.length]).toEqual([1, 0]);
  });
});
