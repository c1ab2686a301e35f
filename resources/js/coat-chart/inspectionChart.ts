import type { Finding, SectionId, Visit, VisitSection } from '@/api/types';
import { say } from '@/messages/say';
import { type ChartSection, toneOf } from './tones';

/** What a screen reader says of a section's comb check. */
export function saidOf(section: VisitSection): string {
  if (section.leaveAlone) {
    return say.text.leftAlone;
  }
  if (section.verdict === 'comb_again') {
    return say.text.combAgain;
  }
  return section.grade === null ? say.text.notChecked : say.grade(section.grade);
}

export function inspectionChart(sections: Visit['sections'], findings: Finding[]): Record<SectionId, ChartSection> {
  const pins = new Set(findings.filter((finding) => !finding.closed).map((finding) => finding.section));
  return Object.fromEntries(
    (Object.entries(sections) as [SectionId, VisitSection][]).map(([id, section]) => [
      id,
      {
        tone: toneOf(section.verdict, section.grade, section.leaveAlone),
        said: [
          saidOf(section),
          pins.has(id) ? 'finding noted' : '',
          section.lookFirst.length && section.grade === null ? 'look here first' : '',
        ]
          .filter((word) => word)
          .join(', '),
        text: section.leaveAlone
          ? undefined
          : section.verdict === 'comb_again'
            ? '↻'
            : section.grade === null
              ? undefined
              : String(section.grade),
        lookFirst: section.lookFirst.some((reason) => reason !== 'coat_change'),
        pin: pins.has(id),
      },
    ]),
  ) as Record<SectionId, ChartSection>;
}
