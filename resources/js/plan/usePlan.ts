import { computed, ref, type Ref, watch } from 'vue';
import { there } from '@/api/there';
import { api } from '@/api/client';
import type { BladeResult, EvenGroup, FrontierPlan, Payloads, Plan, SectionId, Visit } from '@/api/types';
import { aimAt, choicesOf } from './frontier';
import { isMatted } from '@/visit/grades';
import { useLoader } from '@/device/useLoader';
import { useOutbox } from '@/device/useOutbox';
import { useUndo } from '@/device/useUndo';
import { undoableOf } from '@/visit/kindsOf';

/** What undo takes back here. */
const OF_THE_PLAN = undoableOf('plan');

/** The plan as the server works it out, fetched anew whenever the visit has moved on. */
export function usePlan(id: string, visit: Ref<Visit | null>) {
  const outbox = useOutbox();
  const loaded = useLoader<Plan>({ ask: () => api('get', '/api/visits/{visit}/plan', { path: { visit: id } }) });
  const { value: fetched, refresh } = loaded;
  const selected = ref<SectionId | null>(null);

  /** Place on the frontier under the handle while it is held; what is drawn follows it. */
  const preview = ref<number | null>(null);
  // Another frontier has other places: a handle that is held lets go.
  watch(fetched, () => (preview.value = null), { flush: 'sync' });

  /** Nothing fits, and the groomer takes the plan with the least pulling all the same. */
  function clipDown(): void {
    const shortfall = fetched.value?.frontier?.shortfall;
    if (shortfall && !visit.value?.closedAt) {
      outbox.record(id, 'plan_chosen', { aim: 'between', choices: choicesOf(fetched.value!.frontier!, shortfall.clipDown) });
    }
  }

  /** The plan in force on the frontier, if it lies there. */
  const place = computed<number | null>(() => {
    const frontier = fetched.value?.frontier;
    if (!frontier || !fetched.value!.totals.complete) {
      return null;
    }
    const { coatKept, tension, minutes } = fetched.value!.totals;
    const near = (one: FrontierPlan): boolean =>
      Math.abs(one.keep - coatKept!) < 1e-6 && Math.abs(one.tension - tension) < 1e-6 && Math.abs(one.minutes - minutes) < 1e-6;
    const at = frontier.plans.findIndex(near);
    return at < 0 ? null : at;
  });

  /** The groomer settles on a plan of the frontier. */
  function choosePlan(at: number): void {
    const frontier = fetched.value?.frontier;
    preview.value = null;
    if (frontier && !visit.value?.closedAt && at !== place.value) {
      outbox.record(id, 'plan_chosen', { aim: aimAt(frontier, at), choices: choicesOf(frontier, there(frontier.plans[at])) });
    }
  }

  function stepPlan(by: number): void {
    const plans = fetched.value?.frontier?.plans ?? [];
    const from = place.value ?? fetched.value?.frontier?.balanced ?? 0;
    if (plans.length > 0) {
      choosePlan(Math.max(0, Math.min(plans.length - 1, from + by)));
    }
  }

  /** The section's treatment is left to the plan again. */
  function free(section: SectionId): void {
    outbox.record(id, 'treatment_freed', {}, { section });
  }

  function wantEven(groups: EvenGroup[]): void {
    outbox.record(id, 'even_wanted', { groups });
  }

  function tryBlade(section: SectionId, mm: number, result: BladeResult): void {
    outbox.record(id, 'blade_tried', { mm, result }, { section });
  }

  function giveTime(slotMinutes: number): void {
    outbox.record(id, 'arrival_answered', { slotMinutes });
  }

  /** A way that asks less of its feet, or why it goes over. */
  function planFeet(planned: Payloads['feet_planned']): void {
    undoing.made({ id: outbox.record(id, 'feet_planned', planned) });
  }

  function takeService(service: 'bath_and_brush' | 'nails_and_tidy'): void {
    undoing.made({ id: outbox.record(id, 'arrival_answered', { service }) });
  }

  /** The first of several visits: what is left for later is left alone today. */
  function divide(): void {
    const several = fetched.value?.frontier?.several;
    if (!several) {
      return;
    }
    const today = new Set(there(several.visits[0]).sections);
    const later = (Object.keys(several.choices) as SectionId[]).filter(
      (section) => !today.has(section) && several.visits.some((one) => one.sections.includes(section)),
    );
    const choices = { ...several.choices, ...Object.fromEntries(later.map((section) => [section, 'leave'])) };
    undoing.made({ id: outbox.record(id, 'plan_chosen', { aim: 'between', choices }) });
    undoing.made({ id: outbox.record(id, 'visit_split', { of: several.visits.length, later }), auto: true });
  }

  /** The server's plan with the choices made here since drawn in; what they add up to comes with its next answer. */
  const plan = computed<Plan | null>(() => {
    const waiting = outbox.waitingFor(id).filter((entry) => ['treatment_chosen', 'plan_chosen'].includes(entry.mark.kind));
    const frontier = fetched.value?.frontier;
    const held = preview.value === null || !frontier ? null : choicesOf(frontier, there(frontier.plans[preview.value]));
    if (!fetched.value || (waiting.length === 0 && !held)) {
      return fetched.value;
    }
    const sections = { ...fetched.value.sections };
    const set = (choices: Record<string, string>): void =>
      Object.entries(choices).forEach(
        ([section, choice]) => (sections[section as SectionId] = { ...sections[section as SectionId]!, choice }),
      );
    for (const { mark } of waiting) {
      if (mark.kind === 'plan_chosen') {
        set(mark.payload.choices);
      } else if (mark.kind === 'treatment_chosen') {
        set({ [mark.section!]: mark.payload.treatment });
      }
    }
    set(held ?? {});
    return { ...fetched.value, sections };
  });

  watch(
    () => visit.value?.number,
    (number) => number !== undefined && void refresh(),
    { immediate: true },
  );

  const route = computed(() => visit.value?.route ?? []);
  const isUndecided = (section: SectionId): boolean =>
    plan.value?.totals.undecided.includes(section) === true || plan.value?.totals.noLongerOffered.includes(section) === true;
  /** What has to be looked at: matted sections first named by the route, then those chosen otherwise than by default. */
  const worth = computed(() =>
    route.value.filter(
      (section) =>
        isMatted(plan.value?.sections[section]?.grade) ||
        plan.value?.sections[section]?.chosen ||
        plan.value?.sections[section]?.grade === null,
    ),
  );
  const undecided = computed(() => route.value.filter(isUndecided));
  const current = computed(() => (selected.value ? (plan.value?.sections[selected.value] ?? null) : null));

  function nextUndecided(from: SectionId | null): SectionId | null {
    const after = undecided.value.filter((section) => section !== from);
    const start = from === null ? -1 : route.value.indexOf(from);
    return after.find((section) => route.value.indexOf(section) > start) ?? after[0] ?? null;
  }

  function choose(treatment: string, reason?: string): void {
    if (selected.value && !visit.value?.closedAt) {
      outbox.record(id, 'treatment_chosen', { treatment, ...(reason ? { reason } : {}) }, { section: selected.value });
      selected.value = nextUndecided(selected.value) ?? selected.value;
    }
  }

  function step(by: number): void {
    const list = worth.value.length > 0 ? worth.value : route.value;
    const at = selected.value ? list.indexOf(selected.value) : -1;
    selected.value = list[(at + by + list.length) % list.length] ?? null;
  }

  const undoing = useUndo(id, visit, OF_THE_PLAN, (section) => (selected.value = section));

  watch(plan, (known) => {
    if (known && selected.value === null) {
      selected.value = nextUndecided(null) ?? worth.value[0] ?? route.value[0] ?? null;
    }
  });

  return {
    ...{ plan, selected, current, undecided, worth, loaded, choose, step, undoing },
    ...{ preview, place, choosePlan, stepPlan, free, wantEven, tryBlade, giveTime, clipDown, divide, planFeet, takeService },
  };
}
