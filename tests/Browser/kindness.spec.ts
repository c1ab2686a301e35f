import { agreed, expect, inspected, mark, pageOf, record, test, timelineOf } from './salon';

const MAT = { comb: 'stops', skinLine: 'patchy', opens: 'tool', mattedShare: 0.2, liftMm: 9.5 };

test('Stop now shows the vet and a clock, says what to do, stops the clocks and stands in the record', async ({ browser }) => {
  const page = await pageOf(browser, 'Teo');
  const id = await inspected(page, 'Halted');
  await record(page, id, [mark('run_started', { scope: 'whole_coat' }), mark('section_taken', {}, 'tail')]);
  for (const step of ['inspection', 'plan', 'table', 'dry', 'home']) {
    await page.goto(`/visits/${id}/${step}`);
    await expect(page.getByRole('button', { name: 'Stop now' })).toBeVisible();
  }
  await page.goto(`/visits/${id}/table`);
  await expect(page.getByRole('button', { name: 'Stop now' })).toBeVisible();
  await page.waitForLoadState('networkidle');
  // A dog that is not well does not wait for a network.
  await page.context().setOffline(true);
  await page.getByRole('button', { name: 'Stop now' }).click();
  await expect(page.getByRole('link', { name: '0555 0199' })).toHaveAttribute('href', 'tel:05550199');
  await expect(page.getByRole('timer')).toContainText('since you pressed it');
  await page.getByRole('button', { name: 'Gums blue, grey or white' }).click();
  await expect(page.getByRole('status').filter({ hasText: 'nothing round the neck' })).toBeVisible();
  await expect(page.getByText('It is in the record. Findings are not diagnoses')).toBeVisible();
  await page.context().setOffline(false);
  await page.getByRole('button', { name: 'Back to the dog' }).click();
  await expect(page.getByText('Paused. The clocks stand; the day’s does not.')).toBeVisible();
  await expect
    .poll(async () => (await timelineOf(page, id)).map((line) => line.kind))
    .toEqual(expect.arrayContaining(['paused', 'note_written']));
  await page.close();
});

test('a growth wants one touch before the first tool, under the name of its section', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await inspected(page, 'Lumpy', { tail: MAT });
  await agreed(page, id, { tail: 'demat' });
  await record(page, id, [
    mark('finding_noted', { kind: 'growth', spot: true, note: 'a pea' }, 'tail'),
    mark('run_started', { scope: 'whole_coat' }),
  ]);
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: /^Tail:/ }).click();
  await expect(page.getByText('a pea')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Mist/ })).toBeHidden();
  await page.getByRole('button', { name: 'Seen' }).click();
  await expect(page.getByRole('button', { name: /^Mist/ })).toBeVisible();
  await expect(page.getByText('a pea')).toBeVisible();
  await page.close();
});

test('a cut on clean coat waits for the dryer, and is one touch on the way home', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await inspected(page, 'Trimmed');
  await agreed(page, id, { chest: 'clip:16', neck: 'clip:16' });
  await record(page, id, [mark('run_started', { scope: 'whole_coat' })]);
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: /^Chest:/ }).click();
  await expect(page.getByText('brush to the skin; cut to 16 mm after the dryer').first()).toBeVisible();

  // Noted since: it is seen first here, too.
  await record(page, id, [mark('finding_noted', { kind: 'growth', spot: true }, 'chest')]);
  await page.goto(`/visits/${id}/home`);
  await expect(page.getByRole('button', { name: 'Cut to 16 mm' })).toBeHidden();
  await page.getByRole('button', { name: 'Seen' }).click();
  await page.getByRole('button', { name: 'Cut to 16 mm' }).click();
  await expect(page.getByRole('button', { name: 'Cut to 16 mm' })).toBeHidden();
  await expect.poll(async () => (await timelineOf(page, id)).filter((line) => line.kind === 'clipped').length).toBe(2);
  // One touch, and one way back.
  await page.keyboard.press('u');
  await expect(page.getByRole('button', { name: 'Cut to 16 mm' })).toBeVisible();
  await page.close();
});
