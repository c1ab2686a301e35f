import type { Page } from '@playwright/test';
import { arrival, expect, pageOf, test, visitOf, signIn } from './salon';

async function tangle(page: Page, id: string): Promise<void> {
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  for (const key of ['3', '1', '1', '2', '5']) {
    await page.keyboard.press(key);
  }
  await expect(page.getByText('2 Tangle, because the comb stops.')).toBeVisible();
}

test('a groomer grades otherwise with a reason, both grades are kept, and the owner reads it', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const id = await arrival(page, 'Felted');
  await tangle(page, id);
  await page.keyboard.press('g');
  await page.getByRole('radio', { name: '3 Mat' }).click();
  await page.getByRole('button', { name: 'Keep my grade' }).click();
  await expect(page.getByText('Say why: it teaches people, or the rule.')).toBeVisible();
  await page.getByLabel('Why').fill('Felts again as I open it');
  await page.getByRole('button', { name: 'Keep my grade' }).click();
  await expect(page.getByText('3 Mat by Rosalind counts instead: “Felts again as I open it”')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Hind foot, left: 3 Mat, by Rosalind' })).toBeVisible();
  await expect.poll(async () => (await visitOf(page, id)).sections.hindfoot_l).toMatchObject({ grade: 2, inForce: 3 });

  const owner = await pageOf(browser, 'Imke');
  await owner.goto('/');
  await owner.getByRole('link', { name: 'The house' }).click();
  await owner.getByRole('link', { name: 'Graded otherwise' }).click();
  await expect(owner.getByText('“Felts again as I open it” Rosalind')).toBeVisible();

  await page.keyboard.press('u');
  await expect(page.getByText('3 Mat by Rosalind')).toHaveCount(0);
  await expect.poll(async () => (await visitOf(page, id)).sections.hindfoot_l).toMatchObject({ grade: 2, inForce: 2 });
});

test('an apprentice combs, and leaves the judgement to a groomer', async ({ browser }) => {
  const page = await pageOf(browser, 'Teo');
  const id = await arrival(page, 'Learned');
  await tangle(page, id);
  await expect(page.getByRole('button', { name: /I grade it otherwise/ })).toHaveCount(0);
  await page.goto('/house/rules');
  await expect(page.getByRole('heading', { name: 'This is the owner’s.' })).toBeVisible();
});

test('the owner changes a rule for new visits, sees who changed what, and puts it back', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/house/rules');
  const layer = page.getByLabel('Thickness of a layer');
  await layer.fill('150');
  await page.getByRole('button', { name: 'Save for new visits' }).click();
  await expect(page.getByText('Give a number from 5 to 40 mm.')).toBeVisible();
  await expect(layer).toHaveValue('150');
  await page.reload();
  await expect(layer).toHaveValue('150');

  await layer.fill('12,5');
  await page.getByLabel('Why, for whoever reads it later').fill('Finer layers');
  await page.getByRole('button', { name: 'Save for new visits' }).click();
  await expect(page.getByText(/^Saved as version \d+\.$/)).toBeVisible();
  const versions = page.getByRole('region', { name: 'Versions' });
  await expect(versions.getByText('Thickness of a layer: 15 mm → 12.5 mm').first()).toBeVisible();
  await expect(versions.getByText('Finer layers').first()).toBeVisible();
  await expect(layer).toHaveValue('12.5');

  await versions.getByRole('button', { name: 'Put version 1 back' }).click();
  await expect(versions.getByText('Version 1 put back').first()).toBeVisible();
  await expect(layer).toHaveValue('15');
});

test('a salon’s own order is tapped on the chart and is the order of the next inspection', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/house/rules');
  await page.getByRole('radio', { name: 'Our own order' }).click();
  const chart = page.getByRole('group', { name: 'Tap the sections in your order' });
  await chart.getByRole('button', { name: /^Tail:/ }).click();
  await chart.getByRole('button', { name: /^Belly:/ }).click();
  await page.getByRole('button', { name: 'Save for new visits' }).click();
  await expect(page.getByText('Your own order needs all 30 sections, each once.')).toBeVisible();
  for (let placed = 2; placed < 30; placed++) {
    await chart
      .getByRole('button', { name: /not yet in the order$/ })
      .first()
      .click();
  }
  await page.getByRole('button', { name: 'Save for new visits' }).click();
  await expect(page.getByText(/^Saved as version \d+\.$/)).toBeVisible();

  const id = await arrival(page, 'Ordered');
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByRole('heading', { level: 1, name: 'Tail' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { level: 1, name: 'Belly' })).toBeVisible();
  await page.goto('/house/rules');
  await page.getByRole('radio', { name: 'Feet up, rear to front, head last' }).click();
  await page.getByRole('button', { name: 'Save for new visits' }).click();
  await expect(page.getByText(/^Saved as version \d+\.$/)).toBeVisible();
});

