import { expect, inspected, mark, pageOf, post, record, test, timelineOf, ulid, visitOf } from './salon';

const MAT = { comb: 'stops', skinLine: 'patchy', opens: 'tool', mattedShare: 0.3, liftMm: 9.5 };
const MATS = Object.fromEntries(
  ['breeches_l', 'breeches_r', 'hindleg_l', 'hindleg_r', 'side_l', 'side_r', 'foreleg_l'].map((id) => [id, MAT]),
);

test('what does not fit today is divided: on the plan, to the client, at the gate, on the way home, and at the next visit', async ({
  browser,
}) => {
  const page = await pageOf(browser, 'Imke', { viewport: { width: 820, height: 1180 }, hasTouch: true, reducedMotion: 'reduce' });
  const id = await inspected(page, 'Twovisits', MATS, { consent: 'never', dog: { weightKg: 18 } });
  await record(page, id, [mark('arrival_answered', { slotMinutes: 45, temperament: 'wriggly' })]);
  await page.goto(`/visits/${id}/plan`);
  await expect(page.getByRole('heading', { name: 'No plan fits today' })).toBeVisible();
  await expect(page.getByText(/^Visit 1: \d+ min, pulls/)).toBeVisible();
  await page.getByRole('button', { name: 'Divide it: today the first' }).tap();
  await expect(page.getByRole('heading', { name: /^Visit 1 of [23]: no bath today$/ })).toBeVisible();
  await expect(page.getByRole('heading', { level: 1, name: 'Everything is decided' })).toBeVisible();

  await page.keyboard.press('h');
  await expect(
    page
      .getByRole('dialog')
      .getByText(/No bath before the last visit/)
      .first(),
  ).toBeVisible();
  await page.getByRole('button', { name: 'Yes, do this' }).tap();
  await page.getByRole('button', { name: 'Yes, agreed' }).tap();
  await expect(page.getByRole('heading', { level: 1, name: 'Agreed' })).toBeVisible();

  const { sections } = (await visitOf(page, id)).table;
  const later = Object.keys(sections).filter((section) => sections[section]!.later);
  const all = Object.keys((await visitOf(page, id)).sections);
  await record(
    page,
    id,
    all
      .filter((section) => !later.includes(section))
      .map((section) => mark('table_combed', { comb: 'glides', skinLine: 'clear' }, section)),
  );
  await page.goto(`/visits/${id}/dry`);
  await expect(page.getByText('No bath before the last visit: wetting a mat tightens it. The dog goes home dry.')).toBeVisible();
  await page.goto(`/visits/${id}/home`);
  await expect(page.getByText(/^No water, no harness and no brushing on the places that are left/)).toBeVisible();
  await page.getByRole('button', { name: 'Keep this and sign' }).tap();
  await expect(page.getByText(/^Signed/)).toBeVisible();
  await page.getByRole('button', { name: 'Twovisits goes home' }).tap();
  await expect(page.getByRole('heading', { level: 1, name: 'Twovisits has gone home.' })).toBeVisible();
  expect((await timelineOf(page, id)).map((one) => one.kind)).toContain('visit_split');

  const { dog } = await visitOf(page, id);
  const at = { at: new Date().toISOString(), device: ulid() };
  const next = await post<{ id: string }>(page, 'visits', { id: ulid(), markId: ulid(), dogId: dog.id, ...at });
  await page.goto(`/visits/${next.id}/arrival`);
  await expect(page.getByText('This visit goes on where the last one ended.')).toBeVisible();
});

test('where two visits keep so much more than today, that is offered under the plans, and taken', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { reducedMotion: 'reduce' });
  const id = await inspected(page, 'Keepmore', MATS, { consent: 'any', dog: { weightKg: 18, coat: 'curly' } });
  await record(page, id, [mark('arrival_answered', { slotMinutes: 60, temperament: 'wriggly' })]);
  await page.goto(`/visits/${id}/plan`);
  await page.getByText(/^[23] visits keep \d+\s% of the coat$/).click();
  await expect(page.getByText(/^Visit 2: \d+ min, pulls/)).toBeVisible();
  await page.getByRole('button', { name: 'Divide it: today the first' }).click();
  await expect(page.getByRole('heading', { name: /^Visit 1 of [23]: no bath today$/ })).toBeVisible();
  await expect(page.getByText(/visits keep \d+\s% of the coat/)).toBeHidden();
});
