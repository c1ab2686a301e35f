import { execFileSync, spawn, type ChildProcess } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { expect, test, type Browser, type Page } from '@playwright/test';
import jsQR from 'jsqr';
import { PNG } from 'pngjs';
import { faults } from './faults';
import { inspected } from './salon';

// An installation of its own, empty: the other tests' salon is the demo.
const port = Number(process.env.BROWSER_TEST_PORT ?? 8191) + 100;
const base = `http://127.0.0.1:${port}`;
const addressFile = `.cache/set-up-address-${port}`;
let server: ChildProcess;

// The second opens what the third works in.
test.describe.configure({ mode: 'serial' });

test.beforeAll(async () => {
  mkdirSync('.cache', { recursive: true });
  rmSync(addressFile, { force: true });
  server = spawn('bash', ['tests/Browser/serve-new.sh', String(port), addressFile], { stdio: 'ignore', detached: true });
  await expect(async () => {
    expect(existsSync(addressFile) && (await fetch(`${base}/api/session`)).ok).toBe(true);
  }).toPass({ timeout: 60_000 });
});
test.afterAll(() => {
  process.kill(-server.pid!, 'SIGTERM');
});

async function newcomer(browser: Browser, locale: string, timezoneId: string): Promise<Page> {
  const context = await browser.newContext({ baseURL: base, locale, timezoneId });
  return context.newPage();
}

