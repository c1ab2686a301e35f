import { arrival, expect, type Known, mark, pageOf, post, record, test, timelineOf, ulid, visitOf } from './salon';
import type { Locator, Page } from '@playwright/test';

const CLEAR = { comb: 'glides', skinLine: 'clear' };
const MAT = { comb: 'stops', skinLine: 'patchy', opens: 'tool', mattedShare: 0.2, liftMm: 5 };

/** Combs the whole dog over the API: clear, save for the named sections. */
async function inspected(page: Page, id: string, checks: Record<string, unknown>): Promise<void> {
  const visit = (await visitOf(page, id)) as Known & { route: string[] };
  await post(page, `visits/${id}/marks`, {
    marks: visit.route.map((section) => ({
      id: ulid(),
      kind: 'comb_checked',
      section,
      at: new Date().toISOString(),
      device: ulid(),
      payload: checks[section] ?? CLEAR,
    })),
  });
}

async function arrivalAnswersOf(page: Page, id: string): Promise<Record<string, unknown>> {
  return (await (await page.request.get(`/api/visits/${id}`)).json()).arrival;
}

test('arrival saves each answer by itself, and a figure that makes no sense stays with what to put there', async ({ browser }) => {
  const page = await pageOf(browser, 'Teo');
  const id = await arrival(page, 'Answers');
  await page.goto(`/visits/${id}/arrival`);
  await page.getByLabel('Wishes').fill('Teddy face');
  await page.getByLabel('Weight today').fill('heavy');
  await page.getByLabel('Fee limit').fill('72,50');
  await page.getByRole('radio', { name: 'Hidden places, without asking' }).click();
  await page.getByRole('button', { name: 'Harness' }).click();

  await expect(page.getByText('Give the weight, such as 23.5 kg.')).toBeVisible();
  await expect(page.getByLabel('Weight today')).toHaveValue('heavy');
  await expect
    .poll(() => arrivalAnswersOf(page, id))
    .toEqual({ wishes: 'Teddy face', feeLimitCents: 7250, consent: 'hidden', gear: ['harness'] });

  await page.getByLabel('Weight today').fill('6,4');
  await page.getByLabel('Wishes').focus();
  await expect.poll(async () => (await arrivalAnswersOf(page, id)).weightKg).toBe(6.4);
  await page.reload();
  await expect(page.getByLabel('Wishes')).toHaveValue('Teddy face');
  await expect(page.getByRole('radio', { name: 'Hidden places, without asking' })).toBeChecked();
  await page.close();
});

test('what an answer brings to know does not push the way on from under the finger', async ({ browser }) => {
  const page = await pageOf(browser, 'Teo', { viewport: { width: 820, height: 1180 } });
  const id = await arrival(page, 'Pushed');
  await page.goto(`/visits/${id}/arrival`);
  const start = page.getByRole('button', { name: 'Start the inspection' });
  await expect(start).toBeVisible();
  let answer = (): void => undefined;
  const measured = new Promise<void>((resolve) => (answer = resolve));
  await page.route(`**/api/visits/${id}`, (route) => measured.then(() => route.continue()));
  await page.getByRole('button', { name: 'Harness' }).click();
  await start.scrollIntoViewIfNeeded();
  const before = await start.boundingBox();
  answer();
  await expect(page.getByRole('heading', { name: 'Know before you start' })).toBeVisible();
  expect(await start.boundingBox()).toEqual(before);
  await page.close();
});

test('the harness just answered marks where to look first at the inspection', async ({ browser }) => {
  const page = await pageOf(browser, 'Teo');
  const id = await arrival(page, 'Harness');
  await page.goto(`/visits/${id}/arrival`);
  await page.getByRole('button', { name: 'Harness' }).click();
  await page.getByRole('button', { name: 'Start the inspection' }).click();
  await page.getByRole('button', { name: /^Chest:/ }).click();
  await expect(page.getByText('The harness rubs here').first()).toBeVisible();
  await page.close();
});

test('a primitive double coat is picked through and never asked for the fine comb', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Spitz', { coat: 'double', primitive: true, coatMm: 70 });
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByRole('button', { name: /Picks through, skin line clear/ })).toBeVisible();
  await expect(page.getByText('picked outwards from the skin; no fine comb').first()).toBeVisible();
  await page.keyboard.press('1');
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('button', { name: 'Comb picks through' })).toBeVisible();
  await expect(page.getByRole('button', { name: /Fine comb/ })).toHaveCount(0);
  await page.close();
});

