import { agreed, arrival, expect, inspected, mark, pageOf, record, test, timelineOf, visitOf } from './salon';

const MAT = { comb: 'stops', skinLine: 'patchy', opens: 'tool', mattedShare: 0.2, liftMm: 9.5 };

test('a hand over the whole coat: what it feels is on the chart before any comb, and goes at a second touch', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind', { hasTouch: true, viewport: { width: 820, height: 1180 } });
  const id = await arrival(page, 'Felt');
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByText('First a hand over the whole coat.')).toBeVisible();
  await page.getByRole('button', { name: 'By hand' }).first().tap();
  await page.getByRole('button', { name: /^Tail:/ }).tap();
  await page.getByRole('button', { name: /^Side, left:/ }).tap();
  await expect(page.getByText('2 sections felt.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Tail: .*felt by hand/ })).toBeVisible();
  await page.getByRole('button', { name: /^Tail:/ }).tap();
  await expect(page.getByText('One section felt.')).toBeVisible();

  await page.getByRole('button', { name: 'To the comb' }).tap();
  await page.getByRole('button', { name: /^Side, left:/ }).tap();
  await expect(page.getByRole('heading', { level: 1, name: 'Side, left' })).toBeVisible();
  await expect(page.getByText(/^Felt by hand/).first()).toBeVisible();
  const felt = async (): Promise<boolean[]> => {
    const { sections } = await visitOf(page, id);
    return [sections.side_l!.felt !== null, sections.tail!.felt !== null];
  };
  await expect.poll(felt).toEqual([true, false]);
});

test('a mat that will not open: what is left and what it changes, without leaving the hand', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind', { hasTouch: true, viewport: { width: 820, height: 1180 } });
  const id = await inspected(page, 'Wontopen', { breeches_l: MAT }, { consent: 'ask' });
  await agreed(page, id, { breeches_l: 'demat' });
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).tap();
  await page.getByRole('button', { name: /^Breeches, left:/ }).tap();
  await page.getByRole('button', { name: /^Start here/ }).tap();
  await page.getByRole('button', { name: 'Hold a mat' }).tap();
  await page.getByText('Ways to open it').tap();
  await expect(page.getByText('Pat the brush in and lift it, straight, without a wrist flick.')).toBeVisible();

  await page.getByRole('button', { name: 'It will not open' }).tap();
  const dialog = page.getByRole('dialog', { name: 'Breeches, left: it will not open' });
  await expect(dialog.getByRole('button', { name: /Open by hand/ })).toHaveCount(0);
  await expect(dialog.getByText(/^whole coat \d+\s%/).first()).toBeVisible();
  await dialog.getByRole('button', { name: /^.*Clip to 9.5 mm/ }).tap();

  // The mat is put down until the blade comes, and the yes that was given does not cover the cut.
  await expect(page.getByRole('button', { name: /^Clipped to 9.5 mm/ })).toBeVisible();
  const kinds = (await timelineOf(page, id)).slice(-2).map((one) => one.kind);
  expect(kinds).toEqual(['treatment_chosen', 'mat_parked']);
  expect((await record(page, id, [mark('clipped', { mm: 9.5 }, 'breeches_l')]))[0]!.reason).toBe('not_agreed');

  // One undo takes both back: the mat is in the hand again.
  await page.getByRole('button', { name: 'Undo' }).first().tap();
  await expect(page.getByRole('heading', { name: 'Mat in hand' })).toBeVisible();
});

test('a shedding coat is raked in the lather, towelled and under the dryer, and one spot has its time', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind', { wet: true, hasTouch: true, viewport: { width: 820, height: 1180 } });
  // The clock of the page is the test's own: here the hand itself is calm.
  await page.clock.install();
  const tap = async (name: string | RegExp): Promise<void> => {
    await page.waitForTimeout(450);
    await page.getByRole('button', { name }).tap();
  };
  const id = await inspected(page, 'Sheds', {}, { dog: { coat: 'double', coatMm: 60, weightKg: 24 } });
  const cleared = await record(page, id, [mark('bath_cleared')]);
  expect(cleared[0]!.outcome).toBe('taken');
  await page.goto(`/visits/${id}/dry`);
  await tap(/^Wet to the skin/);
  await tap(/^Lathered/);
  await tap('De-shed in the lather');
  await expect(page.getByText('Wet skin is soft. The wide rake, with the lay, no pressure.')).toBeVisible();
  await tap(/^De-shed in the lather/);
  await tap(/^Nothing is left/);

  await expect(page.getByText('De-shed on the towelled coat, wide first.')).toBeVisible();
  await page.getByRole('button', { name: 'Done', exact: true }).tap();
  await expect(page.getByText(/^De-shed, towelled/)).toBeVisible();
  await page.getByRole('button', { name: /^Begin drying/ }).tap();
  await expect(page.getByText('De-shed where the air blows.')).toBeVisible();

  await page.getByRole('button', { name: 'Spot timer' }).tap();
  await page.clock.fastForward(30_000);
  await expect(page.getByText(/^(29|3\d) s here$/)).toBeVisible();
  await page.clock.fastForward(20_000);
  await expect(page.getByText('Move on: too long on one spot burns the skin.')).toBeVisible();
  await page.getByRole('button', { name: 'Next spot' }).tap();
  await expect(page.getByText('Move on: too long on one spot burns the skin.')).toBeHidden();
  await page.getByRole('button', { name: 'Done', exact: true }).tap();
  await expect.poll(async () => (await timelineOf(page, id)).filter((one) => one.kind === 'bath_stepped').length).toBe(6);
});
