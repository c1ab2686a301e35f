import type { SectionId } from '@/api/types';
import { say } from './say';
import { t, type Words } from './words';

/** Sentences about treatments and plans, made from the API's typed values. */
export const sayPlan = {
  /** "Clip to 6.3 mm" */
  treatment(code: string): string {
    return code.startsWith('clip:')
      ? t('plan.clipTo', { length: say.mm(Number(code.slice(5))) })
      : t(`plan.treatments.${code as keyof Words['plan']['treatments']}`);
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
