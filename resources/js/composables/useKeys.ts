import { onScopeDispose, shallowReactive } from 'vue';

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

const layers = shallowReactive<{ keys: () => Key[] }[]>([]);
let blocked = 0;

function isTyping(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && (target.isContentEditable || ['INPUT', 'TEXTAREA', 'SELECT'].includes(target.tagName));
}

function isPressed(target: EventTarget | null, key: string): boolean {
  // Space and Enter belong to a button that has the focus.
  return (
    (key === ' ' || key === 'Enter') &&
    target instanceof Element &&
    target.closest('button, a, [role="radio"], [role="switch"], [role="checkbox"]') !== null
  );
}

window.addEventListener('keydown', (event) => {
  if (
    event.defaultPrevented ||
    event.ctrlKey ||
    event.metaKey ||
    event.altKey ||
    blocked > 0 ||
    isTyping(event.target) ||
    isPressed(event.target, event.key)
  ) {
    return;
  }
  const pressed = event.key.length === 1 ? event.key.toLowerCase() : event.key;
  for (const layer of [...layers].reverse()) {
    const key = layer.keys().find((one) => one.keys.includes(pressed) && (one.when?.() ?? true));
    if (key) {
      event.preventDefault();
      key.run();
      return;
    }
  }
});

/** A button that was touched gives the focus back, so that the next Space is the task's and not the button's again. */
export function releaseFocus(event: MouseEvent): void {
  if (event.detail > 0) {
    (event.currentTarget as HTMLElement).blur();
  }
}

/** Keys that work while the component is there; single letters only when no field has the focus. */
export function useKeys(keys: () => Key[]): void {
  const layer = { keys };
  layers.push(layer);
  onScopeDispose(() => layers.splice(layers.indexOf(layer), 1));
}

/** All keys that apply now, for the list behind `?`. */
export function keysNow(): Key[] {
  return layers.flatMap((layer) => layer.keys()).filter((key) => key.when?.() ?? true);
}

/** A dialog takes the keyboard to itself while it is open. */
export function blockKeys(): () => void {
  blocked++;
  return () => blocked--;
}
