import { t } from '@/messages/words';
import type { Bath, SectionId, TableRun, TableSection, VisitSection } from '@/api/types';
import { say } from '@/messages/say';
import { saidOf } from './inspectionChart';
import { type ChartSection, type Tone, toneOf } from './tones';

/** At the table: what is done is combed hair with the comb's mark; what is not shows its grade, a parked mat its mark. */
export function tableChart(sections: Record<SectionId, VisitSection>, table: TableRun): Record<SectionId, ChartSection> {
  const parked = new Set(table.parked.map((mat) => mat.section));
  return Object.fromEntries(
    (Object.entries(table.sections) as [SectionId, TableSection][]).map(([id, here]) => {
      const kind = here.choice?.split(':')[0];
      const toClip = kind === 'clip' && !here.done && !here.cutAfterDrying;
      return [
        id,
        {
          tone: here.done ? '0' : here.held ? 'leave' : toneOf('graded', here.grade, false),
          said: here.done
            ? here.clippedMm === null
              ? t('coat.said.passed')
              : t('say.done.clip', { length: say.mm(here.clippedMm) })
            : parked.has(id)
              ? t('coat.said.matParked', { said: saidOf(sections[id]) })
              : `${saidOf(sections[id])}, ${here.held ? t('coat.leftAlone') : toClip ? t('coat.said.toClip') : t('coat.said.toBrush')}`,
          mark: parked.has(id)
            ? 'parked'
            : here.held
              ? 'leave'
              : here.done
                ? here.clippedMm === null
                  ? 'done'
                  : 'clip'
                : toClip
                  ? 'clip'
                  : undefined,
          text:
            here.done || parked.has(id) || here.held
              ? undefined
              : toClip
                ? say.lengthFigure(Number(here.choice!.slice(5)))
                : here.grade === null
                  ? undefined
                  : String(here.grade),
        },
      ];
    }),
  ) as Record<SectionId, ChartSection>;
}

/** Coat before and after the table, place by place, for the chart's outline. */
export function lengthsOf(
  sections: Record<SectionId, VisitSection>,
  table: TableRun,
): Record<SectionId, { before: number; after: number }> {
  return Object.fromEntries(
    (Object.entries(sections) as [SectionId, VisitSection][]).map(([id, { lengthMm }]) => [
      id,
      { before: lengthMm, after: Math.min(lengthMm, table.sections[id].clippedMm ?? lengthMm) },
    ]),
  ) as Record<SectionId, { before: number; after: number }>;
}

/** From the bath on: wet is plain, dry has its mark, and what passed the second comb check the comb's. */
export function dryChart(bath: Bath, held: (section: SectionId) => boolean): Record<SectionId, ChartSection> {
  const open = new Set(bath.toCombAgain);
  return Object.fromEntries(
    bath.areas.flatMap((area) =>
      area.sections.map((id) => {
        const second = bath.second[id];
        const failed = second !== undefined && !second.passed;
        const passed = !open.has(id) && !held(id);
        return [
          id,
          {
            tone: held(id) ? 'leave' : passed ? '0' : failed ? (second.grade === null ? 'again' : (String(second.grade) as Tone)) : 'u',
            said: held(id)
              ? t('coat.leftAlone')
              : passed
                ? t('coat.said.passedSecond')
                : failed
                  ? t('coat.said.backToBrushing')
                  : area.dry
                    ? t('coat.said.dry')
                    : t('coat.said.notDry'),
            mark: held(id) ? 'leave' : passed ? 'done' : area.dry && !failed ? 'dry' : undefined,
            text: failed && !passed ? (second.grade === null ? '↻' : String(second.grade)) : undefined,
          } satisfies ChartSection,
        ];
      }),
    ),
  ) as Record<SectionId, ChartSection>;
}
