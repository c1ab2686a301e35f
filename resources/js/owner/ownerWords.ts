import type { OwnerPlan } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

type Place = OwnerPlan['places'][number];

/** "Front legs": left and right as one, as an owner says it. */
export function placeSaid(place: Place): string {
  const part = t(`owner.parts.${place.part}`);
  if (place.sections.length === 2 || !/_[lr]$/.test(place.sections[0]!)) {
    return part;
  }
  return t('owner.oneSide', { part, side: say.side(place.sections[0]!) ?? '' });
}

/** Minutes as one says them: half minutes, never a comma. */
export function minutesSaid(minutes: number): string {
  const halves = Math.max(1, Math.round(minutes * 2));
  return halves === 1 ? t('owner.halfMinute') : halves % 2 ? t('owner.andAHalf', { minutes: (halves - 1) / 2 }) : say.minutes(halves / 2);
}

export function oftenSaid(sessions: number): string {
  return t('owner.often', { count: sessions });
}