test('in the chart the arrow keys go round the dog, and Enter or Space takes the place that has the focus', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Arrows');
  await page.goto(`/visits/${id}/inspection`);
  await page.getByRole('button', { name: /^Hind foot, left:/ }).focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByRole('button', { name: /^Hind leg, left:/ })).toBeFocused();
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
  await page.keyboard.press('Space');
  await expect(page.getByRole('heading', { level: 1, name: 'Hind leg, left' })).toBeVisible();
  await expect(page.getByText('0 of 30 checked')).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, right' })).toBeVisible();
  await page.close();
});

test('on a phone the sheet slides away and shows the whole chart', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke', { viewport: { width: 390, height: 844 }, hasTouch: true });
  const id = await arrival(page, 'Sheet');
  await page.goto(`/visits/${id}/inspection`);
  const chart = page.getByRole('group', { name: /Coat chart/ });
  const before = (await chart.boundingBox())!.height;
  await page.getByRole('button', { name: 'See the whole chart' }).tap();
  await expect.poll(async () => (await chart.boundingBox())!.height).toBeGreaterThan(before * 1.8);
  await page.getByRole('button', { name: /^Belly:/ }).tap();
  await page.getByRole('button', { name: 'Show the questions' }).tap();
  await expect(page.getByRole('heading', { level: 1, name: 'Belly' })).toBeVisible();
  await page.close();
});

test('the plan waits for the comb, names what is missing and leads back to it', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Early');
  await page.goto(`/visits/${id}/plan`);
  await expect(page.getByRole('heading', { level: 1, name: '30 sections want the comb first' })).toBeVisible();
  await expect(page.getByRole('button', { name: /Client is here/ })).toBeDisabled();
  await page.getByRole('link', { name: 'Back to the inspection' }).click();
  await expect(page.getByRole('heading', { name: 'How does the comb go?' })).toBeVisible();
  await page.close();
});

test('a section for which nothing is offered is named, with the ways out', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Stuck');
  await record(page, id, [mark('arrival_answered', { consent: 'never' })]);
  await inspected(page, id, { chest: { ...MAT, opens: 'no' } });
  await page.goto(`/visits/${id}/plan`);
  await expect(page.getByRole('heading', { level: 1, name: 'Nothing is offered for chest' })).toBeVisible();
  await page.getByRole('button', { name: /^Chest:/ }).click();
  await expect(page.getByText('Ways out: test a blade on the worst spot')).toBeVisible();
  await page.close();
});

test('a no by telephone leaves the plan open, a change asks again, and undo takes the choice back', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const id = await arrival(page, 'Phone');
  await inspected(page, id, { tail: MAT });
  await page.goto(`/visits/${id}/plan`);
  await page.getByRole('button', { name: /Clip to 3.2 mm/ }).click();
  await expect(page.getByText('Still needs a yes: tail 3.2 mm.')).toBeVisible();
  await page.keyboard.press('c');
  await expect(page.getByRole('heading', { name: 'Call Client of Phone' })).toBeVisible();
  await page.getByLabel('Who answers').fill('');
  await page.getByRole('button', { name: 'No, change something' }).click();
  await expect(page.getByText('Who gave the answer?')).toBeVisible();
  await page.getByLabel('Who answers').fill('Her brother');
  await page.getByLabel('In their words').fill('Keep the tail');
  await page.getByRole('button', { name: 'No, change something' }).click();
  await expect(page.getByText(/^Her brother said no by telephone, .* Nothing is cut before a new yes\.$/)).toBeVisible();
  await expect(page.getByText('“Keep the tail”')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1, name: 'No: change something, then ask again' })).toBeVisible();

  await page.getByRole('button', { name: /Open by hand/ }).click();
  // A no stands over a plan without a cut too: nobody goes ahead by leave alone.
  await expect(page.getByText(/^Her brother said no by telephone/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Go ahead' })).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'Client is here' })).toBeEnabled();
  await page.keyboard.press('u');
  await expect(page.getByRole('button', { name: /Clip to 3.2 mm/ })).toHaveAttribute('aria-pressed', 'true');
  await page.close();
});

