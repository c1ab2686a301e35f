import { say } from '@/messages/say';
import { t } from '@/messages/words';
import { holdsSaid, NEARLY_SURE } from './holds';

/** "Promise 16:15? It holds 8 in 10." */
export function promiseAsked(at: string, chance: number): string {
  const time = say.time(at);
  if (chance >= NEARLY_SURE) {
    return t('days.appointment.promiseSure', { time });
  }
  return Math.round(chance * 10) === 0
    ? t('days.appointment.promiseHardly', { time })
    : t('days.appointment.promise', { time, holds: holdsSaid(chance) });
}
