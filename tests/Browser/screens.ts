import { expect, type Page } from '@playwright/test';

/** Every screen with the demo data, by the name of the dog whose visit stands there. */
export const SCREENS = [
  { name: 'day', open: null, step: null },
  { name: 'new visit', open: '/visits/new', step: null },
  { name: 'arrival', open: 'Fen', step: 'arrival' },
  { name: 'inspection', open: 'Dulse', step: 'inspection' },
  { name: 'plan', open: 'Moss', step: 'plan' },
  { name: 'table', open: 'Oriel', step: 'table' },
  { name: 'bath gate', open: 'Oriel', step: 'dry' },
  { name: 'dryer', open: 'Marlow', step: 'dry' },
  { name: 'going home', open: 'Tolly', step: 'home' },
  { name: 'record', open: 'Oriel', step: 'record' },
  { name: 'house rules', open: '/house/rules', step: null },
  { name: 'graded otherwise', open: '/house/grades', step: null },
];

export async function open(page: Page, screen: (typeof SCREENS)[number]): Promise<void> {
  await page.goto(screen.step === null ? (screen.open ?? '/') : '/');
  if (screen.step) {
    const link = page.getByRole('link', { name: new RegExp(`\\b${screen.open}\\b`) });
    const address = (await link.getAttribute('href'))!;
    await page.goto(address.replace(/[a-z]+$/, screen.step));
    await expect(page.getByRole('link', { name: `${screen.open}, back to the day` })).toBeVisible();
  }
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
}
