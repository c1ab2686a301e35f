import { expect, pageOf, test } from './salon';

const TABLE = [
  'Kunde;Handy;Hundename;Rasse;Geschlecht;geb.;Gewicht;Bemerkung',
  'Orla Vane;0555 0711;Quince;Lagotto;Hündin;03.04.2022;14,5 kg;Mag keinen Föhn',
  'Orla Vane;0555 0711;Sorrel;Mischling;Rüde;31.02.2021;9;',
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
  await expect(page.getByRole('alert').first()).toContainText('No network');
  await page.unroute('**/rows');
  await page.getByRole('button', { name: 'Go on' }).click();
  await expect(page.getByText('Read in: 2 dogs.')).toBeVisible();
  const { dogs } = await (await page.request.get('/api/dogs?search=Sorrel')).json();
  expect([dogs.length, dogs[0].mind, dogs[0].client.name]).toEqual([1, 'Ask: age.', 'Orla Vane']);

  await page.getByRole('listitem').filter({ hasText: 'kunden.csv' }).getByRole('button', { name: 'Take it out again' }).click();
  await expect(page.getByText('Taken out: 2 dogs, one client.')).toBeVisible();
  expect((await (await page.request.get('/api/dogs?search=Sorrel')).json()).dogs).toEqual([]);
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
