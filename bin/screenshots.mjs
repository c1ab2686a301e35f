// Pictures of the main views for docs/screenshots, from the demo data of a running bin/demo (run it with --fresh first)
// and, with SET_UP='http://…/set-up?key=…', of the empty salon of a bin/salon.
import { chromium } from '@playwright/test';

const base = process.env.BASE_URL ?? 'http://127.0.0.1:8080';
const laptop = { width: 1280, height: 800 };
const phone = { width: 390, height: 844 };

/** name, size, dog whose visit is opened, step of the visit, keys to press (or buttons to click) before the picture */
const views = [
  ['day', laptop, null, '/', []],
  ['day-phone', phone, null, '/', []],
  ['arrival', laptop, 'Fen', 'arrival', []],
  ['inspection', laptop, 'Dulse', 'inspection', []],
  ['house-rules', laptop, null, '/house/rules', []],
  ['plan', laptop, 'Moss', 'plan', ['b']],
  ['record', laptop, 'Oriel', 'record', []],
  ['dry', laptop, 'Marlow', 'dry', []],
  ['next-visit', laptop, 'Dulse', 'next', ['ArrowRight', 'ArrowRight']],
  // As these record, they come last: hands on the next section, and its gate.
  ['table', laptop, 'Oriel', 'table', ['Space']],
  ['gate', laptop, 'Oriel', 'table', ['g']],
];

const browser = await chromium.launch({ executablePath: '/usr/bin/chromium-headless-shell' });
const first = await browser.newContext();
const signIn = await first.newPage();
await signIn.goto(`${base}/sign-in`);
await signIn.getByLabel('Your name').fill('Imke');
await signIn.getByLabel('Password').fill('low-tide-comb');
await signIn.getByRole('button', { name: 'Sign in' }).click();
await signIn.getByRole('link', { name: /Dulse/ }).waitFor();
const storageState = await first.storageState();

for (const [name, viewport, dog, place, keys] of views) {
  const context = await browser.newContext({ viewport, reducedMotion: 'reduce', storageState });
  const page = await context.newPage();
  await page.goto(base + (dog ? '/' : place));
  if (dog) {
    const link = page.getByRole('link', { name: new RegExp(`\\b${dog}\\b`) });
    await page.goto(base + (await link.getAttribute('href')).replace(/[a-z]+$/, place));
  }
  await page.getByRole('heading', { level: 1 }).first().waitFor();
  for (const key of keys) {
    if (key.startsWith('click:')) {
      await page
        .getByRole('button', { name: key.slice(6) })
        .first()
        .click();
    } else {
      await page.keyboard.press(key);
    }
  }
  await page.evaluate(() => document.fonts.ready);
  await page.waitForTimeout(600);
  await page.screenshot({ path: `docs/screenshots/${name}.png` });
  console.log(`docs/screenshots/${name}.png`);
  await context.close();
}

// A dog's years.
const years = await (await browser.newContext({ viewport: laptop, reducedMotion: 'reduce', storageState })).newPage();
const { dogs } = await (await years.request.get(`${base}/api/dogs?search=dulse`)).json();
await years.goto(`${base}/dogs/${dogs[0].id}`);
await years.getByRole('heading', { level: 1 }).waitFor();
await years.evaluate(() => document.fonts.ready);
await years.waitForTimeout(600);
await years.screenshot({ path: 'docs/screenshots/dog.png' });
console.log('docs/screenshots/dog.png');

// Clients and dogs of another program, as they would come in.
const rows = [
  'Kunde;Handy;Hundename;Rasse;Geschlecht;Geburtsdatum;Gewicht;Bemerkung',
  'Ottilie Marsh;0555 0181;Pilot;Lagotto;Rüde;14.03.2022;14,5 kg;Mag keinen Föhn',
  'Ottilie Marsh;0555 0181;Bramble;Mischling;Hündin;;8;',
  'Marit Quill;0555 0190;Sorrel;Samojede;Hündin;31.02.2021;19;Zieht die Pfoten weg',
];
await years.goto(`${base}/house/records`);
await years
  .getByLabel('Choose a CSV file')
  .setInputFiles({ name: 'kunden.csv', mimeType: 'text/csv', buffer: Buffer.from(rows.join('\n')) });
await years.getByRole('button', { name: 'See what would happen' }).click();
await years.getByRole('button', { name: /^Read in/ }).scrollIntoViewIfNeeded();
await years.screenshot({ path: 'docs/screenshots/records.png' });
console.log('docs/screenshots/records.png');

