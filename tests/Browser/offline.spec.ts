import { readFileSync, writeFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { arrival, expect, pageOf, signIn, test, timelineOf } from './salon';

/** A page whose application is on the device, as after the first visit to it. */
async function installed(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.evaluate(() => navigator.serviceWorker.ready);
  // The page that was loading in the moment of installing may belong to nobody yet; the next one does not.
  await page.reload();
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
}

const checks = async (page: Page, id: string) => (await timelineOf(page, id)).filter((mark) => mark.kind === 'comb_checked');

test('an inspection goes on over a reload without network, and everything arrives once and in order', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { serviceWorkers: 'allow' });
  const id = await arrival(page, 'Basement');
  await installed(page, `/visits/${id}/inspection`);
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByText('saved')).toBeVisible();

  await page.context().setOffline(true);
  await page.keyboard.press('Space');
  await page.keyboard.press('3');
  await expect(page.getByText('2 to send')).toBeVisible();
  await page.reload();
  await expect(page.getByRole('heading', { level: 1, name: 'Hind leg, left' })).toBeVisible();
  await expect(page.getByText('2 Tangle so far')).toBeVisible();
  await expect(page.getByText('2 to send')).toBeVisible();
  await expect(page.getByText('no network', { exact: true })).toBeVisible();
  for (const key of ['1', '1', '2', '5', 'Space', 'Space']) {
    await page.keyboard.press(key);
  }
  await expect(page.getByRole('heading', { level: 1, name: 'Breeches, left' })).toBeVisible();

  await page.context().setOffline(false);
  await expect(page.getByText('saved')).toBeVisible({ timeout: 20_000 });
  expect((await checks(page, id)).map((mark) => mark.section)).toEqual([
    ...['hindfoot_l', 'hindfoot_r'],
    ...['hindleg_l', 'hindleg_l', 'hindleg_l', 'hindleg_l', 'hindleg_l'],
    'hindleg_r',
  ]);
});

test('a browser that was killed without network opens the day and the dog again without network', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { serviceWorkers: 'allow' });
  const id = await arrival(page, 'Powercut');
  await installed(page, '/');
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  await page.context().setOffline(true);
  await page.keyboard.press('Space');
  await expect(page.getByText('1 to send')).toBeVisible();

  const again = await page.context().newPage();
  await page.close();
  await again.goto('/');
  await expect(again.getByText('Shown as it was last seen at')).toBeVisible();
  await again.goto(`/visits/${id}/inspection`);
  await expect(again.getByRole('heading', { level: 1, name: 'Hind foot, right' })).toBeVisible();
  await again.keyboard.press('Space');
  await expect(again.getByText('2 to send')).toBeVisible();

  await again.context().setOffline(false);
  await expect(again.getByText('saved')).toBeVisible({ timeout: 20_000 });
  expect(await checks(again, id)).toHaveLength(2);
});

test('two tablets, one of them without network for a while, end with the same dog', async ({ browser }) => {
  const cellar = await pageOf(browser, 'Imke', { serviceWorkers: 'allow' });
  const table = await pageOf(browser, 'Teo');
  const id = await arrival(cellar, 'Apart');
  await installed(cellar, `/visits/${id}/inspection`);
  await table.goto(`/visits/${id}/inspection`);
  await expect(table.getByText('0 of 30 checked')).toBeVisible();
  await cellar.context().setOffline(true);
  await cellar.keyboard.press('Space');
  await cellar.keyboard.press('Space');
  await table.getByRole('button', { name: /^Tail:/ }).click();
  await table.keyboard.press('2');
  await expect(table.getByText('1 of 30 checked')).toBeVisible();
  await expect(cellar.getByText('2 of 30 checked')).toBeVisible();

  await cellar.context().setOffline(false);
  for (const tablet of [cellar, table]) {
    await expect(tablet.getByText('3 of 30 checked')).toBeVisible({ timeout: 20_000 });
    await expect(tablet.getByRole('button', { name: /^Tail: 1 Drag/ })).toBeVisible();
  }
  expect(await checks(table, id)).toHaveLength(3);
});

test('after signing out nothing of the salon can be seen on the device without network', async ({ browser }) => {
  // A session of its own: signing out would end the one that the other tests share.
  const page = await (await browser.newContext({ serviceWorkers: 'allow' })).newPage();
  await signIn(page, 'Rosalind');
  await installed(page, '/');
  await expect(page.getByRole('link', { name: /Dulse/ })).toBeVisible();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByLabel('Your name')).toBeVisible();
  await page.context().setOffline(true);
  await page.goto('/');
  await expect(page.getByLabel('Your name')).toBeVisible();
  await expect(page.getByText('Dulse')).toHaveCount(0);
});

test('a new version is announced, waits while somebody is at a dog, and is opened when somebody says so', async ({ browser }) => {
  const worker = 'public/service-worker.js';
  const built = readFileSync(worker);
  const page = await pageOf(browser, 'Imke', { serviceWorkers: 'allow' });
  const id = await arrival(page, 'Newer');
  await installed(page, `/visits/${id}/inspection`);
  const opened = (): Promise<number> => page.evaluate(() => performance.timeOrigin);
  const before = await opened();
  try {
    writeFileSync(worker, `${built.toString()}\n// the next version`);
    await page.evaluate(async () => (await navigator.serviceWorker.ready).update());
    await expect(page.getByText('new version ready')).toBeVisible();
    // In mid-section it is only mentioned.
    await page.keyboard.press('Space');
    await expect(page.getByText('1 of 30 checked')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Open it' })).toHaveCount(0);
    expect(await opened()).toBe(before);

    await page.getByRole('link', { name: 'Newer, back to the day' }).click();
    await expect(page.getByText('A new version is ready.')).toBeVisible();
    expect(await opened()).toBe(before);
    await page.getByRole('button', { name: 'Open it' }).click();
    // While the page is opened anew it has no time of its own.
    await expect.poll(() => opened().catch(() => 0)).toBeGreaterThan(before);
    await expect(page.getByText('A new version is ready.')).toHaveCount(0);
  } finally {
    writeFileSync(worker, built);
  }
});
