import { t } from '@/messages/words';
import type { Finding, SectionId, Visit, VisitSection } from '@/api/types';
import { say } from '@/messages/say';
import { type ChartSection, type Tone, toneOf } from './tones';

/** What a screen reader says of a section's comb check. */
export function saidOf(section: VisitSection): string {
  if (section.leaveAlone) {
    return t('coat.leftAlone');
  }
  if (section.verdict === 'comb_again') {
    return t('coat.combAgain');
  }
  return section.inForce === null ? t('coat.notChecked') : say.grade(section.inForce);
}

/** The milder of two answers, drawn beside the one that stands. */
function otherOf(two: Visit['twoAnswers'][number] | undefined): Tone | undefined {
  const other = two?.answers.find((answer) => answer.id !== two.stands)?.grade;
  return other == null ? undefined : toneOf('graded', other, false);
}

/**
 * @param ghosts draw the last visit's grades as well
 * @param asked places that two tablets answered otherwise
 */
export function inspectionChart(
  sections: Visit['sections'],
  findings: Finding[],
  ghosts = false,
  asked: Visit['twoAnswers'] = [],
): Record<SectionId, ChartSection> {
  const pins = new Set(findings.filter((finding) => !finding.closed).map((finding) => finding.section));
  return Object.fromEntries(
    (Object.entries(sections) as [SectionId, VisitSection][]).map(([id, section]) => [
      id,
      {
        tone: toneOf(section.verdict, section.inForce, section.leaveAlone),
        said: [
          saidOf(section),
          asked.some((two) => two.section === id) ? t('visit.two.said') : '',
          section.own !== null && section.inForce !== section.grade ? t('coat.said.by', { by: section.own.by }) : '',
          pins.has(id) ? t('coat.said.finding') : '',
          section.felt ? t('coat.lookFirst.felt') : '',
          section.lookFirst.length && section.grade === null ? t('coat.said.lookFirst') : '',
          ghosts && section.lastGrade !== null ? t('coat.said.lastVisit', { grade: say.grade(section.lastGrade) }) : '',
        ]
          .filter((word) => word)
          .join(', '),
        text: section.leaveAlone
          ? undefined
          : section.verdict === 'comb_again'
            ? '↻'
            : section.inForce === null
              ? undefined
              : String(section.inForce),
        mark: section.felt && section.inForce === null && section.verdict !== 'comb_again' && !section.leaveAlone ? 'felt' : undefined,
        lookFirst: section.lookFirst.some((reason) => reason !== 'coat_change'),
        own: section.own !== null && section.inForce !== section.grade,
        pin: pins.has(id),
        other: otherOf(asked.find((two) => two.section === id)),
        ghost: ghosts ? (section.lastGrade ?? undefined) : undefined,
      },
    ]),
  ) as Record<SectionId, ChartSection>;
}
