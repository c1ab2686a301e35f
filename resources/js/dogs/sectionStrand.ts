import type { DogYears, SectionId } from '@/api/types';
import { allSections } from '@/chart/geometry';

type Visit = DogYears['visits'][number];

export interface Hair {
  d: string;
  tone: number;
}
export interface Notch {
  x: number;
  visit: string;
  grade: number | null;
  cameMm: number;
  /** Length left, where it was cut. */
  cutMm: number | null;
}

const STEP_PX = 5;

export function gradeOf(visit: Visit, section: SectionId): number | null {
  const character = visit.grades[allSections.indexOf(section)] ?? '-';
  return /\d/.test(character) ? Number(character) : null;
}

/** One section's hair over the years: as long as it was, growing between visits, tangled towards what the comb found, cut where it was. */
export function sectionStrand(
  visits: readonly Visit[],
  section: SectionId,
  width: number,
  height: number,
): { hairs: Hair[]; notches: Notch[]; mostMm: number } {
  const times = visits.map((visit) => Date.parse(visit.at));
  const [from, to] = [times[0] ?? 0, times[times.length - 1] ?? 1];
  const mostMm = Math.max(20, ...visits.flatMap((visit) => [visit.cameMm[section]!, visit.leftMm[section]!]));
  const x = (time: number): number => 14 + ((time - from) / Math.max(1, to - from)) * (width - 28);
  const tall = (mm: number): number => (mm / mostMm) * (height - 8);
  const notches = visits.map((visit, index) => {
    const [came, left] = [visit.cameMm[section]!, visit.leftMm[section]!];
    return { x: x(times[index]!), visit: visit.id, grade: gradeOf(visit, section), cameMm: came, cutMm: left < came - 0.5 ? left : null };
  });
  const hairs: Hair[] = [];
  for (let index = 1; index < visits.length; index++) {
    const [start, end] = [notches[index - 1]!.x, notches[index]!.x];
    const [left, came] = [visits[index - 1]!.leftMm[section]!, visits[index]!.cameMm[section]!];
    const grade = notches[index]!.grade ?? 0;
    for (let at = start + STEP_PX; at < end - 1; at += STEP_PX) {
      const part = (at - start) / (end - start);
      const top = height - tall(left + (came - left) * part);
      // Hair strays as the weeks go, and as far as the comb found it.
      const stray = grade < 2 ? 0 : grade * 1.9 * part ** 2 * (Math.round(at / STEP_PX) % 2 ? 1 : -1);
      hairs.push({
        d: `M${at.toFixed(1)} ${height}Q${(at + stray * 1.6).toFixed(1)} ${((height + top) / 2).toFixed(1)} ${(at - stray).toFixed(1)} ${top.toFixed(1)}`,
        tone: part < 0.5 ? Math.min(1, grade) : part < 0.75 ? Math.min(2, grade) : grade,
      });
    }
  }
  return { hairs, notches, mostMm };
}
