import type { SectionId } from '@/api/types';
import { allSections } from './geometry';

export const lengthParts = ['body', 'legs', 'feet', 'head', 'ears', 'tail'] as const;
export type LengthPart = (typeof lengthParts)[number];

/** The part of the dog whose length a section shares, as the rules have it. */
export function lengthPartOf(section: SectionId): LengthPart {
  const part = section.replace(/_[lr]$/, '');
  return part === 'muzzle' || part === 'crown'
    ? 'head'
    : part === 'ear' || part === 'behind_ear'
      ? 'ears'
      : part === 'foreleg' || part === 'hindleg' || part === 'breeches'
        ? 'legs'
        : part === 'forefoot' || part === 'hindfoot'
          ? 'feet'
          : part === 'tail'
            ? 'tail'
            : 'body';
}

const sectionsOf = (part: LengthPart): SectionId[] => allSections.filter((section) => lengthPartOf(section) === part);
/** Lengths that differ from the coat's, in mm, by section. */
export type BySection = Record<string, number>;

/** The length of a part where all of it has one; null where it differs from place to place. */
export function partLength(part: LengthPart, coatMm: number, sectionMm: BySection): number | null {
  const lengths = new Set(sectionsOf(part).map((section) => sectionMm[section] ?? coatMm));
  return lengths.size === 1 ? [...lengths][0]! : null;
}

/** Lengths that differ from the coat's, with a part set to one length; null: as the rest of the coat. */
export function withPart(part: LengthPart, mm: number | null, coatMm: number, sectionMm: BySection): BySection {
  const others = Object.entries(sectionMm).filter(([section]) => lengthPartOf(section as SectionId) !== part);
  const here = mm === null || mm === coatMm ? [] : sectionsOf(part).map((section) => [section, mm] as const);
  return Object.fromEntries([...others, ...here]);
}
