import { useLocalStorage } from '@vueuse/core';
import { type Ref, watch } from 'vue';

export const cueLevels = ['off', 'quiet', 'loud'] as const;
export type CueLevel = (typeof cueLevels)[number];

const GAIN: Record<CueLevel, number> = { off: 0, quiet: 0.05, loud: 0.3 };
/** Two soft notes, low enough to be heard under a dryer without startling a dog. */
const NOTES_HZ = [392, 523];

let context: AudioContext | null = null;

/** How loud cues are on this device. */
export function useCueLevel(): Ref<CueLevel> {
  return useLocalStorage<CueLevel>('hound-check.cues', 'quiet');
}

/** A soft sound once each time that something becomes true: the eyes are on the dog. */
export function useCue(happens: () => boolean): void {
  const level = useCueLevel();
  watch(happens, (now, before) => now && !before && sound(level.value));
}

export function sound(level: CueLevel): void {
  if (level === 'off' || typeof AudioContext === 'undefined') {
    return;
  }
  context ??= new AudioContext();
  const start = context.currentTime;
  NOTES_HZ.forEach((hertz, index) => {
    const note = context!.createOscillator();
    const gain = context!.createGain();
    const from = start + index * 0.18;
    note.frequency.value = hertz;
    gain.gain.setValueAtTime(0, from);
    gain.gain.linearRampToValueAtTime(GAIN[level], from + 0.03);
    gain.gain.linearRampToValueAtTime(0, from + 0.3);
    note.connect(gain).connect(context!.destination);
    note.start(from);
    note.stop(from + 0.32);
  });
}
