import type { KeepLimit, NextInterval, NextVisit } from '@/api/types';
import { say } from '@/messages/say';
import { t } from '@/messages/words';

type Kept = Pick<NextInterval, 'matsSeen' | 'pulling' | 'lost'>;

/** "9.3 min of pulling; the house asks this dog 7.5" */
function limitOf(limit: KeepLimit, interval: Kept, next: NextVisit): string {
  switch (limit) {
    case 'lost':
      // To a tenth: what is over by little is over.
      return t('next.limits.lost', { part: say.tenthOfPercent(interval.lost), most: say.tenthOfPercent(next.keeps.lost) });
    case 'pulling':
      return t('next.limits.pulling', { minutes: say.pulling(interval.pulling), most: say.pulling(next.keeps.pulling) });
    default:
      return t('next.limits.mats_seen', { count: say.tenth(interval.matsSeen), most: say.tenth(next.keeps.matsSeen) });
  }
}

/** What an interval is too long for, the worst first; nothing where it keeps. */
export function limitsOf(interval: Kept & { limits: readonly KeepLimit[] }, next: NextVisit): string {
  return interval.limits.map((limit) => limitOf(limit, interval, next)).join('; ');
}

/** Why these weeks: what the next notch would break. */
export function whyOf(next: NextVisit): string {
  const { suggestedWeeks: weeks, intervals } = next;
  if (weeks === null) {
    return t('next.why.none', { limit: limitsOf(intervals[0]!, next) });
  }
  const longer = intervals.find((interval) => interval.weeks > weeks);
  if (!longer || longer.weeks > next.mostWeeks) {
    return t('next.why.cut', { weeks });
  }
  return longer.limits.length
    ? t('next.why.limit', { weeks, longer: longer.weeks, limit: limitsOf(longer, next) })
    : t('next.why.cut', { weeks });
}

/** Its own clock against the usual one, in words: the numbers behind it are never shown. */
export function clockOf({ clock, inspections }: NextVisit, dog: string): string {
  if (clock.pace === 'unknown') {
    return t('next.clock.unknown', { dog });
  }
  const early = clock.early ? ` ${t('next.clock.early', { count: inspections })}` : '';
  const where = clock.where ? t('next.clock.where', { place: say.within(say.part(clock.where)) }) : '';
  return `${t(`next.clock.${clock.pace}`, { dog })}${where}.${early}`;
}

/** What helps, in this order, with this dog's figures. */
export function laddersOf(next: NextVisit, currency: string): string[] {
  const { closer, anotherCut, shorter } = next.ladder;
  const cut = (way: 'cut' | 'shorter', one: NonNullable<NextVisit['ladder']['shorter']>): string =>
    t(`next.ladder.${way}`, { length: say.mm(one.lengthMm), weeks: one.weeks, price: say.money(one.priceCents, currency) });
  return [
    t('next.ladder.closer', {
      weeks: closer.weeks,
      price: say.money(closer.priceCents, currency),
      pulling: say.pulling(closer.pulling),
      keeps: closer.keeps ? 1 : 0,
    }),
    ...(anotherCut ? [cut('cut', anotherCut)] : []),
    ...(shorter ? [cut('shorter', shorter)] : []),
  ];
}
