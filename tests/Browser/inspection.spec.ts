import { arrival, expect, pageOf, post, test, timelineOf, ulid, visitOf } from './salon';

test('a comb that ran over the top is asked for again, and undo takes back one answer at a time', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Again');
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();

  await page.keyboard.press('5');
  await expect(page.getByText('Part to the skin, look at the skin line, and draw the comb from the skin.')).toBeVisible();
  await page.keyboard.press('3');
  await page.keyboard.press('3');
  await expect(page.getByText('4 Tight mat, because the skin is hidden and the comb does not glide.')).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByText('2 Tangle so far')).toBeVisible();
  await page.keyboard.press('u');
  await expect(page.getByText('Comb again', { exact: true })).toBeVisible();

  await expect(page.getByText('saved')).toBeVisible();
  expect((await visitOf(page, id)).sections.hindfoot_l!.verdict).toBe('comb_again');
  expect((await timelineOf(page, id)).filter((mark) => mark.withdrawn)).toHaveLength(2);
  await page.close();
});

test('what the dog minds turns a tangle into a mat, and an earlier answer can be changed', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Tender');
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  for (const key of ['3', '1', '1', '2', '5']) {
    await page.keyboard.press(key);
  }
  await expect(page.getByText('2 Tangle, because the comb stops.')).toBeVisible();
  await page.getByRole('button', { name: '+ The dog minds it' }).click();
  await expect(page.getByText('3 Mat, because the comb stops and the dog minds it.')).toBeVisible();
  await page.getByRole('button', { name: 'Fingers open it' }).click();
  await page.keyboard.press('3');
  await expect(page.getByText('4 Tight mat, because neither fingers nor a tool open it.')).toBeVisible();
  await expect
    .poll(async () => (await visitOf(page, id)).sections.hindfoot_l!.check)
    .toMatchObject({ opens: 'no', mattedShare: 0.1, liftMm: 10, tender: true });
  await page.close();
});

test('an exact lift can be typed, and nonsense is said in words and not recorded', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Lift');
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  for (const key of ['4', '2', '3']) {
    await page.keyboard.press(key);
  }
  const other = page.getByLabel('Another figure, in mm');
  await other.fill('thumb');
  await page.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByText('Give a length from 0 to 200 mm, such as 3.5 mm.')).toBeVisible();
  await expect(other).toHaveValue('thumb');
  await other.fill('3,5');
  await page.getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByRole('button', { name: '3.5 mm from the skin' })).toBeVisible();
  await page.close();
});

test('open skin is left alone at once and says why; closing it brings the question back', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Sore');
  await page.goto(`/visits/${id}/inspection`);
  await page.getByRole('button', { name: /^Tail:/ }).click();
  await page.keyboard.press('s');
  await page.getByRole('radio', { name: 'Open skin' }).click();
  await page.getByRole('radio', { name: 'The whole section' }).click();
  await expect(page.getByText('Leave this section alone. Ask the client to see a vet. No bath over it.')).toBeVisible();
  await page.getByLabel('In your words').fill('Scratched');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByRole('button', { name: 'Tail: left alone, finding noted' })).toBeVisible();

  await page.goto(`/visits/${id}/plan`);
  await page.getByRole('button', { name: /^Tail:/ }).click();
  await expect(page.getByRole('button', { name: /Leave alone/ })).toBeVisible();
  await expect(page.getByText('Open skin: this section is left alone. A vet looks at it first.')).toBeVisible();

  await page.goto(`/visits/${id}/inspection`);
  await page.getByRole('button', { name: /^Tail:/ }).click();
  await page.getByRole('button', { name: 'It is gone' }).click();
  await expect(page.getByRole('heading', { name: 'How does the comb go?' })).toBeVisible();
  await page.close();
});

test('without network the inspection goes on, and everything arrives once when the network is back', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Cellar');
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();

  await page.context().setOffline(true);
  for (let section = 1; section <= 5; section++) {
    await page.keyboard.press('Space');
  }
  await page.keyboard.press('3');
  await expect(page.getByText('2 Tangle so far')).toBeVisible();
  await expect(page.getByText('no network', { exact: true })).toBeVisible();
  await expect(page.getByText('6 to send')).toBeVisible();
  expect((await timelineOf(page, id)).filter((mark) => mark.kind === 'comb_checked')).toHaveLength(0);

  await page.context().setOffline(false);
  await expect(page.getByText('saved')).toBeVisible({ timeout: 20_000 });
  expect((await timelineOf(page, id)).filter((mark) => mark.kind === 'comb_checked').map((mark) => mark.section)).toEqual([
    'hindfoot_l',
    'hindfoot_r',
    'hindleg_l',
    'hindleg_r',
    'breeches_l',
    'breeches_r',
  ]);
  await page.close();
});

test('a page killed before the server answered sends what it kept when it is opened again', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Killed');
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  await page.route('**/marks', (route) => route.abort());
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await expect(page.getByText('2 to send')).toBeVisible();

  const again = await page.context().newPage();
  await page.close();
  await again.goto('/');
  await expect.poll(async () => (await timelineOf(again, id)).filter((mark) => mark.kind === 'comb_checked').length).toBe(2);
  await again.close();
});

test('what the server does not take stays on the screen, over a reload, until somebody has read it', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Stopped');
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  await post(page, `visits/${id}/marks`, {
    marks: [{ id: ulid(), kind: 'stopped', at: new Date().toISOString(), device: ulid(), payload: { reason: 'Ill' } }],
  });
  await page.keyboard.press('Space');

  const refusal = page.getByText('Not saved for Stopped: comb check, hind foot, left. This visit has ended.');
  await expect(refusal).toBeVisible();
  await page.reload();
  await expect(refusal).toBeVisible();
  await page.getByRole('button', { name: 'I have read it' }).click();
  await expect(refusal).toHaveCount(0);
  await page.reload();
  await expect(page.getByText('This visit has ended. What was found stays as it is.')).toBeVisible();
  await expect(refusal).toHaveCount(0);
  await page.close();
});

test('two tablets on one dog see each other’s answers', async ({ browser }) => {
  const one = await pageOf(browser, 'Imke');
  const two = await pageOf(browser, 'Teo');
  const id = await arrival(one, 'Shared');
  await one.goto(`/visits/${id}/inspection`);
  await two.goto(`/visits/${id}/inspection`);
  await expect(two.getByText('0 of 30 checked')).toBeVisible();
  await one.keyboard.press('Space');
  await two.getByRole('button', { name: /^Tail:/ }).click();
  await two.keyboard.press('2');

  await expect(one.getByRole('button', { name: /^Tail: 1 Drag/ })).toBeVisible({ timeout: 15_000 });
  await expect(two.getByText('2 of 30 checked')).toBeVisible({ timeout: 15_000 });
  await one.close();
  await two.close();
});

test('an apprentice looks at the plan and is told who decides', async ({ browser }) => {
  const page = await pageOf(browser, 'Teo');
  await page.goto('/');
  await page.getByRole('link', { name: /Moss/ }).click();
  await expect(page.getByText('Choosing and asking are a groomer’s. You can look.')).toBeVisible();
  await expect(page.getByRole('button', { name: /Open by hand/ })).toBeDisabled();
  await page.close();
});

test('the question mark lists the keys that work here', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Keys');
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  await page.keyboard.press('?');
  await expect(page.getByRole('heading', { name: 'Keys that work here' })).toBeVisible();
  await expect(page.getByText('Glides, skin line clear').last()).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: 'Keys that work here' })).toHaveCount(0);
  await page.close();
});
