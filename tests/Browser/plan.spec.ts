import type { Page } from '@playwright/test';
import { faults } from './faults';
import { arrival, expect, pageOf, post, test, timelineOf, ulid } from './salon';

const ROUTE = ['muzzle', 'crown', 'ear_l', 'ear_r', 'behind_ear_l', 'behind_ear_r', 'neck', 'chest', 'shoulder_l', 'shoulder_r'].concat(
  ['armpit_l', 'armpit_r', 'foreleg_l', 'foreleg_r', 'forefoot_l', 'forefoot_r', 'back', 'side_l', 'side_r', 'tuckup_l', 'tuckup_r'],
  ['belly', 'groin', 'breeches_l', 'breeches_r', 'hindleg_l', 'hindleg_r', 'hindfoot_l', 'hindfoot_r', 'tail'],
);
const mat = (mattedShare: number, liftMm: number) => ({ comb: 'stops', skinLine: 'patchy', opens: 'tool', mattedShare, liftMm });
const ROUGH: Record<string, unknown> = {
  tail: mat(0.3, 7),
  chest: mat(0.2, 10),
  hindleg_l: mat(0.3, 7),
  hindleg_r: mat(0.2, 7),
  armpit_l: mat(0.3, 4),
  breeches_l: mat(0.15, 10),
};

async function rough(page: Page, name: string, more: Record<string, unknown> = {}): Promise<string> {
  const id = await arrival(page, name, { coat: 'curly', coatMm: 60, weightKg: 24, temperament: 'wriggly', ...more });
  await post(page, `visits/${id}/marks`, {
    marks: ROUTE.map((section) => ({
      ...{ id: ulid(), kind: 'comb_checked', section, at: new Date().toISOString(), device: ulid() },
      payload: ROUGH[section] ?? { comb: 'glides', skinLine: 'clear' },
    })),
  });
  await page.goto(`/visits/${id}/plan`);
  await expect(page.getByRole('table', { name: 'Plans side by side' })).toBeVisible();
  return id;
}

async function planOf(page: Page, id: string) {
  return (await (await page.request.get(`/api/visits/${id}/plan`)).json()) as {
    aim: { aim: string; unchanged: boolean } | null;
    totals: { tension: number; coatKept: number | null; complete: boolean };
    sections: Record<string, { choice: string | null }>;
    fixed: string[];
    frontier: { plans: unknown[]; balanced: number };
  };
}

test('the three named plans stand side by side, and one touch decides every section and says why', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await rough(page, 'Named');
  await page.getByRole('button', { name: /worth the pulling/i }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Everything is decided' })).toBeVisible();
  await expect(page.getByRole('row', { name: /worth the pulling/i })).toHaveAttribute('aria-current', 'true');
  await expect(
    page
      .getByText(/House rule: mats here are clipped, pulling is not worth it\. Loose skin falls between long teeth: 3\.2 mm at most here/)
      .first(),
  ).toBeVisible();
  expect(await planOf(page, id)).toMatchObject({ aim: { aim: 'balanced', unchanged: true }, totals: { complete: true } });

  await page.keyboard.press('e');
  await expect(page.getByRole('row', { name: /^Easiest on the dog/ })).toHaveAttribute('aria-current', 'true');
  await page.keyboard.press('u');
  await expect(page.getByRole('row', { name: /worth the pulling/i })).toHaveAttribute('aria-current', 'true');
});

test('the handle is dragged between more coat and less pulling, and walked with the keys', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await rough(page, 'Dragged');
  const slider = page.getByRole('slider', { name: 'More coat or less pulling' });
  const box = (await slider.boundingBox())!;
  await page.mouse.move(box.x + box.width - 4, box.y + 60);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width * 0.5, box.y + 60, { steps: 6 });
  await page.mouse.move(box.x + 2, box.y + 60, { steps: 6 });
  await expect(slider).toHaveAttribute('aria-valuenow', '0');
  await page.mouse.up();
  await expect.poll(async () => (await planOf(page, id)).aim?.aim).toBe('easiest');

  await slider.focus();
  await page.keyboard.press('ArrowRight');
  await expect.poll(async () => (await planOf(page, id)).aim?.aim).toBe('between');
  await expect(page.getByRole('row', { name: /^Between/ })).toHaveAttribute('aria-current', 'true');
  await page.keyboard.press('End');
  await expect.poll(async () => (await planOf(page, id)).aim?.aim).toBe('keep_coat');
});

