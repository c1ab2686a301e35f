import type { SectionId } from '@/api/types';
import raw from '../../chart/geometry.json';

export interface SectionShape {
  figure: 'top' | 'under';
  /** Where the number stands. */
  anchor: [number, number];
  /** Lay of the hair: straight, or turned to one side. */
  flow: 's' | 'l' | 'r' | 'll' | 'rr';
  /** Tip of the selection mark and its turn in degrees. */
  nib: [number, number, number];
  small: boolean;
  path: string;
}

export const shapes = raw.sections as unknown as Record<SectionId, SectionShape>;
export const allSections = Object.keys(shapes) as SectionId[];
export const outline = raw;

/** Smallest box round a section, in chart units; the paths hold absolute points only. */
export function boxOf(section: SectionId): { x: number; y: number; width: number; height: number } {
  const points = [...shapes[section].path.matchAll(/(-?\d+(?:\.\d+)?),(-?\d+(?:\.\d+)?)/g)];
  const xs = points.map((point) => Number(point[1]));
  const ys = points.map((point) => Number(point[2]));
  const [x, y] = [Math.min(...xs), Math.min(...ys)];
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}
