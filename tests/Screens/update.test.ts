import { afterEach, describe, expect, it, vi } from 'vitest';

const heard = new Map<string, () => void>();
const messageSkipWaiting = vi.fn();
vi.mock('workbox-window', () => ({
  Workbox: class {
    addEventListener = (what: string, run: () => void): void => void heard.set(what, run);
    register = (): Promise<void> => Promise.resolve();
    messageSkipWaiting = messageSkipWaiting;
  },
}));

describe('a new version', () => {
  afterEach(() => vi.useRealTimers());

  it('opens when it is in place, and soon in any case when the old one is still at work', async () => {
    vi.useFakeTimers();
    vi.stubGlobal('navigator', { ...navigator, serviceWorker: { getRegistration: () => Promise.resolve({ waiting: {} }) } });
    const reload = vi.spyOn(window.location, 'reload').mockImplementation(() => undefined);
    const { update } = await import('@/device/update');
    update.watch('/service-worker.js');
    heard.get('waiting')!();
    expect(update.ready.value).toBe(true);

    update.apply();
    await vi.advanceTimersByTimeAsync(500);
    expect([messageSkipWaiting.mock.calls.length, reload.mock.calls.length]).toEqual([1, 0]);
    await vi.advanceTimersByTimeAsync(5000);
    expect(reload).toHaveBeenCalledTimes(1);

    update.apply();
    heard.get('controlling')!();
    expect(reload).toHaveBeenCalledTimes(2);
  });
});
