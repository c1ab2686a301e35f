import { readdirSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { faults } from './faults';
import { expect, pageOf, test } from './salon';
import { open, SCREENS } from './screens';

const SIZES = { laptop: { width: 1280, height: 800 }, tablet: { width: 820, height: 1180 }, phone: { width: 390, height: 844 } };
/** 1280 by 1024 at 400 %. */
const FOUR_TIMES = { width: 320, height: 256 };

/** The page is one, and so are its roles and colours: the layout of the laptop in one language, that of the phone in the others. */
const searchedAt = (language: string): string => (language === 'en' ? 'laptop' : 'phone');

/** Buttons whose words do not fit in them, as long words in another language do not. */
const burst = (page: Page): Promise<string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('button, a')]
      .filter((element) => element.checkVisibility() && !element.closest('.sr-only, svg') && element.scrollWidth > element.clientWidth + 1)
      .filter((element) => getComputedStyle(element).display !== 'inline')
      .map((element) => element.textContent!.trim()),
  );

/** What has no place on the smallest screen, or lies under something else there. */
const covered = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const missed: string[] = [];
    for (const element of document.querySelectorAll<HTMLElement>('main button, main a, main input, main summary')) {
      if (!element.checkVisibility() || element.closest('.sr-only')) {
        continue;
      }
      element.scrollIntoView({ block: 'center', inline: 'center' });
      const box = element.getBoundingClientRect();
      const there = document.elementFromPoint(box.x + box.width / 2, box.y + Math.min(box.height / 2, 40));
      if (!there || !(element.contains(there) || there.contains(element))) {
        missed.push(element.textContent!.trim() || element.outerHTML.slice(0, 80));
      }
    }
    return missed;
  });

for (const language of readdirSync('lang')) {
  for (const screen of SCREENS) {
    test(`${screen.name} in ${language}: no fault for anybody, nothing runs off the side, and at four times its size it flows`, async ({
      browser,
    }) => {
      const page = await pageOf(browser, 'Imke', { viewport: SIZES.laptop, reducedMotion: 'reduce' });
      await page.addInitScript((code) => localStorage.setItem('hound-check.language', code), language);
      await open(page, screen);
      await expect(page.locator('html')).toHaveAttribute('lang', language);

      for (const [size, viewport] of Object.entries(SIZES)) {
        await page.setViewportSize(viewport);
        if (size === searchedAt(language)) {
          expect(await faults(page), size).toEqual([]);
        }
        expect(await page.evaluate(() => document.documentElement.scrollWidth), size).toBeLessThanOrEqual(viewport.width);
        expect(await burst(page), size).toEqual([]);
      }

      await page.setViewportSize(FOUR_TIMES);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(FOUR_TIMES.width);
      expect(await covered(page)).toEqual([]);
      await page.close();
    });
  }
}

for (const language of readdirSync('lang')) {
  test(`dogs that are not ready today fit their rows in ${language}`, async ({ browser }) => {
    const page = await pageOf(browser, 'Imke', { viewport: SIZES.laptop, reducedMotion: 'reduce' });
    await page.addInitScript((code) => localStorage.setItem('hound-check.language', code), language);
    await page.route('**/api/days?*', async (route) => {
      const answer = await route.fetch();
      const ahead = (await answer.json()) as { days: { forecast: { ready: { likely: string | null }[] } }[] };
      ahead.days.forEach((day) => day.forecast.ready.forEach((one) => (one.likely = null)));
      await route.fulfill({ response: answer, json: ahead });
    });
    await page.goto('/');
    await expect(page.getByText(/^(not today|heute nicht)$/).first()).toBeVisible();
    expect(await burst(page)).toEqual([]);
    await page.close();
  });
}

test('what is wrong on a screen is seen', async ({ page }) => {
  await page.goto('/sign-in');
  await expect(page.getByLabel('Password')).toBeVisible();
  await page.evaluate(() => {
    Object.assign(document.querySelector<HTMLElement>('button[type=submit]')!.style, { color: '#bbb', background: '#ccc' });
    document.querySelectorAll('label').forEach((label) => (label.outerHTML = label.innerHTML));
  });
  expect((await faults(page)).map((fault) => fault.split(':')[0])).toEqual(expect.arrayContaining(['color-contrast', 'label']));
});

test('signing in has no fault', async ({ page }) => {
  await page.goto('/sign-in');
  await expect(page.getByLabel('Password')).toBeVisible();
  expect(await faults(page)).toEqual([]);
});

test('the dialog of who and when has no fault, and fits a phone', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { viewport: SIZES.phone });
  await page.goto('/');
  await page.getByRole('button', { name: 'Rook: who and when' }).click();
  await expect(page.getByRole('slider')).toBeVisible();
  expect(await faults(page, '[role=dialog]')).toEqual([]);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(SIZES.phone.width);
  expect(await burst(page)).toEqual([]);
  await page.close();
});

test('the dialogs have no fault', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/');
  await page.getByRole('link', { name: /Dulse/ }).click();
  for (const [key, heading] of [
    ['s', /^Skin:/],
    ['n', /^Note:/],
    ['?', /^Keys/],
  ] as const) {
    await expect(page.getByRole('heading', { level: 1, name: 'Foreleg, right' })).toBeVisible();
    await page.keyboard.press(key);
    await expect(page.getByRole('heading', { name: heading })).toBeVisible();
    expect(await faults(page, '[role=dialog]')).toEqual([]);
    await page.keyboard.press('Escape');
  }
  await page.close();
});

test('targets are large enough for wet hands, and the record prints on paper', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { viewport: SIZES.tablet });
  await page.goto('/');
  await page.getByRole('link', { name: /Oriel/ }).click();
  await expect(page).toHaveURL(/\/visits\/[0-9A-Z]{26}\/[a-z]+$/);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  const small = await page.evaluate(() =>
    [...document.querySelectorAll('main button, main a')]
      .map((element) => ({ name: element.textContent!.trim().slice(0, 30), box: element.getBoundingClientRect() }))
      .filter(({ box }) => box.width > 0 && (box.height < 43.5 || box.width < 43.5))
      .map(({ name, box }) => `${name} ${Math.round(box.width)}x${Math.round(box.height)}`),
  );
  expect(small).toEqual([]);

  await page.goto(page.url().replace(/[a-z]+$/, 'record'));
  await expect(page.getByText('What was found')).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByText('Groomer, date')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await page.close();
});

test('an address that leads nowhere says so', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/visits/01J00000000000000000000000/plan');
  await expect(page.getByRole('heading', { name: 'There is nothing at this address.' })).toBeVisible();
  await page.goto('/attic');
  await expect(page.getByText('There is nothing at this address.')).toBeVisible();
  await page.close();
});
