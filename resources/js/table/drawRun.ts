import type { CheckOutcome, CombCheck, SectionId, Visit } from '@/api/types';
import { isMatted } from '@/visit/grades';
import type { Waiting } from '@/device/useOutbox';
import { checkOf, takenBackBy } from '@/device/waiting';

/** A run with what this device recorded since drawn on top. Nothing of the job is worked out here: only what a mark plainly says. */
export type Drawn = Pick<Visit, 'table' | 'gate' | 'bath' | 'home'> & {
  /** Time of the last mark at the table, in ms. */
  lastMs: number | null;
};

const HANDS_ON = ['section_taken', 'line_done', 'table_combed', 'clipped', 'mat_taken'];
const OF_THE_TABLE = [...HANDS_ON, ...['run_started', 'misted', 'reacted', 'mat_parked', 'mat_worked', 'paused', 'resumed', 'rake_passed']];
/** On every screen with hands on the dog: they move the clocks of the table, and begin nothing there. */
const OF_STANDING = ['posture_taken', 'rest_began'];

export function drawRun(visit: Omit<Drawn, 'lastMs'>, waiting: Waiting[], outcomeOf: (check: CombCheck) => CheckOutcome | null): Drawn {
  const last = visit.table.lastAt === null ? null : Date.parse(visit.table.lastAt);
  const takenBack = takenBackBy(waiting);
  const fresh = waiting.filter(({ mark }) => !takenBack.has(mark.id));
  if (fresh.length === 0 && takenBack.size === 0) {
    return { table: visit.table, gate: visit.gate, bath: visit.bath, home: visit.home, lastMs: last };
  }
  const drawn: Drawn = structuredClone({ table: visit.table, gate: visit.gate, bath: visit.bath, home: visit.home, lastMs: last });
  drawTakenBack(drawn, takenBack);
  for (const entry of fresh) {
    if (entry.mark.kind === 'finding_minded') {
      drawn.table.sections[entry.mark.section as SectionId].toMind = false;
    }
    if (OF_THE_TABLE.includes(entry.mark.kind) || OF_STANDING.includes(entry.mark.kind)) {
      drawAtTable(drawn, entry, outcomeOf);
    } else {
      drawAfter(drawn, entry, outcomeOf);
    }
  }
  return drawn;
}

/** What is a thing of its own on the screen goes with its mark; what follows from it comes with the server's answer. */
function drawTakenBack({ table, bath, home }: Drawn, gone: Set<string>): void {
  const without = (known: Record<string, { id: string } | null | undefined>): void =>
    Object.keys(known)
      .filter((key) => gone.has(known[key]?.id ?? ''))
      .forEach((key) => delete known[key]);
  without(home.ticks);
  without(bath.steps);
  bath.drying = gone.has(bath.drying?.id ?? '') ? null : bath.drying;
  bath.areas.forEach((area) => (area.dry = gone.has(area.dry?.id ?? '') ? null : area.dry));
  home.aftercare = gone.has(home.aftercare?.id ?? '') ? null : home.aftercare;
  home.signedOff = gone.has(home.signedOff?.id ?? '') ? null : home.signedOff;
  table.parked = table.parked.filter((mat) => !gone.has(mat.id));
  table.reactions = table.reactions.filter((reaction) => !gone.has(reaction.id));
}

