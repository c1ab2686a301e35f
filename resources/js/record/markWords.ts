import { sayPlan } from '@/messages/sayPlan';
import { tableWords } from '@/table/tableWords';
import { t, type Words } from '@/messages/words';
import type { SectionId, TimelineMark, Visit, MatCause, StopSign } from '@/api/types';
import { say } from '@/messages/say';
import { noteSaid } from '@/visit/noteWords';
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
  return words === undefined ? '' : say.within(words);
}

/** Why a mat was left or treated otherwise, where the screen entered it. */
function causeOf(because: unknown): string {
  return because ? t(`visit.causes.${because as MatCause}`) : '';
}

/** A list as it was sent; an earlier version let some in under names. */
function listOf<T>(value: unknown): T[] {
  return value !== null && typeof value === 'object' ? (Object.values(value) as T[]) : [];
}

/** Where the device's clock was off, or the entry came long after the hand: the record says so. */
export function clockOf(mark: TimelineMark): string {
  const late = Math.round((Date.parse(mark.receivedAt) - Date.parse(mark.at)) / 60_000);
  return [
    mark.deviceAt ? t('record.clock.deviceSaid', { time: `${say.shortDay(mark.deviceAt)} ${say.time(mark.deviceAt)}` }) : '',
    late > LATE_MINUTES ? t('record.clock.late', { minutes: say.minutes(late) }) : '',
  ]
    .filter((words) => words)
    .join(', ');
}

/** Steps of the visit that nothing, or not all, was recorded of. */
function skippedSteps(skipped: readonly Skipped[]): string {
  const steps = skipped.map((step) => t(`table.skipped.${step}`));
  return steps.length ? `${say.start(steps.join(', '))}: ` : '';
}

