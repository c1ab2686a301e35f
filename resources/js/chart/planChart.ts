import { sayPlan } from '@/messages/sayPlan';
import { t } from '@/messages/words';
import type { Plan, SectionId, Visit, VisitSection } from '@/api/types';
import { say } from '@/messages/say';
import { saidOf } from './inspectionChart';
import { type ChartSection, toneOf } from './tones';

/** Found, and what is to be done: tone and hair are the grade, the mark is the treatment, the figure the mm left. */
export function planChart(sections: Visit['sections'], plan: Plan): Record<SectionId, ChartSection> {
  const open = new Set([...plan.totals.undecided, ...plan.totals.noLongerOffered, ...plan.stuck]);
  return Object.fromEntries(
    (Object.entries(sections) as [SectionId, VisitSection][]).map(([id, section]) => {
      const choice = plan.sections[id]?.choice ?? null;
      const kind = choice?.split(':')[0];
      const treatment = choice ? say.within(sayPlan.treatment(choice)) : t('coat.said.noTreatment');
      return [
        id,
        {
          tone: toneOf(section.verdict, section.inForce, section.leaveAlone),
          said: `${saidOf(section)}, ${open.has(id) ? t('coat.said.notDecided') : treatment}`,
          mark: open.has(id) ? 'open' : kind === 'clip' || kind === 'thin' || kind === 'demat' || kind === 'leave' ? kind : undefined,
          text: !open.has(id) && choice?.startsWith('clip:') ? say.lengthFigure(Number(choice.slice(5))) : undefined,
        },
      ];
    }),
  ) as Record<SectionId, ChartSection>;
}
