import { en } from './en';
import { say } from './say';

/** Words for the house rules: what a rule is called, what it means, and how its value is said. */
interface RuleWords {
  says: string;
  hint?: string;
  options?: Record<string, string>;
}

/** Rules that stand alone, by path. */
export const singles: Record<string, RuleWords> = {
  'schools.route': {
    says: 'Route round the dog',
    hint: 'Choose one order and keep it.',
    options: {
      feet_up: 'Feet up, rear to front, head last',
      front_to_rear: 'Front to rear',
      friction_first: 'Friction places first',
      own: 'Our own order',
    },
  },
  'schools.ownRoute': { says: 'Our own order' },
  'schools.mats': {
    says: 'Mats',
    options: { fingers_first: 'Fingers first', splitting_tool_allowed: 'Splitting tool allowed', clip_early: 'Clip early' },
  },
  'plan.thinningAllowed': {
    says: 'Thinning shears',
    hint: 'A comb between mat and skin, so never where the gap is too small; face, armpit and ear edge by few snips.',
    options: { true: 'Allowed', false: 'Not used' },
  },
  'plan.tenderPlacesClipOnly': {
    says: 'Armpits and groin, mats or worse',
    hint: 'Pulling there is not worth it.',
    options: { true: 'Clip only', false: 'May be opened' },
  },
  'plan.tenderClipOnlyFrom': { says: 'Clip only there from', hint: '2 tangles, or 3 mats.' },
  'schools.order': {
    says: 'Order of the work',
    hint: 'Light check first is offered only for a dog without a tangle or worse.',
    options: { brush_first: 'Brush out, then bath', light_check_first: 'Light check, bath, dryer, then line brushing' },
  },
  'schools.lineCount': {
    says: 'Lines are marked one by one',
    hint: 'A big dog has more than three hundred. A pedal that types Space marks them without a hand.',
    options: { never: 'Never: the comb check passes a section', in_matted_sections: 'In matted sections', always: 'Always' },
  },
  'schools.direction': {
    says: 'Direction',
    hint: 'Breeches are parted and combed both ways in any case.',
    options: { with_the_lay: 'With the lay', also_against: 'Also against, to lift felted undercoat' },
  },
  'schools.wetBrushing': {
    says: 'Wet brushing',
    options: {
      not_before_mat_free: 'Not before the coat is mat-free',
      lightly_with_conditioner: 'Lightly in the bath, with conditioner',
      also_towelled: 'Lightly in the bath, and on the towelled coat',
    },
  },
  'schools.combOpens': {
    says: 'Opening with the comb',
    hint: 'A comb proves that a section is done. It never pulls mats out.',
    options: { only_checks: 'The comb only checks', end_tooth_opens_tangles: 'Its end tooth may open a tangle fingers do not reach' },
  },
  'schools.bladedDeshedders': {
    says: 'Bladed de-shedding tools',
    hint: 'Never on a primitive double coat.',
    options: { true: 'Allowed', false: 'Not used' },
  },
  'schools.drying': {
    says: 'Drying',
    hint: 'Curly and dense coats are never left to air-dry.',
    options: { dryer_always: 'Always the dryer', air_dry_allowed: 'Smooth and wire may air-dry' },
  },
  'schools.treats': { says: 'Treats', options: { during: 'During', at_the_end: 'At the end' } },
  'kit.bladesMm': { says: 'Blades', hint: '0.5 mm may lie in the drawer; it is never planned, it can cut skin.' },
  'kit.guardsMm': { says: 'Guard combs', hint: 'They need a mat-free coat.' },
  'kit.closeShare': { says: 'One close of the thinning shear takes', hint: 'Part of the hair at the mat. Try it on a tuft.' },
  'effort.layerMm': { says: 'Thickness of a layer', hint: 'About a finger’s width.' },
  'effort.lineSecondsPerCm': { says: 'Brushing a line' },
  'effort.combCheckFactor': { says: 'Comb check on top of a line' },
  'effort.lineLengthAtZero': { says: 'Length factor of a line in the shortest coat' },
  'effort.lineLengthMm': { says: 'one more for each', hint: 'So much coat adds one whole to the factor.' },
  'effort.lineLengthMin': { says: 'but at least' },
  'effort.lineLengthMax': { says: 'and at most' },
  'effort.moultLineFactor': { says: 'Lines in moult', hint: 'Double, mixed and smooth coats.' },
  'effort.splittingToolFactor': { says: 'Mats with a splitting tool', hint: 'Grades 3 and 4, where the house allows one.' },
  'effort.thinningFactor': { says: 'Thinning, as part of opening by hand', hint: 'For the minutes and the pulling.' },
  'effort.clipSecondsPerSquareCm': { says: 'Clipping' },
  'effort.wetLengthAtZero': { says: 'Length factor of bath and dryer in the shortest coat' },
  'effort.wetLengthPerMm': { says: 'more for each mm of coat' },
  'effort.wetLengthMax': { says: 'and at most' },
  'effort.dryBaseMinutes': { says: 'Drying, for any dog' },
  'effort.dryerSecondsPerSquareCm': { says: 'Drying, more by body surface' },
  'effort.moultDryFactor': { says: 'Drying in moult' },
  'effort.bathBaseMinutes': { says: 'Bath, for any dog' },
  'effort.bathSecondsPerSquareCm': { says: 'Bath, more by body surface' },
  'tolerance.baseMinutes': { says: 'An easy adult bears', hint: 'Minutes of pulling in one visit.' },
  'tolerance.mostMinutes': { says: 'never more than' },
  'tolerance.sectionCapMinutes': { says: 'One place is asked at most' },
  'tolerance.sectionCapPart': { says: 'and no more than what the dog bears, divided by' },
  'tolerance.frailMinutes': { says: 'Nothing is opened from grade 3 on under', hint: 'Of what the dog bears in one visit.' },
  'tolerance.firstGroomFactor': { says: 'at the first groom of its life' },
  'tolerance.waryFactor': { says: 'after a visit that ended with mouthing or a snap', hint: 'Trust is spent by pulling.' },
  'tolerance.tightClipTension': { says: 'Clipping a tight mat pulls, part of its minutes' },
  'tolerance.drawnClipTension': { says: 'a pelt, or a mat close to the skin, which is drawn up' },
  'tolerance.rednessFactor': { says: 'Pulling at red skin' },
  'tolerance.inSeasonFactor': { says: 'Pulling at the groin in season' },
  'standing.firstGroomMinutes': { says: 'At the first groom of its life' },
  'standing.restMinutes': { says: 'A rest takes' },
  'plan.shortestClipMm': { says: 'Shortest blade that is planned', hint: 'Under 1.5 mm a blade can cut skin.' },
  'plan.doubleCoatLeastMm': { says: 'Double coats are not clipped under', hint: 'They may regrow unevenly, or for long not at all.' },
  'plan.hiddenSeen': { says: 'A place is hidden when it shows this much or less', hint: 'Seen: 0 never, 1 at once.' },
  'plan.prize': { says: 'Face, top-knot, ears, tail and places the client named count' },
  'plan.keepPerTensionMinute': {
    says: 'A minute of pulling has to keep',
    hint: 'Part of the coat that shows; more of it the less a dog can bear.',
  },
  'plan.clipEarlyFactor': { says: 'in a house that clips early, times' },
  'plan.nearlyFrom': { says: 'A shorter cut is nearly as good from this part of the wanted length on' },
  'plan.nearlyKeeps': { says: 'and keeps' },
  'plan.daysApartFrom': { says: 'Several visits, at least apart', hint: 'Brush burn shows late.' },
  'plan.daysApartTo': { says: 'and at most' },
  'plan.evenFrom': { says: 'Two lengths look even from this part on' },
  'plan.unevenPenalty': { says: 'Weight of uneven lengths' },
  'plan.thinningLiftMm': { says: 'Thinning needs a gap to the skin of' },
  'plan.thinSkinLiftMm': { says: 'at ears, tuck-ups and belly' },
  'plan.fineTeethMm': {
    says: 'Longest blade at mats where skin is loose',
    hint: 'Loose thin skin falls between the teeth of longer ones.',
  },
  'effort.usualLow': { says: 'Quick work takes, of a forecast', hint: 'Until the salon’s own clock knows better.' },
  'effort.usualHigh': { says: 'slow work takes' },
  'effort.talkMinutes': { says: 'Talk on arrival' },
  'effort.inspectionBaseMinutes': { says: 'Inspection, for any dog' },
  'effort.inspectionSecondsPerSquareCm': { says: 'and for its size' },
  'effort.secondCheckPart': { says: 'Second comb check, of the lines of the whole coat' },
  'effort.finishBaseMinutes': { says: 'Finish of a full groom, for any dog' },
  'effort.stripBaseMinutes': { says: 'Stripping a wire coat by hand, for any dog', hint: 'Before the bath.' },
  'effort.stripSecondsPerSquareCm': { says: 'and for its size' },
  'effort.bathAndBrushBaseMinutes': { says: 'Finish of a bath and brush, for any dog' },
  'effort.bathAndBrushSecondsPerSquareCm': { says: 'and for its size' },
  'effort.nailsAndTidyMinutes': { says: 'Nails and tidy' },
  'effort.nailsMinutes': { says: 'Nails on top of a groom' },
  'effort.cleanUpMinutes': { says: 'Clean-up after a dog' },
  'effort.fleaCleanUpMinutes': { says: 'after fleas' },
  'table.fineCombMm': { says: 'The fine comb goes through hair up to', hint: 'On face, ears and feet through any.' },
  'table.waivedUpTo': { says: 'Before the bath may be let go up to', hint: '1 drag, or 2 tangles: a wet tangle becomes a mat.' },
  'table.lineSeconds': { says: 'Move on from a line after', hint: 'Brush burn shows hours later.' },
  'table.matSeconds': { says: 'from a mat in the hand after' },
  'table.linesPerMist': { says: 'One mist lasts' },
  'table.lowToleranceMinutes': { says: 'Say it when the dog has left to bear' },
  'table.yieldStops': { says: 'The coat has stopped giving under this part of the best pass' },
  'table.mostPasses': { says: 'One rake over one place at most' },
  'prices.includedMatMinutes': { says: 'Opening mats that the base includes' },
  'prices.quarterHourCents': { says: 'Each started quarter of an hour beyond' },
  'matting.harnessFactor': { says: 'Under a harness' },
  'matting.collarFactor': { says: 'Under a collar' },
};

