import type { Page } from '@playwright/test';
import { expect, pageOf, post, test, ulid } from './salon';

interface Booked {
  id: string;
  number: number;
}

/** A dog of this test's own that is not here. */
async function dogOf(page: Page, name: string, more: Record<string, unknown> = {}): Promise<string> {
  const dog = await post<{ id: string }>(page, 'dogs', {
    id: ulid(),
    client: { name: `Client of ${name}`, phone: '0555 4444' },
    name,
    breed: 'Small terrier cross',
    sex: 'female',
    bornOn: '2021-02-03',
    coat: 'mixed',
    coatMm: 30,
    weightKg: 6,
    temperament: 'easy',
    ...more,
  });
  return dog.id;
}

async function book(page: Page, dogId: string, fields: Record<string, unknown>): Promise<Booked> {
  const at = new Date().toISOString();
  return post<Booked>(page, 'appointments', {
    appointmentId: ulid(),
    dogId,
    id: ulid(),
    kind: 'booked',
    at,
    device: ulid(),
    fields: { service: 'full_groom', ...fields },
  });
}

const inMinutes = (minutes: number): string => new Date(Date.now() + minutes * 60_000).toISOString();

// First of the file: later tests bring dogs of their own into the same day.
test('a promise in danger is told early, with what would save it and what that costs', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  await page.goto('/');
  // The demo's day has one promise in danger from its start.
  const now = page.getByRole('region', { name: 'What to mind now' });
  await expect(now).toContainText(/Rook’s .* holds .*\./);
  await expect(page.getByRole('link', { name: /Rook/ }).first()).toContainText(/holds (barely )?\d in 10/);
  await page.keyboard.press('w');
  const advice = page.getByRole('dialog', { name: /^Rook’s .* holds .*\.$/ });
  await expect(advice).toContainText(/Ring Jonas Pereira: \d{1,2}:\d\d/);
  await expect(advice.getByRole('listitem').first()).toContainText(/Rook .* instead of /);
  await expect(advice).toContainText('Nothing is done by itself.');
  await advice.getByRole('button', { name: 'Choose the time and tell' }).click();
  const dialog = page.getByRole('dialog', { name: 'Rook: who and when' });
  await expect(dialog.getByText(/^Promise \d{1,2}:\d\d\? It (holds 9 in 10|is nearly sure)\.$/)).toBeVisible();
});

test('what is tried out comes at the foot and never pushes the list', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  let tried = (): void => undefined;
  const asked = new Promise<void>((done) => (tried = done));
  await page.route('**/api/day/advice', async (route) => {
    await asked;
    await route.continue();
  });
  await page.goto('/');
  // Ready times are there: only the advice is not.
  await expect(page.getByRole('link', { name: /Rook/ }).first()).toContainText(/holds/);
  const first = page.getByRole('link', { name: /Tolly/ }).first();
  const before = (await first.boundingBox())!.y;
  tried();
  await expect(page.getByRole('button', { name: /ways? to help Rook be on time/ })).toBeVisible();
  expect((await first.boundingBox())!.y).toBe(before);
});

test('the ways that somebody reads stay as they were opened, whatever is tried meanwhile', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  let inDanger = true;
  await page.route('**/api/day/advice', async (route) => {
    const answer = await route.fetch();
    await route.fulfill({ response: answer, json: inDanger ? await answer.json() : { advice: null, next: [] } });
  });
  await page.clock.install();
  await page.goto('/');
  await page.getByRole('button', { name: /ways? to help Rook be on time/ }).click();
  const dialog = page.getByRole('dialog', { name: /^Rook’s .* holds .*\.$/ });
  const told = await dialog.innerText();

  inDanger = false;
  const renewed = page.waitForResponse('**/api/day/advice');
  await page.clock.fastForward(61_000);
  await renewed;
  // The bar below it has heard: nothing is in danger any more.
  await expect(page.getByText(/ways? to help Rook be on time/)).toHaveCount(0);
  expect(await dialog.innerText()).toBe(told);
  await dialog.getByRole('button', { name: 'Close' }).click();
  await expect(dialog).toHaveCount(0);
});