/** What was decided, told and signed: a line of the record, or none. */
export function decisionOf(mark: TimelineMark, skipped: readonly Skipped[]): Line[] {
  const line = { id: mark.id, at: mark.at, by: mark.by, withdrawn: mark.withdrawn };
  const payload = mark.payload as Record<string, string>;
  switch (mark.kind) {
    case 'plan_chosen':
      return [{ ...line, what: t('record.marks.plan', { aim: t(`plan.aims.${payload.aim as 'balanced'}`) }), why: '' }];
    case 'treatment_chosen':
      return payload.reason || payload.because
        ? [
            {
              ...line,
              what: t('record.marks.otherwise', { section: say.section(mark.section!), done: say.done(payload.treatment) }),
              why: [causeOf(payload.because), payload.reason].filter((words) => words).join(': '),
            },
          ]
        : [];
    case 'plan_shown':
      return [{ ...line, what: t('record.marks.put'), why: '' }];
    case 'answer_given': {
      const via = t(`record.via.${payload.via as keyof Words['record']['via']}`);
      return [
        {
          ...line,
          what: `${payload.who} ${t(`visit.answers.${payload.answer as 'yes'}`)}`,
          why: [via, payload.note ? say.quoted(payload.note) : ''].filter((word) => word).join(': '),
        },
      ];
    }
    case 'handed_over':
      return [
        {
          ...line,
          what: t('record.marks.wentHome'),
          why: payload.skippedBecause
            ? t('record.marks.notRecorded', { steps: skippedSteps(skipped), reason: payload.skippedBecause ?? '' })
            : '',
        },
      ];
    case 'run_started':
      return [{ ...line, what: t('visit.markKinds.run_started'), why: small(t(`table.scopes.${payload.scope as 'whole_coat'}`)) }];
    case 'reacted':
      return payload.signal === 'snaps' ? [{ ...line, what: t('record.marks.snapped'), why: t('record.marks.noMore') }] : [];
    case 'waived':
      return [
        {
          ...line,
          what: t('record.marks.letGo', {
            section: say.section(mark.section!),
            step: t(`table.waivedSteps.${payload.step as 'before_bath'}`),
          }),
          why: `${payload.who}: ${say.quoted(payload.reason)}`,
        },
      ];
    case 'held_place_settled':
      return [{ ...line, what: tableWords.heldWay(payload.way as 'kept_dry', mark.section!), why: t('table.clientTold') }];
    case 'visit_split':
      return [{ ...line, what: t('visit.markKinds.visit_split'), why: say.sections(listOf<SectionId>(mark.payload.later)) }];
    case 'bath_cleared':
      return [{ ...line, what: t('visit.markKinds.bath_cleared'), why: '' }];
    case 'aftercare_chosen': {
      const items = listOf<'redness' | 'parasites'>(mark.payload.items).map((item) => small(t(`table.aftercare.${item}.say`)));
      return [{ ...line, what: t('record.marks.told'), why: items.join(', ') || t('record.marks.nothingToWatch') }];
    }
    case 'next_visit_chosen':
      return [
        {
          ...line,
          what: t('record.marks.nextVisit', { weeks: Number(payload.weeks) }),
          why: [
            payload.suggestedWeeks ? t('record.marks.suggested', { weeks: Number(payload.suggestedWeeks) }) : t('record.marks.noneKeeps'),
            payload.wishedWeeks ? t('record.marks.wished', { weeks: Number(payload.wishedWeeks) }) : '',
          ]
            .filter((part) => part)
            .join(', '),
        },
      ];
    case 'turn_decided':
      return [
        {
          ...line,
          what: t('visit.markKinds.turn_decided'),
          why: [mark.takenBy ? t('record.marks.turn', { groomer: mark.takenBy }) : '', payload.next ? t('record.marks.turnNext') : '']
            .filter((part) => part)
            .join(', '),
        },
      ];
    case 'promise_given':
      return [
        {
          ...line,
          what: t('record.marks.promise', { time: say.time(payload.promisedAt!) }),
          why: t('record.marks.toldHow', { how: t(`tell.how.${payload.told as 'phone'}`) }),
        },
      ];
    case 'ready_told':
      return [{ ...line, what: t('visit.markKinds.ready_told'), why: t(`tell.how.${payload.told as 'phone'}`) }];
    case 'signed_off':
      return [{ ...line, what: t('record.marks.signed'), why: '' }];
    case 'stopped':
      return [{ ...line, what: t('visit.markKinds.stopped'), why: payload.reason }];
    case 'finding_closed':
      return [{ ...line, what: t('record.marks.findingClosed'), why: payload.note ?? '' }];
    case 'photo_deleted':
      return [{ ...line, what: t('record.marks.erased'), why: payload.reason }];
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
          small(t(`coat.comb.${payload.comb as 'glides'}`)),
          payload.skinLine ? small(t(`coat.skinLine.${payload.skinLine as 'clear'}`)) : '',
          payload.opens ? small(t(`coat.opens.${payload.opens as 'fingers'}`)) : '',
          payload.mattedShare != null ? say.share(Number(payload.mattedShare)) : '',
          payload.liftMm != null ? t('coat.fromTheSkin', { length: say.mm(Number(payload.liftMm)) }) : '',
        ]
          .filter((word) => word)
          .join(', ')
      );
    case 'table_combed':
    case 'second_combed':
      return (
        place +
        [
          small(t(`coat.comb.${payload.comb as 'glides'}`)),
          payload.skinLine ? small(t(`coat.skinLine.${payload.skinLine as 'clear'}`)) : '',
          payload.fine && payload.fine !== 'not_used' ? small(t(`coat.fine.${payload.fine as 'glides'}`)) : '',
        ]
          .filter((word) => word)
          .join(', ')
      );
    case 'line_done':
      return t('record.marks.line', { place, line: Number(payload.line) });
    case 'clipped':
      return t('record.marks.to', { place, length: say.mm(Number(payload.mm)) });
    case 'reacted':
      return place + t(`table.signalSays.${payload.signal as 'looks'}`);
    case 'mat_worked': {
      const closes = payload.closes ? t('record.marks.closes', { closes: Number(payload.closes) }) : '';
      return place + small(t(`table.matOutcomes.${payload.outcome as 'opened'}`)) + closes;
    }
    case 'mat_parked':
      return place + [causeOf(payload.because), String(payload.note ?? '')].filter((words) => words).join(', ');
    case 'rake_passed':
      return t('record.marks.raked', {
        place,
        rake: t(`table.rakes.${payload.rake as 'wide'}`),
        handfuls: say.figure(Number(payload.handfuls)),
      });
    case 'bath_stepped':
      return (
        t(`table.bathStepDone.${payload.step as 'lathered'}`) +
        (payload.product ? `: ${small(t(`table.products.${payload.product as 'mild'}`))}` : '') +
        (payload.contactMinutes ? `, ${t('table.contact.on', { minutes: Number(payload.contactMinutes) })}` : '')
      );
    case 'mats_opened':
      return `${place}${t(`table.openedWith.said.${payload.with as 'fingers'}`)}`;
    case 'posture_taken':
      return t(`feet.postures.${payload.posture as 'stands'}`);
    case 'held_place_settled':
      return tableWords.heldWay(payload.way as 'kept_dry', mark.section!);
    case 'dry_started':
      return t(`table.dryMethods.${payload.method as 'dryer'}`);
    case 'dried':
      return t(`table.areas.${payload.area as 'head'}`);
    case 'finish_ticked':
      return t(`table.finishItems.${payload.item as 'nails'}`);
    case 'section_taken':
    case 'misted':
    case 'mat_taken':
      return say.section(mark.section!);
    case 'grade_judged':
      return payload.rule
        ? t('record.marks.rulesGrade', { place })
        : t('record.marks.ownGrade', {
            place,
            grade: say.grade(Number(payload.grade)),
            instead: say.grade(Number(payload.instead)),
            reason: String(payload.reason ?? ''),
          });
    case 'photo_taken':
      return place + t(`device.moments.${payload.moment as 'before'}`);
    case 'treatment_chosen':
      return (
        place +
        [say.within(sayPlan.treatment(String(payload.treatment))), causeOf(payload.because), payload.reason]
          .filter((words) => words)
          .join(': ')
      );
    case 'visit_split':
      return say.sections(listOf<SectionId>(mark.payload.later));
    case 'treatment_freed':
      return place + t('record.marks.planDecides');
    case 'plan_chosen':
      return t(`plan.aims.${payload.aim as 'balanced'}`);
    case 'even_wanted':
      return (
        listOf<'body' | 'legs'>(mark.payload.groups)
          .map((group) => t(`coat.evenGroups.${group}`))
          .join(', ') || t('record.none')
      );
    case 'blade_tried':
      return t('record.marks.blade', {
        place,
        length: say.mm(Number(payload.mm)),
        result: small(t(`plan.bladeResults.${payload.result as 'passes'}`)),
      });
    case 'finding_noted':
      return place + small(t(`skin.findings.${payload.kind as 'redness'}`)) + (payload.note ? `, ${payload.note}` : '');
    case 'note_written':
      return place + noteSaid(payload as { text?: string; sign?: StopSign });
    case 'arrival_answered':
      return answersSaid(mark.payload, useSession().salon.value?.currency ?? 'EUR');
    case 'answer_given':
      return [decisionOf(mark, skipped)[0]?.what, decisionOf(mark, skipped)[0]?.why].filter((words) => words).join(', ');
    default:
      return decisionOf(mark, skipped)[0]?.why ?? '';
  }
}
