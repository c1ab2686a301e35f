import { agreed, arrival, expect, inspected, mark, pageOf, record, test, timelineOf, under } from './salon';
import type { Page } from '@playwright/test';

const MAT = { comb: 'stops', skinLine: 'patchy', opens: 'tool', mattedShare: 0.2, liftMm: 9.5 };

interface Seen {
  stage: string;
  table: {
    seconds: number;
    paused: boolean;
    sections: Record<string, { done: boolean; linesDone: number[]; lines: number; grade: number | null; clippedMm: number | null }>;
    parked: unknown[];
    reactions: { signal: string }[];
    borne: { left: number; spent: boolean };
  };
  gate: { open: boolean; cleared: boolean; lacks: { section: string; reason: string; waivable: boolean }[] };
  home: { skipped: string[]; aftercare: { items: string[] } | null };
}
const seen = async (page: Page, id: string): Promise<Seen> => (await (await page.request.get(`/api/visits/${id}`)).json()) as Seen;

/** The words of the largest button: what the table asks for next. */
const nextWord = (page: Page) =>
  page.getByRole('button', {
    name: /^(Line \d+ done|Start here|Go on here|Next:|Clipped to|To the bath gate|The comb passes|Comb check Space)/,
  });

async function combEach(page: Page, press: (name: 'main' | 'comb' | 'glides') => Promise<void>): Promise<void> {
  for (let turn = 0; turn < 70; turn++) {
    const word = (await nextWord(page).first().innerText()).trim();
    if (word.startsWith('To the bath gate')) {
      return;
    }
    if (/^(Start|Go on|Next|Clipped|The comb)/.test(word)) {
      await press('main');
      // The next place takes no touch of a finger that bounces.
      await page.waitForTimeout(word.startsWith('The comb') ? 320 : 0);
    } else {
      await press('comb');
      await press('glides');
    }
    await expect(nextWord(page).first()).toBeVisible();
  }
}

test('a whole visit of a rough dog with the keyboard alone, from arrival to collected', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { reducedMotion: 'reduce' });
  const id = await arrival(page, 'Keysalone');
  await page.goto(`/visits/${id}/arrival`);
  await expect(page.getByRole('heading', { name: 'What does the client want today?' })).toBeVisible();
  await page.getByLabel('Wishes').focus();
  await page.keyboard.press('Tab');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Space');
  await expect(page.getByRole('radio', { name: 'Wherever it is needed' })).toBeChecked();
  await page.keyboard.press('i');

  for (let section = 1; section <= 30; section++) {
    await expect(page.getByText(`${section} of 30`, { exact: true })).toBeVisible();
    if ([5, 6, 9].includes(section)) {
      // A mat: the comb stops, skin patchy, a tool opens it, a fifth of it, 10 mm from the skin.
      for (const key of ['3', '2', '2', '3', '5', 'Space']) {
        await page.keyboard.press(key);
      }
    } else {
      await page.keyboard.press('Space');
    }
  }
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { level: 1, name: /to decide/ })).toBeVisible();
  await page.keyboard.press('b');
  await expect(page.getByRole('heading', { level: 1, name: 'Everything is decided' })).toBeVisible();
  await page.keyboard.press('g');
  await expect(page.getByRole('button', { name: 'Go ahead' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Agreed' })).toBeVisible();

  await page.goto(`/visits/${id}/table`);
  const begin = page.getByRole('button', { name: 'Begin the brush-out' });
  await begin.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: 'The comb passes' })).toBeVisible();
  await page.keyboard.press('1');
  await page.keyboard.press('m');
  await combEach(page, async (name) => page.keyboard.press({ main: 'Space', comb: 'c', glides: '1' }[name]));
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { level: 1, name: /^Nothing is missing/ })).toBeVisible();
  await page.getByRole('button', { name: 'Clear for the bath' }).focus();
  await page.keyboard.press('Enter');

  await expect(page.getByRole('heading', { level: 1, name: 'Rinse first' })).toBeVisible();
  for (const heading of [
    'Lather from the skin out',
    'Rinse until nothing is left',
    'Towel first: press, do not rub',
    'Is it dry to the skin?',
  ]) {
    await page.keyboard.press('Space');
    await expect(page.getByRole('heading', { level: 1, name: heading })).toBeVisible();
  }
  for (let area = 1; area <= 6; area++) {
    await page.keyboard.press(String(area));
  }
  await expect(page.getByRole('heading', { name: 'How does the comb go, dry?' })).toBeVisible();
  for (let passed = 0; passed < 30; passed++) {
    await expect(page.getByText(`${passed} of 30 passed`).first()).toBeVisible();
    await page.keyboard.press('Space');
  }
  await expect(page.getByRole('heading', { level: 1, name: 'The whole dog passed, dry.' })).toBeVisible();
  await page.keyboard.press('e');
  await expect(page.getByRole('heading', { level: 1, name: 'Before Keysalone goes home' })).toBeVisible();
  await page.keyboard.press('3');
  await page.keyboard.press('g');
  await page.keyboard.press('Enter');
  await expect(page.getByText(/^Signed/)).toBeVisible();
  await page.keyboard.press('h');
  await expect(page.getByRole('button', { name: 'Keysalone goes home' })).toBeFocused();
  await expect(page.getByRole('heading', { level: 1, name: 'Before Keysalone goes home' })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Keysalone has gone home.' })).toBeVisible();

  const now = await seen(page, id);
  expect([now.stage, now.home.skipped, now.table.reactions.map((one) => one.signal)]).toEqual(['collected', [], ['looks']]);
  expect(Object.values(now.table.sections).every((section) => section.done)).toBe(true);
});

