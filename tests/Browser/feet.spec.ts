import { faults } from './faults';
import { agreed, expect, inspected, mark, pageOf, record, test, timelineOf } from './salon';

test('lying and resting are a touch each, on the table and under the dryer, and undo takes them back', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { viewport: { width: 390, height: 844 }, hasTouch: true, reducedMotion: 'reduce' });
  const id = await inspected(page, 'Stander');
  await agreed(page, id);
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).tap();
  await page.getByRole('button', { name: 'Start here' }).tap();
  const bar = page.getByRole('region', { name: 'On its feet' });
  await expect(bar).toContainText('0 of 60 min on its feet');
  await bar.getByRole('button', { name: 'Lies down' }).tap();
  await bar.getByRole('button', { name: 'Left side' }).tap();
  await expect(bar).toContainText('Lying: its clock of standing stops');
  await bar.getByRole('button', { name: 'Stands' }).tap();
  await bar.getByRole('button', { name: 'Rest' }).tap();
  await expect(bar).toContainText(/Resting for 0:\d\d of 5 min/);
  await expect
    .poll(async () => (await timelineOf(page, id)).slice(-3).map((one) => one.kind))
    .toEqual(['posture_taken', 'posture_taken', 'rest_began']);
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(bar).toContainText('min on its feet');
  await expect.poll(async () => (await timelineOf(page, id)).filter((one) => one.withdrawn).map((one) => one.kind)).toEqual(['rest_began']);

  await record(page, id, [
    mark('bath_cleared'),
    ...['rinsed_first', 'lathered', 'rinsed_out'].map((step) => mark('bath_stepped', { step })),
  ]);
  await page.goto(`/visits/${id}/dry`);
  await expect(bar.getByRole('button', { name: 'Rest' })).toBeVisible();
});

test('on its back no mat is taken in hand, and one found there is parked for later', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await inspected(page, 'Bellyup', { chest: { comb: 'stops', skinLine: 'patchy', opens: 'fingers' } });
  await agreed(page, id, { chest: 'demat' });
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).click();
  await page.getByRole('button', { name: 'Lies down' }).click();
  await page.getByRole('button', { name: 'Back', exact: true }).click();
  await expect(page.getByText('On its back: nothing that pulls.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Hold a mat' })).toBeDisabled();
  await page.keyboard.press('k');
  await page.getByRole('button', { name: 'Park it' }).click();
  await expect
    .poll(
      async () =>
        ((await (await page.request.get(`/api/visits/${id}`)).json()) as { table: { parked: { because: string }[] } }).table.parked[0]
          ?.because,
    )
    .toBe('from_behind');
  await page.goto(`/visits/${id}/dry`);
  await expect(page.getByText(/from behind, standing/)).toBeVisible();
});

