import { agreed, arrival, expect, inspected, mark, pageOf, record, test, timelineOf, visitOf } from './salon';

test('a well-kept dog is one key a section, and the screen says how far and how long', async ({ browser }) => {
  const page = await pageOf(browser, 'Teo');
  const id = await arrival(page, 'Kept');
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  const started = Date.now();
  for (let section = 1; section <= 30; section++) {
    await page.keyboard.press(section % 2 ? 'Space' : '1');
  }
  await expect(page.getByText('All 30 sections are checked.')).toBeVisible();
  test.info().annotations.push({ type: 'pace', description: `30 keys in ${Date.now() - started} ms` });
  await expect(page.getByText(/^in (under a minute|\d+ min)$/)).toBeVisible();
  await expect.poll(async () => (await timelineOf(page, id)).filter((mark) => mark.kind === 'comb_checked').length).toBe(30);
});

test('a well-kept dog is one touch a section, too', async ({ browser }) => {
  const page = await pageOf(browser, 'Teo', { viewport: { width: 820, height: 1180 }, hasTouch: true });
  const id = await arrival(page, 'Touched');
  await page.goto(`/visits/${id}/inspection`);
  for (let section = 1; section <= 30; section++) {
    await expect(page.getByText(`${section} of 30`, { exact: true })).toBeVisible();
    await page.getByRole('button', { name: /Glides, skin line clear/ }).tap();
  }
  await expect(page.getByText('All 30 sections are checked.')).toBeVisible();
});

test('the first touch goes on, too, where the guide to the comb comes late', async ({ browser }) => {
  const page = await pageOf(browser, 'Teo', { viewport: { width: 820, height: 1180 }, hasTouch: true });
  const id = await arrival(page, 'Early');
  await page.route('**/api/comb-check-guide', async (route) => {
    await new Promise((later) => setTimeout(later, 3000));
    await route.continue();
  });
  await page.goto(`/visits/${id}/inspection`);
  await page.getByRole('button', { name: /Glides, skin line clear/ }).tap();
  await expect(page.getByText('2 of 30', { exact: true })).toBeVisible();
});

test('a section is skipped, stays unchecked on the chart, and comes again at the end', async ({ browser }) => {
  const page = await pageOf(browser, 'Teo');
  const id = await arrival(page, 'Ticklish');
  await page.goto(`/visits/${id}/inspection`);
  await page.getByRole('button', { name: 'Skip' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, right' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Hind foot, left: not checked, look here first' })).toBeVisible();
  for (let section = 2; section <= 30; section++) {
    await page.keyboard.press('Space');
  }
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  await expect(page.getByText('1 left')).toBeVisible();
  // The last one has nothing to be skipped for.
  await expect(page.getByRole('button', { name: 'Skip' })).toHaveCount(0);
  await page.keyboard.press('0');
  await page.keyboard.press('Space');
  await expect(page.getByText('All 30 sections are checked.')).toBeVisible();
});

test('both sides of a pair and the last visit’s grades can be compared', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/');
  const address = (await page.getByRole('link', { name: /Dulse/ }).getAttribute('href'))!;
  await page.goto(address.replace(/[a-z]+$/, 'inspection'));
  await page.getByRole('button', { name: /^Hind leg, left:/ }).click();
  await expect(page.getByText('other side 3 Mat')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Tail:.*last visit/ })).toHaveCount(0);
  await page.keyboard.press('l');
  await expect(page.getByRole('button', { name: /^Tail: 0 Clear, last visit 0 Clear/ })).toBeVisible();
  await page.getByRole('button', { name: 'Last visit', exact: true }).click();
  await expect(page.getByRole('button', { name: /^Tail:.*last visit/ })).toHaveCount(0);
});

test('on a phone the magnifier brings a small section near enough for a thumb', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { viewport: { width: 390, height: 844 }, hasTouch: true });
  const id = await arrival(page, 'Small');
  await page.goto(`/visits/${id}/inspection`);
  const ear = page.getByRole('button', { name: /^Behind the ear, left:/ });
  const far = (await ear.boundingBox())!;
  await ear.tap();
  await page.getByRole('button', { name: 'Closer' }).tap();
  await expect.poll(async () => (await ear.boundingBox())!.width).toBeGreaterThan(far.width * 2);
  await page.getByRole('button', { name: /^Ear, left:/ }).tap();
  await expect(page.getByRole('heading', { level: 1, name: 'Ear, left' })).toBeVisible();
});

for (const place of ['plan', 'table'] as const) {
  test(`on a phone the magnifier is there on the ${place} too`, async ({ browser }) => {
    const page = await pageOf(browser, 'Imke', { viewport: { width: 390, height: 844 }, hasTouch: true });
    const id = await inspected(page, `Near the ${place}`);
    if (place === 'table') {
      await agreed(page, id);
      await record(page, id, [mark('run_started', { scope: 'whole_coat' })]);
    }
    await page.goto(`/visits/${id}/${place}`);
    const armpit = page.getByRole('button', { name: /^Armpit, left:/ });
    await armpit.tap();
    await page.getByRole('button', { name: 'Closer' }).tap();
    await expect
      .poll(async () => Math.min((await armpit.boundingBox())!.width, (await armpit.boundingBox())!.height))
      .toBeGreaterThanOrEqual(44);
  });
}

test('what the client says on arrival is said again before the first comb, with what it means', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Warned', { coat: 'curly' });
  await page.goto(`/visits/${id}/arrival`);
  await page.getByLabel('Last full comb-out').fill('60');
  await page.getByLabel('Last bath').focus();
  await page
    .getByRole('radiogroup', { name: /left to dry over knots/ })
    .getByRole('radio', { name: 'Yes' })
    .click();
  await page.getByRole('button', { name: 'Harness' }).click();
  const known = page.getByRole('region', { name: 'Know before you start' });
  await expect(known.getByText('Take off what Warned wears.')).toBeVisible();
  await expect(known.getByText('Washed and dried over knots.')).toBeVisible();
  await expect(known.getByText('60 days since the last comb-out.')).toBeVisible();
  await expect(known.getByText('Look first at chest, shoulder left and right, armpit left and right.')).toBeVisible();
  await page.getByRole('radiogroup', { name: 'Taken off now?' }).getByRole('radio', { name: 'Yes' }).click();
  await expect(known.getByText('Take off what Warned wears.')).toHaveCount(0);

  await page.getByRole('button', { name: 'Start the inspection' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  await expect(known.getByText('Washed and dried over knots.')).toBeVisible();
  await page.keyboard.press('Space');
  await expect(known).toHaveCount(0);
  await expect.poll(async () => (await visitOf(page, id)).sections.hindfoot_l!.grade).toBe(0);
});
