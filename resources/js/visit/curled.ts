const CURL = 5;

/** Waves from one place to another, along one line. */
export function curled(from: number, to: number, y: number, height: number): string {
  let path = `M${from.toFixed(1)} ${y.toFixed(1)}`;
  for (let x = from, up = true; x < to - 0.1; x += CURL, up = !up) {
    const end = Math.min(to, x + CURL);
    path += `Q${((x + end) / 2).toFixed(1)} ${(y + (up ? -height : height)).toFixed(1)} ${end.toFixed(1)} ${y.toFixed(1)}`;
  }
  return path;
}
