import { type Browser, type BrowserContext, expect, type Page, test as base } from '@playwright/test';

export const PASSWORDS = { Imke: 'low-tide-comb', Rosalind: 'north-pier-brush', Teo: 'small-gull-towel' };
export type Person = keyof typeof PASSWORDS;

type State = Awaited<ReturnType<BrowserContext['storageState']>>;
const sessions = new Map<Person, State>();

export async function signIn(page: Page, person: Person): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel('Your name').fill(person);
  await page.getByLabel('Password').fill(PASSWORDS[person]);
  await page.getByRole('button', { name: 'Sign in' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toContainText('here');
}

/**
 * By the clock of its events each touch comes half a second after the one before: no test waits for a hand that bounces, but those that
 * are about it.
 */
export function calmHands(): void {
  const { get } = Object.getOwnPropertyDescriptor(Event.prototype, 'timeStamp')!;
  const times = new WeakMap<Event, number>();
  let later = 0;
  Object.defineProperty(Event.prototype, 'timeStamp', {
    get(this: Event) {
      if (!times.has(this)) {
        later += 500;
        times.set(this, (get!.call(this) as number) + later);
      }
      return times.get(this);
    },
  });
}

/** A page on which somebody is signed in; the sign-in itself is done once a person, as it is slowed down by the server. */
export async function pageOf(
  browser: Browser,
  person: Person,
  { wet = false, ...options }: Parameters<Browser['newContext']>[0] & { wet?: boolean } = {},
): Promise<Page> {
  if (!sessions.has(person)) {
    const first = await browser.newContext({ serviceWorkers: 'block' });
    await signIn(await first.newPage(), person);
    sessions.set(person, await first.storageState());
    await first.close();
  }
  // The application on the device (the service worker) only where a test is about it: it outlives its page.
  const context = await browser.newContext({ serviceWorkers: 'block', ...options, storageState: sessions.get(person) });
  if (!wet) {
    await context.addInitScript(calmHands);
  }
  const page = await context.newPage();
  const errors: string[] = [];
  page.on('pageerror', (error) => errors.push(error.message));
  page.on('console', (message) => message.text().includes('Content Security Policy') && errors.push(message.text()));
  page.on('close', () => expect(errors).toEqual([]));
  return page;
}

async function xsrf(page: Page): Promise<string> {
  await page.request.get('/api/session');
  const cookie = (await page.context().cookies()).find((one) => one.name === 'XSRF-TOKEN');
  return decodeURIComponent(cookie!.value);
}

let made = 0;

/** A ULID of the tests' own. */
export function ulid(): string {
  made++;
  return `01J${String(Date.now()).padStart(13, '0')}${String(made).padStart(10, '0')}`.slice(0, 26);
}

export async function send<T>(page: Page, method: 'post' | 'patch', path: string, data: unknown): Promise<T> {
  const answer = await page.request.fetch(`/api/${path}`, {
    method,
    data,
    headers: { 'X-XSRF-TOKEN': await xsrf(page), Accept: 'application/json' },
  });
  expect(answer.ok(), `${path}: ${answer.status()} ${await answer.text()}`).toBe(true);
  return (await answer.json()) as T;
}

export const post = <T>(page: Page, path: string, data: unknown): Promise<T> => send<T>(page, 'post', path, data);

/** A new dog that has just come in. Returns the visit's id. */
export async function arrival(page: Page, name: string, more: Record<string, unknown> = {}): Promise<string> {
  const dog = await post<{ id: string }>(page, 'dogs', {
    id: ulid(),
    client: { name: `Client of ${name}` },
    name,
    breed: 'Small terrier cross',
    sex: 'male',
    bornOn: '2021-02-03',
    coat: 'mixed',
    coatMm: 40,
    weightKg: 6,
    temperament: 'easy',
    ...more,
  });
  const visit = await post<{ id: string }>(page, 'visits', {
    id: ulid(),
    markId: ulid(),
    dogId: dog.id,
    at: new Date().toISOString(),
    device: ulid(),
  });
  return visit.id;
}

/** Whatever comes in meanwhile comes in under changed house rules; they are put back afterwards. */
export async function under<T>(owner: Page, changes: Record<string, unknown>, comesIn: () => Promise<T>): Promise<T> {
  const version = async (): Promise<number> =>
    ((await (await owner.request.get('/api/house-rules')).json()) as { version: number }).version;
  const before = await version();
  await post(owner, 'house-rules', { base: before, changes });
  try {
    return await comesIn();
  } finally {
    await post(owner, 'house-rules', { base: await version(), putBack: before });
  }
}

export interface Mark {
  id: string;
  kind: string;
  section?: string;
  at: string;
  device: string;
  payload: Record<string, unknown>;
}

export function mark(kind: string, payload: Record<string, unknown> = {}, section?: string): Mark {
  return { id: ulid(), kind, section, at: new Date().toISOString(), device: '', payload };
}

export async function record(page: Page, visit: string, marks: Mark[]): Promise<{ outcome: string; reason?: string }[]> {
  const device = ulid();
  const sent = marks.map((one) => ({ ...one, device }));
  return (await post<{ marks: { outcome: string; reason?: string }[] }>(page, `visits/${visit}/marks`, { marks: sent })).marks;
}

const CLEAR = { comb: 'glides', skinLine: 'clear' };

/** A dog that came in and was inspected, clear everywhere but in the named sections; the client allows any clip. */
export async function inspected(
  page: Page,
  name: string,
  found: Record<string, Record<string, unknown>> = {},
  more: { consent?: string; dog?: Record<string, unknown> } = {},
): Promise<string> {
  const id = await arrival(page, name, more.dog);
  const { route } = (await (await page.request.get(`/api/visits/${id}`)).json()) as { route: string[] };
  const checks = route.map((section) => mark('comb_checked', found[section] ?? CLEAR, section));
  const answers = await record(page, id, [mark('arrival_answered', { consent: more.consent ?? 'any', gearOff: true }), ...checks]);
  expect(answers.every((answer) => answer.outcome === 'taken')).toBe(true);
  return id;
}

/** The client says yes to the plan in force, after the named treatments were chosen. */
export async function agreed(page: Page, id: string, choices: Record<string, string> = {}): Promise<void> {
  await record(
    page,
    id,
    Object.entries(choices)
      .map(([section, treatment]) => mark('treatment_chosen', { treatment }, section))
      .concat(mark('note_written', { text: 'x' })),
  );
  const plan = (await (await page.request.get(`/api/visits/${id}/plan`)).json()) as { sections: Record<string, { choice: string }> };
  const shown = mark('plan_shown', {
    choices: Object.fromEntries(Object.entries(plan.sections).map(([section, { choice }]) => [section, choice])),
  });
  const answers = await record(page, id, [shown, mark('answer_given', { planId: shown.id, answer: 'yes', via: 'here', who: 'Client' })]);
  expect(answers.map((answer) => answer.outcome)).toEqual(['taken', 'taken']);
}

export interface Known {
  number: number;
  dog: { id: string; client: { id: string; name: string } };
  arrival: Record<string, unknown>;
  home: { nextVisit: { weeks: number; suggestedWeeks: number | null; wishedWeeks: number | null } | null };
  bath: { toCombAgain: string[] };
  table: { sections: Record<string, { later: boolean }> };
  sections: Record<
    string,
    { grade: number | null; inForce: number | null; verdict: string; felt: string | null; check: Record<string, unknown> | null }
  >;
}

/** The visit as the server knows it. */
export async function visitOf(page: Page, id: string): Promise<Known> {
  return (await (await page.request.get(`/api/visits/${id}`)).json()) as Known;
}

export async function timelineOf(page: Page, id: string): Promise<{ kind: string; section: string | null; withdrawn: boolean }[]> {
  return (await (await page.request.get(`/api/visits/${id}/record`)).json()).timeline;
}

/** Ends every browser session that a test opened, so that none slows the next one down. */
export const test = base.extend<{ tidy: void }>({
  tidy: [
    async ({ browser }, use) => {
      await use();
      await Promise.all(browser.contexts().map((context) => context.close()));
    },
    { auto: true },
  ],
});
export { expect };
