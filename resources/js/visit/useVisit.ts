import { computed, onScopeDispose } from 'vue';
import { ifChanged } from '@/api/client';
import { deviceStore } from '@/device/store';
import type { CheckOutcome, OwnGrade, SectionId, Visit, VisitSection } from '@/api/types';
import { useGuide } from './useGuide';
import { useLoader } from '@/device/useLoader';
import { type Stands, useOutbox } from '@/device/useOutbox';

const POLL_MS = 4000;
/** A place whose comb was not drawn. */
export const NOT_CHECKED: CheckOutcome = {
  verdict: 'not_checked',
  grade: null,
  rule: 'no_comb',
  asks: 'comb',
  possible: [0, 1, 2, 3, 4, 5],
};

/** The groomer's own grade counts while the rule gives the one it was set against, as the server has it too. */
function inForce(own: OwnGrade | null, byRule: number | null): number | null {
  return own && own.instead === byRule ? own.grade : byRule;
}

/** One visit as the server knows it, with what this device recorded since drawn on top; refreshed while it is open. */
export function useVisit(id: string) {
  const outbox = useOutbox();
  const guide = useGuide();
  /** Names the answer that is shown, whatever it was drawn from. */
  let tag: string | null = null;
  /** Number of the latest answer that came. */
  let newest = 0;
  const loaded = useLoader<Visit>({
    ask,
    // In the same moment: what the picture holds is no longer drawn on top, and nothing flickers between.
    after: (known) => {
      outbox.sees(id, known?.number ?? 0);
      outbox.forget(id, known?.number ?? 0);
    },
    kept,
    everyMs: POLL_MS,
  });
  const { value: visit, refresh } = loaded;

  async function ask(): Promise<Visit | null> {
    const asked = ifChanged('/api/visits/{visit}', visit.value && loaded.seenAt.value === null ? tag : null, { path: { visit: id } });
    asked.catch(() => undefined);
    // No dog without the guide: a comb that is answered before it is there could be neither graded nor asked on.
    await guide.load();
    const news = await asked;
    return news && keep(news.answer, news.tag);
  }

  /** Null: something later has come already. What was asked for before a mark was taken may arrive after the answer to the mark. */
  async function keep(answer: Visit, revision: string | null): Promise<Visit | null> {
    if (answer.number < newest) {
      return null;
    }
    newest = answer.number;
    outbox.knows(id, answer.dog.name);
    // Before what it holds is let go of here: a reload in between would show neither.
    await deviceStore.keep(`visit.${id}`, answer);
    if (answer.number < newest) {
      return null;
    }
    tag = revision;
    return answer;
  }

  /** The answer to a mark brings the visit with it. */
  async function show({ visit: after, revision }: Stands): Promise<void> {
    if (after && guide.isThere()) {
      loaded.came(await keep(after, revision == null ? null : `"${revision}"`));
    } else {
      await refresh();
    }
  }

  async function kept(): Promise<{ at: number; answer: Visit } | undefined> {
    const here = guide.isThere() ? await deviceStore.keptAt<Visit>(`visit.${id}`) : undefined;
    outbox.sees(id, here?.answer.number ?? 0);
    return here;
  }

  /** A section with what this device recorded and the server's picture does not hold yet. */
  function withPending(section: SectionId, known: VisitSection): VisitSection {
    let shown = known;
    for (const { shows, by, mark } of outbox.waitingFor(id)) {
      if (shows?.section !== section) {
        continue;
      }
      if (shows.check !== undefined) {
        shown = { ...shown, ...(shows.check ? guide.outcome(shows.check) : NOT_CHECKED), check: shows.check };
      }
      if (shows.own !== undefined) {
        shown = { ...shown, own: shows.own && { ...shows.own, by: by?.name ?? '' } };
      }
      if (shows.felt !== undefined) {
        const others = shown.lookFirst.filter((reason) => reason !== 'felt');
        shown = { ...shown, felt: shows.felt ? mark.id : null, lookFirst: shows.felt ? ['felt', ...others] : others };
      }
    }
    return shown === known ? known : { ...shown, inForce: inForce(shown.own, shown.grade) };
  }

  const sections = computed(() => {
    const known = visit.value?.sections;
    return known
      ? (Object.fromEntries(
          Object.entries(known).map(([section, value]) => [section, withPending(section as SectionId, value)]),
        ) as Visit['sections'])
      : null;
  });

  const leave = outbox.looksAt(id);
  const stop = outbox.onTaken((taken, stands) => {
    if (taken === id) {
      void show(stands);
    }
  });
  const poll = setInterval(() => document.visibilityState === 'visible' && void outbox.flush(), POLL_MS);
  onScopeDispose(() => {
    stop();
    leave();
    clearInterval(poll);
  });

  void refresh();

  return { visit, sections, loaded };
}
