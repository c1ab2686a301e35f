import type { SectionId } from '@/api/types';
import { allSections } from './geometry';

/** Unchecked, a grade, comb again, or left alone. */
export type Tone = 'u' | '0' | '1' | '2' | '3' | '4' | '5' | 'again' | 'leave';

/** How one section is drawn. */
export interface ChartSection {
  tone: Tone;
  /** What a screen reader says after the section's name. */
  said: string;
  /** Grade or mm. */
  text?: string;
  mark?: 'clip' | 'thin' | 'demat' | 'leave' | 'open' | 'done' | 'parked' | 'dry' | 'felt';
  lookFirst?: boolean;
  pin?: boolean;
  /** Another tablet said otherwise, and nobody has decided. */
  other?: Tone;
  /** The groomer's own grade, not the rule's. */
  own?: boolean;
  /** Grade at the last visit. */
  ghost?: number;
}

/** What a coat is drawn from. */
export interface CoatProps {
  label: string;
  sections: Record<SectionId, ChartSection>;
  /** Reading order of the buttons: the route round the dog. */
  route?: SectionId[];
  selected?: SectionId | null;
  /** Coat length in mm; the outline grows with it. */
  coatMm?: number;
  /** Where lengths differ from place to place: coat before and after in mm, drawn as the outline of each section. */
  lengths?: Record<SectionId, { before: number; after: number }>;
  live?: boolean;
  /** No texture and large numbers: for small sizes. */
  plain?: boolean;
  /** Close to the selected section: for small places and small screens. */
  near?: boolean;
}

export function toneOf(verdict: string, grade: number | null, leaveAlone: boolean): Tone {
  if (leaveAlone) {
    return 'leave';
  }
  if (verdict === 'comb_again') {
    return 'again';
  }
  return grade === null ? 'u' : (String(grade) as Tone);
}

/** The chart of a row in a list, from its 30 characters. */
export function chartOfGrades(grades: string): Record<SectionId, ChartSection> {
  const tones: Record<string, Tone> = { '-': 'u', '~': 'again', x: 'leave' };
  return Object.fromEntries(
    allSections.map((section, index) => {
      const character = grades[index] ?? '-';
      return [section, { tone: tones[character] ?? (character as Tone), said: '' }];
    }),
  ) as Record<SectionId, ChartSection>;
}