test('the owner adds somebody, who signs in and changes the password; then the access ends', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/house/people');
  await page.getByRole('button', { name: 'Add somebody' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel('Name to sign in with').fill('Nellwyn');
  await dialog.getByRole('radio', { name: 'apprentice' }).click();
  await dialog.getByLabel('Password').fill('short');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(dialog.getByText('The password must have at least 10 characters.')).toBeVisible();
  await expect(dialog.getByLabel('Name to sign in with')).toHaveValue('Nellwyn');
  await dialog.getByLabel('Password').fill('eel-grass-comb');
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('Nellwyn: kept.')).toBeVisible();

  const context = await browser.newContext({ serviceWorkers: 'block' });
  const hers = await context.newPage();
  await hers.goto('/sign-in');
  await hers.getByLabel('Your name').fill('Nellwyn');
  await hers.getByLabel('Password').fill('eel-grass-comb');
  await hers.getByRole('button', { name: 'Sign in' }).click();
  await hers.getByRole('button', { name: 'My password' }).click();
  await hers.getByLabel('Password now').fill('eel-grass-comb');
  await hers.getByLabel('New password', { exact: true }).fill('kelp-grass-comb');
  await hers.getByLabel('New password once more').fill('kelp-glass-comb');
  await hers.getByRole('button', { name: 'Change it' }).click();
  await expect(hers.getByText('The two new passwords differ.')).toBeVisible();
  await hers.getByLabel('New password once more').fill('kelp-grass-comb');
  await hers.getByRole('button', { name: 'Change it' }).click();
  await hers.getByRole('button', { name: 'Sign in with it' }).click();
  await hers.getByLabel('Your name').fill('Nellwyn');
  await hers.getByLabel('Password').fill('kelp-grass-comb');
  await hers.getByRole('button', { name: 'Sign in' }).click();
  await expect(hers.getByRole('heading', { level: 1 })).toContainText('here');

  // A tablet that was lost: its sign-in is seen and ended, and she signs in again on another.
  await page.reload();
  await page.getByRole('button', { name: 'End the sign-in of Nellwyn: Chrome, Linux' }).click();
  await expect(page.getByText('Ended. Whoever has that device must sign in again.')).toBeVisible();
  await hers.goto('/dogs');
  await expect(hers).toHaveURL(/sign-in/);
  await hers.getByLabel('Your name').fill('Nellwyn');
  await hers.getByLabel('Password').fill('kelp-grass-comb');
  await hers.getByRole('button', { name: 'Sign in' }).click();
  await expect(hers.getByRole('heading', { level: 1 })).toBeVisible();
  await expect(hers).toHaveURL(/\/dogs$/);

  await page.getByRole('button', { name: 'Change Nellwyn' }).click();
  await dialog.getByRole('button', { name: 'Works here' }).click();
  await dialog.getByRole('button', { name: 'Keep' }).click();
  await expect(page.getByText('no longer signs in')).toBeVisible();
  await hers.goto('/dogs');
  await expect(hers).toHaveURL(/sign-in/);

  await page.goto('/house/log');
  const told = ['ended the access of Nellwyn, apprentice', 'ended a sign-in of Nellwyn: Chrome, Linux', 'added Nellwyn as apprentice'];
  for (const words of told) {
    await expect(page.getByText(`Imke ${words}`)).toBeVisible();
  }
  await expect(page.getByText('Nellwyn changed their own password')).toBeVisible();
});

test('people change by PIN on a tablet that the owner opened for it', async ({ browser }) => {
  // A session of its own: whoever is changed from is signed out here.
  const context = await browser.newContext({ serviceWorkers: 'block' });
  const page = await context.newPage();
  await signIn(page, 'Teo');
  await page.getByRole('button', { name: 'My password' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByText('A PIN for the salon’s tablets').click();
  await dialog.getByLabel('Your password, to be sure').fill('small-gull-towel');
  await dialog.getByLabel('New PIN').fill('1234');
  await dialog.getByRole('button', { name: 'Keep the PIN' }).click();
  await expect(dialog.getByText('Four to eight figures, and not in a row: neither 1111 nor 1234.')).toBeVisible();
  await dialog.getByLabel('New PIN').fill('4072');
  await dialog.getByRole('button', { name: 'Keep the PIN' }).click();
  await expect(dialog.getByText('The PIN is kept.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('link', { name: 'Change person' })).toHaveCount(0);

  await signIn(page, 'Imke');
  await page.goto('/house/people');
  await page.getByRole('button', { name: 'By PIN on this tablet' }).click();
  await expect(page.getByRole('button', { name: 'By PIN on this tablet' })).toHaveAttribute('aria-pressed', 'true');
  await page.goto('/');
  await page.getByRole('link', { name: 'Change person' }).click();
  await expect(page.getByRole('link', { name: 'Go on as Imke' })).toBeVisible();
  await page.getByRole('button', { name: 'Teo' }).click();
  await page.getByLabel('PIN', { exact: true }).fill('9999');
  await page.getByRole('button', { name: 'It is me' }).click();
  await expect(page.getByText('This PIN is not right. Try again, or sign in with the password.')).toBeVisible();
  await page.getByLabel('PIN', { exact: true }).fill('4072');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('button', { name: /^Teo, apprentice/ })).toBeVisible();

  // Another device knows neither the names nor the PIN.
  const elsewhere = await (await browser.newContext({ serviceWorkers: 'block' })).newPage();
  await elsewhere.goto('/sign-in');
  await expect(elsewhere.getByRole('button', { name: 'Sign in' })).toBeVisible();
  await expect(elsewhere.getByText('Who is it?')).toHaveCount(0);
  await elsewhere.close();
  await page.close();
});

test('the owner takes the salon’s tables along, and the log says so', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/house/records');
  const download = page.waitForEvent('download');
  await page.getByRole('link', { name: 'Tables only (ZIP)' }).click();
  expect((await download).suggestedFilename()).toMatch(/^hound-check-tables-\d{4}-\d{2}-\d{2}\.zip$/);
  expect(await (await download).failure()).toBeNull();
  await page.goto('/house/log');
  await expect(page.getByText('Imke took the tables of the salon out').first()).toBeVisible();
  await page.close();
});
