import { expect, pageOf, post, test, ulid } from './salon';
import type { Page } from '@playwright/test';

async function newDog(page: Page, name: string): Promise<string> {
  const dog = await post<{ id: string }>(page, 'dogs', {
    ...{ id: ulid(), name, breed: 'Small terrier cross', sex: 'female', bornOn: '2021-02-03' },
    ...{ coat: 'mixed', coatMm: 30, weightKg: 6, temperament: 'easy' },
    client: { name: `Client of ${name}`, phone: '0555 4444' },
  });
  return dog.id;
}

/** An appointment whose client was told; returns its id and the page that the message leads to. */
async function told(page: Page, name: string, days: number): Promise<{ id: string; url: string }> {
  const id = ulid();
  const startsAt = new Date(Date.now() + days * 86_400_000).toISOString();
  await post(page, 'appointments', {
    ...{ appointmentId: id, dogId: await newDog(page, name), id: ulid(), kind: 'booked', device: ulid(), tell: true },
    ...{ at: new Date().toISOString(), fields: { service: 'full_groom', startsAt } },
  });
  const { messages } = (await (await page.request.get('/api/messages')).json()) as { messages: { text: string; url: string }[] };
  return { id, url: messages.find((message) => message.text.includes(name))!.url };
}

const rowOf = (page: Page, dog: string) => page.getByRole('listitem').filter({ has: page.getByRole('link', { name: new RegExp(dog) }) });

test('a promise is given anew, the client is written to, and it is taken back', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  await page.goto('/');
  const row = rowOf(page, 'Rook');
  const promised = /promised \d{1,2}:\d\d/;
  await expect(row).toContainText(promised);
  const before = (await row.textContent())!.match(promised)![0];
  await row.getByRole('button', { name: 'Rook: who and when' }).click();

  const dialog = page.getByRole('dialog', { name: 'Rook: who and when' });
  const question = dialog.getByText(/^Promise \d{1,2}:\d\d\?/);
  await expect(question).toContainText(/holds 9 in 10|nearly sure/);
  await dialog.getByRole('button', { name: 'Promise a quarter of an hour later' }).click();
  const time = (await question.textContent())!.match(/\d{1,2}:\d\d/)![0];
  await expect(dialog.getByRole('blockquote')).toContainText(`please fetch Rook at ${time}`);
  await dialog.getByRole('button', { name: 'Send it' }).click();
  await expect(dialog).toBeHidden();
  await expect(row).toContainText(`promised ${time}`);

  const phone = await pageOf(browser, 'Rosalind');
  await phone.goto('/stand-in/phone');
  await expect(phone.getByText(`please fetch Rook at ${time}`)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row).toContainText(before);
  await phone.reload();
  await expect(phone.getByText(`please fetch Rook at ${before.replace('promised ', '')}`)).toBeVisible();
});

test('a dog is given to somebody else and taken before the others, and both can be undone', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const dogId = await newDog(page, 'Angelicow');
  const at = new Date().toISOString();
  await post(page, 'visits', { id: ulid(), markId: ulid(), dogId, at, device: ulid() });
  await page.goto('/');
  const row = rowOf(page, 'Angelicow');
  await row.getByRole('button', { name: 'Angelicow: who and when' }).click();
  const dialog = page.getByRole('dialog', { name: 'Angelicow: who and when' });
  await expect(dialog.getByRole('button', { name: 'Keep it so' })).toBeDisabled();
  await dialog.getByRole('radio', { name: 'Teo' }).click();
  await dialog.getByRole('button', { name: 'Before the others' }).click();
  await dialog.getByRole('button', { name: 'Keep it so' }).click();
  await expect(row).toContainText('with Teo');

  await page.reload();
  await row.getByRole('button', { name: 'Angelicow: who and when' }).click();
  await expect(dialog.getByRole('button', { name: 'Before the others' })).toHaveAttribute('aria-pressed', 'true');
  await dialog.getByRole('button', { name: 'Undo' }).click();
  await expect(row).not.toContainText('with Teo');
});

test('without a network a promise is kept on the tablet and goes out when it is back', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const dogId = await newDog(page, 'Mallowen');
  await post(page, 'visits', { id: ulid(), markId: ulid(), dogId, at: new Date().toISOString(), device: ulid() });
  await page.goto('/');
  const row = rowOf(page, 'Mallowen');
  await expect(row).toBeVisible();
  // The dialog is on the device once the list stands.
  await page.waitForLoadState('networkidle');
  await page.context().setOffline(true);
  await row.getByRole('button', { name: 'Mallowen: who and when' }).click();
  const dialog = page.getByRole('dialog', { name: 'Mallowen: who and when' });
  await expect(dialog.getByText('No network: how sure each time is cannot be said now.')).toBeVisible();
  await dialog.getByRole('button', { name: 'Promise a quarter of an hour later' }).click();
  await dialog.getByRole('button', { name: 'Keep it, tell later' }).click();
  await expect(dialog).toBeHidden();
  await page.context().setOffline(false);
  await expect(row).toContainText(/promised \d{1,2}:\d\d/, { timeout: 20_000 });
  await expect(row).toContainText('client not told yet');
});

test('the client of a dog that is ready is told, and the list says so', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  await page.goto('/');
  const row = rowOf(page, 'Tolly');
  await expect(row).toContainText('tell the client');
  await row.getByRole('button', { name: 'Tolly: who and when' }).click();
  const dialog = page.getByRole('dialog', { name: 'Tolly: who and when' });
  await expect(dialog.getByRole('blockquote')).toContainText('Tolly is ready and waits for you.');
  await dialog.getByRole('button', { name: 'Told by telephone' }).click();
  await expect(row).toContainText(/told \d{1,2}:\d\d/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(row).toContainText('tell the client');
});

