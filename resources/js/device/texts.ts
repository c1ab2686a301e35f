/**
 * Small texts that outlive a killed page, written at once. A browser that keeps none, or is full, says so; one text that
 * cannot be read harms no other.
 */
const UNREADABLE = 'hound-check.unreadable.';

export const texts = {
  /** Whether there was room. */
  keep(key: string, text: string): boolean {
    try {
      localStorage.setItem(key, text);
      return true;
    } catch {
      return false;
    }
  },

  get(key: string): string | null {
    try {
      return localStorage.getItem(key);
    } catch {
      return null;
    }
  },

  remove(key: string): void {
    try {
      localStorage.removeItem(key);
    } catch {
      // Nothing is kept here, so nothing is left behind.
    }
  },

  /** What was kept as JSON under a prefix. What is not of the right shape is put aside as it is, and counted. */
  under<T>(prefix: string, isWhole: (value: unknown) => value is T): T[] {
    return keysUnder(prefix).flatMap((key) => {
      const text = texts.get(key) ?? '';
      const value = parsed(text);
      if (isWhole(value)) {
        return [value];
      }
      texts.keep(UNREADABLE + key, text);
      texts.remove(key);
      return [];
    });
  },

  unreadable: (): number => keysUnder(UNREADABLE).length,

  forgetUnreadable: (): void => keysUnder(UNREADABLE).forEach((key) => texts.remove(key)),
};

function keysUnder(prefix: string): string[] {
  try {
    return Object.keys(localStorage).filter((key) => key.startsWith(prefix));
  } catch {
    return [];
  }
}

function parsed(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return undefined;
  }
}
