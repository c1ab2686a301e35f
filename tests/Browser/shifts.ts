import { expect, type Page } from '@playwright/test';

declare global {
  interface Window {
    shifts: string[];
    watched: () => number;
  }
}

/** Less than that, and a finger in the middle of the least target still meets it. */
const FAR_PX = 12;

/**
 * Watches from before the first picture on: what can be pressed, and was pressable at another place one picture ago.
 * What takes no touch while it moves is not counted. The page asks for nothing else meanwhile, and nobody scrolls.
 */
export async function watchShifts(page: Page): Promise<void> {
  await page.addInitScript((far) => {
    const seen = new Map<Element, { x: number; y: number }>();
    const shifts: string[] = [];
    Object.assign(window, { shifts, watched: () => seen.size });
    const pressable = (element: HTMLElement): boolean =>
      element.checkVisibility({ visibilityProperty: true }) &&
      !element.closest('.sr-only, [disabled]') &&
      getComputedStyle(element).pointerEvents !== 'none';
    const look = (): void => {
      for (const element of document.querySelectorAll<HTMLElement>('a, button, input, select, textarea, summary')) {
        const box = element.getBoundingClientRect();
        if (!pressable(element) || box.width === 0 || box.bottom < 0 || box.top > innerHeight) {
          seen.delete(element);
          continue;
        }
        const before = seen.get(element);
        if (before && Math.hypot(box.x - before.x, box.y - before.y) > far) {
          const name = (element.getAttribute('aria-label') ?? element.textContent!).trim().replace(/\s+/g, ' ').slice(0, 40);
          shifts.push(`${name}: ${Math.round(box.x - before.x)}, ${Math.round(box.y - before.y)} px`);
        }
        seen.set(element, { x: box.x, y: box.y });
      }
      requestAnimationFrame(look);
    };
    requestAnimationFrame(look);
  }, FAR_PX);
}

/** Something that can be pressed is there. */
export async function isDrawn(page: Page): Promise<void> {
  await expect.poll(() => page.evaluate(() => window.watched())).toBeGreaterThan(3);
}

/** What moved; fails where nothing was watched. */
export async function shiftsOf(page: Page): Promise<string[]> {
  const { shifts, watched } = await page.evaluate(() => ({ shifts: window.shifts, watched: window.watched() }));
  expect(watched).toBeGreaterThan(3);
  return shifts;
}