function drawAtTable(drawn: Drawn, { mark }: Waiting, outcomeOf: (check: CombCheck) => CheckOutcome | null): void {
  const { table, home } = drawn;
  const section = mark.section as SectionId | null;
  const at = Date.parse(mark.at);
  if (drawn.lastMs !== null && table.current && !table.paused) {
    const gap = Math.max(0, at - drawn.lastMs) / 1000;
    const worked = gap > table.silence.seconds ? 0 : gap;
    table.sections[table.current].seconds += worked;
    table.sections[table.current].lineSeconds += worked;
    table.seconds += worked;
    if (table.mat) {
      table.mat.seconds += Math.min(gap, table.silence.withAMatSeconds);
    }
  }
  drawn.lastMs = Math.max(at, drawn.lastMs ?? at);
  table.begun ||= OF_THE_TABLE.includes(mark.kind);
  if (section && HANDS_ON.includes(mark.kind)) {
    table.paused = false;
    if (table.current !== section) {
      table.current = section;
      table.sections[section].lineSeconds = 0;
      // The hands let go of it.
      table.mat = null;
    }
  }
  const here = section ? table.sections[section] : null;
  const finish = (): void => {
    here!.done = true;
    here!.doneAt = mark.at;
    table.current = null;
    table.mat = null;
    table.parked = table.parked.filter((mat) => mat.section !== section);
  };
  switch (mark.kind) {
    case 'run_started':
      table.scope = mark.payload.scope ?? table.scope;
      table.route = table.routes[table.scope];
      break;
    case 'line_done':
      here!.lineSeconds = 0;
      if (!here!.linesDone.includes(mark.payload.line)) {
        here!.linesDone.push(mark.payload.line);
        here!.linesSinceMist++;
      }
      break;
    case 'misted':
      here!.linesSinceMist = 0;
      here!.guards = here!.guards.filter((guard) => guard.kind !== 'mist_again');
      break;
    case 'table_combed': {
      const check = checkOf(mark.payload);
      const outcome = outcomeOf(check);
      here!.comb = check;
      here!.lineSeconds = 0;
      here!.done = false;
      if (outcome?.grade === 0) {
        finish();
      } else if (isMatted(outcome?.grade)) {
        here!.linesDone = [];
        here!.grade = outcome!.grade;
        here!.asks = here!.asks === 'pass' ? 'comb' : here!.asks;
      }
      break;
    }
    case 'clipped':
      here!.clippedMm = mark.payload.mm;
      if (here!.combAfterMm !== null && here!.clippedMm > here!.combAfterMm) {
        here!.combAfterMm = null;
        here!.asks = 'comb_the_cut';
        table.current = null;
        table.mat = null;
        table.parked = table.parked.filter((mat) => mat.section !== section);
      } else {
        finish();
      }
      home.cuts = home.cuts.filter((cut) => cut.section !== section);
      break;
    case 'reacted': {
      const { signal } = mark.payload;
      const takes = table.signals[signal];
      table.reactions.push({ id: mark.id, signal, section, at: mark.at });
      table.borne.left = takes === null ? 0 : Math.max(0, table.borne.left - takes);
      table.borne.byReactions = takes === null || table.borne.byReactions === null ? null : table.borne.byReactions + takes;
      table.borne.spent ||= table.borne.left === 0;
      break;
    }
    case 'mat_parked':
      if (table.mat?.section === section) {
        // It lay there already: it is parked anew, not twice.
        table.parked = table.parked.filter((mat) => mat.id !== table.mat?.parkedId);
        table.mat = null;
      }
      here!.done = false;
      table.parked.push({
        id: mark.id,
        section: section!,
        note: mark.payload.note ?? null,
        because: mark.payload.because ?? null,
        at: mark.at,
        by: '',
      });
      break;
    case 'mat_taken':
      table.mat = { id: mark.id, section: section!, parkedId: mark.payload.parkedId ?? null, seconds: 0 };
      break;
    case 'mat_worked':
      here!.mats.push({
        ...{ id: mark.id, outcome: mark.payload.outcome, closes: mark.payload.closes ?? 0 },
        seconds: table.mat?.seconds ?? 0,
      });
      table.parked = table.parked.filter((mat) => mat.id !== table.mat?.parkedId);
      table.mat = null;
      break;
    case 'paused':
    case 'rest_began':
      table.paused = true;
      break;
    case 'resumed':
    case 'posture_taken':
      table.paused = false;
      break;
    case 'rake_passed':
      here!.undercoat?.passes.push({ rake: mark.payload.rake, handfuls: mark.payload.handfuls });
  }
}

function drawAfter(drawn: Drawn, { mark, by }: Waiting, outcomeOf: (check: CombCheck) => CheckOutcome | null): void {
  const { bath, home } = drawn;
  const stamp = { id: mark.id, at: mark.at, by: by?.name ?? '' };
  switch (mark.kind) {
    case 'bath_stepped':
      bath.steps[mark.payload.step] = {
        ...stamp,
        product: mark.payload.product ?? null,
        contactMinutes: mark.payload.contactMinutes ?? null,
      };
      break;
    case 'dry_started':
      bath.drying = { ...stamp, method: mark.payload.method };
      break;
    case 'dried':
      bath.areas.find((area) => area.area === mark.payload.area)!.dry = stamp;
      break;
    case 'second_combed': {
      const check = checkOf(mark.payload);
      const grade = outcomeOf(check)?.grade ?? null;
      bath.second[mark.section!] = {
        ...stamp,
        passed: grade === 0,
        // The server says whether it may be let go.
        waivable: false,
        grade,
        comb: check.comb,
        skinLine: check.skinLine ?? null,
        fine: check.fine ?? null,
      };
      const open = bath.toCombAgain.filter((section) => section !== mark.section);
      bath.toCombAgain = grade === 0 ? open : [...open, mark.section!];
      break;
    }
    case 'finish_ticked':
      home.ticks[mark.payload.item] = stamp;
      break;
    case 'aftercare_chosen':
      home.aftercare = { ...stamp, items: mark.payload.items };
      break;
    case 'ready_told':
      home.readyTold = { ...stamp, told: mark.payload.told };
      break;
    case 'next_visit_chosen':
      home.nextVisit = {
        ...stamp,
        weeks: mark.payload.weeks,
        suggestedWeeks: mark.payload.suggestedWeeks ?? null,
        wishedWeeks: mark.payload.wishedWeeks ?? null,
      };
  }
}
