import type { GroomerClock, SectionId } from '@/api/types';
import { say } from '@/messages/say';
import { t, type Words } from '@/messages/words';

/** Sentences of the table and the bath, made from the API's typed values. */
export const tableWords = {
  /** How the bath goes round a place that is left alone. */
  heldWay(way: 'kept_dry' | 'water_only', section: SectionId): string {
    return t(`table.heldWays.${way}.done`, { section: say.section(section) });
  },

  guard(guard: { kind: keyof Words['table']['guards']; found: number | null }): string {
    return t(`table.guards.${guard.kind}`, { found: guard.found === null ? '' : say.tenth(guard.found) });
  },

  /** What a correction rests on, in a sentence. */
  clock(clock: GroomerClock): string {
    const coat = say.within(t(`coat.coats.${clock.coat}`));
    if (clock.sections === 0) {
      return t('say.clock.nobody', { groomer: clock.groomer || t('say.clock.thisGroomer'), coat });
    }
    const timed = t('say.clock.timed', { groomer: clock.groomer, coat, factor: say.factor(clock.factor), sections: clock.sections });
    return clock.off === null ? timed : `${timed} ${t('say.clock.off', { percent: Math.round(clock.off * 100) })}`;
  },
};
