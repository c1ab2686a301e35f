import { expect, mark, pageOf, post, record, test, ulid, visitOf } from './salon';

async function visitAt(page: Awaited<ReturnType<typeof pageOf>>, dog: string, step: string): Promise<string> {
  await page.goto('/');
  const address = (await page.getByRole('link', { name: new RegExp(`\\b${dog}\\b`) }).getAttribute('href'))!;
  await page.goto(address.replace(/[a-z]+$/, step));
  return address.split('/')[2]!;
}

test('going home: the suggested weeks, others beside them, the client’s wish, and what was said is kept and can be undone', async ({
  browser,
}) => {
  const page = await pageOf(browser, 'Rosalind');
  const id = await visitAt(page, 'Tolly', 'home');
  await page.getByRole('link', { name: 'When does Tolly come back?' }).click();
  await expect(page.getByRole('heading', { name: 'When should Tolly come back?' })).toBeVisible();
  const handle = page.getByRole('slider', { name: 'Weeks until the next visit' });
  const suggested = Number(await handle.getAttribute('aria-valuenow'));
  await expect(page.getByRole('row', { name: /suggested/ })).toContainText(`${suggested} weeks`);

  // A notch shorter by key: the chart and the large row follow.
  await page.keyboard.press('ArrowLeft');
  const shorter = Number(await handle.getAttribute('aria-valuenow'));
  expect(shorter).toBeLessThan(suggested);
  await expect(page.getByText(`In ${shorter} weeks`, { exact: true })).toBeVisible();
  await expect(page.getByRole('row').and(page.locator('[aria-current=true]'))).toContainText(`${shorter} weeks`);

  await page.getByLabel('Edda Brandt wishes').selectOption({ label: '16 weeks' });
  await page.getByRole('button', { name: `Note ${shorter} weeks` }).click();
  await expect(page.getByText(`${shorter} weeks, as the client heard it`)).toBeVisible();
  expect((await visitOf(page, id)).home.nextVisit).toMatchObject({ weeks: shorter, suggestedWeeks: suggested, wishedWeeks: 16 });

  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(page.getByText('as the client heard it')).toBeHidden();
  expect((await visitOf(page, id)).home.nextVisit).toBeNull();
});

test('the handle is dragged with a finger, and snaps to the intervals', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind', { hasTouch: true, viewport: { width: 390, height: 844 } });
  await visitAt(page, 'Marlow', 'next');
  const handle = page.getByRole('slider', { name: 'Weeks until the next visit' });
  const box = (await handle.boundingBox())!;
  await page.touchscreen.tap(box.x + (box.width * 4.6) / 12, box.y + 30);
  await expect(handle).toHaveAttribute('aria-valuenow', '5');
  await expect(page.getByRole('button', { name: 'Note 5 weeks' })).toBeVisible();
});

test('an apprentice sees when the dog should come back, and a groomer says it', async ({ browser }) => {
  const page = await pageOf(browser, 'Teo');
  await visitAt(page, 'Marlow', 'next');
  await expect(page.getByRole('heading', { name: 'When should Marlow come back?' })).toBeVisible();
  await expect(page.getByText('A groomer says when it comes back.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Note/ })).toHaveCount(0);
});

test('the keepable coat: a length that does not keep is answered with the nearest that do', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  await visitAt(page, 'Dulse', 'next');
  await page.getByRole('link', { name: 'Which coat can be kept?' }).click();
  await page.getByRole('button', { name: 'not brushed', exact: true }).click();
  await page.getByRole('button', { name: /^60 mm, 8 weeks: does not keep/ }).click();
  await expect(page.getByText('This does not keep.')).toBeVisible();
  const rows = page.getByRole('table', { name: 'What keeps, with its price' }).getByRole('row');
  await expect(rows).toHaveCount(5);

  // The nearest is a touch away, and it keeps.
  await rows.nth(2).getByRole('button').click();
  await expect(page.getByText('This keeps.')).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: 'When should Dulse come back?' })).toBeVisible();
});

test('without a network the next visit says so and comes by itself when it is back', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  await page.route('**/next-visit', (route) => route.abort());
  await visitAt(page, 'Tolly', 'next');
  await expect(page.getByRole('alert').or(page.getByText('No network')).first()).toBeVisible();
  await page.unroute('**/next-visit');
  await expect(page.getByRole('heading', { name: 'When should Tolly come back?' })).toBeVisible();
});

test('before the comb touches the dog its clock says what to expect, and on arrival what the home is like is asked', async ({
  browser,
}) => {
  const page = await pageOf(browser, 'Rosalind');
  // She comes in now: nobody has combed her yet today.
  const { dogs } = (await (await page.request.get('/api/dogs?search=halla')).json()) as { dogs: { id: string }[] };
  const { id } = await post<{ id: string }>(page, 'visits', {
    id: ulid(),
    markId: ulid(),
    dogId: dogs[0]!.id,
    at: new Date().toISOString(),
    device: ulid(),
  });
  await record(page, id, [mark('arrival_answered', { homeBrushing: 'weekly' })]);
  await page.goto(`/visits/${id}/arrival`);
  await expect(page.getByText(/^(Hardly a place|About \d+ places?) where the comb will stop,/)).toBeVisible();
  await expect(page.getByText('by its own clock')).toBeVisible();
  await page.getByRole('radiogroup', { name: 'With which brush' }).getByRole('radio', { name: 'Pin', exact: true }).click();
  await page.getByRole('button', { name: 'Forefoot, left' }).click();
  await expect.poll(async () => (await visitOf(page, id)).arrival).toMatchObject({ homeTool: 'pin', chews: ['forefoot_l'] });

  // A part that is longer than the rest, and what makes no sense stays with what to put there.
  await page.getByText('Lengths today, by part').click();
  await page.getByLabel('Ears', { exact: true }).last().fill('900');
  await page.getByLabel('Ears', { exact: true }).last().press('Tab');
  await expect(page.getByText('A length such as 40 mm.')).toBeVisible();
  await page.getByLabel('Ears', { exact: true }).last().fill('95');
  await page.getByLabel('Ears', { exact: true }).last().press('Tab');
  await expect.poll(async () => (await visitOf(page, id)).arrival.sectionMm).toMatchObject({ ear_l: 95, behind_ear_r: 95 });
});

test('a matted dog that would be bathed at home tonight: both ways beside each other, from the plan', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  await visitAt(page, 'Rook', 'plan');
  await page.getByRole('button', { name: 'If it is bathed at home tonight' }).click();
  const dialog = page.getByRole('dialog', { name: 'If Rook is bathed at home tonight' });
  await expect(dialog.getByText('a grade tighter, and half as far from the skin')).toBeVisible();
  await expect(dialog.getByRole('row', { name: /coat kept/ }).or(dialog.getByText('it would be a case for a vet'))).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(dialog).toBeHidden();
  await page.getByRole('link', { name: 'Which coat can be kept?' }).click();
  await expect(page.getByRole('heading', { name: 'Which coat can Rook keep?' })).toBeVisible();
});