test('a whole visit of a rough dog by touch alone on a tablet held upright', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind', { viewport: { width: 820, height: 1180 }, hasTouch: true, reducedMotion: 'reduce' });
  const id = await inspected(page, 'Touchalone', { breeches_l: MAT, tail: { ...MAT, comb: 'cannot_enter', opens: undefined, liftMm: 4 } });
  await page.goto(`/visits/${id}/plan`);
  await page.getByRole('button', { name: /worth the pulling/i }).tap();
  await expect(page.getByRole('heading', { level: 1, name: 'Everything is decided' })).toBeVisible();
  await page.getByRole('button', { name: 'Go ahead' }).tap();
  await expect(page.getByRole('heading', { level: 1, name: 'Agreed' })).toBeVisible();
  await page.getByRole('link', { name: 'Table', exact: true }).tap();
  await page.getByRole('radio', { name: 'Only what the plan names' }).tap();
  await page.getByRole('button', { name: 'Begin the brush-out' }).tap();

  await expect(page.getByRole('heading', { level: 1, name: 'Breeches, left' })).toBeVisible();
  await page.getByRole('button', { name: 'Start here' }).tap();
  await page.getByRole('button', { name: 'Hold a mat' }).tap();
  await expect(page.getByRole('heading', { name: 'Mat in hand' })).toBeVisible();
  await page.getByRole('button', { name: 'One close more' }).tap();
  await page.getByRole('button', { name: 'One close more' }).tap();
  await expect(page.getByText('2 closes of the thinning shear leave 72 % of the hair there.')).toBeVisible();
  await page.getByRole('button', { name: 'Thinned' }).tap();
  await page.getByRole('button', { name: 'Tucks up' }).tap();
  await combEach(page, async (name) =>
    page
      .getByRole('button', { name: { main: nextName, comb: /^Comb check/, glides: /Glides, skin line clear/ }[name] })
      .first()
      .tap(),
  );
  await page.getByRole('region', { name: 'What opened it' }).getByRole('button', { name: 'Shear' }).tap();
  await page.getByRole('button', { name: 'To the bath gate' }).tap();
  await page.getByRole('button', { name: 'Clear for the bath' }).tap();
  await page.getByRole('button', { name: 'Wet to the skin' }).tap();
  await page.getByRole('radio', { name: 'A soap-free shampoo for sore skin' }).tap();
  await page.getByRole('button', { name: 'Lathered' }).tap();
  await page.getByRole('button', { name: 'Nothing is left' }).tap();
  await page.getByRole('button', { name: 'Begin drying' }).tap();
  for (const area of ['Head and ears', 'Neck, chest, shoulders', 'Forelegs', 'Back and sides', 'Underside']) {
    await page.getByRole('button', { name: new RegExp(`^${area}`) }).tap();
  }
  // The last area by a touch on the chart.
  await page.getByRole('button', { name: /^Tail: not dry yet/ }).tap();
  await expect(page.getByRole('heading', { name: 'How does the comb go, dry?' })).toBeVisible();
  await page.getByRole('button', { name: /Fine comb catches/ }).tap();
  for (let passed = 0; passed < 29; passed++) {
    await expect(page.getByText(`${passed} of 30 passed`).first()).toBeVisible();
    await page.getByRole('button', { name: /Glides, skin line clear/ }).tap();
  }
  await expect(page.getByText(/brush it to the skin, then comb it again/)).toBeVisible();
  await page.getByRole('button', { name: /Glides, skin line clear/ }).tap();
  await page.getByRole('link', { name: 'Finish and go home' }).tap();
  await page.getByRole('button', { name: /^Nails/ }).tap();
  await page.getByRole('button', { name: 'Keep this and sign' }).tap();
  await expect(page.getByText(/^Signed/)).toBeVisible();
  await page.getByRole('button', { name: 'Touchalone goes home' }).tap();
  await expect(page.getByRole('heading', { level: 1, name: 'Touchalone has gone home.' })).toBeVisible();
  expect((await seen(page, id)).home.skipped).toEqual([]);
  await page.getByRole('link', { name: 'The record' }).tap();
  await expect(page.getByText('Cleared for the bath').first()).toBeVisible();
  await expect(page.getByText(/taken/).first()).toBeVisible();
});
const nextName = /^(Start here|Go on here|Next:|Clipped to)/;

