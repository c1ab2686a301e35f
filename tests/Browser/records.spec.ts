import { expect, pageOf, PASSWORDS, post, test, ulid } from './salon';

const TABLE = [
  'Kunde;Handy;Hundename;Rasse;Geschlecht;geb.;Gewicht;Bemerkung',
  'Orla Vane;0555 0711;Quince;Lagotto;Hündin;03.04.2022;14,5 kg;Mag keinen Föhn',
  'Orla Vane;0555 0711;Zephyrine;Mischling;Rüde;31.02.2021;9;',
  ';;Nobody;;;;;',
].join('\r\n');

test('clients and dogs come in from a table: columns put right, everything seen first, and all of it taken out again', async ({
  browser,
}) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/house/records');
  await page.getByLabel('Choose a CSV file').setInputFiles({ name: 'kunden.csv', mimeType: 'text/csv', buffer: Buffer.from(TABLE) });
  await expect(page.getByLabel('Hundename')).toHaveValue('dog');
  // "geb." says nothing by itself: what stands in it does. Chosen elsewhere, a field moves.
  await expect(page.getByLabel('geb.')).toHaveValue('born_on');
  await page.getByLabel('Bemerkung').selectOption('breed');
  await expect(page.getByLabel('Rasse')).toHaveValue('');
  await page.getByLabel('Rasse').selectOption('breed');
  await page.getByLabel('Bemerkung').selectOption('mind');

  await page.getByRole('button', { name: 'See what would happen' }).click();
  await expect(page.getByText('2 new dogs; one new client, none known here already.')).toBeVisible();
  await expect(page.getByText('One row is left out')).toBeVisible();
  await page.getByText('2 cells to look at').click();
  await expect(page.getByText('Line 3 Date of birth cannot be read: “31.02.2021”')).toBeVisible();
  // Changed since: it is looked at again before anything is read in.
  await page.getByRole('radio', { name: 'Add them once more' }).click();
  await expect(page.getByRole('button', { name: /^Read in/ })).toBeHidden();
  await page.getByRole('button', { name: 'See what would happen' }).click();

  // The line breaks: nothing that was chosen is lost.
  await page.route('**/rows', (route) => route.abort());
  await page.getByRole('button', { name: 'Read in 2 dogs' }).click();
  await expect(page.getByRole('alert').first()).toHaveText('No network. What came in so far is kept.');
  await page.unroute('**/rows');
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByText('Read in: 2 dogs.')).toBeVisible();
  const { dogs } = await (await page.request.get('/api/dogs?search=Zephyrine')).json();
  expect([dogs.length, dogs[0].mind, dogs[0].client.name]).toEqual([1, 'Ask: age.', 'Orla Vane']);

  const undo = page.getByRole('listitem').filter({ hasText: 'kunden.csv' }).getByRole('button', { name: 'Take it out again' });
  await page.route('**/api/imports/*', (route) => route.abort());
  await undo.click();
  await expect(page.getByRole('alert')).toHaveText('No network. Try again in a moment.');
  await page.unroute('**/api/imports/*');
  await undo.click();
  await expect(page.getByText('Taken out: 2 dogs, one client.')).toBeVisible();
  // What is out again is not told as in.
  await expect(page.getByText('Read in: 2 dogs.')).toBeHidden();
  expect((await (await page.request.get('/api/dogs?search=Zephyrine')).json()).dogs).toEqual([]);
});

test('a table that broke off in the middle tells so, and taken out again it does not go on', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/house/records');
  const rows = Array.from({ length: 501 }, (_, row) => `Orla Vane;0555 0711;Thistle ${row}`);
  const buffer = Buffer.from(['Kunde;Handy;Hundename', ...rows].join('\r\n'));
  await page.getByLabel('Choose a CSV file').setInputFiles({ name: 'thistles.csv', mimeType: 'text/csv', buffer });
  await page.getByRole('button', { name: 'See what would happen' }).click();
  let steps = 0;
  await page.route('**/rows', (route) => (steps++ ? route.abort() : route.continue()));
  await page.getByRole('button', { name: 'Read in 501 dogs' }).click();
  await expect(page.getByText('It stopped at row 500 of 501.')).toBeVisible();
  await expect(page.getByText('No network. What came in so far is kept.')).toBeVisible();
  await page.unroute('**/rows');

  await page.getByRole('listitem').filter({ hasText: 'thistles.csv' }).getByRole('button', { name: 'Take it out again' }).click();
  await expect(page.getByText('Taken out: 500 dogs')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Go on' })).toBeHidden();
  await expect(page.getByRole('alert')).toBeHidden();
});

test('a dossier is taken along, and looked at before it is read in; a file that is none is told so', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/');
  const { dogs } = await (await page.request.get('/api/dogs?search=Bertram')).json();
  await page.goto(`/dogs/${dogs[0].id}`);
  const link = page.getByRole('link', { name: 'Take its dossier along' });
  const file = await page.request.get((await link.getAttribute('href'))!);
  expect(file.headers()['content-type']).toBe('application/zip');

  await page.goto('/house/records');
  const choose = page.getByLabel('Choose a dossier (ZIP)');
  await choose.setInputFiles({ name: 'x.zip', mimeType: 'application/zip', buffer: Buffer.from('hello') });
  await expect(page.getByRole('alert')).toContainText('cannot be read as a dossier');
  await choose.setInputFiles({ name: 'bertram.zip', mimeType: 'application/zip', buffer: await file.body() });
  await expect(page.getByText('Bertram is known here.')).toBeVisible();
  await expect(page.getByText(/^No new visit, \d+ known here already/)).toBeVisible();
  await page.getByRole('button', { name: 'Read Bertram in' }).click();
  await page.getByRole('link', { name: 'To Bertram' }).click();
  await expect(page).toHaveURL(new RegExp(dogs[0].id));
});

