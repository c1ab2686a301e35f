import type { MarkKind, SectionId } from '@/api/types';

/** A decision as it was last made here, until a picture of the visit holds it: pressed again, it is the same mark. */
export interface Decision {
  visit: string;
  says: string;
  id: string;
  takenAt?: number;
}

interface Waiter {
  answered: Promise<void>;
  done: () => void;
  failed: (why: unknown) => void;
}

/** Where decisions are kept over the end of a page. */
interface Kept {
  decided: (about: string, decision: Decision) => unknown;
  undecided: (about: string) => unknown;
}

/**
 * What was decided on this page and waits for the server's answer.
 *
 * @param who the id of whoever is signed in: the same decision of somebody else is another
 */
export function useDecisions(who: () => string | null, ulid: () => string, kept: Kept) {
  const made = new Map<string, Decision>();
  const waiters = new Map<string, Waiter>();

  function answer(id: string, how: (waiter: Waiter) => void): boolean {
    const waiter = waiters.get(id);
    waiters.delete(id);
    if (waiter) {
      how(waiter);
    }
    return waiter !== undefined;
  }

  return {
    /** The id of the mark that records this decision. */
    idOf(visit: string, kind: MarkKind, payload: unknown, section?: SectionId): string {
      const about = JSON.stringify([who(), visit, kind, section]);
      const says = JSON.stringify(payload);
      const known = made.get(about);
      if (known?.says === says) {
        return known.id;
      }
      const decision: Decision = { visit, says, id: ulid() };
      made.set(about, decision);
      void kept.decided(about, decision);
      return decision.id;
    },

    /** As they were made before the page, or the browser, ended: made again, they are the same marks. */
    know(found: [string, Decision][]): void {
      found.filter(([about]) => !made.has(about)).forEach(([about, decision]) => made.set(about, decision));
    },

    /** Resolves once the server has taken it; rejects with why not. */
    wait(id: string): Promise<void> {
      const known = waiters.get(id);
      if (known) {
        return known.answered;
      }
      let waiter!: Pick<Waiter, 'done' | 'failed'>;
      const answered = new Promise<void>((done, failed) => (waiter = { done, failed }));
      waiters.set(id, { answered, ...waiter });
      return answered;
    },

    /** Each of these says whether somebody was waiting for this answer. */
    take(id: string, number: number): boolean {
      for (const [about, decision] of made) {
        if (decision.id === id) {
          decision.takenAt = number;
          void kept.decided(about, decision);
        }
      }
      return answer(id, (waiter) => waiter.done());
    },
    refuse: (id: string, why: Error): boolean => answer(id, (waiter) => waiter.failed(why)),
    fail: (id: string, why: unknown): boolean => answer(id, (waiter) => waiter.failed(why)),

    forget(over: (decision: Decision) => boolean): void {
      [...made]
        .filter(([, decision]) => over(decision))
        .forEach(([about]) => {
          made.delete(about);
          void kept.undecided(about);
        });
    },
  };
}
