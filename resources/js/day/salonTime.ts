import { salon } from '@/messages/salon';

/** What the salon's clocks show at a moment: "2026-06-11" and "13:15". */
export function inSalon(iso: string): { date: string; time: string } {
  const parts = Object.fromEntries(
    new Intl.DateTimeFormat('en-CA', {
      timeZone: salon.timeZone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
      hour: '2-digit',
      minute: '2-digit',
      hourCycle: 'h23',
    })
      .formatToParts(new Date(iso))
      .map(({ type, value }) => [type, value]),
  );
  return { date: `${parts.year}-${parts.month}-${parts.day}`, time: `${parts.hour}:${parts.minute}` };
}

/** The moment at which the salon's clocks show a day and a time; one that summer time leaves out is an hour later. */
export function isoAt(date: string, time: string): string {
  const wanted = Date.parse(`${date}T${time}:00Z`);
  const offset = (at: number): number => {
    const shown = inSalon(new Date(at).toISOString());
    return Date.parse(`${shown.date}T${shown.time}:00Z`) - at;
  };
  const first = wanted - offset(wanted);
  return new Date(wanted - offset(first)).toISOString();
}

/** A day so many days on. */
export function dayAfter(date: string, days: number): string {
  return new Date(Date.parse(`${date}T12:00:00Z`) + days * 86_400_000).toISOString().slice(0, 10);
}
