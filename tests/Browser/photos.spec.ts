import type { Page } from '@playwright/test';
import { arrival, expect, pageOf, post, test, timelineOf, ulid } from './salon';

/** Chooses a picture in the open dialog: what the page looks like is as good as any. */
async function choose(page: Page): Promise<void> {
  const picture = await page.screenshot({ type: 'jpeg', quality: 60 });
  await page.locator('input[type=file]').nth(1).setInputFiles({ name: 'coat.jpg', mimeType: 'image/jpeg', buffer: picture });
  await expect(page.getByAltText('The photo you are about to keep')).toBeVisible();
}

/** The inspection, ready for keys. */
async function openInspection(page: Page, id: string): Promise<void> {
  await page.goto(`/visits/${id}/inspection`);
  await expect(page.getByRole('heading', { level: 1, name: 'Hind foot, left' })).toBeVisible();
}

async function photosOf(page: Page, id: string): Promise<{ id: string; section: string | null; findingId: string | null }[]> {
  return (await (await page.request.get(`/api/visits/${id}`)).json()).photos;
}

test('a photo of a section is kept, and at the next visit it stands beside today’s', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Pictured');
  await openInspection(page, id);
  await page.keyboard.press('p');
  await page.getByRole('button', { name: 'Keep the photo' }).click();
  await expect(page.getByText('Take a photo or choose a file first.')).toBeVisible();
  await choose(page);
  await page.getByRole('button', { name: 'Keep the photo' }).click();
  await expect(page.getByRole('img', { name: /^Hind foot, left, before, Imke/ })).toBeVisible();
  await expect.poll(async () => (await photosOf(page, id)).map((photo) => photo.section)).toEqual(['hindfoot_l']);

  const dog = (await (await page.request.get(`/api/visits/${id}`)).json()).dog.id;
  const at = new Date().toISOString();
  await post(page, `visits/${id}/marks`, {
    marks: [{ id: ulid(), kind: 'handed_over', at, device: ulid(), payload: { skippedBecause: 'On paper' } }],
  });
  const next = await post<{ id: string }>(page, 'visits', {
    id: ulid(),
    markId: ulid(),
    dogId: dog,
    at: new Date().toISOString(),
    device: ulid(),
  });
  await openInspection(page, next.id);
  await page.keyboard.press('p');
  await choose(page);
  await page.getByRole('button', { name: 'Keep the photo' }).click();
  await page.getByRole('region', { name: 'Photos today' }).getByRole('button').click();
  await expect(page.getByText('Today.')).toBeVisible();
  await expect(page.getByText('Last visit.')).toBeVisible();
});

test('a finding is photographed as it is noted, and its picture stays with it', async ({ browser }) => {
  const page = await pageOf(browser, 'Teo');
  const id = await arrival(page, 'Growth');
  await openInspection(page, id);
  await page.getByRole('button', { name: /^Back:/ }).click();
  await page.keyboard.press('s');
  await page.getByRole('radio', { name: 'Growth' }).click();
  await expect(page.getByText('Mark it, never brush over it.')).toBeVisible();
  await choose(page);
  await page.getByRole('button', { name: 'Note it' }).click();
  await expect(page.getByRole('button', { name: 'Back: not checked, finding noted' })).toBeVisible();
  await expect.poll(async () => (await photosOf(page, id)).map((photo) => photo.findingId !== null)).toEqual([true]);
  await expect(page.getByRole('img', { name: /^Back, before, Teo/ }).first()).toBeVisible();
});

test('a file that is no picture is said to be none, and the dialog keeps what was chosen', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Nopicture');
  await openInspection(page, id);
  await page.keyboard.press('p');
  await page.getByRole('radio', { name: 'After the groom' }).click();
  const field = page.locator('input[type=file]').nth(1);
  await field.setInputFiles({ name: 'bill.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('not a picture') });
  await expect(page.getByText('This file is not a picture that can be read here. Choose a JPEG, PNG or WebP.')).toBeVisible();
  await expect(page.getByRole('radio', { name: 'After the groom' })).toBeChecked();
  expect(await photosOf(page, id)).toEqual([]);
});

test('a photo taken without network waits, is seen meanwhile, and arrives once', async ({ browser }) => {
  const page = await pageOf(browser, 'Imke');
  const id = await arrival(page, 'Dark');
  await openInspection(page, id);
  await page.context().setOffline(true);
  await page.keyboard.press('p');
  await choose(page);
  await page.getByRole('button', { name: 'Keep the photo' }).click();
  await expect(page.getByRole('img', { name: /^Hind foot, left, before, Imke/ })).toBeVisible();
  await expect(page.getByText('1 to send')).toBeVisible();
  await page.context().setOffline(false);
  await expect(page.getByText('saved')).toBeVisible({ timeout: 20_000 });
  await expect(page.getByRole('img', { name: /^Hind foot, left, before, Imke/ })).toHaveCount(1);
  expect((await timelineOf(page, id)).filter((mark) => mark.kind === 'photo_taken')).toHaveLength(1);
});

test('the owner erases a picture with a reason, and the record keeps the trace', async ({ browser }) => {
  const page = await pageOf(browser, 'Rosalind');
  const id = await arrival(page, 'Erased');
  await openInspection(page, id);
  await page.keyboard.press('p');
  await choose(page);
  await page.getByRole('button', { name: 'Keep the photo' }).click();
  const [photo] = await (async () => {
    await expect.poll(async () => (await photosOf(page, id)).length).toBe(1);
    return photosOf(page, id);
  })();
  await page.getByRole('region', { name: 'Photos today' }).getByRole('button').click();
  await expect(page.getByRole('button', { name: 'Erase this photo' })).toHaveCount(0);

  const owner = await pageOf(browser, 'Imke');
  await owner.goto(`/visits/${id}/record`);
  await owner.getByRole('region', { name: 'Before the groom' }).getByRole('button').click();
  await owner.getByRole('button', { name: 'Erase this photo' }).click();
  await owner.getByRole('button', { name: 'Erase it for good' }).click();
  await expect(owner.getByText('Say why, for the record.')).toBeVisible();
  await owner.getByLabel('Why is it erased?').fill('A face in it');
  await owner.getByRole('button', { name: 'Erase it for good' }).click();
  await expect(owner.getByText('A photo was erased').first()).toBeVisible();
  await expect(owner.getByText('Photo erased').first()).toBeVisible();
  expect((await owner.request.get(`/api/photos/${photo!.id}/full`)).status()).toBe(404);
});