const coats: Record<string, string> = { ...en.coats, silky_long: 'Silky, 76 mm and more' };
const parts: Record<string, string> = en.parts;
const weights = { to_5: 'up to 5 kg', to_10: 'up to 10 kg', to_20: 'up to 20 kg', to_35: 'up to 35 kg', over_35: 'over 35 kg' };
const grades = (key: string): string => say.grade(Number(key));
const from =
  (words: Record<string, string>) =>
  (key: string): string =>
    words[key] ?? key;

/** Rules that are a row of a table, by the table's path; the last part of the path is the row. */
export const tables: Record<string, RuleWords & { row: (key: string) => string }> = {
  'effort.paceByCoat': { says: 'Pace of line brushing by coat', row: from(coats) },
  'effort.matSecondsPerSquareCm': { says: 'Opening mats by grade', row: grades },
  'effort.matFactorByCoat': { says: 'Opening mats by coat', row: from(coats) },
  'effort.bathFactorByCoat': { says: 'Bath by coat', row: from(coats) },
  'effort.dryFactorByCoat': { says: 'Drying by coat', row: from(coats) },
  'tolerance.byAge': { says: 'by age', row: from({ ...en.ageGroups, senior: 'old dog' }) },
  'standing.byAge': { says: 'Minutes on its feet before a rest', row: from({ ...en.ageGroups, senior: 'old dog' }) },
  'standing.byHealth': { says: 'shorter with', row: from(en.health) },
  'standing.inOneVisit': {
    says: 'On its feet in one visit at most',
    row: from({ ...en.ageGroups, senior_with_joint_pain: 'old dog with joint pain' }),
  },
  'effort.finishSecondsByStyle': { says: 'Finish by style, for its size', row: from(en.finishStyles) },
  'tolerance.byTemperament': { says: 'by temperament', row: from(en.temperaments) },
  'tolerance.byHealth': { says: 'by health, multiplied', row: from(en.health) },
  'tolerance.pullByGrade': { says: 'How hard opening a mat pulls', row: grades },
  'plan.dematLoss': { says: 'Matted hair lost by opening', row: grades },
  'plan.thinningCloses': { says: 'Closes of the thinning shear that open a mat', row: grades },
  'plan.assumedLiftMm': { says: 'Gap to the skin when nobody measured', row: grades },
  'plan.assumedMattedShare': { says: 'Matted share when nobody judged', row: grades },
  'table.reactionMinutes': { says: 'What a signal takes of what the dog can bear', hint: 'A snap takes all.', row: from(en.signals) },
  'prices.baseCents': { says: 'Full groom by weight', row: from(weights) },
  'prices.bathAndBrushCents': { says: 'Bath and brush by weight', row: from(weights) },
  'prices.nailsAndTidyCents': { says: 'Nails and tidy by weight', row: from(weights) },
  'prices.extraCents': { says: 'Extras', row: from(en.extras) },
  'matting.medianDaysByCoat': {
    says: 'Clock of the usual dog by coat',
    hint: 'About so many days after a comb-out mats are the rule.',
    row: from(coats),
  },
  'matting.byHomeBrushing': { says: 'slower by home brushing', row: from(en.homeBrushing) },
  'matting.byGrade': { says: 'until a place reaches the grade', row: grades },
  'matting.byPart': { says: 'by place', hint: 'Under 1 mats sooner.', row: from(parts) },
};

