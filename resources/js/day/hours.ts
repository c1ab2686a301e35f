/** The hours that strands are drawn on, in ms. */
export interface Hours {
  from: number;
  to: number;
  /** Whole hours, for the words above them. */
  ticks: number[];
}

const HOUR = 3_600_000;

/** The hours of a day from the first groomer's to the last, whole ones, as minutes after a midnight; the same for every day shown. */
export function hoursOf(days: readonly { midnight: number; from: number[]; until: number[] }[]): { first: number; last: number } {
  const firsts = days.flatMap((day) => day.from.map((at) => (at - day.midnight) / HOUR));
  const lasts = days.flatMap((day) => day.until.map((at) => (at - day.midnight) / HOUR));
  return {
    first: firsts.length ? Math.floor(Math.min(...firsts)) : 9,
    last: lasts.length ? Math.ceil(Math.max(...lasts)) : 18,
  };
}

export function hoursOn(midnight: number, { first, last }: { first: number; last: number }): Hours {
  return {
    from: midnight + first * HOUR,
    to: midnight + last * HOUR,
    ticks: Array.from({ length: last - first + 1 }, (_, index) => midnight + (first + index) * HOUR),
  };
}