test('a choice made without network is kept and counts when the network is back', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Dark');
  await inspected(page, id, { tail: MAT });
  await page.goto(`/visits/${id}/plan`);
  await expect(page.getByRole('heading', { level: 1, name: 'One section to decide' })).toBeVisible();
  await page.context().setOffline(true);
  await page.getByRole('button', { name: /Thin, then brush/ }).click();
  await expect(page.getByText('1 to send')).toBeVisible();
  await expect(page.getByRole('button', { name: /Thin, then brush/ })).toHaveAttribute('aria-pressed', 'true');
  await page.context().setOffline(false);
  await expect(page.getByRole('heading', { level: 1, name: 'Everything is decided' })).toBeVisible({ timeout: 20_000 });
  await page.close();
});

test('the record takes notes, tells what was taken back, and an end can be taken back too', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const id = await arrival(page, 'Record');
  await inspected(page, id, { armpit_l: MAT });
  await page.goto(`/visits/${id}/record`);
  await expect(page.getByRole('row', { name: /3 Mat armpit left not decided/ })).toBeVisible();
  await page.keyboard.press('n');
  await page.getByRole('button', { name: 'Keep the note' }).click();
  await expect(page.getByText('Write something, or close this.')).toBeVisible();
  await page.getByLabel('Your note').fill('Fetched by the neighbour');
  await page.getByRole('button', { name: 'Keep the note' }).click();
  await expect(page.getByText('Fetched by the neighbour').first()).toBeVisible();

  await page.keyboard.press('x');
  await page.getByLabel('Why does it end here?').fill('Sneezes, sent home');
  await page.getByRole('button', { name: 'Stop the visit' }).last().click();
  await expect(page.getByText('This visit was stopped.')).toBeVisible();
  await expect(page.getByText('Sneezes, sent home').first()).toBeVisible();
  await page.getByRole('button', { name: 'Undo that' }).click();
  await expect(page.getByRole('link', { name: 'Record goes home' })).toBeVisible();
  await page.getByText(/Everything that was recorded/).click();
  await expect(page.getByText('Rosalind, undone').first()).toBeVisible();
  expect((await timelineOf(page, id)).filter((mark) => mark.withdrawn).map((mark) => mark.kind)).toEqual(['stopped']);
  await page.close();
});

test('the chart of the record shows what was found, and what is planned or done', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/');
  const address = (await page.getByRole('link', { name: /Rook/ }).getAttribute('href'))!;
  await page.goto(address.replace('/plan', '/record'));
  await expect(page.getByRole('img', { name: 'Coat chart of Rook, found' })).toBeVisible();
  await page.getByRole('button', { name: 'planned' }).click();
  await expect(page.getByRole('img', { name: 'Coat chart of Rook, planned' })).toContainText('1.5');
  await page.keyboard.press('c');
  await expect(page.getByRole('img', { name: 'Coat chart of Rook, found' })).toBeVisible();

  await page.goto('/');
  await page.goto((await page.getByRole('link', { name: /Oriel/ }).getAttribute('href'))!.replace(/[a-z]+$/, 'record'));
  await page.getByRole('button', { name: 'after' }).click();
  await expect(page.getByRole('img', { name: 'Coat chart of Oriel, after' })).toBeVisible();

  // The record says where the visit is, and leads back there before it leads home.
  await expect(page.getByRole('navigation', { name: 'The visit' }).getByRole('link', { name: 'Table' })).toHaveAttribute(
    'aria-current',
    'step',
  );
  await page.getByRole('link', { name: 'To the table' }).click();
  await expect(page).toHaveURL(/\/table$/);

  const recordOf = async (name: RegExp): Promise<void> => {
    await page.goto('/');
    await page.goto((await page.getByRole('link', { name }).getAttribute('href'))!.replace(/[a-z]+$/, 'record'));
  };
  await recordOf(/\bFen\b/);
  await expect(page.getByRole('link', { name: 'To the inspection' })).toBeVisible();
  // A signed dog has nothing before it but going home.
  await recordOf(/Tolly/);
  await expect(page.getByRole('link', { name: 'Tolly goes home' })).toBeVisible();
  await expect(page.getByRole('link', { name: /^To / })).toHaveCount(0);
  await expect(page.getByRole('navigation', { name: 'The visit' }).getByRole('link', { name: 'Home' })).toHaveAttribute(
    'aria-current',
    'step',
  );
  await page.close();
});

test('a dog that is here already opens its visit instead of coming in twice', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Heretwice');
  await page.goto('/visits/new');
  await page.getByLabel('The dog’s or the client’s name').fill('heretwice');
  await expect(page.getByText('opens Heretwice’s visit')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(new RegExp(`/visits/${id}/arrival$`));
  await page.close();
});

