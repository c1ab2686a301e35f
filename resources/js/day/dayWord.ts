import type { ComingDay } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';
import { holdsSaid, NEARLY_SURE } from '@/visit/holds';

/** A word for a day, and one reason with a figure: the tightest promise by its name. */
export function dayWord(day: ComingDay): { word: string; why: string } {
  const { ready, standing, tightest, waitedFor, weakest } = day.forecast;
  if (day.closed !== null || day.groomers.length === 0) {
    return { word: '', why: day.closed === null ? t('days.nobody') : t('days.closed', { reason: day.closed }) };
  }
  if (standing === 'free') {
    return { word: '', why: t('days.free') };
  }
  if (standing === 'holds') {
    const why = weakest >= NEARLY_SURE ? t('days.why.sure') : t('days.why.holds', { chance: holdsSaid(weakest) });
    return { word: t('days.word.holds'), why };
  }
  const row = day.appointments.find((one) => one.id === tightest);
  const notToday = (ready.find((one) => one.dog === tightest)?.notToday ?? 0) > 0.5;
  const named = { dog: row?.dog.name ?? t('days.aDogHere'), chance: holdsSaid(weakest) };
  const why = notToday
    ? t('days.why.notToday', named)
    : t('days.why.tight', { ...named, time: row?.promisedAt ? say.time(row.promisedAt) : t('days.itsPromise') });
  const waits = waitedFor === null ? '' : ` ${t('days.why.bottleneck', { what: t(`days.bottleneck.${waitedFor}`) })}`;
  return { word: t(`days.word.${standing}`), why: `${why}${waits}` };
}
