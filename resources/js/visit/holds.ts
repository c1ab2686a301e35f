import { t } from '@/messages/words';

/** From here a promise is called nearly sure, never sure. */
export const NEARLY_SURE = 0.95;

/** "9 in 10", "nearly sure": how often a promise holds, never a per cent. */
export function holdsSaid(chance: number): string {
  if (chance >= NEARLY_SURE) {
    return t('days.holds.sure');
  }
  const n = Math.round(chance * 10);
  if (n === 9 && chance < 0.9) {
    return t('days.holds.barely', { n });
  }
  return n === 0 ? t('days.holds.hardly') : t('days.holds.of', { n });
}

/** Of ten hairs those that lie combed. */
export function combedOf(chance: number): number {
  return chance >= NEARLY_SURE ? 10 : Math.min(9, Math.round(chance * 10));
}

/** "holds 9 in 10", "nearly sure": the same within a sentence. */
export function holdsWithin(chance: number): string {
  return chance >= NEARLY_SURE ? holdsSaid(chance) : t('days.today.holds', { holds: holdsSaid(chance) });
}