test('a dog asks for a time, gets one that holds, and is found in the coming days', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  await dogOf(page, 'Tansyweed');
  await page.goto('/');
  await page.getByRole('link', { name: 'Coming days' }).click();
  await expect(page.getByRole('heading', { level: 1, name: /^6 days, \d+ dogs\.$/ })).toBeVisible();
  await page.keyboard.press('t');
  await expect(page.getByRole('heading', { name: 'Which dog wants a time?' })).toBeVisible();
  await page.getByRole('searchbox').fill('tansyweed');
  await page.getByRole('link', { name: /Tansyweed/ }).click();

  await expect(page.getByRole('heading', { name: 'When shall Tansyweed come?' })).toBeVisible();
  const offers = page.getByRole('region', { name: 'A time for a dog' }).getByRole('listitem');
  await expect(offers).toHaveCount(3, { timeout: 60_000 });
  for (const offer of await offers.all()) {
    await expect(offer).toContainText(/ready by \d{1,2}:\d\d/);
    await expect(offer).toContainText(/(9 in 10|nearly sure)/);
  }
  await page.keyboard.press('1');
  await expect(page.getByRole('slider', { name: 'Promised time' })).toBeVisible();
  const question = page.getByRole('heading', { name: /^Promise \d{1,2}:\d\d\? It (holds|is nearly)/ });
  await expect(question).toBeVisible();
  const before = await question.textContent();

  await page.getByRole('slider').focus();
  await page.keyboard.press('ArrowRight');
  await expect(question).not.toHaveText(before!);
  await page.getByLabel('What the client asked for').fill('shorter ears');
  const told = page.getByRole('blockquote');
  await expect(told).toContainText('To Client of Tansyweed, 0555 4444');
  await expect(told).toContainText('Tansyweed can come on');
  await page.getByRole('button', { name: /^Keep .* and send$/ }).click();
  await expect(page.getByText('Kept, and sent.')).toBeVisible();
  await expect(page).toHaveURL(/\/appointments\/[0-9A-Z]{26}$/);
  await expect(page.getByRole('region', { name: 'What was said and done' })).toContainText('Booked by Rosalind');

  await page.getByRole('link', { name: '← Coming days' }).click();
  await expect(page.getByRole('link', { name: /^Tansyweed, \d/ })).toBeVisible();
  await page.goto('/stand-in/phone');
  await expect(page.getByText(/Tansyweed can come on .* Please do not bathe/)).toBeVisible();
});

test('an appointment is confirmed, moved, cancelled with a reason, and brought back; all of it stays readable', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const { id } = await book(page, await dogOf(page, 'Marigolda'), { startsAt: inMinutes(3 * 1440), promisedAt: inMinutes(3 * 1440 + 300) });
  await page.goto(`/appointments/${id}`);
  await page.getByRole('button', { name: 'Confirmed by telephone' }).click();
  await expect(page.getByText('Booked, confirmed')).toBeVisible();

  await page.getByLabel('Time', { exact: true }).fill('15:30');
  await page.getByLabel('Time', { exact: true }).blur();
  await expect(page.getByRole('heading', { level: 1, name: /, (15:30|3:30 PM)$/ })).toBeVisible();
  // Another time is another promise, not none.
  const question = page.getByRole('region', { name: 'Promised time' }).getByRole('heading', { level: 2 });
  await expect(question).toHaveText(/^Promise .*\? It /);
  await page.getByRole('button', { name: 'Keep only' }).click();
  await expect(page.getByText('Kept.')).toBeVisible();
  await expect(page.getByText('Booked, confirmed')).toHaveCount(0);
  await expect(question).toHaveText(/^Promise .*\? It /);

  await page.getByRole('button', { name: 'Cancel it' }).click();
  const dialog = page.getByRole('dialog', { name: 'Cancel Marigolda’s time?' });
  await dialog.getByRole('button', { name: 'Cancel it', exact: true }).click();
  await expect(dialog.getByText('Say who cancels.')).toBeVisible();
  await dialog.getByRole('radio', { name: 'The client' }).click();
  await dialog.getByLabel('Reason').fill('holiday');
  await dialog.getByRole('button', { name: 'Cancel it', exact: true }).click();
  await expect(page.getByText('The client cancelled: holiday')).toBeVisible();

  await page.getByRole('button', { name: 'Undo the last change' }).click();
  await expect(page.getByText('The client cancelled: holiday')).toHaveCount(0);
  const history = page.getByRole('region', { name: 'What was said and done' }).getByRole('listitem');
  await expect(history).toHaveCount(5);
  await expect(history.last()).toContainText('Undone by Rosalind');
});