test('the list of dogs never puts another dog under a finger, and Enter means the name in the field', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await arrival(page, 'Quickalpha');
  const other = await arrival(page, 'Quickbeta');
  let answer = (): void => {};
  const held = new Promise<void>((resolve) => (answer = resolve));
  await page.route('**/api/dogs?search=&page=1', async (route) => {
    await held;
    await route.continue();
  });
  await page.goto('/visits/new');
  const newDog = page.getByRole('button', { name: 'A new dog' });
  const place = await newDog.boundingBox();
  // What a finger would meet where the first row comes, as it comes and when it has been there for a while.
  const met = page.evaluate(
    async () =>
      new Promise<boolean[]>((resolve) => {
        const meets = (row: Element): boolean => {
          const box = row.getBoundingClientRect();
          return document.elementFromPoint(box.x + 20, box.y + 20)?.closest('button') != null;
        };
        new MutationObserver((_, observer) => {
          const row = document.querySelector('[aria-label="Dogs found"] li');
          if (row) {
            observer.disconnect();
            const first = meets(row);
            setTimeout(() => resolve([first, meets(row)]), 1000);
          }
        }).observe(document.body, { childList: true, subtree: true });
      }),
  );
  answer();
  expect(await met).toEqual([false, true]);
  expect(await newDog.boundingBox()).toEqual(place);

  const field = page.getByLabel('The dog’s or the client’s name');
  await field.fill('quickalpha');
  await expect(page.getByText('opens Quickalpha’s visit')).toBeVisible();
  await field.fill('quickbeta');
  await field.press('Enter');
  await expect(page).toHaveURL(new RegExp(`/visits/${other}/arrival$`));
  await page.close();
});

test('what the list of dogs says belongs to the name in the field: nobody yet, a long name, no network', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await arrival(page, 'Longname of Kittiwake', {
    breed: 'A cross of whatever came along the beach that summer',
    client: { name: 'Client of '.padEnd(70, 'Longname ') },
  });
  await page.setViewportSize({ width: 390, height: 844 });
  await page.goto('/visits/new');
  const field = page.getByLabel('The dog’s or the client’s name');
  await field.fill('longname of k');
  await expect(page.getByRole('button', { name: /^Longname of Kittiwake/ })).toBeVisible();
  expect(await page.evaluate(() => document.querySelector('main')!.scrollWidth)).toBeLessThanOrEqual(390);

  // While an answer is on its way nobody is offered as new.
  let answer = (): void => {};
  const held = new Promise<void>((resolve) => (answer = resolve));
  await field.fill('Nobodyatall');
  await expect(page.getByText('Nobody of that name yet.')).toBeVisible();
  await page.route('**/api/dogs?search=Longname*', async (route) => {
    await held;
    await route.continue();
  });
  await field.fill('Longname');
  await expect(page.getByText('Nobody of that name yet.')).toHaveCount(0);
  await expect(page.getByRole('button', { name: 'A new dog called Longname' })).toHaveCount(0);
  answer();
  await expect(page.getByText('opens Longname of Kittiwake’s visit')).toBeVisible();

  await page.context().setOffline(true);
  await field.fill('Longname of');
  await expect(page.getByText('The server does not answer.')).toBeVisible();
  await expect(page.getByText('no network', { exact: true })).toBeVisible();
  await expect(field).toHaveValue('Longname of');
  await page.context().setOffline(false);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText('The server does not answer.')).toHaveCount(0);
  await expect(page.getByText('online', { exact: true })).toBeVisible();
  await expect(page.getByText('opens Longname of Kittiwake’s visit')).toBeVisible();
  await page.close();
});

test('nobody of that name: the new dog takes the name over, and a known client is offered', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await arrival(page, 'Known');
  await page.goto('/visits/new');
  await page.getByLabel('The dog’s or the client’s name').fill('Zephyrine');
  await page.getByRole('button', { name: 'A new dog called Zephyrine' }).click();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Zephyrine');
  await page.getByLabel('Client', { exact: true }).fill('client of known');
  await page.getByLabel('Client', { exact: true }).blur();
  await page.getByRole('button', { name: 'It is Client of Known' }).click();
  await expect(page.getByText('Known: Client of Known')).toBeVisible();
  await page.close();
});