// The days to come with a dog that asks for a time, and an appointment.
const { days } = await (await years.request.get(`${base}/api/days?days=14`)).json();
const booked = days.flatMap((day) => day.appointments).find((one) => one.dog.name === 'Isolde');
await years.goto(`${base}/days?dog=${booked.dog.id}`);
await years.getByRole('region', { name: 'A time for a dog' }).getByRole('listitem').nth(2).waitFor({ timeout: 60_000 });
await years.evaluate(() => document.fonts.ready);
await years.screenshot({ path: 'docs/screenshots/days.png' });
await years.goto(`${base}/appointments/${booked.id}`);
await years.getByRole('slider').waitFor();
await years.waitForTimeout(600);
await years.screenshot({ path: 'docs/screenshots/appointment.png' });
console.log('docs/screenshots/days.png, docs/screenshots/appointment.png');

// The owner's plan for home, on the owner's phone.
await years.goto(base);
await years.goto(base + (await years.getByRole('link', { name: /Marlow/ }).getAttribute('href')).replace(/[a-z]+$/, 'owner'));
await years.getByRole('button', { name: /^Send to/, disabled: false }).click();
await years.getByRole('button', { name: 'Sent' }).waitFor();
const { messages } = await (await years.request.get(`${base}/api/messages`)).json();
const owner = await (await browser.newContext({ viewport: phone, reducedMotion: 'reduce' })).newPage();
await owner.goto(base + messages[0].url);
await owner.getByRole('button', { name: /^Done, now/ }).click();
await owner.evaluate(() => document.fonts.ready);
await owner.waitForTimeout(400);
await owner.screenshot({ path: 'docs/screenshots/owner-phone.png' });
console.log('docs/screenshots/owner-phone.png');

// The client's page: the plan for Moss that is worth the pulling, sent by link and opened as on a phone.
const salon = await (await browser.newContext({ viewport: laptop, storageState })).newPage();
await salon.goto(base);
await salon.goto(base + (await salon.getByRole('link', { name: /Moss/ }).getAttribute('href')).replace(/[a-z]+$/, 'plan'));
await salon.getByRole('button', { name: /worth the pulling/i }).click();
await salon.getByRole('button', { name: /Send the link/, disabled: false }).click();
await salon.getByRole('link', { name: 'The stand-in shows the phone.' }).click();
const address = await salon.getByRole('link', { name: 'Open the page' }).first().getAttribute('href');
const client = await (await browser.newContext({ viewport: phone, reducedMotion: 'reduce' })).newPage();
await client.goto(base + address);
await client.getByRole('button', { name: 'Yes, do this' }).waitFor();
await client.evaluate(() => document.fonts.ready);
await client.screenshot({ path: 'docs/screenshots/client-phone.png' });
console.log('docs/screenshots/client-phone.png');
// A mat in hand, after the client's page: it begins Moss's brush-out.
const table = await (await browser.newContext({ viewport: laptop, storageState, reducedMotion: 'reduce' })).newPage();
await table.goto(base);
const moss = base + (await table.getByRole('link', { name: /Moss/ }).getAttribute('href'));
// So much coat would keep Moss longer on its feet than the house asks.
await table.goto(moss.replace(/[a-z]+$/, 'plan'));
await table.getByRole('button', { name: /^Dryer lying down/, disabled: false }).click();
await table.getByText('saved').waitFor();
await table.goto(moss.replace(/[a-z]+$/, 'table'));
await table.getByRole('button', { name: 'Begin the brush-out' }).click();
await table.getByRole('button', { name: /^Breeches, right:/ }).click();
for (const key of ['Space', 'h', '+', '+']) {
  await table.keyboard.press(key);
  await table.waitForTimeout(300);
}
await table.evaluate(() => document.fonts.ready);
await table.screenshot({ path: 'docs/screenshots/table-mat.png' });
console.log('docs/screenshots/table-mat.png');
// The set-up of an empty installation: its address, as bin/salon prints it.
if (process.env.SET_UP) {
  const setUp = await (await browser.newContext({ viewport: laptop, locale: 'en-GB', timezoneId: 'Europe/London' })).newPage();
  await setUp.goto(process.env.SET_UP);
  await setUp.getByLabel('What is the salon called?').fill('Saltby Quay Grooming');
  await setUp.getByLabel('And you are').fill('Nell');
  await setUp.evaluate(() => document.fonts.ready);
  await setUp.screenshot({ path: 'docs/screenshots/set-up.png' });
  console.log('docs/screenshots/set-up.png');
}
await browser.close();