test('the bath: round a place that is kept dry, a second product, how long it stays on, and a finding under the dryer', async ({
  browser,
}) => {
  const page = await pageOf(browser, 'Imke');
  const id = await inspected(page, 'Bathed');
  await agreed(page, id);
  await record(page, id, [mark('finding_noted', { kind: 'open_skin' }, 'tail')]);
  await page.goto(`/visits/${id}/dry`);
  await expect(page.getByRole('heading', { level: 1, name: 'The bath gate is shut' })).toBeVisible();
  await page.getByRole('button', { name: 'Keep it dry, client told' }).click();
  await expect(page.getByText(/Tail is kept dry; the client was told \(Imke/)).toBeVisible();
  await page.getByRole('button', { name: 'Clear for the bath' }).click();
  await expect(page.getByText('Tail is kept dry.')).toBeVisible();
  await page.getByRole('button', { name: 'Wet to the skin' }).click();
  await expect(page.getByRole('radio', { name: 'Only what a vet ordered' })).toHaveCount(0);
  await page.getByRole('radio', { name: '5 min' }).click();
  await page.getByRole('button', { name: 'Lathered' }).click();
  await expect(page.getByRole('heading', { level: 1, name: /^Leave it on until \d{1,2}:\d\d$/ })).toBeVisible();
  await expect(page.getByText(/^[45]:\d\d to go, then rinse\.$/)).toBeVisible();
  await page.getByRole('button', { name: 'A second product' }).click();
  await page.getByRole('button', { name: 'Second product' }).click();
  await page.getByRole('button', { name: 'Conditioner' }).click();
  await page.getByRole('button', { name: 'Conditioned' }).click();
  await page.getByRole('button', { name: 'Nothing is left' }).click();
  await page.getByRole('button', { name: 'Begin drying' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Is it dry to the skin?' })).toBeVisible();

  await page.keyboard.press('s');
  await page.getByRole('radio', { name: 'Redness' }).click();
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText('Say where it is.')).toBeVisible();
  await page.getByLabel('Where', { exact: true }).selectOption('groin');
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByRole('region', { name: /mind/i }).getByText(/groin/i)).toBeVisible();
  const kinds = (await timelineOf(page, id)).map((one) => `${one.kind} ${one.section ?? ''}`.trim()).slice(-8);
  expect(kinds).toEqual([
    'bath_cleared',
    'bath_stepped',
    'bath_stepped',
    'bath_stepped',
    'bath_stepped',
    'bath_stepped',
    'dry_started',
    'finding_noted groin',
  ]);
});

test('what is heard is chosen once, on this device', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.addInitScript(() => {
    const heard: number[] = [];
    Object.assign(window, { heard });
    class Silent {
      currentTime = 0;
      destination = {};
      createOscillator = () => ({
        frequency: { value: 0 },
        connect: (next: unknown) => next,
        start: () => heard.push(1),
        stop: () => undefined,
      });
      createGain = () => ({
        gain: { setValueAtTime: () => undefined, linearRampToValueAtTime: () => undefined },
        connect: (next: unknown) => next,
      });
    }
    Object.assign(window, { AudioContext: Silent });
  });
  const heard = (): Promise<number> => page.evaluate(() => Reflect.get(window, 'heard').length);
  const id = await inspected(page, 'Heard', { tail: { comb: 'stops', skinLine: 'patchy', opens: 'fingers' } });
  await agreed(page, id, { tail: 'demat' });
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).click();
  await page.getByRole('button', { name: 'More' }).click();
  await page.getByRole('button', { name: 'Loud' }).click();
  expect(await heard()).toBe(2);
  await page.getByRole('button', { name: 'Off', exact: true }).click();
  expect(await heard()).toBe(2);
  await page.reload();
  await page.getByRole('button', { name: 'More' }).click();
  await expect(page.getByRole('button', { name: 'Off', exact: true })).toHaveAttribute('aria-pressed', 'true');
});

test('a visit that keeps a puppy too long on its feet says so first, with what asks less, and does not begin before', async ({
  browser,
}) => {
  const page = await pageOf(browser, 'Imke');
  const fiveMonthsAgo = new Date(Date.now() - 5 * 31 * 86_400_000).toISOString().slice(0, 10);
  const id = await inspected(
    page,
    'Pipsqueak',
    { belly: { comb: 'stops', skinLine: 'patchy', opens: 'fingers' } },
    { dog: { bornOn: fiveMonthsAgo } },
  );
  await agreed(page, id, { belly: 'demat' });
  await page.goto(`/visits/${id}/table`);
  await expect(page.getByText(/On its feet about \d+ min in this visit, the house asks 45 at most/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Begin the brush-out' })).toBeDisabled();
  await page.getByRole('link', { name: 'Choose a way on the plan, or say why.' }).click();
  await expect(page.getByRole('heading', { name: /On its feet about/ })).toBeVisible();
  if (process.env.SHOTS) {
    await page.screenshot({ path: `${process.env.SHOTS}/feet-plan.png` });
    await page.setViewportSize({ width: 390, height: 844 });
    await page.screenshot({ path: `${process.env.SHOTS}/feet-plan-phone.png` });
    await page.setViewportSize({ width: 1280, height: 800 });
  }
  expect(await faults(page)).toEqual([]);
  await page.getByRole('button', { name: /^Bath and finish another day/ }).click();
  await expect(page.getByRole('heading', { name: /^Bath and finish another day: about \d+ min on its feet, of 45 at most/ })).toBeVisible();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(page.getByRole('heading', { name: /On its feet about/ })).toBeVisible();
  await page.getByRole('button', { name: 'Go over, and say why' }).click();
  await page.getByLabel('Why it goes over').fill('Sleeps on the table');
  await page.getByRole('dialog').getByRole('button', { name: 'Go over, and say why' }).click();
  await expect(page.getByRole('heading', { name: /Sleeps on the table/ })).toBeVisible();
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).click();
  await expect.poll(async () => (await timelineOf(page, id)).map((one) => one.kind)).toContain('run_started');
  await page.goto(`/visits/${id}/record`);
  await expect(page.getByText('“Sleeps on the table”').first()).toBeVisible();
});
