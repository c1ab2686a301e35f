import { sayPlan } from '@/messages/sayPlan';
import { tableWords } from '@/table/tableWords';
import { t } from '@/messages/words';
import type { CombCheck, SectionId, TimelineMark, MatCause, StopSign } from '@/api/types';
import { say } from '@/messages/say';
import { checkSaid } from '@/visit/checkWords';
import { noteSaid } from '@/visit/noteWords';
import { answersSaid } from './arrivalWords';
import { useSession } from '@/device/useSession';

/** One line of the story: when, what was decided or found, and by whom. */
export interface Line {
  id: string;
  at: string;
  what: string;
  why: string;
  by: string;
  withdrawn: boolean;
  setApart: boolean;
  receivedAt: string;
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

/** What the hand entered, in words. */
export function detailOf(mark: TimelineMark): string {
  const payload = mark.payload as Record<string, string | number | boolean>;
  const place = mark.section ? `${say.section(mark.section)}: ` : '';
  switch (mark.kind) {
    case 'comb_checked':
    case 'table_combed':
    case 'second_combed':
      return place + checkSaid(mark.payload as CombCheck);
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
    case 'late_counted':
      return String(payload.reason ?? '');
    case 'answer_given':
      return [mark.decision?.what, mark.decision?.why].filter((words) => words).join(', ');
    default:
      return mark.decision?.why ?? '';
  }
}
