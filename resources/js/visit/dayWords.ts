import type { DayDog } from '@/api/types';
import { say } from '@/messages/say';

/** The steps of a visit, as places one can walk between. */
export const steps = ['arrival', 'inspection', 'plan', 'table', 'dry', 'home'] as const;

/** Where a dog's need is met. */
export function placeOf(visit: Pick<DayDog, 'id' | 'needs'>) {
  const names: Record<DayDog['needs'], (typeof steps)[number] | 'record'> = {
    ...{ answer: 'plan', reply: 'plan', plan_from_here: 'plan', show_plan: 'plan', decide: 'plan' },
    ...{ finish_inspection: 'inspection', inspection: 'inspection' },
    ...{ table: 'table', hands_on_again: 'table', bath_gate: 'table' },
    ...{ clear_for_bath: 'dry', bath: 'dry', rinse_out: 'dry', dry: 'dry', dry_to_the_skin: 'dry', second_comb_check: 'dry' },
    ...{ finish: 'home', hand_over: 'home', nothing: 'record' },
  };
  return { name: names[visit.needs], params: { visit: visit.id } };
}

const sections = (count: number): string => (count === 1 ? '1 section' : `${count} sections`);

/** What stands behind the need, in a sentence. */
export function whyOf(row: DayDog): string {
  const client = row.dog.client;
  const parked = row.parked ? ` ${row.parked === 1 ? 'One mat' : `${row.parked} mats`} parked.` : '';
  switch (row.needs) {
    case 'answer':
      return `The plan was shown at ${say.time(row.shownAt ?? row.lastMarkAt)}. ${client} has not answered.`;
    case 'reply':
      return `${client} ${say.text.answers[row.answer ?? 'no']}.`;
    case 'plan_from_here':
      return row.spent
        ? `All the pulling we ask of a dog in one visit is borne. ${sections(30 - row.passed)} left.`
        : 'The comb found what the plan did not.';
    case 'show_plan':
      return `Everything is decided. ${client} says yes before the first cut.`;
    case 'decide':
      return `${row.undecided === 1 ? '1 section needs' : `${row.undecided} sections need`} a treatment.`;
    case 'finish_inspection':
      return `${30 - row.toCheck} of 30 checked, ${row.toCheck} to go.`;
    case 'inspection':
      return `Arrived ${say.time(row.arrivedAt)}. No bath before it.`;
    case 'table':
      return `Agreed with ${client}.`;
    case 'hands_on_again':
      return `${row.passed} of 30 passed, resting.${parked}`;
    case 'bath_gate':
      return `${row.passed} of 30 passed${row.overMinutes >= 1 ? '' : ', on pace'}.${parked}`;
    case 'clear_for_bath':
      return 'Every section passed or is clipped.';
    case 'bath':
      return 'Cleared today. It lapses at midnight.';
    case 'rinse_out':
      return 'In the bath.';
    case 'dry':
      return 'Rinsed. Curly and dense coats are not left to air-dry.';
    case 'dry_to_the_skin':
      return `${row.areasDry} of 6 areas dry. Then the second comb check.`;
    case 'second_comb_check':
      return `${sections(row.secondLeft)} to comb, dry.`;
    case 'finish':
      return `The whole dog passed. Nails, pads, aftercare, sign.`;
    case 'hand_over':
      return `Record signed. To ${client}.`;
    default:
      return row.stage === 'stopped' ? 'Stopped before the end; the record says why.' : `With ${client}.`;
  }
}

/** What the minutes in the row are of. */
export function workOf(row: DayDog): string {
  switch (row.needs) {
    case 'inspection':
    case 'finish_inspection':
      return 'to inspect; the rest is known then';
    case 'clear_for_bath':
    case 'bath':
    case 'rinse_out':
      return 'in the bath';
    case 'dry':
    case 'dry_to_the_skin':
      return 'drying left';
    case 'second_comb_check':
      return 'to comb';
    case 'finish':
      return 'to finish';
    case 'answer':
    case 'reply':
      return 'at the table, after the yes';
    default:
      return row.guess ? 'the slot; not planned yet' : 'at the table';
  }
}
