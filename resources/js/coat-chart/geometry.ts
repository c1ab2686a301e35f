import type { SectionId } from '@/api/types';
import raw from './geometry.json';

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
