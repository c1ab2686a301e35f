import type { SectionId, ArrivalAnswers } from '@/api/types';
import { say } from '@/messages/say';

type Field = keyof typeof say.text.arrivalFields;

/** What was answered on arrival, in words, as the record tells it: a complaint may turn on it. */
export function answersSaid(answers: Partial<Record<keyof ArrivalAnswers, unknown>>, currency: string): string {
  return Object.entries(answers)
    .map(([field, value]) => `${say.text.arrivalFields[field as Field] ?? field} ${valueSaid(field, value, currency)}`)
    .join(', ');
}

function valueSaid(field: string, value: unknown, currency: string): string {
  const { text } = say;
  const lists: Record<string, Record<string, string>> = { health: text.health, gear: text.gear, extras: text.extras };
  const choices: Record<string, Record<string, string>> = {
    consent: text.consentShort,
    temperament: text.temperaments,
    homeBrushing: text.homeBrushing,
    coatState: text.coatStates,
    service: text.services,
    finishStyle: text.finishStyles,
  };
  const units: Record<string, string> = {
    ...Object.fromEntries(Object.keys(text.wantedParts.fields).map((name) => [name, ' mm'])),
    weightKg: ' kg',
    coatMm: ' mm',
    wantedMm: ' mm',
    slotMinutes: ' min',
    standsMinutes: ' min',
  };
  if (value === null || value === undefined) {
    return text.arrivalValues.takenBack;
  }
  if (typeof value === 'boolean') {
    return value ? text.arrivalValues.yes : text.arrivalValues.no;
  }
  if (field === 'prized' && Array.isArray(value) && value.length > 0) {
    return say.sections(value as SectionId[]);
  }
  if (Array.isArray(value)) {
    return value.map((one) => lists[field]?.[String(one)]?.toLowerCase() ?? String(one)).join(' and ') || text.arrivalValues.none;
  }
  if (field === 'feeLimitCents') {
    return say.money(Number(value), currency);
  }
  if (field === 'daysSinceCombOut' || field === 'daysSinceBath') {
    return text.arrivalValues.daysAgo.replace('{days}', String(value));
  }
  return (
    choices[field]?.[String(value)]?.toLowerCase() ?? (typeof value === 'string' ? `“${value}”` : `${Number(value)}${units[field] ?? ''}`)
  );
}
