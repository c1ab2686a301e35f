import { computed, ref, watch, type Ref } from 'vue';
import type { TriedTime } from '@/api/types';

interface Options {
  tried: Ref<TriedTime | null>;
  look: () => Promise<TriedTime | null>;
  /** The promise that was chosen, or that stands; null: the safe one is proposed, if `proposes`. */
  chosen: Ref<string | null>;
  proposes: Ref<boolean>;
}

export const isSameTime = (one: string | null, other: string | null): boolean =>
  one === null || other === null ? one === other : Date.parse(one) === Date.parse(other);

/** What would be promised, how surely it holds, and whether that was seen before it is kept. */
export function useSeenPromise({ tried, look, chosen, proposes }: Options) {
  const promise = computed(() => chosen.value ?? (proposes.value ? (tried.value?.promisedAt ?? null) : null));
  /** By the day as it was last tried. */
  const chance = computed(() => {
    const standing = tried.value;
    if (!standing || promise.value === null) {
      return null;
    }
    return standing.chanceBy.find(({ at }) => isSameTime(at, promise.value))?.chance ?? standing.chance;
  });
  /** Held surely enough when it was looked at, and does not any more at the moment of keeping: asked once. */
  const slipped = ref(false);
  watch([tried, chosen], ([now, promised], [before, promisedBefore]) => {
    if (!now || !before || promised !== promisedBefore) {
      slipped.value = false;
    }
  });

  /** Tried once more at the moment of keeping: what was not seen as it is now is shown first. */
  async function isAsSeen(): Promise<boolean> {
    if (slipped.value) {
      return true;
    }
    const seen = chance.value;
    chosen.value = promise.value;
    const now = await look();
    if (now === null) {
      // What cannot be tried is answered by the keeping itself, in words.
      return true;
    }
    slipped.value = seen !== null && seen >= now.safe && now.chance < now.safe;
    return !slipped.value && (seen !== null || promise.value === null);
  }

  return { promise, chance, slipped, isAsSeen };
}