test('a client answers on the phone, and the salon sees it where it looks', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const { id, url } = await told(page, 'Lovaged', 4);
  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const phone = await context.newPage();
  await phone.goto(url);
  await expect(phone.getByRole('heading', { level: 1, name: 'Lovaged' })).toBeVisible();
  await expect(phone.getByText('Do not bathe Lovaged over knots: water pulls them tight.')).toBeVisible();
  await phone.getByRole('button', { name: 'Yes, we come' }).click();
  await expect(phone.getByRole('status')).toHaveText('Thank you. We expect you.');
  await page.goto(`/appointments/${id}`);
  await expect(page.getByText('Booked, confirmed')).toBeVisible();
  await expect(page.getByRole('region', { name: 'What was said and done' })).toContainText('Confirmed by the client');

  await phone.getByRole('button', { name: 'Ask for another time' }).click();
  await phone.getByLabel('Which times would suit you?').fill('Friday after three?');
  await phone.context().setOffline(true);
  await phone.getByRole('button', { name: 'Send' }).click();
  await expect(phone.getByRole('alert')).toBeVisible();
  await expect(phone.getByLabel('Which times would suit you?')).toHaveValue('Friday after three?');
  await phone.context().setOffline(false);
  await phone.getByRole('button', { name: 'Send' }).click();
  await expect(phone.getByRole('status')).toContainText('We look for another time');
  await page.goto('/');
  await page.getByRole('link', { name: /clients? answered: look/ }).click();
  const asks = page.getByRole('region', { name: 'Clients who answered' });
  await expect(asks).toContainText('Client of Lovaged asks for another time for Lovaged');
  await expect(asks).toContainText('Friday after three?');

  await phone.getByRole('button', { name: 'Cancel' }).click();
  await phone.getByRole('button', { name: 'Cancel the appointment' }).click();
  await expect(phone.getByRole('status')).toContainText('This appointment is cancelled.');
  await page.reload();
  await expect(asks).toContainText('Client of Lovaged cancelled Lovaged');
  await context.close();
});

test('the owner writes a message in the salon’s words, sees it as a client would, and goes back', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/house/messages');
  await page.getByRole('button', { name: 'Ready' }).click();
  const text = page.getByLabel('Text', { exact: true });
  await expect(text).toHaveValue(/is ready and waits for you/);
  await text.fill('Come and see ');
  await expect(page.getByRole('alert')).toContainText('“dog”');
  await page.getByRole('button', { name: 'dog', exact: true }).click();
  const preview = page.getByRole('region', { name: 'As a client reads it' });
  await expect(preview).toContainText('Come and see Sable');
  // What was written for one is still there after a look at another.
  await page.getByRole('button', { name: 'Cancelled' }).click();
  await page.getByRole('button', { name: 'Ready' }).click();
  await expect(text).toHaveValue('Come and see {dog}');
  await page.getByRole('button', { name: 'Keep this text' }).click();
  await expect(page.getByText('Kept. Messages say it so from now on.')).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Ready' }).click();
  await expect(page.getByText(/Last changed by Imke/)).toBeVisible();
  await page.getByRole('button', { name: 'Back to the text it came with' }).click();
  await expect(text).toHaveValue(/is ready and waits for you/);
});

test('the owner opens a calendar’s address and reads in when somebody is away', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/house/calendars');
  await page.getByRole('button', { name: 'Make an address' }).click();
  const address = (await page.getByText(/^https?:.*\.ics$/).textContent())!;
  const outside = await browser.newContext();
  const file = await outside.request.get(address);
  expect([file.status(), await file.text()]).toEqual([200, expect.stringContaining('BEGIN:VEVENT')]);
  await page.getByRole('button', { name: 'Shut it' }).first().click();
  await expect(page.getByText('No address yet.')).toBeVisible();
  expect((await outside.request.get(address)).status()).toBe(404);

  const day = new Date(Date.now() + 9 * 86_400_000).toISOString().slice(0, 10).replaceAll('-', '');
  const event = `BEGIN:VEVENT\r\nUID:a\r\nDTSTAMP:20260101T000000Z\r\nDTSTART:${day}T100000\r\nDTEND:${day}T113000\r\nEND:VEVENT`;
  await page.getByRole('radio', { name: 'Teo' }).last().click();
  const chooser = page.getByLabel('Calendar file');
  await chooser.setInputFiles({ name: 'notes.ics', mimeType: 'text/calendar', buffer: Buffer.from('no calendar') });
  await expect(page.getByRole('alert')).toContainText('Export it from the calendar as an .ics file');
  const text = `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//y//EN\r\n${event}\r\nEND:VCALENDAR\r\n`;
  await chooser.setInputFiles({ name: 'teo.ics', mimeType: 'text/calendar', buffer: Buffer.from(text) });
  await expect(page.getByText('One time was read.')).toBeVisible();
  await page.getByRole('button', { name: 'Keep them for Teo' }).click();
  await expect(page.getByText('teo.ics, one time', { exact: false })).toBeVisible();
  await page.getByRole('button', { name: 'Forget it' }).click();
  await expect(page.getByText('teo.ics, one time', { exact: false })).toBeHidden();
});