test('an hour without network, a killed page, another tablet: nothing is lost and nothing is doubled', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { serviceWorkers: 'allow' });
  const id = await under(page, { 'schools.lineCount': 'always' }, () => inspected(page, 'Cutoff', { breeches_l: MAT }));
  await agreed(page, id, { breeches_l: 'demat' });
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  await page.evaluate(() => navigator.serviceWorker.ready);
  await expect
    .poll(async () => page.evaluate(() => navigator.serviceWorker.controller !== null || caches.keys().then((keys) => keys.length > 0)))
    .toBeTruthy();
  await expect.poll(async () => (await timelineOf(page, id)).filter((one) => one.kind === 'run_started').length).toBe(1);

  await page.context().setOffline(true);
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await page.keyboard.press('Space');
  await page.keyboard.press('2');
  await page.keyboard.press('c');
  await page.keyboard.press('1');
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, right' })).toBeVisible();
  await expect(page.getByText('1 of 30 passed')).toBeVisible();

  // The page is killed and opened again, still without network.
  const context = page.context();
  await page.close();
  const again = await context.newPage();
  await again.goto(`/visits/${id}/table`);
  await expect(again.getByRole('heading', { level: 1, name: 'Hind foot, right' })).toBeVisible();
  await expect(again.getByText('1 of 30 passed')).toBeVisible();
  await again.keyboard.press('Space');
  await context.setOffline(false);
  await expect.poll(async () => (await seen(again, id)).table.sections.hindfoot_r!.linesDone).toEqual([1]);

  // Resumed on another tablet, by somebody else.
  const other = await pageOf(browser, 'Rosalind');
  await other.goto(`/visits/${id}/table`);
  await expect(other.getByRole('heading', { level: 1, name: 'Hind foot, right' })).toBeVisible();
  await expect(other.getByRole('button', { name: 'Line 2 done' })).toBeVisible();
  const kinds = (await timelineOf(again, id)).map((one) => `${one.kind} ${one.section ?? ''}`.trim()).slice(-8);
  expect(kinds).toEqual([
    'run_started',
    'section_taken hindfoot_l',
    'line_done hindfoot_l',
    'line_done hindfoot_l',
    'reacted hindfoot_l',
    'table_combed hindfoot_l',
    'section_taken hindfoot_r',
    'line_done hindfoot_r',
  ]);
});

