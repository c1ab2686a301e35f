import { agreed, expect, inspected, pageOf, test, under, visitOf } from './salon';

test('light check first: from the check to the bath, and line by line on the clean dry coat', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { viewport: { width: 820, height: 1180 }, hasTouch: true, reducedMotion: 'reduce' });
  const id = await under(page, { 'schools.order': 'light_check_first' }, () =>
    inspected(page, 'Lightly', { tail: { comb: 'catches', skinLine: 'clear' } }),
  );
  await agreed(page, id);
  await page.goto(`/visits/${id}/table`);
  await expect(page.getByRole('radio', { name: /^Light check first/ })).toBeChecked();
  await page.getByRole('button', { name: 'To the bath gate' }).tap();
  await expect(page.getByRole('heading', { level: 1, name: /^Nothing is missing/ })).toBeVisible();
  await page.getByRole('button', { name: 'Clear for the bath' }).tap();
  await page.getByRole('button', { name: 'Wet to the skin' }).tap();
  await page.getByRole('button', { name: 'Lathered' }).tap();
  await page.getByRole('button', { name: 'Nothing is left' }).tap();
  await page.getByRole('button', { name: 'Begin drying' }).tap();
  for (const area of ['Head and ears', 'Neck, chest, shoulders', 'Forelegs', 'Back and sides', 'Underside', 'Hind legs']) {
    await page.getByRole('button', { name: new RegExp(`^${area}`) }).tap();
  }
  await expect(page.getByText(/^Line brush it now, clean and dry: .* then the comb\.$/)).toBeVisible();
  await page
    .getByRole('button', { name: /Glides/ })
    .first()
    .tap();
  await expect(page.getByText('1 of 30 passed').first()).toBeVisible();
  await expect.poll(async () => (await visitOf(page, id)).bath.toCombAgain.length).toBe(29);
});
