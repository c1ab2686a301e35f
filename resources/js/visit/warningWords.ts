import type { ArrivalWarning } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

/** What an arrival answer means for today. */
export function warningSaid(warning: ArrivalWarning, name: string): { title: string; text: string } {
  const named = {
    name,
    days: warning.days ?? 0,
    stops: Math.round(warning.expectedStops ?? 0),
    mats: Math.round(warning.expectedMats ?? 0),
    gear: warning.gear ? t(`card.gear.${warning.gear}`) : '',
    sections: say.sections(warning.sections),
  };
  // Washed over, every knot is a mat: the two figures are one.
  const allMats = warning.expectedStops !== null && named.stops === named.mats;
  return {
    title: t(`card.warnings.${warning.concern}.title`, named),
    text: t(`card.warnings.${allMats ? 'all_mats' : warning.concern}.text`, named),
  };
}
