import { chromium, type Page } from '@playwright/test';
import { arrival, expect, inspected, mark, pageOf, record, signIn, test } from './salon';
import { open, SCREENS } from './screens';

declare global {
  interface Window {
    heard: string[];
  }
}

/** What is said aloud without the focus being moved, in order, and not twice in a row. */
async function listen(page: Page): Promise<() => Promise<string[]>> {
  await page.addInitScript(() => {
    window.heard = [];
    const said = (element: Element): string => element.textContent!.replace(/\s+/g, ' ').trim();
    const last = new WeakMap<Element, string>();
    const hear = (): void =>
      document.querySelectorAll('[role=status], [role=alert], [aria-live=polite]').forEach((region) => {
        const words = said(region);
        if (words && last.get(region) !== words) {
          last.set(region, words);
          window.heard.push(words);
        }
      });
    new MutationObserver(hear).observe(document, { childList: true, characterData: true, subtree: true });
  });
  return () => page.evaluate(() => window.heard);
}

/** What has the focus, as it is said: role and name. */
const focusSays = (page: Page): Promise<string> =>
  page.evaluate(() => {
    const element = document.activeElement!;
    return `${element.getAttribute('role') ?? element.tagName.toLowerCase()} ${element.getAttribute('aria-label') ?? element.textContent!.trim()}`;
  });

test('whoever has set larger letters gets them, and the layout makes room', async ({ baseURL }) => {
  const large = await chromium.launch({
    executablePath: '/usr/bin/chromium-headless-shell',
    args: ['--blink-settings=defaultFontSize=28'],
  });
  const page = await large.newPage({ viewport: { width: 1280, height: 800 }, baseURL: baseURL! });
  await signIn(page, 'Imke');
  for (const screen of SCREENS.filter(({ name }) => ['inspection', 'plan', 'table'].includes(name))) {
    await open(page, screen);
    const [letters, across] = await page.evaluate(() => [
      parseFloat(getComputedStyle(document.querySelector('main')!).fontSize),
      document.documentElement.scrollWidth,
    ]);
    expect(letters).toBeCloseTo((17 * 28) / 16, 0);
    expect(across).toBeLessThanOrEqual(1280);
  }
  await large.close();
});

test('in the system’s own colours what is chosen still shows, and so does the focus', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { forcedColors: 'active' });
  const id = await inspected(page, 'Contrast', {
    tail: { comb: 'stops', skinLine: 'clear', opens: 'fingers', mattedShare: 0.1, liftMm: 13 },
  });
  await page.goto(`/visits/${id}/arrival`);
  const other = page.getByRole('radio', { name: /ask/i }).first();
  await expect(page.getByRole('radio', { checked: true }).first()).toBeVisible();
  const ground = (of: typeof other): Promise<string> => of.evaluate((element) => getComputedStyle(element).backgroundColor);
  expect(await ground(page.getByRole('radio', { checked: true }).first())).not.toBe(await ground(other));
  await page.keyboard.press('Tab');
  expect(await page.evaluate(() => getComputedStyle(document.activeElement!).outlineWidth)).toBe('3px');

  await page.goto(`/visits/${id}/inspection`);
  const tail = page.getByRole('button', { name: /^Tail: 2 Tangle/ });
  await expect(tail).toBeVisible();
  // The chart is a picture: grades keep their tones, and the figures on them the ink they were drawn with.
  const figure = page.locator('.cc .cc-num').filter({ hasText: '2' }).first();
  expect(await figure.evaluate((element) => getComputedStyle(element).fill)).toBe('rgb(18, 52, 59)');
  await page.close();
});

test('the coat as a list says the same as the chart, takes the same touch, and stays a list on this device', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await inspected(page, 'Listed', {
    tail: { comb: 'stops', skinLine: 'clear', opens: 'fingers', mattedShare: 0.1, liftMm: 13 },
  });
  await page.goto(`/visits/${id}/inspection`);
  await page.getByRole('button', { name: 'As a list' }).click();
  const list = page.getByRole('list', { name: /Coat chart, 30 of 30/ });
  await expect(list.getByRole('listitem')).toHaveCount(30);
  await list.getByRole('button', { name: 'Tail: 2 Tangle' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Tail' })).toBeVisible();
  await page.goto(`/visits/${id}/record`);
  await expect(page.getByRole('list', { name: /Coat chart of Listed/ }).getByText('Tail: 2 Tangle')).toBeVisible();
  await page.getByRole('button', { name: 'As a list' }).click();
  await expect(page.getByRole('img', { name: /Coat chart of Listed/ })).toBeVisible();
  await page.close();
});

test('a visit by ear: every place is announced once, in the order of the hands, and a place changed begins at its task', async ({
  browser,
}) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Heard');
  await record(page, id, [mark('arrival_answered', { consent: 'any', gearOff: true })]);
  const heard = await listen(page);
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  expect(await focusSays(page)).toContain('section Inspection');

  for (let section = 0; section < 30; section++) {
    await page.keyboard.press('1');
    await expect(
      page
        .getByRole('button', { name: /Coat chart/ })
        .or(page.getByText(`${section + 1} of 30 checked`))
        .first(),
    ).toBeAttached();
  }
  const names = await page.evaluate(() =>
    [...document.querySelectorAll('[data-section]')].map((one) => one.getAttribute('aria-label')!.split(':')[0]),
  );
  const places = (await heard()).filter((words) => /, \d+ of 30$/.test(words));
  expect(places.map((words) => Number(/(\d+) of 30/.exec(words)![1]))).toEqual(Array.from({ length: 30 }, (_, at) => at + 1));
  expect(new Set(places.map((words) => words.replace(/, \d+ of 30$/, '')))).toEqual(new Set(names));

  await page.getByRole('link', { name: 'Plan' }).press('Enter');
  await expect(page.getByRole('group', { name: /Coat chart with the plan/ })).toBeVisible();
  expect(await focusSays(page)).toContain('section Plan');

  await page.getByRole('link', { name: 'Table' }).press('Enter');
  await page.getByRole('button', { name: /Begin/ }).first().press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  await page.getByRole('button', { name: 'Snaps' }).press('Enter');
  await expect(page.getByRole('status').filter({ hasText: 'Plan from here' })).toBeVisible();
  const atTable = (await heard()).filter((words) => /^Hind foot, left, (?!\d)/.test(words));
  expect(atTable.length).toBeGreaterThan(0);
  await page.close();
});
