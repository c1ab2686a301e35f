import type { SectionId, TimelineMark, Visit } from '@/api/types';
import { say } from '@/messages/say';
import { answersSaid } from './arrivalWords';
import { useSession } from '@/device/useSession';

type Skipped = Visit['home']['skipped'][number];

/** One line of the story: when, what was decided or found, and by whom. */
export interface Line {
  id: string;
  at: string;
  what: string;
  why: string;
  by: string;
  withdrawn: boolean;
}

/** Later than so many minutes after the hand an entry is said to have come late. */
const LATE_MINUTES = 5;

/** Words in the middle of a sentence; an entry of an earlier version may lack them. */
function small(words: string | undefined): string {
  return words?.toLowerCase() ?? '';
}

/** A list as it was sent; an earlier version let some in under names. */
function listOf<T>(value: unknown): T[] {
  return value !== null && typeof value === 'object' ? (Object.values(value) as T[]) : [];
}

/** Where the device's clock was off, or the entry came long after the hand: the record says so. */
export function clockOf(mark: TimelineMark): string {
  const late = Math.round((Date.parse(mark.receivedAt) - Date.parse(mark.at)) / 60_000);
  return [
    mark.deviceAt ? say.text.clock.deviceSaid.replace('{time}', `${say.shortDay(mark.deviceAt)} ${say.time(mark.deviceAt)}`) : '',
    late > LATE_MINUTES ? say.text.clock.late.replace('{minutes}', say.minutes(late)) : '',
  ]
    .filter((words) => words)
    .join(', ');
}

/** Steps of the visit that nothing, or not all, was recorded of. */
function skippedSteps(skipped: readonly Skipped[]): string {
  const steps = skipped.map((step) => say.text.table.skipped[step]);
  return steps.length ? `${say.start(steps.join(', '))}: ` : '';
}

/** What was decided, told and signed: a line of the record, or none. */
export function decisionOf(mark: TimelineMark, skipped: readonly Skipped[]): Line[] {
  const line = { id: mark.id, at: mark.at, by: mark.by, withdrawn: mark.withdrawn };
  const payload = mark.payload as Record<string, string>;
  switch (mark.kind) {
    case 'plan_chosen':
      return [{ ...line, what: `Plan: ${say.text.aims[payload.aim as 'balanced']}`, why: '' }];
    case 'treatment_chosen':
      return payload.reason
        ? [
            {
              ...line,
              what: `${say.section(mark.section!)}: ${say.done(payload.treatment)}, otherwise than planned`,
              why: payload.reason,
            },
          ]
        : [];
    case 'plan_shown':
      return [{ ...line, what: 'The plan was put to the client', why: '' }];
    case 'answer_given': {
      const via = say.text.via[payload.via as keyof typeof say.text.via];
      return [
        {
          ...line,
          what: `${payload.who} ${say.text.answers[payload.answer as 'yes']}`,
          why: [via, payload.note ? `“${payload.note}”` : ''].filter((word) => word).join(': '),
        },
      ];
    }
    case 'handed_over':
      return [
        {
          ...line,
          what: 'Went home',
          why: payload.skippedBecause ? `${skippedSteps(skipped)}not recorded. ${payload.skippedBecause}` : '',
        },
      ];
    case 'run_started':
      return [{ ...line, what: 'Brush-out begun', why: small(say.text.table.scopes[payload.scope as 'whole_coat']) }];
    case 'reacted':
      return payload.signal === 'snaps' ? [{ ...line, what: 'The dog snapped', why: 'no more dematting that day' }] : [];
    case 'waived':
      return [
        {
          ...line,
          what: `${say.section(mark.section!)} was let go ${say.text.table.waivedSteps[payload.step as 'before_bath']}`,
          why: `${payload.who}: “${payload.reason}”`,
        },
      ];
    case 'held_place_settled':
      return [{ ...line, what: say.heldWay(payload.way as 'kept_dry', mark.section!), why: say.text.table.clientTold }];
    case 'visit_split':
      return [{ ...line, what: say.text.markKinds.visit_split, why: say.sections(listOf<SectionId>(mark.payload.later)) }];
    case 'bath_cleared':
      return [{ ...line, what: 'Cleared for the bath', why: '' }];
    case 'aftercare_chosen': {
      const items = listOf<'redness' | 'parasites'>(mark.payload.items).map((item) => small(say.text.table.aftercare[item]?.say));
      return [{ ...line, what: 'Told the client', why: items.join(', ') || 'nothing to watch for' }];
    }
    case 'signed_off':
      return [{ ...line, what: 'Record signed', why: '' }];
    case 'stopped':
      return [{ ...line, what: 'Stopped', why: payload.reason }];
    case 'finding_closed':
      return [{ ...line, what: 'A finding was closed', why: payload.note ?? '' }];
    case 'photo_deleted':
      return [{ ...line, what: 'A picture was erased', why: payload.reason }];
    default:
      return [];
  }
}

