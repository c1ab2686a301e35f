import { computed, reactive, type Ref } from 'vue';
import { monotonicFactory } from 'ulid';
import { api, Refused, Unreachable } from '@/api/client';
import { deviceStore, type WaitingPhoto } from '@/api/deviceStore';
import type { Photo, PhotoAnswer, PhotoMoment, SectionId, Visit } from '@/api/types';
import { say } from '@/messages/say';
import { useOutbox } from './useOutbox';
import { useSession } from './useSession';

/** A photo as the screens show it: the server's, or one that still waits on this device. */
export interface ShownPhoto extends Photo {
  thumbnail: string;
  full: string;
  waiting: boolean;
}

const ulid = monotonicFactory();
const state = reactive({ waiting: [] as (WaitingPhoto & { url: string })[], refused: [] as { id: string; message: string }[] });
const outbox = useOutbox();
const { staff } = useSession();
let sending = false;
let timer: ReturnType<typeof setTimeout> | undefined;

function show(photo: WaitingPhoto): void {
  state.waiting.push({ ...photo, url: URL.createObjectURL(photo.picture) });
}

async function drop(id: string): Promise<void> {
  await deviceStore.removePhoto(id);
  const gone = state.waiting.find((photo) => photo.id === id);
  state.waiting = state.waiting.filter((photo) => photo.id !== id);
  if (gone) {
    URL.revokeObjectURL(gone.url);
  }
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

/** Sends what waits, one after the other. A finding goes out before the photo that shows it. */
async function flush(): Promise<void> {
  if (sending) {
    return;
  }
  sending = true;
  clearTimeout(timer);
  try {
    await outbox.flush();
    for (let next = sendable()[0]; next; next = sendable()[0]) {
      await send(next);
    }
  } catch (failure) {
    if (failure instanceof Refused && failure.status === 401) {
      useSession().expire();
    } else if (failure instanceof Unreachable || failure instanceof Refused) {
      timer = setTimeout(() => void flush(), 5000);
    } else {
      throw failure;
    }
  } finally {
    sending = false;
  }
}

const sendable = () => state.waiting.filter((photo) => (photo.by?.id ?? null) === (staff.value?.id ?? null));

async function send(photo: WaitingPhoto): Promise<void> {
  try {
    const answer = await api<PhotoAnswer>('POST', `visits/${photo.visit}/photos`, formOf(photo));
    if (answer.mark.outcome === 'refused') {
      state.refused.push({ id: photo.id, message: answer.mark.message ?? '' });
    } else {
      outbox.refreshed(photo.visit, answer.number);
    }
  } catch (failure) {
    // Not this picture, whatever is tried: say so. Everything else is tried again.
    if (!(failure instanceof Refused) || ![404, 413, 422].includes(failure.status)) {
      throw failure;
    }
    state.refused.push({ id: photo.id, message: failure.field('picture') ?? failure.message });
  }
  await drop(photo.id);
}

void deviceStore.photos().then((photos) => {
  photos.forEach(show);
  if (photos.length > 0) {
    void flush();
  }
});
window.addEventListener('online', () => void flush());

export function usePhotos() {
  return {
    waitingCount: computed(() => state.waiting.length),
    refused: computed(() => state.refused),
    dismiss(id: string): void {
      state.refused = state.refused.filter((photo) => photo.id !== id);
    },
    flush,

    /** Keeps the picture on this device and sends it. Throws when the device has no room for it. */
    async take(visit: string, picture: Blob, about: { section: SectionId | null; findingId?: string; moment: PhotoMoment }): Promise<void> {
      const photo: WaitingPhoto = {
        id: ulid(),
        visit,
        by: staff.value ? { id: staff.value.id, name: staff.value.name } : null,
        section: about.section,
        findingId: about.findingId ?? null,
        moment: about.moment,
        at: new Date().toISOString(),
        picture,
      };
      await deviceStore.addPhoto(photo);
      show(photo);
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
        }));
        const here = new Set(known.map((photo) => photo.id));
        const waiting = state.waiting
          .filter((photo) => photo.visit === visit.value?.id && !here.has(photo.id))
          .map(({ id, section, findingId, moment, at, by, url }) => ({
            ...{ id, section, findingId, moment, at, by: by?.name ?? '', widthPx: 0, heightPx: 0, earlierVisit: false, erased: null },
            thumbnail: url,
            full: url,
            waiting: true,
          }));
        return [...known, ...waiting];
      }),
  };
}

/** What a photo shows, for those who do not see it and under it. */
export function photoSays(photo: Photo): string {
  const place = photo.section ? say.section(photo.section) : say.text.wholeDog;
  const when = photo.earlierVisit ? say.shortDay(photo.at) : say.time(photo.at);
  return `${place}, ${say.text.moments[photo.moment]}, ${photo.by}, ${when}`;
}
