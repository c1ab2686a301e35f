import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { type BrowserContext, chromium, type Page } from '@playwright/test';
import { arrival, expect, inspected, pageOf, signIn, test, timelineOf } from './salon';

/** Ends every process of the browser that works in this profile, as a power cut does: nothing is asked, nothing is written. */
function kill(profile: string): void {
  const pids = readdirSync('/proc').filter((pid) => {
    try {
      return /^\d+$/.test(pid) && readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(profile);
    } catch {
      return false;
    }
  });
  expect(pids.length).toBeGreaterThan(0);
  execFileSync('kill', ['-9', ...pids]);
}

/** A tablet with a disk of its own. */
class Tablet {
  readonly profile = mkdtempSync(join(tmpdir(), 'hound-check-tablet-'));
  private context!: BrowserContext;

  constructor(private readonly baseURL: string) {}

  async open(): Promise<Page> {
    this.context = await chromium.launchPersistentContext(this.profile, {
      executablePath: '/usr/bin/chromium-headless-shell',
      baseURL: this.baseURL,
      viewport: { width: 1280, height: 800 },
      locale: 'en-GB',
      timezoneId: 'UTC',
      serviceWorkers: 'allow',
    });
    return this.context.pages()[0] ?? (await this.context.newPage());
  }

  /** What is recorded does not reach the server; everything else does. */
  async holdBack(): Promise<void> {
    await this.context.route(/\/api\/visits\/[^/]+\/(marks|photos)$/, (route) => route.abort());
  }

  async offline(): Promise<void> {
    await this.context.setOffline(true);
  }

  async killed(): Promise<void> {
    kill(this.profile);
    await this.context.close().catch(() => undefined);
  }

  async gone(): Promise<void> {
    await this.context.close().catch(() => undefined);
    rmSync(this.profile, { recursive: true, force: true });
  }
}

async function installed(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
}

/** Clear places, one after the other, each as soon as the one before it is passed. */
async function comb(page: Page, from: number, to: number): Promise<void> {
  await expect(page.getByText(`${from} of 30 checked`)).toBeVisible();
  for (let done = from; done < to; done++) {
    await page.keyboard.press('Space');
    await expect(page.getByText(`${done + 1} of 30 checked`)).toBeVisible();
    await page.waitForTimeout(410);
  }
}

const checks = async (page: Page, id: string): Promise<(string | null)[]> =>
  (await timelineOf(page, id)).filter((mark) => mark.kind === 'comb_checked').map((mark) => mark.section);

test('a browser that is killed, twice, has kept every mark of three dogs, once', async ({ browser, baseURL }) => {
  const counter = await pageOf(browser, 'Rosalind');
  const visits = [await arrival(counter, 'Kelp'), await arrival(counter, 'Wrack'), await arrival(counter, 'Dabber')];
  const tablet = new Tablet(baseURL!);
  try {
    let page = await tablet.open();
    await signIn(page, 'Imke');
    for (const id of visits) {
      await installed(page, `/visits/${id}/inspection`);
      await expect(page.getByText('0 of 30 checked')).toBeVisible();
    }
    await tablet.offline();
    for (const [burst, from, to] of [
      [1, 0, 6],
      [2, 6, 12],
    ] as const) {
      for (const id of visits) {
        await page.goto(`/visits/${id}/inspection`);
        await comb(page, from, to);
      }
      await expect(page.getByText(`${burst * 18} to send, kept here`)).toBeVisible();
      await tablet.killed();
      page = await tablet.open();
      await tablet.offline();
      await page.goto(`/visits/${visits[0]}/inspection`);
      await expect(page.getByText(`${burst * 18} to send, kept here`)).toBeVisible();
      await expect(page.getByText(`${to} of 30 checked`)).toBeVisible();
    }
    await tablet.killed();
    page = await tablet.open();
    // The browser may have lost who was signed in; what waits it has not.
    await signIn(page, 'Imke');
    await expect(page.getByText('saved')).toBeVisible({ timeout: 30_000 });
    for (const id of visits) {
      const sections = await checks(counter, id);
      expect([sections.length, new Set(sections).size]).toEqual([12, 12]);
    }
  } finally {
    await tablet.gone();
  }
});

test('300 marks and 15 photos outlive the browser, also while somebody else is signed in', async ({ browser, baseURL }) => {
  test.setTimeout(240_000);
  const counter = await pageOf(browser, 'Teo');
  const id = await inspected(counter, 'Marram', {
    tail: { comb: 'stops', skinLine: 'patchy', opens: 'fingers', mattedShare: 0.2, liftMm: 9.5 },
  });
  const tablet = new Tablet(baseURL!);
  const mists = async (): Promise<number> => (await timelineOf(counter, id)).filter((mark) => mark.kind === 'misted').length;
  const photos = async (): Promise<number> => (await (await counter.request.get(`/api/visits/${id}`)).json()).photos.length;
  try {
    let page = await tablet.open();
    await signIn(page, 'Imke');
    await page.goto(`/visits/${id}/table`);
    await page.getByRole('button', { name: /^Begin/ }).click();
    await expect(page.getByText('saved')).toBeVisible();
    await tablet.holdBack();
    for (let press = 0; press < 300; press++) {
      await page.keyboard.press('m');
    }
    const picture = await page.screenshot({ type: 'jpeg', quality: 60 });
    for (let taken = 0; taken < 15; taken++) {
      await page.keyboard.press('f');
      await page.locator('input[type=file]').nth(1).setInputFiles({ name: 'coat.jpg', mimeType: 'image/jpeg', buffer: picture });
      await expect(page.getByAltText('The photo you are about to keep')).toBeVisible();
      await page.getByRole('button', { name: 'Keep the photo' }).click();
      await expect(page.getByRole('dialog')).toHaveCount(0);
    }
    await expect(page.getByText('315 to send, kept here')).toBeVisible();
    await page.goto('/');
    await page.getByRole('button', { name: 'Sign out' }).click();
    await signIn(page, 'Rosalind');
    await expect(page.getByText('315 to send, kept here, by Imke')).toBeVisible();
    await tablet.killed();

    page = await tablet.open();
    // The browser may have lost who was signed in; what waits it has not.
    await signIn(page, 'Rosalind');
    await expect(page.getByText('315 to send, kept here, by Imke')).toBeVisible();
    expect([await mists(), await photos()]).toEqual([0, 0]);
    await page.getByRole('button', { name: 'Sign out' }).click();
    await signIn(page, 'Imke');
    await expect(page.getByText('saved')).toBeVisible({ timeout: 60_000 });
    expect([await mists(), await photos()]).toEqual([300, 15]);
  } finally {
    await tablet.gone();
  }
});