test('the day is walked with the arrow keys and says when the network is gone', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/');
  await expect(page.getByRole('link', { name: /Rook/ })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('main li a').first()).toBeFocused();
  await page.keyboard.press('ArrowDown');
  await expect(page.locator('main li a').nth(1)).toBeFocused();
  await page.context().setOffline(true);
  await expect(page.getByText(/What you enter is kept and sent later|as it was last seen/)).toBeVisible({ timeout: 15_000 });
  await page.setViewportSize({ width: 390, height: 844 });
  const right = (what: Locator): Promise<number> => what.evaluate((box) => box.getBoundingClientRect().right);
  expect(await right(page.getByRole('main'))).toBeLessThanOrEqual(390);
  expect(await right(page.getByText('no network', { exact: true }))).toBeLessThanOrEqual(390);
  expect(await right(page.getByRole('button', { name: 'Try again' }))).toBeLessThanOrEqual(390);
  await page.context().setOffline(false);
  await page.getByRole('button', { name: 'Try again' }).click();
  await expect(page.getByText(/What you enter is kept and sent later|as it was last seen/)).toHaveCount(0);
  await page.close();
});

test('when the order of the day changes, the dog that was picked stays picked, and Enter opens it', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Steady');
  await arrival(page, 'Passing');
  let turned = false;
  // The whole day the other way round: a dog moved by one place could be put back by what the day itself does meanwhile.
  await page.route('**/api/day', async (route) => {
    const answer = await route.fetch();
    const day = (await answer.json()) as { dogs: unknown[] };
    await route.fulfill({ response: answer, json: turned ? { ...day, dogs: day.dogs.toReversed() } : day });
  });
  await page.goto('/');
  // Dogs that are here; those that are expected stand in a section of their own. The order may change by itself meanwhile.
  const rows = page.locator('main li:not(section *) a');
  const steady = page.locator(`main li:not(section *) a[href^="/visits/${id}/"]`);
  await expect(steady).toBeVisible();
  const isPicked = (): Promise<boolean> => steady.evaluate((row) => row === document.activeElement);
  const all = await rows.count();
  for (let step = 0; step < 2 * all && !(await isPicked()); step++) {
    await page.keyboard.press('ArrowDown');
  }
  await expect(steady).toBeFocused();
  const place = (): Promise<number> => rows.evaluateAll((all, id) => all.findIndex((row) => row.getAttribute('href')!.includes(id)), id);
  const before = await place();
  turned = true;
  await expect.poll(place, { timeout: 30_000 }).not.toBe(before);
  await expect(steady).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('banner').getByText('Steady')).toBeVisible();
  await page.close();
});

test('a visit of weeks ago is found by its day, by its dog, and from today’s inspection', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await page.goto('/');
  await expect(page.getByRole('link', { name: /Dulse/ })).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByText('Nobody came in on this day.')).toBeVisible();
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('link', { name: /Dulse/ })).toBeVisible();

  await page.getByRole('link', { name: /Dulse/ }).click();
  await page.getByRole('link', { name: /^Last visit, / }).click();
  await expect(page.getByText('Dulse has gone home.')).toBeVisible();
  await expect(page.getByText('Hester Lindqvist said yes, here').first()).toBeVisible();
  const lastVisit = page.url();
  const visited = (await (await page.request.get(lastVisit.replace('/visits/', '/api/visits/').replace('/record', ''))).json()).day;
  await page.goto(`/?date=${visited}`);
  await page.getByRole('link', { name: /Dulse/ }).click();
  await expect(page).toHaveURL(lastVisit);

  await page.goto('/visits/new');
  await page.getByLabel('The dog’s or the client’s name').fill('isolde');
  // Of this dog: until the answer comes, others stand here.
  await page
    .getByRole('listitem')
    .filter({ hasText: 'Isolde' })
    .getByRole('link', { name: /^last here/ })
    .click();
  await expect(page.getByText('Isolde has gone home.')).toBeVisible();
  await page.close();
});

test('a request that another site could forge is refused, and so is one with a stale token', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Forged');
  const mark = { id: ulid(), kind: 'note_written', at: new Date().toISOString(), device: ulid(), payload: { text: 'x' } };
  for (const token of ['', 'stale']) {
    const answer = await page.request.post(`/api/visits/${id}/marks`, {
      data: { marks: [mark] },
      headers: { 'X-XSRF-TOKEN': token, Accept: 'application/json' },
    });
    expect(answer.status()).toBe(419);
    expect((await answer.json()).code).toBe('session_expired');
  }
  expect((await timelineOf(page, id)).map((one) => one.kind)).toEqual(['arrived']);
  const cookie = (await page.context().cookies()).find((one) => one.name === 'hound_check_session')!;
  expect([cookie.httpOnly, cookie.sameSite]).toEqual([true, 'Strict']);
  await page.close();
});