test('two tablets at one dog: the same line counts once, and each sees the other within seconds', async ({ browser }) => {
  const one = await pageOf(browser, 'Imke');
  const other = await pageOf(browser, 'Rosalind');
  const id = await under(one, { 'schools.lineCount': 'always' }, () => inspected(one, 'Twotables'));
  for (const page of [one, other]) {
    await page.goto(`/visits/${id}/table`);
  }
  await one.getByRole('button', { name: 'Begin the brush-out' }).click();
  await expect(other.getByRole('button', { name: 'Start here' })).toBeVisible();
  await one.keyboard.press('Space');
  await expect(one.getByRole('button', { name: 'Line 1 done' })).toBeVisible();
  await expect(other.getByRole('button', { name: 'Line 1 done' })).toBeVisible();
  await Promise.all([one.keyboard.press('Space'), other.keyboard.press('Space')]);
  await expect(other.getByRole('button', { name: 'Line 2 done' })).toBeVisible();
  await expect(one.getByRole('button', { name: 'Line 2 done' })).toBeVisible();
  await expect.poll(async () => (await seen(one, id)).table.sections.hindfoot_l!.linesDone).toEqual([1]);
});

test('a snap in mid-work ends the dematting, the plan is made from here, and a cut waits for the client', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await inspected(page, 'Snapped', { breeches_l: MAT }, { consent: 'ask' });
  await agreed(page, id, { breeches_l: 'demat' });
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).click();
  await page.getByRole('button', { name: /^Breeches, left:/ }).click();
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: /^Comb check/ })).toBeVisible();
  await page.keyboard.press('5');
  await expect(page.getByText('The dog snapped. No more dematting today. Let it rest, then plan again from here.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Hold a mat' })).toBeDisabled();
  expect((await record(page, id, [mark('mat_taken', {}, 'breeches_l')]))[0]!.reason).toBe('dematting_over');

  await page.getByRole('link', { name: 'Plan from here' }).first().click();
  await expect(page.getByRole('heading', { level: 1, name: 'One section to decide' })).toBeVisible();
  await page.keyboard.press('b');
  await expect(page.getByText(/^Still needs a yes: breeches left/)).toBeVisible();
  await page.getByRole('link', { name: 'Table', exact: true }).click();
  await page.getByRole('button', { name: /^Breeches, left:/ }).click();
  await expect(page.getByText('The client has not agreed to this cut.')).toBeVisible();
  await expect(page.getByRole('button', { name: /^Clipped to/ })).toBeDisabled();

  await page.getByRole('link', { name: 'Ask first' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Everything is decided' })).toBeVisible();
  await page.keyboard.press('h');
  await page.getByRole('button', { name: 'Yes, do this' }).click();
  await page.getByRole('button', { name: 'Yes, agreed' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Agreed' })).toBeVisible();
  await page.getByRole('link', { name: 'Table', exact: true }).click();
  await page.getByRole('button', { name: /^Breeches, left:/ }).click();
  await page.getByRole('button', { name: /^Clipped to/ }).click();
  await expect.poll(async () => (await seen(page, id)).table.sections.breeches_l!.clippedMm).not.toBeNull();
});

test('the gate says exactly what is missing; drag can be let go by name, a tangle or a mat never', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await inspected(page, 'Gated', {
    tail: MAT,
    ear_l: { comb: 'catches', skinLine: 'clear' },
  });
  await agreed(page, id, { tail: 'demat' });
  expect((await record(page, id, [mark('waived', { step: 'before_bath', who: 'Imke', reason: 'x' }, 'tail')]))[0]!.reason).toBe(
    'no_waiver_for_mats',
  );
  expect((await record(page, id, [mark('bath_cleared')]))[0]!.reason).toBe('gate_shut');

  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).click();
  await page.getByRole('button', { name: /^Tail:/ }).click();
  await page.keyboard.press('Space');
  await page.keyboard.press('k');
  await page.getByLabel('Where exactly, if it helps').fill('At the root');
  await page.getByRole('button', { name: 'Park it' }).click();
  await page.keyboard.press('g');
  await expect(page.getByRole('heading', { level: 1, name: 'The bath gate is shut' })).toBeVisible();
  await expect(page.getByRole('heading', { name: '2 sections have not passed the comb' })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'One mat is parked' })).toBeVisible();
  await expect(page.getByText('not let go: wet it gets tighter').first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Let it go …' })).toHaveCount(1);
  await page.getByRole('button', { name: 'Let it go …' }).click();
  await page.getByRole('button', { name: 'Let it go', exact: true }).click();
  await expect(page.getByText('Say why, in a few words.')).toBeVisible();
  await page.getByLabel('Why', { exact: true }).fill('It will not have the ear touched today');
  await page.getByRole('button', { name: 'Let it go', exact: true }).click();
  await expect(page.getByText('was let go by Imke: “It will not have the ear touched today”')).toBeVisible();

  await page.getByRole('button', { name: 'Tail', exact: true }).first().click();
  await page.keyboard.press('c');
  await page.keyboard.press('1');
  await page.keyboard.press('g');
  await expect(page.getByRole('heading', { level: 1, name: /^Nothing is missing/ })).toBeVisible();
});

