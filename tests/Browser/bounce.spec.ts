import type { Browser, CDPSession, Page } from '@playwright/test';
import { agreed, arrival, expect, inspected, mark, pageOf, record, test, timelineOf, visitOf } from './salon';

/**
 * A hand that touches, leaves the glass and touches again 150 ms later, where it is. The browser gets real events that carry the
 * hand's own time, so that a slow machine does not turn a bounce into two answers.
 */
type Hand = (page: Page, x: number, y: number, key: string) => Promise<void>;
const APART = 0.15;
const HELD = 0.02;

async function atTimes(page: Page, down: (send: CDPSession, timestamp: number) => Promise<unknown>, up: typeof down): Promise<void> {
  const browser = await page.context().newCDPSession(page);
  const now = Date.now() / 1000;
  // All at once: on a slow machine waiting for each would make a long press of the first, by the browser's own clock.
  await Promise.all([now, now + APART].flatMap((at) => [down(browser, at), up(browser, at + HELD)]));
}

const hands: Record<'finger' | 'mouse' | 'key', Hand> = {
  finger: (page, x, y) =>
    atTimes(
      page,
      (browser, timestamp) => browser.send('Input.dispatchTouchEvent', { type: 'touchStart', touchPoints: [{ x, y }], timestamp }),
      (browser, timestamp) => browser.send('Input.dispatchTouchEvent', { type: 'touchEnd', touchPoints: [], timestamp }),
    ),
  mouse: (page, x, y) => {
    const at = { x, y, button: 'left' as const, clickCount: 1 };
    return atTimes(
      page,
      (browser, timestamp) => browser.send('Input.dispatchMouseEvent', { type: 'mousePressed', ...at, timestamp }),
      (browser, timestamp) => browser.send('Input.dispatchMouseEvent', { type: 'mouseReleased', ...at, timestamp }),
    );
  },
  key: (page, _x, _y, name) => {
    const key = name === 'Space' ? ' ' : name;
    const pressed = { key, code: name === 'Space' ? 'Space' : `Digit${name}`, windowsVirtualKeyCode: key.charCodeAt(0) };
    return atTimes(
      page,
      (browser, timestamp) => browser.send('Input.dispatchKeyEvent', { type: 'keyDown', text: key, ...pressed, timestamp }),
      (browser, timestamp) => browser.send('Input.dispatchKeyEvent', { type: 'keyUp', ...pressed, timestamp }),
    );
  },
};

const wet = (browser: Browser): Promise<Page> => pageOf(browser, 'Imke', { wet: true, hasTouch: true });
const made = async (page: Page, id: string, kind: string): Promise<number> =>
  (await timelineOf(page, id)).filter((one) => one.kind === kind && !one.withdrawn).length;

/** Twice on a button of some name, or its key; the answer is one, and it is said. */
async function twice(page: Page, hand: Hand, name: RegExp, key: string): Promise<void> {
  const box = (await page.getByRole('button', { name }).first().boundingBox())!;
  await hand(page, box.x + box.width / 2, box.y + box.height / 2, key);
  await expect(page.getByText('Two touches at once: only the first counts.')).toBeVisible();
}

for (const [name, hand] of Object.entries(hands)) {
  test(`a wet hand that touches twice answers one place: inspection, ${name}`, async ({ browser }) => {
    const page = await wet(browser);
    const id = await arrival(page, `Splash ${name}`);
    await page.goto(`/visits/${id}/inspection`);
    await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
    await twice(page, hand, /Glides/, 'Space');
    await expect(page.getByText('1 of 30 checked')).toBeVisible();
    await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, right' })).toBeVisible();
    await page.waitForTimeout(450);
    await page.keyboard.press('Space');
    await expect(page.getByText('2 of 30 checked')).toBeVisible();
    await expect(page.getByText('saved')).toBeVisible();
    expect(await made(page, id, 'comb_checked')).toBe(2);
  });

  test(`a wet hand that touches twice answers one place: table, ${name}`, async ({ browser }) => {
    const page = await wet(browser);
    const id = await inspected(page, `Puddle ${name}`, { tail: { comb: 'stops', skinLine: 'patchy', opens: 'fingers' } });
    await agreed(page, id, { tail: 'demat' });
    await page.goto(`/visits/${id}/table`);
    await page.getByRole('button', { name: /^Begin/ }).click();
    await page.keyboard.press('Space');
    await page.waitForTimeout(450);
    await twice(page, hand, /The comb passes/, 'Space');
    await expect(page.getByText('saved')).toBeVisible();
    expect(await made(page, id, 'table_combed')).toBe(1);
    // The dog's signals, Undo and Stop now are never held up.
    await page.keyboard.press('1');
    await page.keyboard.press('2');
    await page.keyboard.press('u');
    await expect(page.getByText('saved')).toBeVisible();
    await expect.poll(() => made(page, id, 'reacted')).toBe(1);
  });

  test(`a wet hand that touches twice answers one place: bath, dryer and second check, ${name}`, async ({ browser }) => {
    const page = await wet(browser);
    const id = await inspected(page, `Drip ${name}`);
    await record(page, id, [mark('bath_cleared')]);
    await page.goto(`/visits/${id}/dry`);
    await expect(page.getByText('In the bath')).toBeVisible();
    // Under a finger the next step stands elsewhere; a key always means the step at hand.
    if (name === 'key') {
      await hand(page, 0, 0, 'Space');
      await expect(page.getByText('Two touches at once: only the first counts.')).toBeVisible();
      await expect.poll(() => made(page, id, 'bath_stepped')).toBe(1);
    } else {
      await record(page, id, [mark('bath_stepped', { step: 'rinsed_first' })]);
    }

    await record(page, id, [
      mark('bath_stepped', { step: 'lathered', product: 'mild' }),
      mark('bath_stepped', { step: 'rinsed_out' }),
      mark('dry_started', { method: 'dryer' }),
    ]);
    await page.reload();
    await expect(page.getByRole('heading', { name: /dry to the skin/i })).toBeVisible();
    if (name === 'key') {
      await hand(page, 0, 0, 'Space');
      await expect(page.getByText('Two touches at once: only the first counts.')).toBeVisible();
      await expect.poll(() => made(page, id, 'dried')).toBe(1);
    }
    const known = await (await page.request.get(`/api/visits/${id}`)).json();
    await record(
      page,
      id,
      (known.bath.areas as { area: string; dry: unknown }[]).filter((area) => !area.dry).map(({ area }) => mark('dried', { area })),
    );
    await page.reload();
    const check = page.getByRole('region', { name: 'Second comb check' });
    await expect(check.getByText('0 of 30 passed')).toBeVisible();
    await twice(page, hand, /^1/, '1');
    await expect(check.getByText('1 of 30 passed')).toBeVisible();
    await expect(page.getByText('saved')).toBeVisible();
    expect((await visitOf(page, id)).bath.toCombAgain).toHaveLength(29);
  });
}
