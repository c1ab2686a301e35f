import { shallowRef } from 'vue';

/** Who waits for the password: it was given, or somebody left it. */
export const passwordWanted = shallowRef<((given: boolean) => void) | null>(null);

let asked: Promise<boolean> | null = null;

/** Asks whoever is at the screen for the password, once for all that wait for it. */
export function askPasswordAgain(): Promise<boolean> {
  asked ??= new Promise<boolean>((resolve) => (passwordWanted.value = resolve)).finally(() => {
    asked = null;
    passwordWanted.value = null;
  });
  return asked;
}