test('an empty installation opens on the set-up, in the language of whoever comes, and wants its key', async ({ browser }) => {
  const page = await newcomer(browser, 'de-AT', 'Europe/Vienna');
  await page.goto('/sign-in');
  await expect(page).toHaveURL(/\/set-up$/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Dein eigener Salon, noch leer');
  await expect(page.getByText('Österreich, EUR, mm und kg, Europe/Vienna')).toBeVisible();
  await page.getByLabel('Wie heißt der Salon?').fill('Salzkämmerei');
  await page.getByLabel('Und du bist').fill('Nell');
  await page.getByLabel('Ein Passwort für dich').fill('north-pier-brush');
  await page.getByLabel('Der Schlüssel dieser Einrichtung').fill('guessed');
  await page.getByRole('button', { name: 'Salon öffnen' }).click();
  await expect(page.getByText(/^Dieser Schlüssel öffnet nichts/)).toBeVisible();
  await expect(page.getByLabel('Wie heißt der Salon?')).toHaveValue('Salzkämmerei');
  await page.close();
});

test('a few answers open a salon of one’s own, and its owner is in it', async ({ browser }) => {
  const page = await newcomer(browser, 'en-US', 'America/Boise');
  await page.goto(readFileSync(addressFile, 'utf8').trim());
  await expect(page.getByText(/^United States, USD, inch and pound, America\/Boise$/)).toBeVisible();
  expect(await faults(page)).toEqual([]);

  await page.getByLabel('What is the salon called?').fill('Quayside Combs');
  await page.getByLabel('And you are').fill('Nell');
  await page.getByLabel('A password for you').fill('short');
  await page.getByRole('button', { name: 'Tables: one more' }).click();
  await expect(page.getByRole('spinbutton', { name: 'Tables' })).toHaveText('3');
  await page.getByRole('spinbutton', { name: 'Dryers' }).press('ArrowUp');
  await page.getByRole('button', { name: '0.51', exact: true }).click();
  await page.getByText('Prices', { exact: true }).click();
  await page.getByLabel('Full groom by weight, up to 11 lb').fill('fifty');
  await page.getByRole('button', { name: /^Open the salon/ }).click();
  await expect(page.getByText('The password must have at least 10 characters.')).toBeVisible();

  // What was typed survives a reload, the password apart.
  await page.reload();
  await expect(page.getByLabel('And you are')).toHaveValue('Nell');
  await expect(page.getByRole('button', { name: '0.51', exact: true })).toHaveAttribute('aria-pressed', 'false');
  await page.getByLabel('A password for you').fill('north-pier-brush');
  await page.getByRole('button', { name: /^Open the salon/ }).click();
  await expect(page.getByText('Give a number.')).toBeVisible();
  await page.getByLabel('Full groom by weight, up to 11 lb').fill('51.50');
  await page.getByRole('button', { name: 'Open it, and bring in clients and dogs from a table' }).click();

  // What the salon had before comes in first, and is found on the day's search.
  await expect(page).toHaveURL(`${base}/house/records`);
  await page.getByLabel('Choose a CSV file').setInputFiles({
    name: 'dogs.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Owner,Pet,Weight,DOB\nIda Quill,Bramble,22,12/24/2020\n'),
  });
  await page.getByRole('button', { name: 'See what would happen' }).click();
  await expect(page.getByText('22 lb')).toBeVisible();
  await page.getByRole('button', { name: 'Read in one dog' }).click();
  await expect(page.getByText('Read in: one dog.')).toBeVisible();
  await page.goto('/');
  await expect(page.getByText('Quayside Combs')).toBeVisible();
  await page.goto('/house/rules');
  await expect(page.getByLabel('Tables')).toHaveValue('3');
  await expect(page.getByLabel('Dryers')).toHaveValue('2');
  await expect(page.getByLabel('up to 11 lb').first()).toHaveValue('51.50');
  await expect(page.getByLabel('Blades')).not.toHaveValue(/0\.51/);
  await page.goto('/house/hours');
  await expect(page.getByText('Sunday').first()).toBeVisible();

  // What the salon says of itself can be said anew; the set-up is over for everybody.
  await page.goto('/house/salon');
  await page.getByLabel('The vet’s telephone').fill('0555 0199');
  await page.getByRole('button', { name: 'Keep', exact: true }).click();
  await expect(page.getByText('Kept.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('The vet’s telephone')).toHaveValue('0555 0199');
  await page.goto('/set-up');
  await expect(page).toHaveURL(`${base}/`);
  await page.close();
});

test('the first dog comes into the new salon', async ({ browser }) => {
  const page = await newcomer(browser, 'en-US', 'America/Boise');
  await page.goto('/');
  await expect(page).toHaveURL(/\/sign-in/);
  await page.getByLabel('Your name').fill('Nell');
  await page.getByLabel('Password').fill('north-pier-brush');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByText('When a dog comes in, it stands here with what it waits for.')).toBeVisible();
  await page.getByRole('link', { name: /^A dog comes in/ }).click();
  await page.getByRole('button', { name: 'A new dog' }).click();
  const answers = { Name: 'Tansy', 'Breed or cross': 'cross', Client: 'Orla Vane', Age: '3', Weight: '12', 'Coat length': '1.5' };
  for (const [label, words] of Object.entries(answers)) {
    await page.getByLabel(label, { exact: true }).fill(words);
    await page.getByLabel(label, { exact: true }).blur();
  }
  for (const choice of ['Female', 'Neutered', 'Curly, wool', 'Settled']) {
    await page.getByRole('radio', { name: choice }).click();
  }
  await page.getByRole('button', { name: /^Save/ }).click();
  await expect(page).toHaveURL(/\/arrival$/);
  await expect(page.getByRole('banner').getByText('Tansy')).toBeVisible();
  await page.close();
});

/** On the computer on which the application runs. */
function artisan(...command: string[]): string {
  const env = {
    ...process.env,
    DB_DATABASE: `${process.cwd()}/database/browser-test-${port}.sqlite`,
    CACHE_FOLDER: `${process.cwd()}/.cache/browser-test-cache-${port}`,
  };
  return execFileSync('php', ['artisan', ...command], { env: { ...env, APP_ENV: 'local', BCRYPT_ROUNDS: '4' } }).toString();
}

test('a salon without a way to clients says so, and a client’s phone opens the page from the picture', async ({ browser }) => {
  const page = await newcomer(browser, 'en-US', 'America/Boise');
  await page.goto('/sign-in');
  await page.getByLabel('Your name').fill('Nell');
  await page.getByLabel('Password').fill('north-pier-brush');
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page).toHaveURL(`${base}/`);
  const id = await inspected(page, 'Postless', {}, { dog: { client: { name: 'Ada Pell', phone: '0555 0177' } } });
  await page.goto(`/visits/${id}/plan`);
  await page.getByRole('button', { name: /^Send/ }).click();
  await expect(page.getByText(/^Not sent: nobody sends messages here/)).toBeVisible();
  await page.goto('/');
  await page.getByRole('link', { name: 'One message was not sent: pass it on' }).click();
  await expect(page.getByText(/^To Ada Pell, written .*: not sent\. No way to clients is set up\.$/)).toBeVisible();
  await expect(page.getByRole('link', { name: 'Call 0555 0177' })).toHaveAttribute('href', 'tel:05550177');
  expect(await faults(page)).toEqual([]);
  if (process.env.SHOTS) {
    await page.setViewportSize({ width: 1280, height: 800 });
    await page.screenshot({ path: `${process.env.SHOTS}/pass-on.png` });
  }

  // As a telephone's camera reads it.
  const picture = PNG.sync.read(await page.getByRole('img', { name: /on the phone of Ada Pell/ }).screenshot());
  const read = jsQR(new Uint8ClampedArray(picture.data), picture.width, picture.height);
  const phone = await newcomer(browser, 'en-US', 'America/Boise');
  await phone.goto(read!.data);
  await expect(phone.getByRole('heading', { level: 1 })).toContainText('Postless');
  await phone.close();

  await page.getByRole('button', { name: 'Passed on' }).click();
  await expect(page.getByText('Nothing to pass on.')).toBeVisible();
  await page.goto('/house/messages');
  await expect(page.getByText(/^No way to clients is set up\. Messages wait under/)).toBeVisible();
  await page.goto('/house/salon');
  await expect(page.getByText('None is set up: messages are passed on by hand.')).toBeVisible();
  await page.close();
});

