import { computed, ref, type Ref, shallowRef, watch } from 'vue';
import { api, Refused, Unreachable } from '@/api/client';
import type { Plan, SectionId, Visit } from '@/api/types';
import { useOutbox } from './useOutbox';
import { useSession } from './useSession';

/** The plan as the server works it out, fetched anew whenever the visit has moved on. */
export function usePlan(id: string, visit: Ref<Visit | null>) {
  const outbox = useOutbox();
  const fetched = shallowRef<Plan | null>(null);
  const selected = ref<SectionId | null>(null);
  const trouble = ref('');

  async function refresh(): Promise<void> {
    try {
      fetched.value = await api<Plan>('GET', `visits/${id}/plan`);
      trouble.value = '';
    } catch (failure) {
      if (failure instanceof Unreachable) {
        outbox.lost();
        trouble.value = 'No network: the plan is worked out again as soon as the server answers. What you chose is kept.';
      } else if (failure instanceof Refused && failure.status === 401) {
        useSession().expire();
      } else if (!(failure instanceof Refused)) {
        throw failure;
      }
    }
  }

  /** The server's plan with the choices made here since drawn in; what they add up to comes with its next answer. */
  const plan = computed<Plan | null>(() => {
    const waiting = outbox.waitingFor(id).filter((entry) => entry.mark.kind === 'treatment_chosen');
    if (!fetched.value || waiting.length === 0) {
      return fetched.value;
    }
    const sections = { ...fetched.value.sections };
    for (const { mark } of waiting) {
      const section = mark.section!;
      sections[section] = { ...sections[section]!, choice: String(mark.payload!.treatment), chosen: true };
    }
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
        (plan.value?.sections[section]?.grade ?? 0) >= 2 ||
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

  function choose(treatment: string): void {
    if (selected.value && !visit.value?.closedAt) {
      outbox.record(id, 'treatment_chosen', { treatment }, { section: selected.value });
      selected.value = nextUndecided(selected.value) ?? selected.value;
    }
  }

  function step(by: number): void {
    const list = worth.value.length > 0 ? worth.value : route.value;
    const at = selected.value ? list.indexOf(selected.value) : -1;
    selected.value = list[(at + by + list.length) % list.length] ?? null;
  }

  function undo(): void {
    const last = visit.value?.undoable.find(
      (mark) => mark.kind === 'treatment_chosen' || mark.kind === 'plan_shown' || mark.kind === 'answer_given',
    );
    if (last) {
      outbox.record(id, 'withdrawn', { markId: last.id });
      selected.value = last.section ?? selected.value;
    }
  }

  watch(plan, (known) => {
    if (known && selected.value === null) {
      selected.value = nextUndecided(null) ?? worth.value[0] ?? route.value[0] ?? null;
    }
  });

  return { plan, selected, current, undecided, worth, trouble, choose, step, undo, refresh };
}
