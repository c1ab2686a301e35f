import { say } from '@/messages/say';

/** A Monday: the names of the days are those of this week. */
const MONDAY = Date.parse('2026-06-08T12:00:00Z');

/** Days of the week, 1 Monday to 7 Sunday, as a salon counts them. */
export const weekFrom = (first: number): number[] => [0, 1, 2, 3, 4, 5, 6].map((day) => ((first - 1 + day) % 7) + 1);

export const weekdayName = (day: number): string => say.weekdayName(new Date(MONDAY + (day - 1) * 86_400_000).toISOString());
