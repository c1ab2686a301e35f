import { type EffectScope, effectScope } from 'vue';

const closers = new Set<() => void>();

/**
 * Something that there is once, as long as the page is open: made when it is first asked for, with what it listens to and
 * waits for, and given up when the page closes.
 */
export function whileOpen<T>(make: () => T): () => T {
  let made: { scope: EffectScope; it: T } | null = null;
  closers.add(() => {
    made?.scope.stop();
    made = null;
  });
  return () => {
    if (made === null) {
      const scope = effectScope(true);
      made = { scope, it: scope.run(make)! };
    }
    return made.it;
  };
}

/** As when the page is left: what was kept in it is gone, nothing listens any more. */
export function closePage(): void {
  closers.forEach((close) => close());
}
