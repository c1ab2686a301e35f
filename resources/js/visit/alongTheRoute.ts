import type { SectionId } from '@/api/types';

/** The next section after `from` along the route that is open; the route is a circle. */
export function nextAlong(route: readonly SectionId[], from: SectionId | null, isOpen: (section: SectionId) => boolean): SectionId | null {
  const start = from === null ? -1 : route.indexOf(from);
  for (let step = 1; step <= route.length; step++) {
    const section = route[(start + step) % route.length];
    if (section !== undefined && section !== from && isOpen(section)) {
      return section;
    }
  }
  return null;
}

/** The section so many steps on along the route; the route is a circle. */
export function stepAlong(route: readonly SectionId[], from: SectionId | null, by: number): SectionId | null {
  const at = from === null ? -1 : route.indexOf(from);
  return route[(at + by + route.length) % route.length] ?? null;
}
