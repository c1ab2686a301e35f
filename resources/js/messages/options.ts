import { say } from './say';
import { languages, type Language } from './words';

/** Answers of a question, made from its words. */
export function options<T extends string>(words: Readonly<Record<T, string>>): { value: T; says: string }[] {
  return (Object.entries(words) as [T, string][]).map(([value, says]) => ({ value, says }));
}

/** A figure as people type it: a comma will do. */
export function figure(typed: string): number {
  return typed.trim() === '' ? Number.NaN : Number(typed.trim().replace(',', '.'));
}

/** The languages there are, each by its own name. */
export function languageOptions(): { value: Language; says: string }[] {
  return languages.map((value) => ({ value, says: say.language(value) }));
}
