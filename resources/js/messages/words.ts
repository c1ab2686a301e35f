import { createI18n } from 'vue-i18n';
import type arrival from './en/arrival.json';
import type bath from './en/bath.json';
import type breeds from './en/breeds.json';
import type card from './en/card.json';
import type client from './en/client.json';
import type coat from './en/coat.json';
import type day from './en/day.json';
import type days from './en/days.json';
import type device from './en/device.json';
import type dogs from './en/dogs.json';
import type door from './en/door.json';
import type feet from './en/feet.json';
import type handling from './en/handling.json';
import type home from './en/home.json';
import type house from './en/house.json';
import type inspection from './en/inspection.json';
import type log from './en/log.json';
import type next from './en/next.json';
import type owner from './en/owner.json';
import type plan from './en/plan.json';
import type salon from './en/salon.json';
import type say from './en/say.json';
import type privacy from './en/privacy.json';
import type record from './en/record.json';
import type records from './en/records.json';
import type rules from './en/rules.json';
import type skin from './en/skin.json';
import type split from './en/split.json';
import type table from './en/table.json';
import type tell from './en/tell.json';
import type ui from './en/ui.json';
import type visit from './en/visit.json';

/** Every sentence of the screens, by chapter. English gives the shape; another language is another folder of it. */
export type Words = typeof arrival &
  typeof bath &
  typeof breeds &
  typeof card &
  typeof client &
  typeof coat &
  typeof day &
  typeof days &
  typeof device &
  typeof dogs &
  typeof door &
  typeof feet &
  typeof handling &
  typeof home &
  typeof house &
  typeof inspection &
  typeof log &
  typeof next &
  typeof owner &
  typeof plan &
  typeof privacy &
  typeof record &
  typeof records &
  typeof rules &
  typeof salon &
  typeof say &
  typeof skin &
  typeof split &
  typeof table &
  typeof tell &
  typeof ui &
  typeof visit;

type Leaves<T> = { [K in keyof T & string]: T[K] extends string ? K : `${K}.${Leaves<T[K]>}` }[keyof T & string];
type Groups<T> = { [K in keyof T & string]: T[K] extends string ? never : K | `${K}.${Groups<T[K]>}` }[keyof T & string];
type At<T, P extends string> = P extends `${infer K}.${infer Rest}`
  ? K extends keyof T
    ? At<T[K], Rest>
    : never
  : P extends keyof T
    ? T[P]
    : never;

/** The name of a sentence: chapter, then its place in it. */
export type Key = Leaves<Words>;
/** The name of a group of sentences. */
export type Group = Groups<Words>;
export type Chapter = keyof Words;
type GroupOf<P extends Group> = At<Words, P>;

/** A language by its code: a folder here, and one in `lang/` for what the server says. */
export type Language = string;

export const i18n = createI18n({ legacy: false, locale: 'en', fallbackLocale: false, messages: {} });
const files = import.meta.glob<{ default: Record<string, never> }>('./*/*.json');
/** Chapters that every screen speaks from. */
export const everywhere: readonly Chapter[] = ['say', 'ui', 'device', 'coat', 'visit'];
const loaded = new Set<string>();

/** The languages there are: another is a folder of the same files. */
export const languages: readonly Language[] = [...new Set(Object.keys(files).map((path) => path.split('/')[1]!))];

/** A sentence in the language of the screen, with its figures and names filled in. */
export function t(key: Key, named: Record<string, string | number> = {}): string {
  return i18n.global.t(key, named);
}

/** A group of sentences without figures, by their names, in the order of the file. */
export function wordsOf<P extends Group>(group: P): Readonly<GroupOf<P>> {
  return i18n.global.tm(group) as Readonly<GroupOf<P>>;
}

/** Whether a sentence is there, for names that come from the server. */
export function isKey(key: string): key is Key {
  return i18n.global.te(key);
}

export function language(): Language {
  return i18n.global.locale.value;
}

/** Fetches chapters in a language, each once, and speaks it from then on. */
export async function speak(spoken: Language, chapters: readonly Chapter[]): Promise<void> {
  const missing = [...everywhere, ...chapters].filter((chapter) => !loaded.has(`${spoken}/${chapter}`));
  const found = await Promise.all(missing.map((chapter) => files[`./${spoken}/${chapter}.json`]!()));
  found.forEach(({ default: words }, index) => {
    i18n.global.mergeLocaleMessage(spoken, words);
    loaded.add(`${spoken}/${missing[index]}`);
  });
  i18n.global.locale.value = spoken;
  // Hyphens, screen readers and the server's own sentences follow it.
  document.documentElement.lang = spoken;
}
