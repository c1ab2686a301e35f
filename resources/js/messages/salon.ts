/** How the salon counts and tells: its time zone, wherever the device believes it is, and its units; set once they are known. */
export const salon: { timeZone: string | undefined; units: 'metric' | 'imperial' } = { timeZone: undefined, units: 'metric' };

export const MM_PER_INCH = 25.4;
export const KG_PER_POUND = 0.45359237;

/** Millimetres of a length that was typed in the salon's unit, to a tenth. */
export function mmOf(typed: number): number {
  return salon.units === 'imperial' ? Math.round(typed * MM_PER_INCH * 10) / 10 : typed;
}

/** Kilograms of a weight that was typed in the salon's unit, to a hundredth. */
export function kgOf(typed: number): number {
  return salon.units === 'imperial' ? Math.round(typed * KG_PER_POUND * 100) / 100 : typed;
}

/** The same of a length that may be one of those that are known: what was rounded to be shown is no other length. */
export function mmAmong(typed: number, known: number[]): number {
  return known.find((mm) => lengthTyped(mm) === typed) ?? mmOf(typed);
}

/** A length as it stands in a field of the salon's unit. */
export function lengthTyped(mm: number): number {
  return salon.units === 'imperial' ? Math.round((mm / MM_PER_INCH) * 100) / 100 : mm;
}

/** A weight as it stands in a field of the salon's unit. */
export function weightTyped(kg: number): number {
  return salon.units === 'imperial' ? Math.round((kg / KG_PER_POUND) * 10) / 10 : kg;
}