test('a section that is fixed stays as it is on every plan, until it is left to the plan again', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const id = await rough(page, 'Fixed');
  await page.getByRole('button', { name: /^Tail:/ }).click();
  await page.getByRole('button', { name: /Clip to 3.2 mm/ }).click();
  await expect.poll(async () => (await planOf(page, id)).fixed).toEqual(['tail']);
  await page.getByRole('button', { name: 'Keep the coat' }).click();
  await expect.poll(async () => (await planOf(page, id)).aim?.aim).toBe('keep_coat');
  expect((await planOf(page, id)).sections.tail!.choice).toBe('clip:3.2');

  await page.getByRole('button', { name: /^Tail:/ }).click();
  await page.getByRole('button', { name: 'Fixed here. Leave it to the plan' }).click();
  await expect.poll(async () => (await planOf(page, id)).fixed).toEqual([]);
});

test('a blade test on the worst spot changes what is offered, and a stop at the shortest blade ends in a vet', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await rough(page, 'Blades');
  await page.getByRole('button', { name: /^Left|^Armpit, left:/ }).click();
  await page.getByText('Blade test', { exact: true }).click();
  for (const mm of ['13', '9.5', '6.3', '3.2']) {
    await expect(page.getByText(`start with the longest blade: ${mm} mm`)).toBeVisible();
    await page.getByRole('button', { name: 'Stops', exact: true }).click();
  }
  await expect(page.getByText('start with the longest blade: 1.5 mm')).toBeVisible();
  await page.getByRole('button', { name: 'Stops', exact: true }).click();
  await expect(page.getByText('The shortest blade stops. Do not go on: ask the client to see a vet.')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1, name: 'Nothing is offered for armpit left' })).toBeVisible();
});

test('when nothing fits, the screen says by how much, and more table time mends it', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await rough(page, 'Tight');
  await post(page, `visits/${id}/marks`, {
    marks: [{ id: ulid(), kind: 'arrival_answered', at: new Date().toISOString(), device: ulid(), payload: { slotMinutes: 10 } }],
  });
  await expect(page.getByRole('heading', { name: 'No plan fits today' })).toBeVisible();
  await expect(page.getByText(/more than the 10 at the table/)).toBeVisible();
  await page.getByRole('button', { name: 'Clip down all the same' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'More than fits today' })).toBeVisible();
  await page.keyboard.press('u');
  await page.getByRole('button', { name: /^Plan \d+ min at the table$/ }).click();
  await expect(page.getByRole('table', { name: 'Plans side by side' })).toBeVisible();
});

test('the client’s fee limit is held against every plan, where the groomer chooses and where the client does', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await rough(page, 'Limited');
  const over = page.getByRole('table', { name: 'Plans side by side' }).getByText(/^over €/);
  const { frontier } = (await (await page.request.get(`/api/visits/${id}/plan`)).json()) as {
    frontier: { plans: { priceCents: number }[]; easiest: number; balanced: number; keepCoat: number };
  };
  const named = [...new Set([frontier.easiest, frontier.balanced, frontier.keepCoat])].map((place) => frontier.plans[place]!.priceCents);
  const cheapest = Math.min(...named);
  await expect(over).toHaveCount(0);

  const limit = (feeLimitCents: number): Promise<unknown> =>
    post(page, `visits/${id}/marks`, {
      marks: [{ id: ulid(), kind: 'arrival_answered', at: new Date().toISOString(), device: ulid(), payload: { feeLimitCents } }],
    });
  await limit(cheapest - 1);
  await expect(over).toHaveCount(named.length);
  await page.getByRole('button', { name: 'Easiest on the dog' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Everything is decided' })).toBeVisible();
  await page.getByRole('button', { name: /^Client is here/ }).click();
  await expect(page.getByText(/^That is over the €.* that was named on arrival\.$/)).toBeVisible();
  await page.keyboard.press('Escape');

  // What costs exactly the limit is within it.
  await limit(cheapest);
  await expect(over).toHaveCount(named.filter((price) => price > cheapest).length);
  await page.close();
});

test('one length for all legs leaves no leg longer than the other, on every plan, until it is let go', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await rough(page, 'Evenly');
  const even = async (): Promise<string[]> =>
    ((await (await page.request.get(`/api/visits/${id}/plan`)).json()) as { even: string[] }).even;
  await page.getByRole('button', { name: /^Hind leg, left:/ }).click();
  const wanted = page.getByRole('button', { name: 'One length for all legs' });
  await wanted.click();
  await expect.poll(even).toEqual(['legs']);
  await page.getByRole('button', { name: 'Easiest on the dog' }).click();
  await expect
    .poll(async () => {
      const { sections } = await planOf(page, id);
      return new Set(
        ['foreleg_l', 'foreleg_r', 'hindleg_l', 'hindleg_r'].map((leg) => sections[leg]!.choice?.match(/clip:.*/)?.[0] ?? 'kept'),
      ).size;
    })
    .toBe(1);
  await wanted.click();
  await expect.poll(even).toEqual([]);
  await page.close();
});

