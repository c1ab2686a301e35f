import { t } from '@/messages/words';
import type { DayDog } from '@/api/types';
import { say } from '@/messages/say';

/** What stands behind the need, in a sentence. */
export function whyOf(row: DayDog): string {
  const client = row.dog.client;
  const parked = row.parked ? ` ${t('day.why.parked', { count: row.parked })}` : '';
  switch (row.needs) {
    case 'answer':
      return t('day.why.answer', { time: say.time(row.shownAt ?? row.lastMarkAt), client });
    case 'reply':
      return `${client} ${t(`visit.answers.${row.answer ?? 'no'}`)}.`;
    case 'plan_from_here':
      return row.spent ? t('day.why.spent', { count: 30 - row.passed }) : t('day.why.combFound');
    case 'show_plan':
      return t('day.why.showPlan', { client });
    case 'decide':
      return t('day.why.decide', { count: row.undecided });
    case 'finish_inspection':
      return t('day.why.checked', { checked: 30 - row.toCheck, left: row.toCheck });
    case 'inspection':
      return t('day.why.arrived', { time: say.time(row.arrivedAt) });
    case 'table':
      return t('day.why.agreed', { client });
    case 'hands_on_again':
      return t('day.why.resting', { passed: row.passed }) + parked;
    case 'bath_gate':
      return t(row.overMinutes >= 1 ? 'day.why.passed' : 'day.why.onPace', { passed: row.passed }) + parked;
    case 'clear_for_bath':
      return t('day.why.allPassed');
    case 'bath':
      return t('day.why.cleared');
    case 'rinse_out':
      return t('day.why.inTheBath');
    case 'dry':
      return t('day.why.rinsed');
    case 'dry_to_the_skin':
      return t('day.why.areas', { areas: row.areasDry });
    case 'second_comb_check':
      return t('day.why.toComb', { count: row.secondLeft });
    case 'finish':
      return t('day.why.finish');
    case 'hand_over':
      return t('day.why.signed', { client });
    default:
      return row.stage === 'stopped' ? t('day.why.stopped') : t('day.why.with', { client });
  }
}

/** What the minutes in the row are of. */
export function workOf(row: DayDog): string {
  switch (row.needs) {
    case 'inspection':
    case 'finish_inspection':
      return t('day.work.inspect');
    case 'clear_for_bath':
    case 'bath':
    case 'rinse_out':
      return t('day.work.bath');
    case 'dry':
    case 'dry_to_the_skin':
      return t('day.work.dry');
    case 'second_comb_check':
      return t('day.work.comb');
    case 'finish':
      return t('day.work.finish');
    case 'answer':
    case 'reply':
      return t('day.work.afterYes');
    default:
      return row.guess ? t('day.work.slot') : t('day.work.table');
  }
}