test('where the house counts lines in matted sections they are marked there, and in the picture itself', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { viewport: { width: 820, height: 1180 }, hasTouch: true, reducedMotion: 'reduce' });
  const id = await under(page, { 'schools.lineCount': 'in_matted_sections' }, () => inspected(page, 'Counted', { breeches_l: MAT }));
  await agreed(page, id, { breeches_l: 'demat' });
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).tap();
  await page.getByRole('button', { name: 'Start here' }).tap();
  await expect(page.getByRole('button', { name: 'The comb passes' })).toBeVisible();
  await page.getByRole('button', { name: /^Breeches, left:/ }).tap();
  await page.getByRole('button', { name: 'Start here' }).tap();
  // A pedal is a keyboard to the tablet.
  await page.keyboard.press('PageDown');
  await expect(page.getByRole('button', { name: 'Line 2 done' })).toBeVisible();
  // A line is touched in the picture itself: all up to it are done.
  await page.getByRole('slider', { name: 'Lines done, up to' }).tap({ position: { x: 150, y: 30 } });
  await expect.poll(async () => (await seen(page, id)).table.sections.breeches_l!.linesDone.length).toBeGreaterThan(3);
});

test('a finger that bounces passes one place, not the next one too', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { wet: true });
  const id = await inspected(page, 'Bounces');
  await agreed(page, id);
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).click();
  await page.getByRole('button', { name: 'Start here' }).click();
  await page.getByRole('button', { name: 'The comb passes' }).dblclick();
  await expect(page.getByText('1 of 30 passed')).toBeVisible();
  await page.waitForTimeout(1000);
  expect((await timelineOf(page, id)).filter((one) => one.kind === 'table_combed')).toHaveLength(1);
});

test('before Begin no key records anything at the table', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await inspected(page, 'Notyet', { tail: MAT });
  await page.goto(`/visits/${id}/table`);
  await expect(page.getByRole('button', { name: 'Begin the brush-out' })).toBeVisible();
  const before = (await timelineOf(page, id)).length;
  for (const key of ['Space', '5', 'm', 'p', 'k', 'h', 'b', 'u', 's', 'n', 'f']) {
    await page.keyboard.press(key);
  }
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await page.getByRole('button', { name: 'Begin the brush-out' }).click();
  await expect(page.getByRole('button', { name: 'Start here' })).toBeVisible();
  // What came first after all these keys is the beginning.
  await expect.poll(async () => (await timelineOf(page, id)).slice(before).map(({ kind }) => kind)).toEqual(['run_started']);
});