/** What the hand entered, in words. */
export function detailOf(mark: TimelineMark, skipped: readonly Skipped[]): string {
  const payload = mark.payload as Record<string, string | number | boolean>;
  const place = mark.section ? `${say.section(mark.section)}: ` : '';
  switch (mark.kind) {
    case 'comb_checked':
      return (
        place +
        [
          say.text.comb[payload.comb as 'glides'],
          payload.skinLine ? say.text.skinLine[payload.skinLine as 'clear'] : '',
          payload.opens ? say.text.opens[payload.opens as 'fingers'] : '',
          payload.mattedShare != null ? say.share(Number(payload.mattedShare)) : '',
          payload.liftMm != null ? `${payload.liftMm} mm from the skin` : '',
        ]
          .filter((word) => word)
          .join(', ')
          .toLowerCase()
      );
    case 'table_combed':
    case 'second_combed':
      return (
        place +
        [
          say.text.comb[payload.comb as 'glides'],
          payload.skinLine ? say.text.skinLine[payload.skinLine as 'clear'] : '',
          payload.fine && payload.fine !== 'not_used' ? say.text.fine[payload.fine as 'glides'] : '',
        ]
          .filter((word) => word)
          .join(', ')
          .toLowerCase()
      );
    case 'line_done':
      return `${place}line ${payload.line}`;
    case 'clipped':
      return `${place}to ${payload.mm} mm`;
    case 'reacted':
      return place + say.text.table.signalSays[payload.signal as 'looks'];
    case 'mat_worked':
      return `${place}${small(say.text.table.matOutcomes[payload.outcome as 'opened'])}${payload.closes ? `, ${payload.closes} closes` : ''}`;
    case 'mat_parked':
      return place + String(payload.note ?? '');
    case 'rake_passed':
      return `${place}${say.text.table.rakes[payload.rake as 'wide']}, ${payload.handfuls} handfuls`;
    case 'bath_stepped':
      return (
        say.text.table.bathStepDone[payload.step as 'lathered'] +
        (payload.product ? `: ${small(say.text.table.products[payload.product as 'mild'])}` : '') +
        (payload.contactMinutes ? `, ${say.text.table.contact.on.replace('{minutes}', String(payload.contactMinutes))}` : '')
      );
    case 'mats_opened':
      return `${place}${say.text.table.openedWith.said[payload.with as 'fingers']}`;
    case 'posture_taken':
      return say.text.feet.postures[payload.posture as 'stands'];
    case 'held_place_settled':
      return say.heldWay(payload.way as 'kept_dry', mark.section!);
    case 'dry_started':
      return say.text.table.dryMethods[payload.method as 'dryer'];
    case 'dried':
      return say.text.table.areas[payload.area as 'head'];
    case 'finish_ticked':
      return say.text.table.finishItems[payload.item as 'nails'];
    case 'section_taken':
    case 'misted':
    case 'mat_taken':
      return say.section(mark.section!);
    case 'grade_judged':
      return payload.rule
        ? `${place}the rule’s grade counts`
        : `${place}${say.grade(Number(payload.grade))} instead of ${say.grade(Number(payload.instead))}: ${payload.reason}`;
    case 'photo_taken':
      return place + say.text.moments[payload.moment as 'before'];
    case 'treatment_chosen':
      return place + say.treatment(String(payload.treatment)).toLowerCase() + (payload.reason ? `: ${payload.reason}` : '');
    case 'visit_split':
      return say.sections(listOf<SectionId>(mark.payload.later));
    case 'treatment_freed':
      return place + 'the plan decides';
    case 'plan_chosen':
      return say.text.aims[payload.aim as 'balanced'];
    case 'even_wanted':
      return (
        listOf<'body' | 'legs'>(mark.payload.groups)
          .map((group) => say.text.evenGroups[group])
          .join(', ') || 'none'
      );
    case 'blade_tried':
      return `${place}${payload.mm} mm ${small(say.text.bladeResults[payload.result as 'passes'])}`;
    case 'finding_noted':
      return place + small(say.text.findings[payload.kind as 'redness']) + (payload.note ? `, ${payload.note}` : '');
    case 'note_written':
      return place + String(payload.text);
    case 'arrival_answered':
      return answersSaid(mark.payload, useSession().salon.value?.currency ?? 'EUR');
    case 'answer_given':
      return [decisionOf(mark, skipped)[0]?.what, decisionOf(mark, skipped)[0]?.why].filter((words) => words).join(', ');
    default:
      return decisionOf(mark, skipped)[0]?.why ?? '';
  }
}
