import { say } from '@/messages/say';
import { MM_PER_INCH } from '@/messages/salon';

/** A cutter's length as a salon that counts so would say it, without the unit. */
export function kitLength(mm: number, units: 'metric' | 'imperial'): string {
  return say.figure(units === 'metric' ? mm : Math.round((mm / MM_PER_INCH) * 100) / 100);
}
