import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';

const AA = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa', 'best-practice'];

/**
 * What axe finds against WCAG 2.2 AA and good practice on a page, or in one part of it: the rule, and where it is broken.
 *
 * The pages have no frames of another origin, so one run in the page itself says all there is to say, three times as fast.
 */
export async function faults(page: Page, within?: string): Promise<string[]> {
  const axe = new AxeBuilder({ page })
    .options({ resultTypes: ['violations'] })
    .withTags(AA)
    .setLegacyMode();
  const { violations } = await (within ? axe.include(within) : axe).analyze();
  return violations.map((fault) => `${fault.id}: ${fault.nodes.map((node) => node.target.join(' ')).join(', ')}`);
}