test('a promise that slipped while it was looked at is told before it is kept, and kept only when that is wanted', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const startsAt = inMinutes(14 * 1440);
  const dogId = await dogOf(page, 'Larkspura');
  await page.goto(`/appointments/new?dog=${dogId}&startsAt=${startsAt}`);
  const question = page.getByRole('region', { name: 'Promised time' }).getByRole('heading', { level: 2 });
  await expect(question).toHaveText(/^Promise .*\? It (holds 9 in 10|is nearly sure)\.$/);
  const asked = await question.textContent();
  // The salon fills up from the other devices; this screen has not been told.
  for (const name of ['Bindweed', 'Charlock', 'Darnel', 'Fennela', 'Groundsel', 'Henbane']) {
    await book(page, await dogOf(page, name, { coat: 'curly', coatMm: 80, weightKg: 38 }), { startsAt: inMinutes(14 * 1440 - 10) });
  }
  await expect(question).toHaveText(asked!);
  // Also on a slow line, on which a later question overtakes an earlier one.
  await page.route(/\/try\?/, async (route) => {
    await new Promise((resolve) => setTimeout(resolve, 700));
    await route.continue();
  });
  await page.getByRole('button', { name: 'Keep only' }).click();
  await expect(page.getByRole('alert')).toContainText(/^The day has changed: this promise holds .* now\. Keep it all the same\?$/);
  await expect(page).toHaveURL(/\/appointments\/new/);
  await page.getByRole('button', { name: 'Keep only' }).click();
  await expect(page.getByText('Kept.')).toBeVisible();
  await expect(page).toHaveURL(/\/appointments\/[0-9A-Z]{26}/);
});

test('what a colleague did in the meantime is shown, not overwritten', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const other = await pageOf(browser, 'Imke');
  const { id } = await book(page, await dogOf(page, 'Comfreya'), { startsAt: inMinutes(4 * 1440) });
  await page.goto(`/appointments/${id}`);
  await expect(page.getByText('Booked', { exact: true }).first()).toBeVisible();
  await post(other, `appointments/${id}/acts`, {
    id: ulid(),
    kind: 'cancelled',
    after: 1,
    at: new Date().toISOString(),
    device: ulid(),
    fields: { by: 'salon', reason: 'groomer ill' },
  });
  await page.getByRole('button', { name: 'Confirmed by telephone' }).click();
  await expect(page.getByRole('alert')).toContainText('Imke changed this appointment in the meantime.');
  await expect(page.getByText('We cancelled: groomer ill')).toBeVisible();
});

test('without a network nothing is kept and nothing that was chosen is lost', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const dog = await dogOf(page, 'Yarrowby');
  await page.goto(`/appointments/new?dog=${dog}&startsAt=${encodeURIComponent(inMinutes(5 * 1440))}`);
  await expect(page.getByRole('slider')).toBeVisible();
  await page.getByLabel('What the client asked for').fill('comes by bus');
  await page.context().setOffline(true);
  await page.getByRole('button', { name: 'Keep only' }).click();
  await expect(page.getByRole('alert')).toContainText('nothing was kept');
  await page.context().setOffline(false);
  await page.getByRole('button', { name: 'Keep only' }).click();
  await expect(page.getByText('Kept.')).toBeVisible();
  await expect(page.getByLabel('What the client asked for')).toHaveValue('comes by bus');
});

test('a dog waits for a time, and gets one from the list of those that wait', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const dog = await dogOf(page, 'Sorrelyn');
  await page.goto(`/days?dog=${dog}`);
  await page.getByRole('button', { name: 'Keep it waiting' }).click();
  const waiting = page.getByRole('region', { name: 'Waiting for a time' });
  await waiting.getByRole('link', { name: /Sorrelyn/ }).click();
  // Touched, it is asked for; opened from one of its times, it is the appointment that waits.
  await expect(page.getByRole('heading', { name: 'When shall Sorrelyn come?' })).toBeVisible();
  const offers = page.getByRole('region', { name: 'A time for a dog' }).getByRole('listitem');
  await expect(offers).toHaveCount(3, { timeout: 60_000 });
  await page.keyboard.press('1');
  await expect(page).toHaveURL(/\/appointments\/[0-9A-Z]{26}\?/);
  await expect(page.getByText('Waiting for a time', { exact: true })).toBeVisible();
  await page.goto(page.url().replace(/\?.*/, ''));
  await expect(page.getByText('Choose a day and a time, or put it on the waiting list.')).toBeVisible();
  const date = inMinutes(6 * 1440).slice(0, 10);
  await page.getByLabel('Day', { exact: true }).fill(date);
  await page.getByLabel('Time', { exact: true }).fill('11:00');
  await page.getByLabel('Time', { exact: true }).blur();
  await page.getByRole('button', { name: 'Keep only' }).click();
  await expect(page.getByText('Kept.')).toBeVisible();
  await page.goto('/days');
  await expect(waiting).toBeVisible();
  await expect(waiting.getByRole('link', { name: /Sorrelyn/ })).toHaveCount(0);
});

