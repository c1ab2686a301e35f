import { mount } from '@vue/test-utils';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { effectScope } from 'vue';
import type { Frontier } from '@/api/types';
import AppDialog from '@/ui/AppDialog.vue';
import FrontierPicture from '@/plan/FrontierPicture.vue';
import LoadState from '@/ui/LoadState.vue';
import { say } from '@/messages/say';
import { salon as ways } from '@/messages/salon';
import { fakeServer } from './server';
import { freshDevice, heldClocks, openAnew } from './setup';

type Answer = { status?: number; json?: unknown };

/** Something of the server's on a screen; `answers` are given one after the other, the last of them on and on. */
async function load(answers: Answer[], options: object = {}) {
  openAnew();
  let asked = 0;
  const server = fakeServer({ 'GET thing': () => answers[Math.min(asked++, answers.length - 1)]! });
  const { at } = await import('@/api/client');
  const { useLoader } = await import('@/device/useLoader');
  const scope = effectScope();
  const loaded = scope.run(() => useLoader<{ name: string }>({ ask: () => at('GET', 'thing'), ...options }))!;
  return { server, loaded, asked: () => asked, close: () => scope.stop() };
}
const HERE: Answer = { json: { name: 'Dulse' } };
const BROKEN: Answer = { status: 500, json: { code: 'failed', message: 'Something went wrong.' } };

beforeEach(async () => {
  vi.useFakeTimers(heldClocks);
  await freshDevice();
});
afterEach(() => {
  vi.useRealTimers();
  vi.unstubAllGlobals();
  ways.timeZone = undefined;
  document.body.innerHTML = '';
});

describe('what a screen shows of the server', () => {
  it('says that the server has trouble at the first load, and comes by itself when that is over', async () => {
    const { loaded, close } = await load([BROKEN, BROKEN, HERE]);
    await loaded.refresh();
    expect([loaded.value.value, loaded.trouble.value, loaded.words.value]).toEqual([null, 'server', 'Something went wrong.']);
    const text = mount(LoadState, { props: { loaded, fetching: 'Fetching …' } }).text();
    expect(text).toContain('The server has trouble.');
    expect(text).not.toContain('Fetching');
    await vi.advanceTimersByTimeAsync(20_000);
    expect([loaded.value.value?.name, loaded.trouble.value]).toEqual(['Dulse', null]);
    close();
  });

  it('is tried again no more once the screen is left', async () => {
    const { loaded, asked, close } = await load([BROKEN]);
    await loaded.refresh();
    close();
    await vi.advanceTimersByTimeAsync(60_000);
    expect(asked()).toBe(1);
  });

  it('is what the device kept when there is no network, with its age, and stays when trouble comes later', async () => {
    const kept = async () => ({ at: Date.parse('2026-06-09T10:05:00.000Z'), answer: { name: 'Dulse, as kept' } });
    const { server, loaded, close } = await load([HERE, BROKEN], { kept });
    server.state.reachable = false;
    await loaded.refresh();
    expect([loaded.value.value?.name, loaded.trouble.value, loaded.seenAt.value]).toEqual([
      'Dulse, as kept',
      'no_network',
      Date.parse('2026-06-09T10:05:00.000Z'),
    ]);
    server.state.reachable = true;
    await loaded.refresh();
    expect([loaded.value.value?.name, loaded.trouble.value, loaded.seenAt.value]).toEqual(['Dulse', null, null]);
    await loaded.refresh();
    expect([loaded.value.value?.name, loaded.trouble.value]).toEqual(['Dulse', 'server']);
    close();
  });

  it.each([
    ['missing', { status: 404, json: { code: 'not_found', message: 'There is nothing here.' } }],
    ['refused', { status: 403, json: { code: 'needs_owner', message: 'This is the owner’s.' } }],
  ])('that is %s is said so and not asked for on and on', async (trouble, answer) => {
    const { loaded, asked, close } = await load([answer]);
    await loaded.refresh();
    await vi.advanceTimersByTimeAsync(60_000);
    expect([loaded.trouble.value, asked()]).toEqual([trouble, 1]);
    close();
  });
});

describe('the handle on the frontier', () => {
  const plan = (keep: number, tension: number) => ({ keep, tension, minutes: 20, priceCents: 6000, regrowthWeeks: null, picks: '0' });
  const frontier = (keeps: number[]): Frontier =>
    ({ plans: keeps.map((keep, index) => plan(keep, index)), unfixed: [], easiest: 0, balanced: 1, keepCoat: 2 }) as unknown as Frontier;

  function held() {
    const picture = mount(FrontierPicture, { props: { frontier: frontier([0.4, 0.6, 0.9]), place: 1, tolerance: 4, disabled: false } });
    const svg = picture.find('[role="slider"]');
    svg.element.setPointerCapture = () => undefined;
    svg.element.getBoundingClientRect = () => ({ left: 0, width: 576 }) as DOMRect;
    return { picture, svg };
  }

  it('chooses nothing when the system takes the finger away', async () => {
    const { picture, svg } = held();
    await svg.trigger('pointerdown', { clientX: 500, pointerId: 1 });
    expect(picture.emitted('hold')).toHaveLength(1);
    await svg.trigger('pointercancel');
    expect([picture.emitted('settle'), picture.emitted('letGo')?.length]).toEqual([undefined, 1]);
  });

  it('lets go when the plans are others by now: its place means another plan there', async () => {
    const { picture, svg } = held();
    await svg.trigger('pointerdown', { clientX: 500, pointerId: 1 });
    await picture.setProps({ frontier: frontier([0.4]), place: 0 });
    await svg.trigger('pointerup');
    expect([picture.emitted('settle'), picture.emitted('letGo')?.length]).toEqual([undefined, 1]);
  });
});

describe('a dialog in which something is written', () => {
  const open = (toRead: boolean) =>
    mount(AppDialog, { props: { title: 'Note', toRead }, slots: { default: '<input id="words">' }, attachTo: document.body });

  it.each([
    [false, undefined],
    [true, 1],
  ])('(only to read: %j) closes at a touch outside: %j times', async (toRead, times) => {
    const dialog = open(toRead);
    await vi.waitFor(() => expect(document.querySelector('#words')).not.toBeNull());
    await vi.advanceTimersByTimeAsync(100);
    for (const type of ['pointerdown', 'mousedown', 'click']) {
      document.body.dispatchEvent(new MouseEvent(type, { bubbles: true, cancelable: true }));
    }
    await vi.advanceTimersByTimeAsync(100);
    expect(dialog.emitted('close')?.length).toBe(times);
    dialog.unmount();
  });
});

describe('times', () => {
  it('are the salon’s, wherever the device believes it is, and carry their day where it is another', () => {
    const [evening, night] = ['2026-06-09T20:05:00.000Z', '2026-06-09T22:30:00.000Z'];
    ways.timeZone = 'UTC';
    expect([say.time(evening), say.moment(night, evening)]).toEqual(['20:05', '22:30']);
    ways.timeZone = 'Europe/Berlin';
    expect([say.time(evening), say.moment(night, evening)]).toEqual(['22:05', '10 June, 0:30']);
  });
});
