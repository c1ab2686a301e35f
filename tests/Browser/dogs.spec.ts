import { arrival, expect, pageOf, test, visitOf } from './salon';

test('from everywhere a slash leads to any dog, by its name, its client or a telephone, with a slip of the finger', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  await page.goto('/');
  await page.getByRole('link', { name: /Dulse/ }).click();
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
  await page.keyboard.press('/');
  await expect(page.getByRole('heading', { name: 'Find a dog' })).toBeVisible();

  const list = page.getByRole('list', { name: 'Dogs found' });
  await page.getByRole('searchbox').fill('0131');
  await expect(list.getByRole('link')).toHaveCount(1);
  await expect(list.getByRole('link')).toContainText('Hester Lindqvist');
  await page.getByRole('searchbox').fill('Marlwo');
  await expect(page.getByText('Nobody is called Marlwo; nearly so:')).toBeVisible();
  await expect(list.getByRole('link')).toContainText('Marlow');
  await page.getByRole('searchbox').fill('Qqxx');
  await expect(page.getByText('No dog of that name or number.')).toBeVisible();

  await page.getByRole('searchbox').fill('lindqvist');
  await expect(list.getByRole('link')).toHaveCount(1);
  await page.getByRole('searchbox').press('Enter');
  await expect(page.getByRole('heading', { name: '2 visits' })).toBeVisible();
});

test('a dog’s page: its visits on one strand, a place’s own hair, how it is to handle, its skin and its next visit', async ({
  browser,
}) => {
  const page = await pageOf(browser, 'Rosalind');
  await page.goto('/dogs');
  await page.getByRole('searchbox').fill('dulse');
  await page.getByRole('link', { name: /Dulse/ }).click();
  await expect(page.getByRole('heading', { name: 'Behind the ear, left' })).toBeVisible();
  const visits = page.getByRole('list', { name: 'Visits, the newest at the right' }).getByRole('button');
  await expect(visits.last()).toHaveAttribute('aria-pressed', 'true');
  await page.keyboard.press('ArrowLeft');
  await expect(visits.first()).toHaveAttribute('aria-pressed', 'true');

  await page.getByRole('button', { name: /^Shoulder, right:/ }).click();
  await expect(page.getByRole('heading', { name: 'Shoulder, right' })).toBeVisible();
  await expect(page.getByText(/^A mat at \d of 2 visits; cut (never|once|2 times)\.$/)).toBeVisible();
  await expect(page.getByRole('list', { name: 'Photos of this place over time' }).getByRole('img')).toHaveCount(1);
  await expect(page.getByText('Growth, shoulder right.')).toBeVisible();
  await expect(page.getByText(/^In \d+ weeks?$/)).toBeVisible();

  await page.keyboard.press('t');
  await expect(page.getByRole('table', { name: 'Visits, the newest at the right' }).getByRole('row')).toHaveCount(3);
});

test('the card is edited where the dog is looked at, keeps what was typed when it is refused, and counts at once', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  // A dog of this test's own: the demo's dogs are what other tests know.
  await arrival(page, 'Spindrift');
  await page.goto('/dogs');
  await page.getByRole('searchbox').fill('spindrift');
  await page.getByRole('link', { name: /Spindrift/ }).click();
  await page.getByRole('button', { name: 'Edit the card', exact: true }).click();
  const dialog = page.getByRole('dialog', { name: 'Spindrift’s card' });
  await dialog.getByLabel('Weight').fill('900');
  await dialog.getByLabel('What to mind').fill('Left hind foot is sore');
  await dialog.getByRole('button', { name: 'Save the card' }).click();
  await expect(dialog.getByRole('alert').first()).toBeVisible();
  await expect(dialog.getByLabel('What to mind')).toHaveValue('Left hind foot is sore');

  // Another breed, and the coat that such dogs usually have.
  await dialog.getByLabel('Breed or cross').fill('Samoyed, white');
  await dialog.getByLabel('Breed or cross').press('Tab');
  await dialog.getByRole('button', { name: 'Samoyed: usually double. Take it' }).click();
  await expect(dialog.getByRole('radio', { name: 'Double' })).toBeChecked();
  await expect(dialog.getByRole('radiogroup', { name: /spitz/ }).getByRole('radio', { name: 'Yes' })).toBeChecked();

  await dialog.getByText('Lengths by part').click();
  await dialog.getByLabel('Tail', { exact: true }).fill('80');
  await dialog.getByLabel('Tail', { exact: true }).press('Tab');
  await dialog.getByRole('radiogroup', { name: 'On its back' }).getByRole('radio', { name: 'Learning' }).click();
  await dialog.getByLabel('Kinks in the tail, and where').fill('near the tip');
  await dialog.getByRole('radio', { name: 'Entire' }).click();
  await dialog.getByLabel('Weight').fill('22.5');
  await dialog.getByLabel('Grows to').fill('80');
  await dialog.getByRole('button', { name: 'Save the card' }).click();
  await expect(dialog).toBeHidden();
  await expect(page.getByText('Left hind foot is sore')).toBeVisible();
  await expect(page.getByText('22.5 kg').first()).toBeVisible();
  await expect(page.getByText('On its back: learning.')).toBeVisible();
  await expect(page.getByText('Kink in the tail: near the tip.')).toBeVisible();
});

test('a dog that was never here has a page too, and an address that names no dog says so', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind', { viewport: { width: 390, height: 844 } });
  await page.goto('/dogs');
  await page.getByRole('searchbox').fill('fen');
  await page.getByRole('link', { name: /^Fen\b/ }).click();
  await expect(page.getByText('Fen has not been groomed here yet: its first visit starts its clock.')).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await page.goto('/dogs/01J00000000000000000000000');
  await expect(page.getByText('There is nothing at this address.')).toBeVisible();
});

test('a client’s page: telephone and consent to photos are kept as they are given, and the photo button knows', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const visit = await arrival(page, 'Camerashy');
  const { client } = (await visitOf(page, visit)).dog;
  await page.goto('/dogs');
  await page.getByRole('searchbox').fill('camerashy');
  await page.getByRole('link', { name: /Camerashy/ }).click();
  await page.getByRole('link', { name: `Brought by ${client.name}` }).click();
  await expect(page.getByRole('heading', { name: client.name })).toBeVisible();
  await page.getByLabel('Telephone').fill('0555 0196');
  await page.getByLabel('Telephone').press('Tab');
  await expect(page.getByText('Saved.')).toBeVisible();
  const photos = page.getByRole('radiogroup', { name: 'May we take and keep photos?' });
  await photos.getByRole('radio', { name: 'No' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Telephone')).toHaveValue('0555 0196');
  await expect(photos.getByRole('radio', { name: 'No' })).toBeChecked();

  await page.goto(`/visits/${visit}/arrival`);
  await page.getByRole('button', { name: 'Photo of the whole dog' }).click();
  await expect(page.getByText('The client wants no photos. Ask before you take one.')).toBeVisible();
});
