<script setup lang="ts">
// One groomer's day as a strand of hours: bare skin is free hands, a lock of ten hairs is a dog.
import { computed, ref } from 'vue';
import { t } from '@/messages/words';
import { say } from '@/messages/say';
import type { AppointmentRow, ReadyAt } from '@/api/types';
import { holdsSaid } from '@/visit/holds';
import { lockHairs } from './lockHairs';
import type { Hours } from './hours';

const props = defineProps<{
  groomer: { id: string; name: string; from: string; until: string } | null;
  rows: AppointmentRow[];
  ready: Map<string, ReadyAt>;
  hours: Hours;
  /** A time that is looked at, drawn in cobalt. */
  asked: { startsAt: string; promisedAt: string } | null;
  /** Where a dog could still begin. */
  rooms: { from: string; until: string }[];
  /** A dog is being dragged. */
  dragging: boolean;
}>();
const emit = defineEmits<{ drop: [startsAt: string] }>();
const QUARTER_MS = 15 * 60_000;
const over = ref(false);
/** To the quarter hour under the hand; before or after the groomer's hours nothing is dropped. */
function drop(event: DragEvent): void {
  over.value = false;
  const box = (event.currentTarget as HTMLElement).getBoundingClientRect();
  const at = props.hours.from + ((event.clientX - box.left) / box.width) * (props.hours.to - props.hours.from);
  const quarter = Math.round(at / QUARTER_MS) * QUARTER_MS;
  if (props.groomer && quarter >= Date.parse(props.groomer.from) && quarter < Date.parse(props.groomer.until)) {
    emit('drop', new Date(quarter).toISOString());
  }
}
const HEIGHT = 18;
const WIDTH = 1000;
const part = (iso: string): number => Math.max(0, Math.min(1, (Date.parse(iso) - props.hours.from) / (props.hours.to - props.hours.from)));
const x = (iso: string): number => part(iso) * WIDTH;
/** A name ends where the next dog's begins. */
const roomOf = (row: AppointmentRow): number =>
  Math.min(
    ...props.rows.filter((other) => Date.parse(other.startsAt!) > Date.parse(row.startsAt!)).map((other) => part(other.startsAt!)),
    1,
  ) - part(row.startsAt!);
const locks = computed(() =>
  props.rows.flatMap((row) => {
    const ready = props.ready.get(row.id);
    return row.startsAt && ready
      ? [
          {
            row,
            ready,
            left: 100 * part(row.startsAt),
            room: 100 * roomOf(row),
            right: 100 * part(ready.tenths.at(-1) ?? ready.likely ?? new Date(props.hours.to).toISOString()),
            promised: row.promisedAt ? x(row.promisedAt) : null,
            hairs: lockHairs(
              x(row.startsAt),
              ready.tenths.map((at) => (at === null ? null : x(at))),
              row.promisedAt ? x(row.promisedAt) : null,
              WIDTH,
              HEIGHT,
            ),
          },
        ]
      : [];
  }),
);
/** A stretch that is wide enough says how long it is. */
const WIDE = 0.07;
/** Dotted where no dog is being worked on: between the hairs nothing more could be read. */
const roomsDrawn = computed(() =>
  props.rooms.flatMap(({ from, until }) => {
    let free = [{ from: part(from), until: part(until) }];
    for (const { row, ready } of locks.value) {
      const [begins, ends] = [part(row.startsAt!), part(ready.likely ?? row.startsAt!)];
      free = free.flatMap((one) => [
        { from: one.from, until: Math.min(one.until, begins) },
        { from: Math.max(one.from, ends), until: one.until },
      ]);
    }
    return free
      .filter((one) => one.until > one.from)
      .map((one) => ({
        from: one.from * WIDTH,
        until: one.until * WIDTH,
        middle: 50 * (one.from + one.until),
        said: one.until - one.from > WIDE ? say.duration(((one.until - one.from) * (props.hours.to - props.hours.from)) / 60_000) : '',
      }));
  }),
);
const askedHairs = computed(() =>
  props.asked
    ? lockHairs(
        x(props.asked.startsAt),
        Array.from({ length: 10 }, () => x(props.asked!.promisedAt)),
        null,
        WIDTH,
        HEIGHT,
      )
    : [],
);
function said(row: AppointmentRow, ready: ReadyAt): string {
  const words = {
    dog: row.dog.name,
    time: say.time(row.startsAt!),
    groomer: props.groomer?.name ?? t('days.any'),
    holds: ready.chance === null ? t('days.appointment.noPromise') : holdsSaid(ready.chance),
  };
  return row.promisedAt ? t('days.lockPromised', { ...words, promised: say.time(row.promisedAt) }) : t('days.lock', words);
}
</script>

