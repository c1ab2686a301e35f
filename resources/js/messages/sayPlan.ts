import type { NotOffered, SectionId, SectionReason } from '@/api/types';
import { say } from './say';
import { t, wordsOf, type Words } from './words';

/** Sentences about treatments and plans, made from the API's typed values. */
export const sayPlan = {
  /** "Clip to 6.3 mm" */
  treatment(code: string): string {
    return code.startsWith('clip:')
      ? t('plan.clipTo', { length: say.mm(Number(code.slice(5))) })
      : t(`plan.treatments.${code as keyof Words['plan']['treatments']}`);
  },

  bar(bar: NotOffered): string {
    const figure = (value: number | null): string => (value === null ? '' : say.tenth(value));
    const length = (value: number | null): string => (value === null ? '' : say.mm(value));
    if (bar.found === null && bar.reason in wordsOf('plan.barsWithoutFigures')) {
      return t(`plan.barsWithoutFigures.${bar.reason as 'section_cap_exceeded'}`);
    }
    const assumed = bar.assumed === true && bar.reason in wordsOf('plan.barsAssumed');
    return t(assumed ? `plan.barsAssumed.${bar.reason as 'blade_over_lift'}` : `plan.bars.${bar.reason}`, {
      found: figure(bar.found),
      limit: figure(bar.limit),
      foundLength: length(bar.found),
      limitLength: length(bar.limit),
    });
  },

  /** Why a section is treated as it is, in a sentence that a client understands. */
  why(reason: SectionReason): string {
    return t(`plan.why.${reason.why}`, {
      bar: reason.bar
        ? this.bar({
            ...{ treatment: 'demat', reason: reason.bar, found: reason.barFound ?? null, limit: reason.barLimit ?? null },
            ...(reason.barAssumed ? { assumed: true } : {}),
          })
        : '',
      // An offer that was kept before this was told has no such reason.
      length: reason.length ? ` ${this.bar(reason.length)}` : '',
      opening: say.pulling(reason.openingTension ?? 0),
      spared: say.pulling(reason.sparedTension ?? 0),
      matches: reason.matches ? t(`coat.evenGroups.${reason.matches}`) : '',
    }).trim();
  },

  /** Pulling in plain words, for a client. */
  plainPulling(minutes: number): string {
    return t(minutes < 1.5 ? 'plan.plainPulling.none' : minutes < 10 ? 'plan.plainPulling.some' : 'plan.plainPulling.much');
  },

  /** What a client is told of work that is divided among visits. */
  split(split: { visit: number; of: number; later: SectionId[]; daysFrom: number; daysTo: number } | null): string[] {
    return split === null
      ? []
      : [
          t('split.client', {
            visit: split.visit,
            of: split.of,
            from: split.daysFrom,
            to: split.daysTo,
            sections: say.sections(split.later),
          }),
          t('split.home'),
        ];
  },
};