test('a second salon is set up beside the first, and whoever signs in chooses between them', async ({ browser }) => {
  const address = artisan('salons:add', 'harbour', 'Harbour', `--address=${base}`).trim();
  const page = await newcomer(browser, 'en-GB', 'Europe/London');
  await page.goto(address);
  await page.getByLabel('What is the salon called?').fill('Harbour Street Grooming');
  await page.getByLabel('And you are').fill('Wren');
  await page.getByLabel('A password for you').fill('small-gull-towel');
  await page.getByRole('button', { name: /^Open the salon/ }).click();
  await expect(page.getByText('Harbour Street Grooming')).toBeVisible();
  await page.goto('/dogs');
  await expect(page.getByText('Tansy')).toBeHidden();
  await page.context().close();

  // Another device, at the first salon's door.
  const other = await newcomer(browser, 'en-GB', 'Europe/London');
  await other.goto('/sign-in');
  await expect(other.getByLabel('Salon')).toHaveValue('main');
  expect(await faults(other)).toEqual([]);
  await other.getByLabel('Your name').fill('Wren');
  await other.getByLabel('Password').fill('small-gull-towel');
  await other.getByRole('button', { name: 'Sign in' }).click();
  await expect(other.getByText('This name and password do not go together.')).toBeVisible();
  await other.getByLabel('Salon').selectOption('Harbour Street Grooming');
  await expect(other.getByLabel('Your name')).toHaveValue('Wren');
  await other.getByLabel('Password').fill('small-gull-towel');
  await other.getByRole('button', { name: 'Sign in' }).click();
  await expect(other.getByText('When a dog comes in, it stands here with what it waits for.')).toBeVisible();

  // Who owns them all sees figures of both; this device asks for a name in the same salon again.
  await other.goto('/house/salon');
  await expect(other.getByRole('link', { name: 'Salons' })).toBeHidden();
  artisan('salons:chain-owner', 'Wren', '--salon=harbour');
  await other.reload();
  await other.getByRole('link', { name: 'Salons' }).click();
  await expect(other.getByRole('heading', { level: 2 })).toHaveText(['Quayside Combs', 'Harbour Street Grooming']);
  await other.getByRole('radio', { name: 'Last 365 days' }).click();
  await expect(other.getByText('No work in this time.').first()).toBeVisible();
  expect(await faults(other)).toEqual([]);
  await other.context().clearCookies({ name: /session/ });
  await other.goto('/sign-in');
  await expect(other.getByLabel('Salon')).toHaveValue('harbour');
  await other.context().close();
});
