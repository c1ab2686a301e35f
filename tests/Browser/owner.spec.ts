import { expect, pageOf, test } from './salon';

test('an owner’s plan: chosen in the salon, on the owner’s phone by a link, ticked without a network, told when there is one', async ({
  browser,
}) => {
  const salon = await pageOf(browser, 'Imke');
  await salon.goto('/');
  const address = (await salon.getByRole('link', { name: /\bMarlow\b/ }).getAttribute('href'))!;
  await salon.goto(address.replace(/[a-z]+$/, 'next'));
  await salon.getByRole('link', { name: 'What will be brushed at home?' }).click();
  const places = salon.getByRole('list', { name: 'Places in the order of brushing' }).getByRole('listitem');
  const few = await places.count();
  await salon.getByRole('button', { name: '15 min' }).click();
  await expect.poll(() => places.count()).toBeGreaterThan(few);
  await salon.getByRole('button', { name: /^Send to/ }).click();
  await expect(salon.getByText('15 min, twice a week; the page is open until')).toBeVisible();
  await expect(salon.getByRole('button', { name: 'Sent' })).toBeDisabled();

  const { messages } = await (await salon.request.get('/api/messages')).json();
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })).newPage();
  await phone.goto(messages[0].url);
  await expect(phone.getByText('15 minutes, twice a week')).toBeVisible();
  expect(await phone.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  const first = phone.getByRole('list', { name: 'Places in the order of brushing' }).getByRole('button').first();
  await expect(first).toHaveAttribute('aria-current', 'step');

  // Down at the river there is no network: the tick stays, over a reload too, and is told later.
  await phone.route('**/api/**', (route) => route.abort());
  await phone.getByRole('button', { name: /^Done, now/ }).tap();
  await expect(first).toContainText('✓');
  await expect(phone.getByText('No network: ticks are kept here and sent later.')).toBeVisible();
  await phone.reload();
  await expect(first).toContainText('✓');
  await phone.unroute('**/api/**');
  await phone.reload();
  await expect(phone.getByText('No network: ticks are kept here and sent later.')).toBeHidden();
  await expect.poll(async () => (await (await phone.request.get(`/api${messages[0].url}`)).json()).ticks.length).toBe(1);

  // Touched again, a tick undoes itself.
  await first.tap();
  await phone.getByRole('button', { name: 'Not done after all' }).tap();
  await expect(first).not.toContainText('✓');
  await expect.poll(async () => (await (await phone.request.get(`/api${messages[0].url}`)).json()).ticks.length).toBe(0);

  await salon.getByRole('button', { name: 'Withdraw the page' }).click();
  await expect(salon.getByRole('button', { name: /^Send to/ })).toBeVisible();
  await phone.reload();
  await expect(phone.getByRole('heading', { name: 'This page is not open' })).toBeVisible();
});

test('the owner’s plan prints on one page, and all done says so', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/');
  const address = (await page.getByRole('link', { name: /\bTolly\b/ }).getAttribute('href'))!;
  await page.goto(address.replace(/[a-z]+$/, 'owner'));
  await expect(page.getByRole('button', { name: /^Send to/ })).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByText('Never bathe over knots')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  expect((await page.pdf({ format: 'A4' })).toString('latin1').match(/\/Type\s*\/Page[^s]/g)).toHaveLength(1);
});

test('the record of a visit goes to the client as a file that opens without an account, until it is withdrawn', async ({ browser }) => {
  const salon = await pageOf(browser, 'Imke');
  await salon.goto('/');
  const { dogs } = await (await salon.request.get('/api/dogs?search=Bertram')).json();
  const { visits } = await (await salon.request.get(`/api/dogs/${dogs[0].id}/years`)).json();
  await salon.goto(`/visits/${visits.at(-1).id}/record`);
  const file = salon.getByRole('link', { name: 'PDF' });
  const own = await salon.request.get((await file.getAttribute('href'))!);
  expect([own.headers()['content-type'], (await own.body()).subarray(0, 5).toString()]).toEqual(['application/pdf', '%PDF-']);

  // What is sent on a line that breaks is said to be not sent, and sent with the same press again.
  await salon.getByRole('button', { name: 'Send to the client' }).click();
  const dialog = salon.getByRole('dialog');
  await salon.route('**/sheet-links', (route) => route.abort());
  await dialog.getByRole('button', { name: /^Send it to/ }).click();
  await expect(dialog.getByRole('alert')).toContainText('Nothing was sent');
  await salon.unroute('**/sheet-links');
  await dialog.getByRole('button', { name: /^Send it to/ }).click();
  await expect(dialog.getByRole('status')).toContainText('can open it until');

  const { messages } = await (await salon.request.get('/api/messages')).json();
  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })).newPage();
  await phone.goto(messages[0].url);
  const open = phone.getByRole('link', { name: 'Open the record' });
  const address = (await open.getAttribute('href'))!;
  const sent = await phone.request.get(address);
  expect([sent.status(), sent.headers()['content-type']]).toEqual([200, 'application/pdf']);

  await dialog.getByRole('button', { name: 'Withdraw it' }).click();
  await expect(dialog.getByRole('status')).toBeHidden();
  await phone.reload();
  await expect(phone.getByRole('heading', { name: 'This page is not open.' })).toBeVisible();
  expect((await phone.request.get(address)).status()).toBe(403);
});
