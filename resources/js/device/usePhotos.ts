import { t } from '@/messages/words';
import { useEventListener } from '@vueuse/core';
import { computed, onScopeDispose, reactive, type Ref, toRaw } from 'vue';
import { Refused, Unreachable, upload } from '@/api/client';
import type { Photo, PhotoAnswer, PhotoMoment, SectionId, Visit } from '@/api/types';
import { makeSender } from './sender';
import { deviceStore, type WaitingPhoto } from './store';
import { say } from '@/messages/say';
import { useOutbox } from './useOutbox';
import { useSession } from './useSession';
import { whileOpen } from './whileOpen';

/** A photo as the screens show it: the server's, or one that still waits on this device. */
export interface ShownPhoto extends Photo {
  thumbnail: string;
  full: string;
  waiting: boolean;
  /** Part of it that has gone out, 0–1; null: it is not on its way. */
  onItsWay: number | null;
}

type PhotoHere = WaitingPhoto & { url: string; kept?: boolean };

/** Answers that are about the picture itself. Any other says something about the way there: it is sent again. */
const ABOUT_THE_PICTURE = [400, 404, 409, 413, 422];

/** Photos that wait on this device, in a lane of their own behind the finding or the mark they belong to. */
export const usePhotos = whileOpen(() => {
  const state = reactive({ here: [] as PhotoHere[], full: false, loaded: false, onItsWay: null as { id: string; part: number } | null });
  const outbox = useOutbox();
  const { staff } = useSession();

  const waiting = (): PhotoHere[] => state.here.filter((photo) => photo.refused === undefined);
  /** A photo goes out under the name of whoever took it, and after everything that was recorded at the visit before it. */
  const sendable = (): PhotoHere[] =>
    waiting().filter((photo) => (photo.by?.id ?? null) === (staff.value?.id ?? null) && !outbox.isBehind(photo.visit, photo.id));

  function show(photo: WaitingPhoto, kept = false): void {
    state.here.push({ ...photo, kept, url: URL.createObjectURL(photo.picture) });
  }

  async function drop(id: string): Promise<void> {
    await deviceStore.removePhoto(id);
    const gone = state.here.find((photo) => photo.id === id);
    state.here = state.here.filter((photo) => photo.id !== id);
    if (gone) {
      URL.revokeObjectURL(gone.url);
    }
  }

  async function keep(shown: PhotoHere): Promise<void> {
    const photo: WaitingPhoto & { url?: string; kept?: boolean } = { ...toRaw(shown) };
    delete photo.url;
    delete photo.kept;
    // Without room it still goes out from this page; only its end before that would lose it.
    shown.kept = await deviceStore.keepPhoto(photo);
    state.full = !shown.kept;
  }

  function formOf(photo: WaitingPhoto): FormData {
    const form = new FormData();
    form.set('id', photo.id);
    form.set('at', photo.at);
    form.set('sentAt', new Date().toISOString());
    form.set('device', outbox.device());
    form.set('moment', photo.moment);
    if (photo.section) {
      form.set('section', photo.section);
    }
    if (photo.findingId) {
      form.set('findingId', photo.findingId);
    }
    form.set('picture', photo.picture, 'photo.jpg');
    return form;
  }

  /** The server does not take this picture: it stays here, with why, until somebody has seen to it. */
  async function setAside(photo: PhotoHere, why: string): Promise<void> {
    photo.refused = why;
    await keep(photo);
  }

  async function send(photo: PhotoHere): Promise<void> {
    try {
      const answer = await upload<PhotoAnswer>(
        `visits/${photo.visit}/photos`,
        formOf(photo),
        (part) => (state.onItsWay = { id: photo.id, part }),
      );
      if (answer.mark.outcome === 'refused') {
        await setAside(photo, answer.mark.message ?? '');
      } else {
        outbox.refreshed(photo.visit, answer);
        await drop(photo.id);
      }
    } catch (failure) {
      if (!(failure instanceof Refused) || !ABOUT_THE_PICTURE.includes(failure.status)) {
        throw failure;
      }
      await setAside(photo, failure.field('picture') ?? failure.message);
    } finally {
      state.onItsWay = null;
    }
  }

  function isWorthRetrying(failure: unknown): boolean {
    if (useSession().endsBy(failure)) {
      return false;
    }
    if (!(failure instanceof Unreachable || failure instanceof Refused)) {
      throw failure;
    }
    return true;
  }

  const { flush } = makeSender(
    'photos',
    async (got) => {
      await outbox.flush();
      for (let next = sendable()[0]; next; next = sendable()[0]) {
        await send(next);
        got();
      }
    },
    isWorthRetrying,
  );

  void deviceStore.photos().then((photos) => {
    photos.sort((one, other) => (one.id < other.id ? -1 : 1)).forEach((photo) => show(photo, true));
    state.loaded = true;
    if (photos.length > 0) {
      void flush();
    }
  });
  useEventListener(window, 'online', () => void flush());
  // What stood before a photo has arrived: now it may go.
  onScopeDispose(outbox.onTaken(() => void flush()));

  return {
    waitingCount: computed(() => waiting().length),
    /** What waits on this device is known. */
    loaded: computed(() => state.loaded),
    /** All that wait are on the disk of this device, and outlive the browser. */
    kept: computed(() => waiting().every((photo) => photo.kept === true)),
    /** Part of the picture in hand that has gone out, 0–1. */
    onItsWay: computed(() => state.onItsWay?.part ?? null),
    /** The device had no room to keep a photo: until all are sent, a reload could lose one. */
    full: computed(() => state.full && waiting().length > 0),
    /** Those the server did not take, each with its picture and why. */
    refused: computed(() => state.here.filter((photo) => photo.refused !== undefined)),
    /** Somebody has seen to it: the picture goes from this device. */
    dismiss: drop,
    flush,

    /** Keeps the picture on this device and sends it. */
    async take(visit: string, picture: Blob, about: { section: SectionId | null; findingId?: string; moment: PhotoMoment }): Promise<void> {
      const photo: WaitingPhoto = {
        id: outbox.newId(),
        visit,
        dog: outbox.dogOf(visit),
        by: staff.value ? { id: staff.value.id, name: staff.value.name } : null,
        section: about.section,
        findingId: about.findingId ?? null,
        moment: about.moment,
        at: new Date().toISOString(),
        picture,
      };
      show(photo);
      await keep(state.here.at(-1)!);
      void flush();
    },

    /** The photos around a visit, those that wait here among them, the oldest first. */
    around: (visit: Ref<Visit | null>) =>
      computed<ShownPhoto[]>(() => {
        const known = (visit.value?.photos ?? []).map((photo) => ({
          ...photo,
          thumbnail: `/api/photos/${photo.id}/thumbnail`,
          full: `/api/photos/${photo.id}/full`,
          waiting: false,
          onItsWay: null,
        }));
        const there = new Set(known.map((photo) => photo.id));
        const here = waiting()
          .filter((photo) => photo.visit === visit.value?.id && !there.has(photo.id))
          .map(({ id, section, findingId, moment, at, by, url }) => ({
            ...{ id, section, findingId, moment, at, by: by?.name ?? '', widthPx: 0, heightPx: 0, earlierVisit: false, erased: null },
            thumbnail: url,
            full: url,
            waiting: true,
            onItsWay: state.onItsWay?.id === id ? state.onItsWay.part : null,
          }));
        return [...known, ...here];
      }),
  };
});

/** What a photo shows, for those who do not see it and under it. */
export function photoSays(photo: Photo): string {
  const place = photo.section ? say.section(photo.section) : t('coat.wholeDog');
  const when = photo.earlierVisit ? say.shortDay(photo.at) : say.time(photo.at);
  return `${place}, ${t(`device.moments.${photo.moment}`)}, ${photo.by}, ${when}`;
}
