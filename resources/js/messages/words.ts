import { shallowRef } from 'vue';
import type arrival from '../../../lang/en/arrival.json';
import type bath from '../../../lang/en/bath.json';
import type breeds from '../../../lang/en/breeds.json';
import type card from '../../../lang/en/card.json';
import type client from '../../../lang/en/client.json';
import type coat from '../../../lang/en/coat.json';
import type day from '../../../lang/en/day.json';
import type days from '../../../lang/en/days.json';
import type device from '../../../lang/en/device.json';
import type dogs from '../../../lang/en/dogs.json';
import type door from '../../../lang/en/door.json';
import type feet from '../../../lang/en/feet.json';
import type handling from '../../../lang/en/handling.json';
import type home from '../../../lang/en/home.json';
import type house from '../../../lang/en/house.json';
import type inspection from '../../../lang/en/inspection.json';
import type log from '../../../lang/en/log.json';
import type next from '../../../lang/en/next.json';
import type owner from '../../../lang/en/owner.json';
import type plan from '../../../lang/en/plan.json';
import type salon from '../../../lang/en/salon.json';
import type say from '../../../lang/en/say.json';
import type privacy from '../../../lang/en/privacy.json';
import type record from '../../../lang/en/record.json';
import type records from '../../../lang/en/records.json';
import type rules from '../../../lang/en/rules.json';
import type skin from '../../../lang/en/skin.json';
import type split from '../../../lang/en/split.json';
import type table from '../../../lang/en/table.json';
import type tell from '../../../lang/en/tell.json';
import type ui from '../../../lang/en/ui.json';
import type visit from '../../../lang/en/visit.json';

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

/** What a sentence is given to say. */
type Named = Record<string, string | number>;
/** A sentence of its own, one that is filled in, or a group of them. */
export type Spoken = string | ((named: Named) => string) | { [name: string]: Spoken };

const files = import.meta.glob<{ default: Record<string, Spoken> }>(['/lang/*/*.json', '!/lang/*/server.json']);
/** The chapters that were fetched, by language; what is on the screen hears of another one. */
const chapters = shallowRef<Record<Language, Record<string, Spoken>>>({});
const spokenNow = shallowRef<Language>('en');
/** Chapters that every screen speaks from. */
export const everywhere: readonly Chapter[] = ['say', 'ui', 'device', 'coat', 'visit'];

/** The languages there are: another is a folder of the same files. */
export const languages: readonly Language[] = [...new Set(Object.keys(files).map((path) => path.split('/')[2]!))];

/** A sentence in the language of the screen, with its figures and names filled in. */
export function t(key: Key, named: Named = {}): string {
  const found = at(key);
  return typeof found === 'function' ? found(named) : typeof found === 'string' ? found : key;
}

/** A group of sentences without figures, by their names, in the order of the file. */
export function wordsOf<P extends Group>(group: P): Readonly<GroupOf<P>> {
  return (at(group) ?? {}) as Readonly<GroupOf<P>>;
}

/** Whether a sentence is there, for names that come from the server. */
export function isKey(key: string): key is Key {
  return ['string', 'function'].includes(typeof at(key));
}

function at(path: string): Spoken | undefined {
  return path
    .split('.')
    .reduce<Spoken | undefined>(
      (group, name) => (typeof group === 'object' ? group[name] : undefined),
      chapters.value[spokenNow.value] ?? {},
    );
}

export function language(): Language {
  return spokenNow.value;
}

/** Words of a language that are there, beside those of its other chapters. */
export function learn(spoken: Language, words: Record<string, Spoken>): void {
  chapters.value = { ...chapters.value, [spoken]: { ...chapters.value[spoken], ...words } };
}

/** Fetches chapters in a language, each once, and speaks it from then on. */
export async function speak(spoken: Language, wanted: readonly Chapter[]): Promise<void> {
  const missing = [...everywhere, ...wanted].filter((chapter) => chapters.value[spoken]?.[chapter] === undefined);
  const found = await Promise.all(missing.map((chapter) => files[`/lang/${spoken}/${chapter}.json`]!()));
  learn(spoken, Object.assign({}, ...found.map((file) => file.default)) as Record<string, Spoken>);
  spokenNow.value = spoken;
  // Hyphens, screen readers and the server's own sentences follow it.
  document.documentElement.lang = spoken;
}
