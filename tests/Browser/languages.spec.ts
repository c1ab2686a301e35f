import { arrival, expect, inspected, mark, pageOf, record, test } from './salon';
import type { Page } from '@playwright/test';

async function answersOf(page: Page, visit: string): Promise<Record<string, unknown>> {
  return ((await (await page.request.get(`/api/visits/${visit}`)).json()) as { arrival: Record<string, unknown> }).arrival;
}

test('a language chosen at the door is spoken from then on, and goes with the person who chooses it inside', async ({ browser }) => {
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const page = await context.newPage();
  await page.goto('/sign-in');
  await page.getByRole('button', { name: 'Deutsch' }).click();
  await page.getByLabel('Dein Name').fill('Teo');
  await page.getByLabel('Passwort').fill('no-such-word');
  await page.getByRole('button', { name: 'Anmelden' }).click();
  // The server answers in it as well.
  await expect(page.getByRole('alert')).toContainText('Name und Passwort passen nicht zusammen');
  await page.getByLabel('Passwort').fill('small-gull-towel');
  await page.getByRole('button', { name: 'Anmelden' }).click();
  await expect(page.getByRole('link', { name: 'Ein Hund kommt' })).toBeVisible();
  await expect(page).toHaveTitle('Der Tag · Hound Check');

  // By the list of the keys, and on another tablet.
  await page.keyboard.press('?');
  await page.getByRole('dialog').getByRole('button', { name: 'English' }).click();
  await expect(page.getByRole('link', { name: 'A dog comes in' })).toBeVisible();
  await page.keyboard.press('?');
  await page.getByRole('dialog').getByRole('button', { name: 'Deutsch' }).click();
  await expect(page.getByRole('link', { name: 'Ein Hund kommt' })).toBeVisible();
  const other = await browser.newContext({ serviceWorkers: 'block', storageState: { cookies: await context.cookies(), origins: [] } });
  const there = await other.newPage();
  await there.goto('/');
  await expect(there.getByRole('link', { name: 'Ein Hund kommt' })).toBeVisible();

  await there.getByRole('button', { name: 'English' }).click();
  await expect(there.getByRole('link', { name: 'A dog comes in' })).toBeVisible();
  await context.close();
  await other.close();
});

test('a client is written to in their own language, and the page of the link opens in it whatever the phone speaks', async ({
  browser,
}) => {
  const page = await pageOf(browser, 'Imke');
  const id = await inspected(
    page,
    'Zunge',
    { tail: { comb: 'stops', skinLine: 'clear', opens: 'fingers', mattedShare: 0.2, liftMm: 10 } },
    { dog: { client: { name: 'Client of Zunge', phone: '0555 0124' } } },
  );
  await record(page, id, [mark('treatment_chosen', { treatment: 'clip:9.5' }, 'tail')]);
  await page.goto(`/visits/${id}/arrival`);
  await page.getByRole('radiogroup', { name: 'Messages to Client of Zunge in' }).getByRole('radio', { name: 'Deutsch' }).click();
  await expect.poll(async () => (await (await page.request.get(`/api/visits/${id}`)).json()).dog.client.language).toBe('de');

  await page.goto(`/visits/${id}/plan`);
  await page.getByRole('button', { name: /the one best plan/i }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Everything is decided' })).toBeVisible();
  await page.getByRole('button', { name: /Send the link/ }).click();
  await page.getByRole('link', { name: 'The stand-in shows the phone.' }).click();
  await expect(page.getByText(/was wir bei Zunge gefunden haben/)).toBeVisible();
  const address = await page.getByRole('link', { name: 'Open the page' }).first().getAttribute('href');

  const phone = await browser.newContext({ serviceWorkers: 'block', viewport: { width: 390, height: 844 }, locale: 'en-GB' });
  const client = await phone.newPage();
  await client.goto(address!);
  await expect(client.getByRole('heading', { level: 1, name: 'Zunge: was wir gefunden haben' })).toBeVisible();
  await expect(client.locator('html')).toHaveAttribute('lang', 'de');
  await expect(client.locator('svg.cc .cc-num').first()).toHaveText('9,5');
  await client.getByRole('button', { name: 'Ja, so machen' }).click();
  await client.getByRole('button', { name: 'Ja, einverstanden' }).click();
  await expect(client.getByText('Danke. Wir machen es, wie Sie gewählt haben.')).toBeVisible();
  await phone.close();
  await page.close();
});

test('a salon that counts in inches and pounds reads and types them, and mm and kg are kept', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.route('**/api/session', async (route) => {
    const answer = await route.fetch();
    const session = await answer.json();
    await route.fulfill({ response: answer, json: { ...session, salon: { ...session.salon, units: 'imperial' } } });
  });
  const id = await arrival(page, 'Inch');
  await page.goto(`/visits/${id}/arrival`);
  await expect(page.getByText('13.2 lb on the card')).toBeVisible();
  await expect(page.getByText('1.6 in now')).toBeVisible();
  await page.getByLabel('Weight today').fill('12.5');
  await page.getByLabel('Length wanted').fill('1.5');
  await page.getByLabel('Wishes').click();
  await expect.poll(() => answersOf(page, id)).toMatchObject({ weightKg: 5.67, wantedMm: 38.1 });
  await expect(page.getByLabel('Weight today')).toHaveValue('12.5');
  await page.close();
});
