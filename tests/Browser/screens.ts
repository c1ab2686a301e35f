import { expect, type Page } from '@playwright/test';
import { post, send, ulid } from './salon';

/** Every screen with the demo data, by the name of the dog whose visit stands there. */
export const SCREENS = [
  { name: 'day', open: null, step: null },
  { name: 'coming days', open: '/days', step: null },
  { name: 'a new time', open: 'Isolde', step: 'new-appointment' },
  { name: 'appointment', open: 'Bosun', step: 'appointment' },
  { name: 'hours', open: '/house/hours', step: null },
  { name: 'people', open: '/house/people', step: null },
  { name: 'the log', open: '/house/log', step: null },
  { name: 'records', open: '/house/records', step: null },
  { name: 'the salon', open: '/house/salon', step: null },
  { name: 'messages', open: '/house/messages', step: null },
  { name: 'calendars', open: '/house/calendars', step: null },
  { name: 'client’s time', open: 'Isolde', step: 'your-time' },
  { name: 'new visit', open: '/visits/new', step: null },
  { name: 'dogs', open: '/dogs', step: null },
  { name: 'dog', open: 'Dulse', step: 'dog' },
  { name: 'client', open: 'Dulse', step: 'client' },
  { name: 'arrival', open: 'Fen', step: 'arrival' },
  { name: 'inspection', open: 'Dulse', step: 'inspection' },
  { name: 'plan', open: 'Moss', step: 'plan' },
  { name: 'table', open: 'Oriel', step: 'table' },
  { name: 'bath gate', open: 'Oriel', step: 'dry' },
  { name: 'dryer', open: 'Marlow', step: 'dry' },
  { name: 'going home', open: 'Tolly', step: 'home' },
  { name: 'next visit', open: 'Tolly', step: 'next' },
  { name: 'keepable coat', open: 'Tolly', step: 'keepable' },
  { name: 'owner’s plan', open: 'Tolly', step: 'owner' },
  { name: 'record', open: 'Oriel', step: 'record' },
  { name: 'client’s record', open: 'Dulse', step: 'visit-sheet' },
  { name: 'house rules', open: '/house/rules', step: null },
  { name: 'graded otherwise', open: '/house/grades', step: null },
];

let booked = 0;

/** A dog is booked once for one time: another for each call, whichever worker makes it. */
function freeTime(): Date {
  const hours = 20 * 24 + Number(process.env.TEST_WORKER_INDEX ?? 0) * 12 + booked;
  booked += 1;
  return new Date(Date.now() + hours * 3_600_000);
}

export async function open(page: Page, screen: (typeof SCREENS)[number]): Promise<void> {
  if (screen.step === 'dog' || screen.step === 'client') {
    const { dogs } = await (await page.request.get(`/api/dogs?search=${screen.open}`)).json();
    await page.goto(screen.step === 'dog' ? `/dogs/${dogs[0].id}` : `/clients/${dogs[0].client.id}`);
    await expect(page.getByRole('list').first()).toBeVisible();
    return;
  }
  if (screen.step === 'appointment' || screen.step === 'new-appointment') {
    const { days } = (await (await page.request.get('/api/days?days=14')).json()) as {
      days: { appointments: { id: string; startsAt: string; dog: { id: string; name: string } }[] }[];
    };
    const booked = days.flatMap((day) => day.appointments).find((one) => one.dog.name === screen.open)!;
    await page.goto(
      screen.step === 'appointment'
        ? `/appointments/${booked.id}`
        : `/appointments/new?dog=${booked.dog.id}&startsAt=${encodeURIComponent(booked.startsAt)}`,
    );
    await expect(page.getByRole('slider')).toBeVisible();
    return;
  }
  if (screen.step === 'visit-sheet') {
    await page.goto('/');
    await page.goto(await sendRecord(page, screen.open!));
    await expect(page.getByRole('heading', { level: 1, name: screen.open! })).toBeVisible();
    return;
  }
  if (screen.step === 'your-time') {
    await page.goto('/');
    const language = await page.evaluate(() => localStorage.getItem('hound-check.language') ?? 'en');
    const { dogs } = (await (await page.request.get(`/api/dogs?search=${screen.open}`)).json()) as {
      dogs: { id: string; client: { id: string } }[];
    };
    await send(page, 'patch', `clients/${dogs[0]!.client.id}`, { language });
    const at = new Date().toISOString();
    await post(page, 'appointments', {
      ...{ appointmentId: ulid(), dogId: dogs[0]!.id, id: ulid(), kind: 'booked', device: ulid(), tell: true, at },
      fields: { service: 'full_groom', startsAt: freeTime().toISOString() },
    });
    const { messages } = (await (await page.request.get('/api/messages')).json()) as { messages: { text: string; url: string }[] };
    await page.goto(messages.find((message) => message.text.includes(screen.open!))!.url);
    await expect(page.getByRole('heading', { level: 1, name: screen.open! })).toBeVisible();
    return;
  }
  await page.goto(screen.step === null ? (screen.open ?? '/') : '/');
  if (screen.step) {
    const link = page.getByRole('link', { name: new RegExp(`\\b${screen.open}\\b`) });
    const address = (await link.getAttribute('href'))!;
    await page.goto(address.replace(/[a-z]+$/, screen.step));
    await expect(page.getByRole('link', { name: new RegExp(`^${screen.open}, `) })).toBeVisible();
  }
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
}

/** Sends the record of a dog's last ended visit in the language of the screen, and returns the address that its client gets. */
export async function sendRecord(page: Page, dog: string): Promise<string> {
  const language = await page.evaluate(() => localStorage.getItem('hound-check.language') ?? 'en');
  const { dogs } = (await (await page.request.get(`/api/dogs?search=${dog}`)).json()) as { dogs: { id: string; client: { id: string } }[] };
  await send(page, 'patch', `clients/${dogs[0]!.client.id}`, { language });
  const { visits } = (await (await page.request.get(`/api/dogs/${dogs[0]!.id}/years`)).json()) as { visits: { id: string }[] };
  await post(page, `visits/${visits.at(-1)!.id}/sheet-links`, { id: ulid() });
  const { messages } = (await (await page.request.get('/api/messages')).json()) as { messages: { text: string; url: string | null }[] };
  return messages.find(({ url }) => url?.startsWith('/visit-sheet/'))!.url!;
}
