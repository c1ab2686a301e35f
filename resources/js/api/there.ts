/** What the contract or the code says is there. Where it is not, the fault is ours and is told as one. */
export function there<T>(value: T): NonNullable<T> {
  if (value === null || value === undefined) {
    throw new TypeError('missing');
  }
  return value;
}
