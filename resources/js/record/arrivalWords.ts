import { isKey, t, type Key } from '@/messages/words';
import type { ArrivalAnswers, SectionId } from '@/api/types';
import { say } from '@/messages/say';

/** What was answered on arrival, in words, as the record tells it: a complaint may turn on it. */
export function answersSaid(answers: Partial<Record<keyof ArrivalAnswers, unknown>>, currency: string): string {
  return Object.entries(answers)
    .map(([field, value]) =>
      t('arrival.answerSaid', { field: worded(`arrival.arrivalFields.${field}`) ?? field, value: valueSaid(field, value, currency) }),
    )
    .join(', ');
}

/** Where the words of a field's answers stand. */
const WORDS: Record<string, string> = {
  health: 'card.health',
  gear: 'card.gear',
  extras: 'arrival.extras',
  consent: 'arrival.consentShort',
  temperament: 'card.temperaments',
  homeBrushing: 'arrival.homeBrushing',
  homeTool: 'arrival.homeTools',
  coatState: 'arrival.coatStates',
  service: 'arrival.services',
  finishStyle: 'arrival.finishStyles',
};

/** An earlier version of the application may have had other names. */
function worded(key: string): string | null {
  return isKey(key) ? t(key as Key) : null;
}

function named(field: string, value: unknown): string | null {
  const said = field in WORDS ? worded(`${WORDS[field]}.${String(value)}`) : null;
  return said === null ? null : say.within(said);
}

function valueSaid(field: string, value: unknown, currency: string): string {
  if (value === null || value === undefined) {
    return t('arrival.arrivalValues.takenBack');
  }
  if (typeof value === 'boolean') {
    return t(value ? 'arrival.arrivalValues.yes' : 'arrival.arrivalValues.no');
  }
  if (field === 'sectionMm' && typeof value === 'object') {
    return Object.entries(value)
      .map(([section, mm]) => t('arrival.answerSaid', { field: say.within(say.section(section as SectionId)), value: say.mm(Number(mm)) }))
      .join(', ');
  }
  if ((field === 'prized' || field === 'chews') && Array.isArray(value) && value.length > 0) {
    return say.sections(value as SectionId[]);
  }
  if (Array.isArray(value)) {
    return value.map((one) => named(field, one) ?? String(one)).join(t('ui.and')) || t('arrival.arrivalValues.none');
  }
  if (field === 'feeLimitCents') {
    return say.money(Number(value), currency);
  }
  if (field === 'daysSinceCombOut' || field === 'daysSinceBath') {
    return t('arrival.arrivalValues.daysAgo', { days: Number(value) });
  }
  if (typeof value === 'string') {
    return named(field, value) ?? say.quoted(String(value));
  }
  const figure = Number(value);
  return field.endsWith('Mm')
    ? say.mm(figure)
    : field.endsWith('Kg')
      ? say.kg(figure)
      : field.endsWith('Minutes')
        ? say.minutes(figure)
        : say.figure(figure);
}
