import { useEventListener } from '@vueuse/core';
import { onScopeDispose, shallowReactive } from 'vue';
import { useSession } from './useSession';
import { whileOpen } from './whileOpen';

export interface Key {
  /** As in KeyboardEvent.key; letters in lower case. */
  keys: string[];
  /** How it is printed; the key itself when left out. */
  shown?: string;
  says: string;
  /** In the foot: other words for it, or left out there. */
  foot?: { shown: string; says: string } | false;
  run: () => void;
  when?: () => boolean;
}

interface Layer {
  keys: () => Key[];
  /** A dialog: no key reaches what lies under it. */
  wall?: true;
}
const BUTTONS = 'button, a, [role="button"], [role="radio"], [role="switch"], [role="checkbox"]';

function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));
}

function isPressed(target: EventTarget | null, key: string): boolean {
  // Space and Enter belong to a button that has the focus.
  return (key === ' ' || key === 'Enter') && target instanceof Element && target.closest(BUTTONS) !== null;
}

/** Letters, figures and signs; Space is a press like Enter. */
function isCharacter(key: string): boolean {
  return key.length === 1 && key !== ' ';
}

/** What listens to the keyboard, and whose keys they are: the last that came first. */
const keyboard = whileOpen(() => {
  const layers = shallowReactive<Layer[]>([]);
  const { letters } = useSession();

  // One press, one act: a key that is held down says nothing more. A field's own repeats (letters, the caret) are its own.
  useEventListener(
    window,
    'keydown',
    (event) => {
      if (event.repeat && !isTyping(event.target) && isPressed(event.target, event.key)) {
        event.preventDefault();
      }
    },
    { capture: true },
  );

  useEventListener(window, 'keydown', (event) => {
    if (
      event.defaultPrevented ||
      event.repeat ||
      event.ctrlKey ||
      event.metaKey ||
      event.altKey ||
      isTyping(event.target) ||
      isPressed(event.target, event.key) ||
      (isCharacter(event.key) && !letters.value)
    ) {
      return;
    }
    const pressed = event.key.length === 1 ? event.key.toLowerCase() : event.key;
    for (const layer of [...layers].reverse()) {
      if (layer.wall) {
        return;
      }
      const key = layer.keys().find((one) => one.keys.includes(pressed) && (one.when?.() ?? true));
      if (key) {
        event.preventDefault();
        key.run();
        return;
      }
    }
  });

  return { layers };
});

/** A button that was touched gives the focus back, so that the next Space is the task's and not the button's again. */
export function releaseFocus(event: MouseEvent): void {
  if (event.detail > 0) {
    (event.currentTarget as HTMLElement).blur();
  }
}

/**
 * What a letter does for a button that agrees, sends, signs or hands over: it only moves the focus there. Enter on the
 * button is the act.
 */
export function aimAt(button: () => HTMLElement | null | undefined): () => void {
  return () => button()?.focus();
}

/** Keys that work while the component is there; single letters only when no field has the focus. */
export function useKeys(keys: () => Key[]): void {
  const { layers } = keyboard();
  const layer = { keys };
  layers.push(layer);
  onScopeDispose(() => layers.splice(layers.indexOf(layer), 1));
}

/** All keys that apply now, for the list behind `?`. */
export function keysNow(): Key[] {
  return keyboard()
    .layers.flatMap((layer) => layer.keys())
    .filter((key) => key.when?.() ?? true);
}

/** A dialog takes the keyboard to itself while it is open: only what is in it has keys. */
export function blockKeys(): () => void {
  const { layers } = keyboard();
  const layer: Layer = { keys: () => [], wall: true };
  layers.push(layer);
  return () => void layers.splice(layers.indexOf(layer), 1);
}