/** Chapters of the screen, by the table or the rule that opens each. */
export const chapters: { id: string; says: string; hint: string; holds: (path: string) => boolean }[] = [
  {
    id: 'schools',
    says: 'Ways of working',
    hint: 'Where good groomers differ, the house picks one; screens and advice follow it.',
    holds: (path) => path.startsWith('schools.') || path === 'plan.thinningAllowed' || path.startsWith('plan.tender'),
  },
  {
    id: 'kit',
    says: 'Kit',
    hint: 'The lengths that plans are made with, in mm, such as 1.5 3.2 6.3.',
    holds: (path) => path.startsWith('kit.'),
  },
  { id: 'effort', says: 'Minutes', hint: 'What the forecasts are made of.', holds: (path) => path.startsWith('effort.') },
  {
    id: 'tolerance',
    says: 'What the dog is asked to bear',
    hint: 'Minutes of pulling. Never a clinical limit: a dog that says stop is heard.',
    holds: (path) => path.startsWith('tolerance.'),
  },
  {
    id: 'standing',
    says: 'On its feet',
    hint: 'When a dog rests; rests count in the plan and in the day. Lying down is rest.',
    holds: (path) => path.startsWith('standing.'),
  },
  { id: 'plan', says: 'The plan', hint: 'How treatments are weighed and what is not offered.', holds: (path) => path.startsWith('plan.') },
  {
    id: 'table',
    says: 'At the table',
    hint: 'What is watched while you work, and said once.',
    holds: (path) => path.startsWith('table.'),
  },
  { id: 'prices', says: 'Prices', hint: 'In the salon’s currency.', holds: (path) => path.startsWith('prices.') },
  {
    id: 'matting',
    says: 'The matting clock',
    hint: 'How fast coats mat; warnings on arrival come from it.',
    holds: (path) => path.startsWith('matting.'),
  },
];

const tableOf = (path: string): string => path.split('.').slice(0, 2).join('.');

/** "Pace of line brushing by coat: Curly" */
export function ruleName(path: string): string {
  return singles[path]?.says ?? `${say.start(tables[tableOf(path)]?.says ?? path)}: ${rowName(path)}`;
}

export function rowName(path: string): string {
  return tables[tableOf(path)]?.row(path.split('.')[2]) ?? path;
}

/** A value in words: a school's name, lengths in a row, a figure with its unit. */
export function ruleValue(path: string, value: unknown, unit: string | null = null): string {
  if (unit === 'cents' && typeof value === 'number') {
    return (value / 100).toFixed(2);
  }
  const option = singles[path]?.options?.[String(value)];
  if (option) {
    return option;
  }
  if (Array.isArray(value)) {
    return path === 'schools.ownRoute' ? (value.length ? `${value.length} sections` : 'none yet') : `${value.join(', ')} mm`;
  }
  return [String(value), unit ?? ''].filter((word) => word).join(' ');
}
