import { expect, pageOf, test } from './salon';
import { open, SCREENS } from './screens';
import { isDrawn, shiftsOf, watchShifts } from './shifts';

/** So slow that each answer makes a picture of its own. */
const APART_MS = 150;
const SIZES = { tablet: { width: 820, height: 1180 }, phone: { width: 390, height: 844 } };
/** Where hands are wet or in a hurry. */
const IN_A_HURRY = ['day', 'coming days', 'a new time', 'arrival', 'inspection', 'plan', 'table', 'dryer', 'going home', 'keepable coat'];

for (const name of IN_A_HURRY) {
  test(`${name}: nothing that can be pressed moves from under a finger when an answer comes in`, async ({ browser }) => {
    const page = await pageOf(browser, 'Imke', { hasTouch: true, reducedMotion: 'reduce' });
    await open(
      page,
      SCREENS.find((screen) => screen.name === name)!,
    );
    const address = page.url();
    await watchShifts(page);
    let last = Promise.resolve();
    await page.route('**/api/**', (route) => {
      last = last.then(async () => {
        await new Promise((resolve) => setTimeout(resolve, APART_MS));
        await route.continue();
      });
    });
    const moved: string[] = [];
    for (const [size, viewport] of Object.entries(SIZES)) {
      await page.setViewportSize(viewport);
      await page.goto(address, { waitUntil: 'networkidle' });
      await isDrawn(page);
      // On a slow machine a page may ask for nothing for a while and then go on.
      for (let seen: Promise<void> | null = null; seen !== last; await page.waitForTimeout(2 * APART_MS)) {
        seen = last;
        await seen;
      }
      moved.push(...(await shiftsOf(page)).map((shift) => `${size}: ${shift}`));
    }
    await page.unrouteAll({ behavior: 'wait' });
    await page.close();
    expect(moved).toEqual([]);
  });
}