test('aftercare that was switched off stays off, whatever else is recorded, and is what is signed', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await inspected(page, 'Aftercare', {
    ear_l: { comb: 'cannot_enter', skinLine: 'patchy', mattedShare: 0.3, liftMm: 3.2 },
    armpit_l: MAT,
  });
  await agreed(page, id, { ear_l: 'clip:3.2', armpit_l: 'clip:3.2' });
  await record(page, id, [mark('run_started', { scope: 'whole_coat' }), mark('section_taken', {}, 'ear_l')]);
  await record(page, id, [mark('clipped', { mm: 3.2 }, 'ear_l'), mark('clipped', { mm: 3.2 }, 'armpit_l')]);
  await page.goto(`/visits/${id}/home`);
  const ears = page.getByRole('button', { name: /ears/i, pressed: true });
  await expect(ears).toHaveCount(1);
  const topic = (await ears.innerText()).trim();
  await ears.click();
  await expect(page.getByRole('button', { name: topic, pressed: false })).toBeVisible();
  await page.keyboard.press('3');
  await expect(page.getByRole('button', { name: /done/ })).toHaveCount(1);
  await expect.poll(async () => (await timelineOf(page, id)).map(({ kind }) => kind)).toContain('finish_ticked');
  await expect(page.getByRole('button', { name: topic, pressed: false })).toBeVisible();
  await page.getByRole('button', { name: 'Keep this and sign' }).click();
  await expect.poll(async () => (await seen(page, id)).home.aftercare?.items).toEqual(['licking']);
  await expect(page.getByRole('button', { name: topic, pressed: false })).toBeVisible();
});

test('a wound under a clipped pelt shuts the gate, and the gate says what to do', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await inspected(page, 'Wounded', {
    chest: MAT,
    side_l: { comb: 'cannot_enter', skinLine: 'hidden', mattedShare: 0.8, liftMm: 3.2 },
  });
  await agreed(page, id, { chest: 'demat', side_l: 'clip:3.2' });
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).click();
  await page.getByRole('button', { name: /^Side, left:/ }).click();
  await page.getByRole('button', { name: 'Start here' }).click();
  await page.getByRole('button', { name: /^Clipped to/ }).click();
  await page.keyboard.press('s');
  await page.getByRole('radio', { name: /Open skin/ }).click();
  await page.getByRole('radio', { name: 'The whole section' }).click();
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByText('Leave this section alone. Ask the client to see a vet. No bath over it.').first()).toBeVisible();
  await page.keyboard.press('g');
  await expect(page.getByRole('heading', { level: 2 })).toHaveText([
    'One section is held for a vet',
    'One section has not passed the comb',
  ]);
  await expect(page.getByText('Tell the client first how the bath goes round it.')).toBeVisible();
  expect((await record(page, id, [mark('bath_cleared')]))[0]!.reason).toBe('gate_shut');
});

test('a comb that stops asks on, grades anew and sends the section back', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await inspected(page, 'Stopper');
  await agreed(page, id);
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).click();
  await page.keyboard.press('Space');
  await page.keyboard.press('c');
  await page.keyboard.press('3');
  await expect(page.getByRole('heading', { name: 'What do you see when you part it?' })).toBeVisible();
  for (const key of ['2', '2', '3', '5']) {
    await page.keyboard.press(key);
  }
  await expect(page.getByText(/^not decided: plan from here · /)).toBeVisible();
  await expect.poll(async () => (await seen(page, id)).table.sections.hindfoot_l!.grade).toBe(3);
  // Undo takes the last answer back, and the one before it.
  await page.keyboard.press('u');
  await expect.poll(async () => (await timelineOf(page, id)).filter((one) => one.withdrawn).length).toBe(1);
});

test('the screen stays awake while hands are on the dog, and may sleep in a pause', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.addInitScript(() => {
    const calls: string[] = [];
    Object.assign(window, { wakeCalls: calls });
    Object.defineProperty(navigator, 'wakeLock', {
      value: {
        request: async () => {
          calls.push('held');
          return { release: async () => calls.push('given back'), addEventListener: () => undefined, removeEventListener: () => undefined };
        },
      },
    });
  });
  const calls = (): Promise<string[]> => page.evaluate(() => (window as unknown as { wakeCalls: string[] }).wakeCalls);
  const id = await inspected(page, 'Awake');
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).click();
  expect(await calls()).toEqual([]);
  await page.keyboard.press('Space');
  await expect.poll(calls).toEqual(['held']);
  await page.keyboard.press('p');
  await expect(page.getByText('Paused. The clocks stand; the day’s does not.')).toBeVisible();
  await expect.poll(calls).toEqual(['held', 'given back']);
});

