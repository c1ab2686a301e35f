import type { NextVisit, SectionId } from '@/api/types';
import { allSections } from '@/chart/geometry';
import type { ChartSection, Tone } from '@/chart/tones';
import { t } from '@/messages/words';

type Places = NextVisit['intervals'][number]['places'];

/** From this chance on a mat is drawn. */
export const MAT_FROM = 0.25;

/** In so many of a hundred such visits the comb stops there: oat, wave, crossing; knots where a mat is likely. Never a grade. */
export function chanceChart(places: Places): Record<SectionId, ChartSection> {
  return Object.fromEntries(
    allSections.map((section) => {
      const [tangle, mat] = places[section] as [number, number, number];
      const tone: Tone = mat >= MAT_FROM ? '3' : tangle < 0.1 ? '0' : tangle < 0.35 ? '1' : '2';
      const inHundred = Math.round(tangle * 100);
      return [section, { tone, text: String(inHundred), said: t('next.chart.said', { count: inHundred }) }];
    }),
  ) as Record<SectionId, ChartSection>;
}

/** The fur that goes home, and what it will have grown to. */
export function fur(left: NextVisit['leftMm'], places: Places): Record<SectionId, { before: number; after: number }> {
  return Object.fromEntries(
    allSections.map((section) => [section, { before: places[section]![2]!, after: Math.min(left[section]!, places[section]![2]!) }]),
  ) as Record<SectionId, { before: number; after: number }>;
}
