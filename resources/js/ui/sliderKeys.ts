/** Where a key takes a slider of so many places, or null for a key that is none of a slider's; such a key goes no further. */
export function placeByKey(event: KeyboardEvent, from: number, last: number): number | null {
  const places: Record<string, number> = {
    ArrowLeft: from - 1,
    ArrowDown: from - 1,
    ArrowRight: from + 1,
    ArrowUp: from + 1,
    Home: 0,
    End: last,
  };
  const place = places[event.key];
  if (place === undefined) {
    return null;
  }
  event.preventDefault();
  event.stopPropagation();
  return Math.max(0, Math.min(last, place));
}