test('undercoat: the yield of each pass says when the coat has stopped giving', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await inspected(page, 'Raked', {}, { dog: { coat: 'double', coatMm: 60, weightKg: 20 } });
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).click();
  await page.keyboard.press('Space');
  await page.keyboard.press('r');
  await expect(page.getByRole('heading', { name: 'Undercoat: wide rake' })).toBeVisible();
  await page.getByRole('button', { name: /^Two/ }).click();
  await page.getByRole('button', { name: /^Half/ }).click();
  await expect(page.getByText('The coat has stopped giving with the wide rake: change to the fine one.')).toBeVisible();
  await expect(page.getByText('No bladed de-shedding tool: it cuts the topcoat.')).toBeVisible();
  await page.getByRole('button', { name: /^One/ }).click();
  await page.getByRole('button', { name: /^A pinch/ }).click();
  await expect(page.getByText('The coat has stopped giving. Stop here: never over the same section again and again.')).toBeVisible();
});

test('marks at the table are large enough for a knuckle, in ordinary and in big print', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { viewport: { width: 820, height: 1180 } });
  const id = await inspected(page, 'Knuckle', { tail: MAT });
  await page.goto(`/visits/${id}/table`);
  await page.getByRole('button', { name: 'Begin the brush-out' }).click();
  const smallest = (): Promise<number> =>
    page.evaluate(() => {
      const words = [
        'Start here',
        'Line',
        'Comb',
        'The comb',
        'It catches',
        'Looks',
        'Snaps',
        'Mist',
        'Hold a mat',
        'Park a mat',
        'Pause',
        'Undo',
      ];
      const boxes = [...document.querySelectorAll('section[aria-label="Table"] button')]
        .filter((button) => words.some((word) => button.textContent!.trim().startsWith(word)))
        .map((button) => button.getBoundingClientRect());
      return Math.min(...boxes.map((box) => Math.min(box.height, box.width)));
    });
  expect(await smallest()).toBeGreaterThanOrEqual(56);
  await page.keyboard.press('z');
  await expect(page.getByRole('group', { name: /Coat chart/ })).toHaveCount(0);
  expect(await smallest()).toBeGreaterThanOrEqual(70);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(820);

  // On a phone the next mark is reached without scrolling.
  await page.keyboard.press('z');
  await page.setViewportSize({ width: 390, height: 844 });
  await page.keyboard.press('Space');
  await expect(page.getByRole('button', { name: 'The comb passes' })).toBeInViewport({ ratio: 1 });
  // The five signals are in reach there, the snap first.
  const reach = page.getByRole('group', { name: 'The dog’s signals' }).getByRole('button');
  await expect(reach).toHaveCount(5);
  await expect(reach.first()).toContainText('Snaps');
  for (const signal of await reach.all()) {
    await expect(signal).toBeInViewport({ ratio: 1 });
    // Whatever is drawn over it: a finger there meets the signal itself.
    expect(
      await signal.evaluate((button) => {
        const box = button.getBoundingClientRect();
        return button.contains(document.elementFromPoint(box.x + box.width / 2, box.y + box.height / 2));
      }),
    ).toBe(true);
  }
  // No word of a signal runs out of its button, in big print neither.
  const wordsRunOut = (): Promise<string[]> =>
    page
      .getByRole('group', { name: 'The dog’s signals' })
      .getByRole('button')
      .evaluateAll((buttons) => buttons.filter((button) => button.scrollWidth > button.clientWidth).map((button) => button.textContent!));
  expect(await wordsRunOut()).toEqual([]);
  await page.keyboard.press('z');
  await expect(page.getByRole('group', { name: /Coat chart/ })).toHaveCount(0);
  expect(await wordsRunOut()).toEqual([]);
  await page.close();
});
