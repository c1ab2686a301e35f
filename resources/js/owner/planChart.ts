import type { OwnerPlan, SectionId } from '@/api/types';
import { allSections } from '@/chart/geometry';
import type { ChartSection } from '@/chart/tones';
import { t } from '@/messages/words';

type Places = OwnerPlan['places'];

/** The dog with its places numbered in the order of brushing: the one in hand waves, the others lie combed. */
export function planChart(
  places: Places,
  here: string | null = null,
  done: ReadonlySet<string> = new Set(),
): Record<SectionId, ChartSection> {
  const numbers = new Map<string, { number: number; part: string }>();
  places.forEach(({ part, sections }, index) => sections.forEach((section) => numbers.set(section, { number: index + 1, part })));
  return Object.fromEntries(
    allSections.map((section) => {
      const place = numbers.get(section);
      return [
        section,
        place
          ? {
              tone: place.part === here ? '2' : '1',
              text: String(place.number),
              mark: done.has(place.part) ? 'done' : undefined,
              said: t('owner.chart.place', { number: place.number }),
            }
          : { tone: 'u', said: t('owner.chart.other') },
      ];
    }),
  ) as Record<SectionId, ChartSection>;
}
