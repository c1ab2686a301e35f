import { lengthTyped } from './salon';
import { say } from './say';
import { weightName } from './weights';
import { isKey, t, wordsOf, type Group } from './words';

/** The name of a word that comes with a path, or nothing: not every rule has a hint, nor every table a row of words. */
function word(key: string): string | undefined {
  return isKey(key) ? t(key) : undefined;
}

/** Words for a rule that stands alone: what it is called, what it means, and how its value is said. */
export function ruleWords(path: string): { says: string; hint?: string } | null {
  const says = word(`rules.single.${path}.says`);
  return says === undefined ? null : { says, hint: word(`rules.single.${path}.hint`) };
}

/** The answers of a rule that is a choice, as the house picks one. */
export function ruleOptions(path: string): Record<string, string> | undefined {
  return isKey(`rules.single.${path}.says`)
    ? (wordsOf(`rules.single.${path}` as Group) as { options?: Record<string, string> }).options
    : undefined;
}

/** Words for a table of rules, by its path; its rows are the last part of a rule's path. */
export function tableWords(path: string): { says: string; hint?: string } | null {
  const says = word(`rules.table.${path}.says`);
  return says === undefined ? null : { says, hint: word(`rules.table.${path}.hint`) };
}

/** What the rows of the tables are called, by the table's path. */
const rows: Record<string, Group | 'grade' | 'weight'> = {
  'effort.paceByCoat': 'coat.coats',
  'effort.matSecondsPerSquareCm': 'grade',
  'effort.matFactorByCoat': 'coat.coats',
  'effort.bathFactorByCoat': 'coat.coats',
  'effort.dryFactorByCoat': 'coat.coats',
  'tolerance.byAge': 'card.ageGroups',
  'standing.byAge': 'card.ageGroups',
  'standing.byHealth': 'card.health',
  'standing.inOneVisit': 'card.ageGroups',
  'standing.inOneVisitByHealth': 'card.health',
  'effort.finishSecondsByStyle': 'arrival.finishStyles',
  'tolerance.byTemperament': 'card.temperaments',
  'tolerance.byHealth': 'card.health',
  'tolerance.pullByGrade': 'grade',
  'plan.dematLoss': 'grade',
  'plan.thinningCloses': 'grade',
  'plan.assumedLiftMm': 'grade',
  'plan.assumedMattedShare': 'grade',
  'table.reactionMinutes': 'table.signals',
  'prices.baseCents': 'weight',
  'prices.bathAndBrushCents': 'weight',
  'prices.nailsAndTidyCents': 'weight',
  'prices.extraCents': 'arrival.extras',
  'memory.daysByCoat': 'coat.coats',
  'memory.byGrade': 'grade',
  'memory.byPart': 'coat.parts',
  'memory.byGear': 'card.gear',
  'memory.brushEveryDays': 'arrival.homeBrushing',
  'memory.growthMmAMonth': 'coat.coats',
  'memory.naturalMm': 'coat.coats',
  'memory.mostWeeks': 'coat.coats',
  'day.spreadByStep': 'rules.rows.step',
};

/** Chapters of the screen, in order, with the rules that each holds; the first that holds a rule shows it. */
export const chapters = [
  {
    id: 'schools',
    holds: (path: string) => path.startsWith('schools.') || path === 'plan.thinningAllowed' || path.startsWith('plan.tender'),
  },
  ...(['kit', 'effort', 'tolerance', 'standing', 'plan', 'table', 'prices', 'memory', 'day'] as const).map((id) => ({
    id,
    holds: (path: string) => path.startsWith(`${id}.`),
  })),
] as const;

const tableOf = (path: string): string => path.split('.').slice(0, 2).join('.');

/** "Pace of line brushing by coat: Curly" */
export function ruleName(path: string): string {
  return ruleWords(path)?.says ?? `${say.start(tableWords(tableOf(path))?.says ?? path)}: ${rowName(path)}`;
}

export function rowName(path: string): string {
  const row = path.split('.')[2]!;
  const group = rows[tableOf(path)];
  if (group === 'grade') {
    return say.grade(Number(row));
  }
  if (group === 'weight') {
    return weightName(row);
  }
  const said = word(`rules.rows.${row}`) ?? (group && word(`${group}.${row}`));
  return said === undefined ? path : said;
}

/** What a rule is counted in. */
export function ruleUnit(unit: string | null): string {
  return unit === null ? '' : unit === 'mm' ? say.unit('length') : (word(`rules.units.${unit}`) ?? unit);
}

/** A value in words: a school's name, lengths in a row, a figure with its unit. */
export function ruleValue(path: string, value: unknown, unit: string | null = null): string {
  if (unit === 'cents' && typeof value === 'number') {
    return say.factor(value / 100);
  }
  const option = ruleOptions(path)?.[String(value)];
  if (option) {
    return option;
  }
  if (Array.isArray(value)) {
    return path === 'schools.ownRoute'
      ? t('rules.ownRoute', { count: value.length })
      : `${value.map((mm) => say.figure(lengthTyped(Number(mm)))).join(', ')} ${say.unit('length')}`;
  }
  const figure = typeof value === 'number' ? say.figure(unit === 'mm' ? lengthTyped(value) : value) : String(value);
  return [figure, ruleUnit(unit)].filter((part) => part).join(' ');
}
