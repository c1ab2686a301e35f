import { faults } from './faults';
import { agreed, arrival, expect, inspected, mark, pageOf, record, test, timelineOf, visitOf } from './salon';

/** The other tablet answered online while this one had no network: both ask, one touch decides, and nothing is cut before. */
test('two tablets that did not see one another ask which is right, on both', async ({ browser }) => {
  const imke = await pageOf(browser, 'Imke');
  const id = await arrival(imke, 'Twice');
  const teo = await pageOf(browser, 'Teo');
  for (const page of [imke, teo]) {
    await page.goto(`/visits/${id}/inspection`);
    await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  }
  await teo.context().setOffline(true);
  await teo.keyboard.press('1');
  await expect(teo.getByText('1 to send')).toBeVisible();
  for (const key of ['3', '2', '2', '3', '4']) {
    await imke.keyboard.press(key);
    await imke.waitForTimeout(100);
  }
  await expect(imke.getByText('saved')).toBeVisible();
  await teo.context().setOffline(false);

  await teo.keyboard.press('ArrowLeft');
  for (const page of [teo, imke]) {
    await expect(page.getByRole('heading', { name: 'Which is right?' })).toBeVisible({ timeout: 15_000 });
    await expect(page.getByText('Until you say, 3 Mat stands.')).toBeVisible();
  }
  if (process.env.SHOTS) {
    await imke.screenshot({ path: `${process.env.SHOTS}/two-inspection.png` });
    await imke.setViewportSize({ width: 390, height: 844 });
    await imke.screenshot({ path: `${process.env.SHOTS}/two-inspection-phone.png` });
    await imke.setViewportSize({ width: 1280, height: 800 });
  }
  expect(await faults(imke)).toEqual([]);

  await imke.getByRole('button', { name: /0 Clear/ }).click();
  for (const page of [teo, imke]) {
    await expect(page.getByRole('heading', { name: 'Which is right?' })).toHaveCount(0, { timeout: 15_000 });
  }
  expect((await visitOf(imke, id)).sections.hindfoot_l!.grade).toBe(0);

  await imke.keyboard.press('u');
  await expect(imke.getByRole('heading', { name: 'Which is right?' })).toBeVisible({ timeout: 15_000 });
  await imke.keyboard.press('3');
  await imke.keyboard.press('2');
  await expect(imke.getByRole('heading', { name: 'Which is right?' })).toHaveCount(0);
  await expect.poll(async () => (await visitOf(imke, id)).sections.hindfoot_l!.grade).toBe(1);
  expect((await timelineOf(imke, id)).filter((one) => one.kind === 'comb_checked')).toHaveLength(8);
});

test('at the table the place asks from wherever one is, and is not cut before', async ({ browser }) => {
  const imke = await pageOf(browser, 'Imke');
  const id = await inspected(imke, 'Again', { tail: { comb: 'stops', skinLine: 'patchy', opens: 'fingers' } });
  await agreed(imke, id, { tail: 'demat' });
  await record(imke, id, [mark('run_started', { scope: 'whole_coat' })]);
  const teo = await pageOf(browser, 'Teo');
  await teo.goto(`/visits/${id}/inspection`);
  await expect(teo.getByRole('heading', { level: 1 })).toBeVisible();
  await teo.context().setOffline(true);
  await teo.getByRole('button', { name: /^Tail:/ }).click();
  await teo.getByRole('button', { name: 'Comb stops' }).click();
  await teo.keyboard.press('4');
  await expect(teo.getByText('1 to send')).toBeVisible();
  await imke.goto(`/visits/${id}/table`);
  await record(imke, id, [mark('table_combed', { comb: 'glides', skinLine: 'clear' }, 'tail')]);
  await expect(imke.getByText('1 of 30 passed')).toBeVisible({ timeout: 15_000 });
  await teo.context().setOffline(false);

  await expect(imke.getByText('Tail: two tablets, two answers.')).toBeVisible({ timeout: 15_000 });
  if (process.env.SHOTS) {
    await imke.screenshot({ path: `${process.env.SHOTS}/two-table.png` });
  }
  await expect(imke.getByText('0 of 30 passed')).toBeVisible();
  await imke.getByRole('button', { name: 'Which is right?' }).click();
  await expect(imke.getByRole('dialog')).toContainText('Teo');
  if (process.env.SHOTS) {
    await imke.screenshot({ path: `${process.env.SHOTS}/two-dialog.png` });
  }
  await imke.keyboard.press('1');
  await expect(imke.getByText('Tail: two tablets, two answers.')).toHaveCount(0);
  await expect(imke.getByText('1 of 30 passed')).toBeVisible({ timeout: 15_000 });
});