<template>
  <div class="grid grid-cols-[5.5rem_minmax(0,1fr)] items-end gap-x-2">
    <p class="truncate text-list text-ink-2">{{ groomer?.name ?? t('days.any') }}</p>
    <div
      class="relative h-11"
      data-testid="strand"
      :class="over && groomer ? 'bg-rail' : ''"
      @dragover="dragging && groomer ? ($event.preventDefault(), (over = true)) : undefined"
      @dragleave="over = false"
      @drop.prevent="drop"
    >
      <svg
        class="absolute inset-x-0 bottom-0 h-6.5 w-full"
        :viewBox="`0 0 ${WIDTH} 26`"
        preserveAspectRatio="none"
        aria-hidden="true"
        focusable="false"
      >
        <path
          v-if="groomer"
          :d="`M${x(groomer.from)} 23.5H${x(groomer.until)}`"
          stroke="var(--color-skin)"
          stroke-width="4"
          stroke-linecap="round"
          vector-effect="non-scaling-stroke"
        />
        <path
          v-for="room in roomsDrawn"
          :key="room.from"
          :d="`M${room.from} 14H${room.until}`"
          :stroke="dragging ? 'var(--color-call)' : 'var(--color-line-2)'"
          stroke-width="4"
          stroke-linecap="round"
          stroke-dasharray="0.1 9"
          vector-effect="non-scaling-stroke"
        />
        <g v-for="lock in locks" :key="lock.row.id" transform="translate(0 2)">
          <template v-for="hair in lock.hairs" :key="hair.y">
            <path
              :d="`M${hair.from} ${hair.y}H${hair.to}`"
              :stroke="groomer ? 'var(--color-g1-strand)' : 'var(--color-strand)'"
              stroke-width="1.5"
              vector-effect="non-scaling-stroke"
            />
            <path
              v-if="hair.curl"
              :d="hair.curl"
              fill="none"
              stroke="var(--color-g4-strand)"
              stroke-width="1.5"
              vector-effect="non-scaling-stroke"
            />
          </template>
        </g>
        <g transform="translate(0 2)">
          <path
            v-for="hair in askedHairs"
            :key="`asked-${hair.y}`"
            :d="`M${hair.from} ${hair.y}H${hair.to}`"
            stroke="var(--color-call)"
            stroke-width="1.5"
            vector-effect="non-scaling-stroke"
          />
        </g>
      </svg>
      <span
        v-for="room in roomsDrawn"
        :key="`said-${room.from}`"
        class="pointer-events-none absolute top-1 -translate-x-1/2 text-note text-ink-2"
        :style="{ left: `${room.middle}%` }"
        aria-hidden="true"
        >{{ room.said }}</span
      >
      <template v-for="lock in locks" :key="lock.row.id">
        <RouterLink
          class="absolute inset-y-0 block min-w-11"
          :style="{ left: `${lock.left}%`, width: `${Math.max(0, lock.right - lock.left)}%` }"
          :to="{ name: 'appointment', params: { appointment: lock.row.id } }"
          :aria-label="said(lock.row, lock.ready)"
        >
        </RouterLink>
        <span
          class="pointer-events-none absolute top-0 truncate pr-1 font-name text-list font-extrabold italic"
          :style="{ left: `${lock.left}%`, maxWidth: `${lock.room}%` }"
          aria-hidden="true"
          >{{ lock.row.dog.name }}</span
        >
        <span
          v-if="lock.row.promisedAt"
          class="pointer-events-none absolute bottom-2 h-3.5 w-4 -translate-x-1/2"
          :style="{ left: `${(lock.promised! / WIDTH) * 100}%` }"
          aria-hidden="true"
        >
          <svg viewBox="0 0 16 14" class="block h-full w-full">
            <path d="M2 3L8 11L14 3" fill="none" stroke="var(--color-sheet)" stroke-width="6" stroke-linejoin="round" />
            <path
              d="M2 3L8 11L14 3"
              fill="none"
              stroke="var(--color-ink)"
              stroke-width="2.5"
              stroke-linecap="round"
              stroke-linejoin="round"
            />
          </svg>
        </span>
      </template>
    </div>
  </div>
</template>