test('touching a section brings its treatments into sight without scrolling, and the plans fold', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await rough(page, 'Insight');
  await page.getByRole('button', { name: /worth the pulling/i }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Everything is decided' })).toBeVisible();
  await page.getByRole('button', { name: /^Tail:/ }).click();
  const treatments = page.getByRole('list', { name: 'Treatments' }).getByRole('button');
  expect(await treatments.count()).toBeGreaterThan(1);
  const bar = (await page.getByRole('region', { name: 'The client’s answer' }).boundingBox())!;
  for (const treatment of await treatments.all()) {
    const box = (await treatment.boundingBox())!;
    expect(box.y + box.height).toBeLessThanOrEqual(bar.y);
  }
  await page.getByRole('button', { name: 'The plans again' }).click();
  await expect(page.getByText(/^At the table about/)).toBeVisible();
});

test('after a yes a departure asks for its reason and the client is asked again', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await rough(page, 'Departs');
  await page.getByRole('button', { name: /worth the pulling/i }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Everything is decided' })).toBeVisible();
  await page.getByRole('button', { name: /Client is here/ }).click();
  await page.getByRole('button', { name: 'Yes, do this' }).click();
  await page.getByRole('button', { name: 'Yes, agreed' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Agreed' })).toBeVisible();
  const planned = (await planOf(page, id)).sections.tail!.choice;
  await page.getByRole('button', { name: /^Tail:/ }).click();
  await page.getByRole('button', { name: planned === 'clip:1.5' ? /Clip to 3.2 mm/ : /Clip to 1.5 mm/ }).click();
  await page.getByRole('button', { name: 'Do it otherwise' }).click();
  await expect(page.getByText('Say why, in a few words.')).toBeVisible();
  await page.getByLabel('Why is it done otherwise?').fill('She bit at the comb');
  await page.getByRole('button', { name: 'Do it otherwise' }).click();
  await expect(page.getByText('“She bit at the comb”')).toBeVisible();
  await expect(page.getByText(/The plan changed since .* answered\. Ask again\./)).toBeVisible();
});

test('on the tablet the client picks another way, signs with a finger, and the record holds it', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await rough(page, 'Signed');
  await page.getByRole('button', { name: /worth the pulling/i }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Everything is decided' })).toBeVisible();
  await page.getByRole('button', { name: /Client is here/ }).click();
  await page.getByRole('radio', { name: /Easiest for Signed/ }).click();
  const field = page.getByRole('img', { name: 'Field to sign in' });
  await field.scrollIntoViewIfNeeded();
  const box = (await field.boundingBox())!;
  await page.mouse.move(box.x + 40, box.y + 60);
  await page.mouse.down();
  await page.mouse.move(box.x + 120, box.y + 30, { steps: 4 });
  await page.mouse.move(box.x + 200, box.y + 70, { steps: 4 });
  await page.mouse.up();
  await expect(page.getByRole('button', { name: 'Wipe it out' })).toBeVisible();
  await page.getByRole('button', { name: 'Yes, do this' }).click();
  await page.getByRole('button', { name: 'Yes, agreed' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Agreed' })).toBeVisible();
  await expect(page.getByRole('row', { name: /^Easiest on the dog/ })).toHaveAttribute('aria-current', 'true');
  const plan = (await (await page.request.get(`/api/visits/${id}/plan`)).json()) as {
    shown: { answer: { signature: string; via: string } };
  };
  expect(plan.shown.answer.via).toBe('here');
  expect(plan.shown.answer.signature).toMatch(/^M\d+,\d+(L\d+,\d+){3,}$/);
  await page.goto(`/visits/${id}/record`);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('img', { name: 'Signature of the client' })).toBeVisible();
});

test('an answer whose reply is lost is pressed again, and stands in the record once', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await rough(page, 'Echo');
  await page.getByRole('button', { name: /worth the pulling/i }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Everything is decided' })).toBeVisible();
  await page.getByRole('button', { name: /^Call/ }).click();
  let lost = 0;
  await page.route('**/api/visits/*/marks', async (route) => {
    if (lost === 0 && route.request().postData()!.includes('answer_given')) {
      lost++;
      await route.fetch();
      return route.abort();
    }
    return route.continue();
  });
  await page.getByRole('textbox', { name: 'In their words' }).fill('Belly short, legs long');
  await page.getByRole('button', { name: 'Yes, do this' }).click();
  await page.getByRole('button', { name: 'Yes, agreed' }).click();
  await expect(page.getByRole('dialog').getByRole('alert')).toContainText('what is pressed twice is recorded once');
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page.getByRole('textbox', { name: 'In their words' })).toHaveValue('Belly short, legs long');
  await page.getByRole('button', { name: 'Yes, do this' }).click();
  await page.getByRole('button', { name: 'Yes, agreed' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Agreed' })).toBeVisible();
  expect((await timelineOf(page, id)).filter(({ kind }) => kind === 'answer_given')).toHaveLength(1);
  expect(lost).toBe(1);
});

test('the client answers on a phone by the link, without signing in, and the salon sees it', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  await rough(page, 'Linked', { client: { name: 'Client of Linked', phone: '0555 0123' } });
  await page.getByRole('button', { name: /worth the pulling/i }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Everything is decided' })).toBeVisible();
  await page.getByRole('button', { name: /Send the link/ }).click();
  await page.getByRole('link', { name: 'The stand-in shows the phone.' }).click();
  const address = (await page.getByRole('link', { name: 'Open the page' }).first().getAttribute('href'))!;
  await page.goBack();

  const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true, serviceWorkers: 'block' });
  const phone = await context.newPage();
  await phone.goto(address);
  await expect(phone.getByRole('heading', { level: 1, name: 'Linked: what we found' })).toBeVisible();
  const openedBefore = await context.newPage();
  await openedBefore.goto(address);
  await expect(openedBefore.getByRole('button', { name: 'Yes, do this' })).toBeVisible();
  await expect(phone.getByText('Nothing is cut before you answer.')).toBeVisible();
  // The chart in words, for whoever cannot tell its tones.
  await expect(phone.getByRole('listitem').filter({ hasText: /^Matted: .*tail/ })).toBeVisible();
  await expect(phone.getByText('Combs through: everywhere else.')).toBeVisible();
  expect(await phone.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
  expect(await faults(phone)).toEqual([]);
  await phone.getByRole('button', { name: 'Ask this' }).tap();
  await expect(phone.getByText('Write your question first.')).toBeVisible();
  await phone.getByLabel('A question, or something to mind').fill('Can the tail stay long?');
  await phone.getByRole('button', { name: 'Ask this' }).tap();
  await expect(phone.getByText('Thank you. We read it now and answer.')).toBeVisible();
  await expect(page.getByText('Client of Linked asks, by link')).toBeVisible();
  await expect(page.getByText('“Can the tail stay long?”')).toBeVisible();

  await phone.getByRole('radio', { name: /Easiest for Linked/ }).tap();
  // Enter in a field agrees to nothing; a yes is said back first, and there is a way back.
  await phone.getByLabel('Your name').press('Enter');
  await phone.getByRole('button', { name: 'Yes, do this' }).tap();
  await expect(phone.getByRole('heading', { name: 'You agree to this:' })).toBeFocused();
  await phone.getByRole('button', { name: 'Back' }).tap();
  await expect(phone.getByLabel('Your name')).toHaveValue('Client of Linked');
  await phone.getByRole('button', { name: 'Yes, do this' }).tap();
  await expect(phone.getByText(/^Easiest for Linked, €/)).toBeVisible();
  await phone.getByRole('button', { name: 'Yes, agreed' }).tap();
  await expect(phone.getByText('Thank you. We go ahead as you chose.')).toBeVisible();
  await expect(phone.getByRole('button', { name: 'Yes, do this' })).toHaveCount(0);
  await expect(page.getByRole('heading', { level: 1, name: 'Agreed' })).toBeVisible();
  await expect(page.getByRole('row', { name: /^Easiest on the dog/ })).toHaveAttribute('aria-current', 'true');
  // A second answer after the first, from a page that was open already.
  await openedBefore.getByRole('button', { name: 'Yes, do this' }).tap();
  await openedBefore.getByRole('button', { name: 'Yes, agreed' }).tap();
  await expect(openedBefore.getByText(/^You said yes at .* If you want something else, please call us\.$/)).toBeVisible();
  await phone.reload();
  await expect(phone.getByText('Thank you. We go ahead as you chose.')).toBeVisible();

  await phone.goto(address.replace('signature=', 'signature=0'));
  await expect(phone.getByText('This page is no longer open: the link has expired or is not complete. Please call us.')).toBeVisible();
});