test('a dog that waits is dragged onto the room of a day, and nothing is kept before somebody says so', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const dog = await dogOf(page, 'Chervilla');
  const id = ulid();
  await post(page, 'appointments', {
    ...{ appointmentId: id, dogId: dog, id: ulid(), kind: 'booked', at: new Date().toISOString(), device: ulid() },
    fields: { service: 'full_groom' },
  });
  await page.goto('/days');
  const day = page
    .getByRole('region')
    .filter({ hasText: /Room \d/ })
    .first();
  await expect(day).toBeVisible({ timeout: 60_000 });
  const strand = day.getByTestId('strand').first();
  const box = (await strand.boundingBox())!;
  await page
    .getByRole('region', { name: 'Waiting for a time' })
    .getByRole('link', { name: /Chervilla/ })
    .dragTo(strand, { targetPosition: { x: box.width * 0.4, y: box.height / 2 } });
  await expect(page).toHaveURL(new RegExp(`/appointments/${id}\\?startsAt=`));
  await expect(page.getByLabel('Time', { exact: true })).toHaveValue(/^\d\d:(00|15|30|45)$/);
  expect(((await (await page.request.get(`/api/appointments/${id}`)).json()) as { state: string }).state).toBe('waiting');
  await page.getByRole('button', { name: 'Keep only' }).click();
  await expect(page.getByText('Kept.')).toBeVisible();
  expect(((await (await page.request.get(`/api/appointments/${id}`)).json()) as { state: string }).state).toBe('booked');
});

test('a dog that is expected comes in with one touch, and what was promised stands', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const dog = await dogOf(page, 'Betonica');
  const { id } = await book(page, dog, { startsAt: inMinutes(2), promisedAt: inMinutes(400), note: 'rings from the car' });
  await page.goto('/');
  const row = page.getByRole('region', { name: 'Expected' }).getByRole('listitem').filter({ hasText: 'Betonica' });
  await expect(row).toContainText('rings from the car');
  await expect(row).toContainText(/holds (\d in 10|nearly sure|barely)/);
  await row.getByRole('button', { name: 'Comes in' }).click();
  await expect(page).toHaveURL(/\/visits\/[0-9A-Z]{26}\/arrival$/);
  const appointment = (await (await page.request.get(`/api/appointments/${id}`)).json()) as { state: string; visitId: string };
  expect(page.url()).toContain(appointment.visitId);
  expect(appointment.state).toBe('arrived');
  await page.goto('/');
  await expect(page.getByRole('link', { name: /Betonica/ })).toContainText(/promised \d{1,2}:\d\d/);
});

test('the owner sets hours and a holiday, and the days follow', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/house/hours');
  const date = inMinutes(12 * 1440).slice(0, 10);
  await page.getByLabel('From', { exact: true }).fill(date);
  await page.getByLabel('From', { exact: true }).blur();
  await page.getByRole('button', { name: 'Add days off' }).click();
  await expect(page.getByRole('alert')).toHaveText('Give a first day and a reason.');
  await page.getByLabel('Reason').fill('Harbour feast');
  await page.getByLabel('Reason').blur();
  await page.getByRole('button', { name: 'Add days off' }).click();
  await page.getByRole('button', { name: 'Save the hours' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.goto(`/days?from=${date}`);
  await expect(page.getByText('Closed: Harbour feast')).toBeVisible();

  const groomer = await pageOf(browser, 'Rosalind');
  await groomer.goto('/house/hours');
  await expect(groomer.getByRole('heading', { level: 1 })).not.toContainText('Who works when');
});