test('a client who asks for it is forgotten, and how long things are kept is counted before it is a rule', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/');
  const id = ulid();
  const dog = await post<{ client: { id: string } }>(page, 'dogs', {
    ...{ id, name: 'Vetch', breed: 'Lagotto', sex: 'female', bornOn: '2022-04-03', coat: 'curly', coatMm: 40, weightKg: 14 },
    ...{ temperament: 'easy', client: { name: 'Orla Vane', phone: '0555 0711' } },
  });
  await page.goto(`/clients/${dog.client.id}`);
  await expect(page.getByText('One card of dogs')).toBeVisible();
  const file = await page.request.get((await page.getByRole('link', { name: 'Hand it over' }).getAttribute('href'))!);
  expect(file.headers()['content-type']).toBe('application/zip');
  await page.getByRole('button', { name: 'Forget this client' }).click();
  const dialog = page.getByRole('dialog', { name: 'Forget Orla Vane?' });
  // Not with one touch: somebody has asked for it.
  await expect(dialog.getByRole('button', { name: 'Forget for good' })).toBeDisabled();
  await dialog.getByLabel('They asked for it').check();
  await page.route(`**/api/clients/${dog.client.id}`, (route) =>
    route.request().method() === 'DELETE' ? route.abort() : route.fallback(),
  );
  await dialog.getByRole('button', { name: 'Forget for good' }).click();
  await expect(dialog.getByRole('alert')).toContainText('Nothing was changed');
  await page.unroute(`**/api/clients/${dog.client.id}`);
  // Ten minutes after the password was given: it is asked for over the dialog, and then it is done without another touch.
  await page.route(
    `**/api/clients/${dog.client.id}`,
    (route) => route.fulfill({ status: 423, json: { code: 'password_again', message: 'Your password is asked for once more.' } }),
    { times: 1 },
  );
  await dialog.getByRole('button', { name: 'Forget for good' }).click();
  const asked = page.getByRole('dialog', { name: 'Imke, your password once more' });
  await expect(asked.getByLabel('Password')).toBeFocused();
  await page.keyboard.type('not this one');
  await page.keyboard.press('Enter');
  await expect(asked.getByText('This is not your password now.')).toBeVisible();
  await asked.getByLabel('Password').fill(PASSWORDS.Imke);
  await asked.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByText(/^Forgotten on/)).toBeVisible();
  await expect(page.getByRole('heading', { name: /^Forgotten client/ })).toBeVisible();
  await expect(page.getByLabel('Telephone')).toHaveValue('');

  await page.goto('/house/records');
  await page.getByLabel('Messages, after they were sent').selectOption({ label: '2 years' });
  await expect(page.getByText('Tonight no photo and no message would go.')).toBeVisible();
  await page.getByRole('button', { name: 'Keep this rule' }).click();
  await expect(page.getByText(/^Since .+, by Imke\.$/)).toBeVisible();
});

test('a dog read in from a table is asked about before it is planned, and its own words are proposed', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/house/records');
  const table = 'Kunde;Hund;Notizen;Krankheiten\nWarnung, Willa;Zwacker;Beißt beim Föhnen;Epilepsie\n';
  await page.getByLabel('Choose a CSV file').setInputFiles({ name: 'warned.csv', mimeType: 'text/csv', buffer: Buffer.from(table) });
  await page.getByRole('button', { name: 'See what would happen' }).click();
  await page.getByRole('button', { name: /^Read in/ }).click();
  await expect(page.getByText(/^Read in: /)).toBeVisible();
  const { dogs } = (await (await page.request.get('/api/dogs?search=Zwacker')).json()) as { dogs: { id: string }[] };
  const { id } = await post<{ id: string }>(page, 'visits', {
    ...{ id: ulid(), markId: ulid(), dogId: dogs[0]!.id, at: new Date().toISOString(), device: ulid() },
  });
  await page.goto(`/visits/${id}/plan`);
  await expect(page.getByRole('heading', { level: 1, name: 'First ask how Zwacker is' })).toBeVisible();
  await page.getByRole('link', { name: 'Ask on arrival' }).click();
  await expect(page.getByText('Its notes speak of: mouthy, seizures.')).toBeVisible();
  if (process.env.SHOTS) {
    await page.screenshot({ path: `${process.env.SHOTS}/ask-first.png` });
  }
  const asked = page.getByRole('region', { name: 'Asked before anything is planned' });
  await asked.getByRole('radio', { name: 'Mouthy' }).click();
  await asked.getByRole('button', { name: 'Seizures' }).click();
  await expect(asked.getByRole('button', { name: 'Seizures' })).toHaveAttribute('aria-pressed', 'true');
  await expect(page.getByText('saved')).toBeVisible();
  await page.goto(`/visits/${id}/plan`);
  await expect(page.getByRole('heading', { level: 1, name: /section/ })).toBeVisible();
});
