import { isHandsOn } from './kindsOf';
import { useIntervalFn } from '@vueuse/core';
import { computed, ref, type Ref } from 'vue';
import type { Visit } from '@/api/types';
import { useOutbox, type Waiting } from '@/device/useOutbox';
import { takenBackBy } from '@/device/waiting';

export type Posture = Visit['feet']['posture'];

/** How long the dog has been on its feet, ticking; with what this device recorded since: a posture, a rest, hands on again. */
export function useFeet(visit: Ref<Visit | null>) {
  const outbox = useOutbox();
  const now = ref(Date.now());
  useIntervalFn(() => (now.value = Date.now()), 1000);

  const known = computed(() => (visit.value ? feetWith(visit.value.feet, outbox.waitingFor(visit.value.id)) : null));
  const since = (from: number | null): number => (from === null ? 0 : Math.max(0, now.value - from) / 1000);
  const minutes = computed(() => ((known.value?.seconds ?? 0) + since(known.value?.runsFrom ?? null)) / 60);
  const wholeMinutes = computed(() => ((known.value?.wholeSeconds ?? 0) + since(known.value?.runsFrom ?? null)) / 60);
  const limit = computed(() => visit.value?.feet.standsMinutes ?? Infinity);
  const most = computed(() => visit.value?.feet.inOneVisit.mostMinutes ?? Infinity);
  const inspected = computed(() => (visit.value?.summary.inspectionSeconds ?? 0) / 60);

  return {
    posture: computed(() => known.value?.posture ?? 'stands'),
    minutes,
    limit,
    resting: computed(() => known.value?.restingSince != null),
    restedSeconds: computed(() => since(known.value?.restingSince ?? null)),
    due: computed(() => known.value?.restingSince == null && minutes.value >= limit.value),
    ends: computed(() => wholeMinutes.value + inspected.value >= most.value),
    /** Both give the mark's id. */
    take: (posture: Posture): string => outbox.record(visit.value!.id, 'posture_taken', { posture }),
    rest: (): string => outbox.record(visit.value!.id, 'rest_began', {}),
  };
}

interface Feet {
  posture: Posture;
  seconds: number;
  wholeSeconds: number;
  /** In ms; null: it does not run, or rest. */
  runsFrom: number | null;
  restingSince: number | null;
}

const time = (at: string | null): number | null => (at === null ? null : Date.parse(at));

/** What the server knows, and over it what these marks plainly say, by the times of the hand. */
export function feetWith(feet: Visit['feet'], waiting: Pick<Waiting, 'mark'>[]): Feet {
  const drawn: Feet = { ...feet, runsFrom: time(feet.runsFrom), restingSince: time(feet.restingSince) };
  const gone = takenBackBy(waiting);
  for (const { mark } of waiting) {
    const handsOn = isHandsOn(mark.kind);
    if (!gone.has(mark.id) && (handsOn || mark.kind === 'rest_began')) {
      drawMark(drawn, mark, handsOn, feet);
    }
  }
  return drawn;
}

function drawMark(drawn: Feet, mark: Waiting['mark'], handsOn: boolean, feet: Visit['feet']): void {
  const { kind } = mark;
  const at = Date.parse(mark.at);
  const gap = drawn.runsFrom === null ? 0 : Math.max(0, at - drawn.runsFrom) / 1000;
  const stood = gap > feet.silenceSeconds ? 0 : gap;
  drawn.seconds += stood;
  drawn.wholeSeconds += stood;
  if (drawn.restingSince !== null && handsOn && kind !== 'paused') {
    drawn.seconds = (at - drawn.restingSince) / 1000 + 1 >= feet.restMinutes * 60 ? 0 : drawn.seconds;
    drawn.restingSince = null;
  }
  if (kind === 'rest_began') {
    drawn.restingSince ??= at;
  } else if (mark.kind === 'posture_taken') {
    drawn.posture = mark.payload.posture;
  }
  const runs = handsOn && kind !== 'paused' && drawn.restingSince === null && drawn.posture === 'stands';
  drawn.runsFrom = runs ? at : null;
}
