import { readdirSync, readFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { parse, type Token } from '@messageformat/parser';
import MessageFormat from '@messageformat/core';
import { mount } from '@vue/test-utils';
import { describe, expect, it } from 'vitest';
import { learn, speak, type Spoken } from '@/messages/words';
import SectionAdvice from '@/inspection/SectionAdvice.vue';
import KeysDialog from '@/ui/KeysDialog.vue';
import { pseudo } from './pseudo';

const ROOT = resolve('resources/js');
const WORDS = resolve('lang');
const languages = readdirSync(WORDS, { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map(({ name }) => name);

interface Tree {
  [name: string]: string | Tree;
}

function leaves(tree: Tree, path: string[] = []): [string, string][] {
  return Object.entries(tree).flatMap(([name, word]) =>
    typeof word === 'string' ? [[[...path, name].join('.'), word] as [string, string]] : leaves(word, [...path, name]),
  );
}

/** Every sentence of a language by its name. */
function sentences(language: string): Map<string, string> {
  return new Map(
    readdirSync(join(WORDS, language)).flatMap((file) => leaves(JSON.parse(readFileSync(join(WORDS, language, file), 'utf8')) as Tree)),
  );
}

/** What a sentence is given to say, in the order of the alphabet. */
function placeholders(tokens: Token[]): string[] {
  const named = tokens.flatMap((token): string[] =>
    token.type === 'content' || token.type === 'octothorpe'
      ? []
      : [token.arg, ...('cases' in token ? token.cases.flatMap((one) => placeholders(one.tokens)) : [])],
  );
  return [...new Set(named)].sort();
}

function plurals(tokens: Token[]): string[] {
  return tokens.flatMap((token) => ('cases' in token ? token.cases.map(({ key }) => key) : []));
}

const english = sentences('en');

describe.each(languages)('the language %s', (language) => {
  const words = sentences(language);

  it('has every sentence of English, and none beside', () => {
    expect([...words.keys()].sort()).toEqual([...english.keys()].sort());
  });

  it('names in each sentence what English names', () => {
    const wrong = [...words].filter(([name, words]) => {
      const [here, there] = [placeholders(parse(words)), placeholders(parse(english.get(name) ?? ''))];
      return here.join() !== there.join();
    });
    expect(wrong.map(([name]) => name)).toEqual([]);
  });

  it('counts as its people count, and always has the rest of the numbers', () => {
    const known = new Intl.PluralRules(language).resolvedOptions().pluralCategories;
    for (const [name, sentence] of words) {
      const cases = plurals(parse(sentence));
      expect(
        cases.filter((one) => !/^=?\d+$/.test(one) && !known.includes(one as Intl.LDMLPluralRule)),
        name,
      ).toEqual([]);
      expect(cases.length === 0 || cases.includes('other'), name).toBe(true);
    }
  });

  it('says something where English does, with signs of print: an apostrophe of the typewriter would quote', () => {
    for (const [name, sentence] of words) {
      expect(sentence.trim() === '', name).toBe(english.get(name)?.trim() === '');
      expect(sentence, name).not.toMatch(/['"]/);
    }
  });
});

describe('the sentences', () => {
  function sources(folder: string): string[] {
    return readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
      entry.isDirectory()
        ? sources(join(folder, entry.name))
        : /\.(ts|vue)$/.test(entry.name) && entry.name !== 'schema.d.ts'
          ? [readFileSync(join(folder, entry.name), 'utf8')]
          : [],
    );
  }

  /** What the server says, from the same files: "a.b.{$x}" there is `a.b.${x}` here. */
  function ofTheServer(): string[] {
    const files = ['app', 'resources/views', 'core'].flatMap((folder) =>
      readdirSync(folder, { recursive: true, encoding: 'utf8' }).map((file) => join(folder, file)),
    );
    return files
      .filter((file) => file.endsWith('.php'))
      .map((file) =>
        readFileSync(file, 'utf8')
          .replace(/"([^"\n]*)\{\$[^}]*\}([^"\n]*)"/g, '`$1${x}$2`')
          .replace(/'([a-z]+(?:\.\w+)*\.)'\s*\./g, '`$1${x}`'),
      );
  }

  it('are all spoken somewhere', () => {
    const code = [...sources(ROOT), ...ofTheServer()].join('\n');
    const whole = new Set([...code.matchAll(/['`]([a-z_]+(?:\.\w+)+)['`]/g)].map(([, path]) => path));
    // `table.lacks.${reason}` speaks every sentence of the group; `a.${x}.say` those that end so.
    const made = [...code.matchAll(/[`']([a-z_]+(?:\.\w+)*\.\w*)\$\{[^`]*?\}((?:\.\w+)?)`/g)].map(([, start, end]) => ({ start, end }));
    // `Words::of()` names a sentence of the server without its chapter; the validator's are named by the framework.
    const named = [...english.keys()].map((name) => name.replace(/^server\./, '')).filter((name) => !name.startsWith('validation.'));
    const unspoken = named.filter(
      (name) =>
        !whole.has(name) &&
        ![...whole].some((group) => name.startsWith(`${group}.`)) &&
        !made.some(({ start, end }) => start !== 'server.' && name.startsWith(start!) && name.endsWith(end!)),
    );
    expect(unspoken).toEqual([]);
  });
});

describe('a third language', () => {
  const formatter = new MessageFormat('en');
  /** No sentences: how the language writes dates, and labels inside a sentence. */
  const ways = ['say.region', 'say.labelsWithin'];
  const spoken = new Map([...english].map(([name, sentence]) => [name, ways.includes(name) ? sentence : pseudo(sentence)]));

  it('is made of the same files, translated: every sentence of it is read', () => {
    for (const [name, sentence] of [...spoken].filter(([name]) => !ways.includes(name))) {
      expect(placeholders(parse(sentence)), name).toEqual(placeholders(parse(english.get(name)!)));
      const named = Object.fromEntries(placeholders(parse(sentence)).map((one) => [one, 2]));
      expect(String(formatter.compile(sentence)(named)), name).not.toMatch(/[{}]|[a-z]{3}/);
    }
  });

  it('is then spoken by the screens, and nothing else with it', async () => {
    const tree = {};
    for (const [name, sentence] of spoken) {
      const path = name.split('.');
      const at = path.slice(0, -1).reduce<Record<string, unknown>>((node, step) => (node[step] ??= {}) as Record<string, unknown>, tree);
      const said = formatter.compile(sentence);
      at[path.at(-1)!] = (named: Record<string, unknown>) => String(said(named));
    }
    learn('xx', tree as Record<string, Spoken>);
    await speak('xx', []);
    const shown = [
      mount(SectionAdvice, {
        props: {
          section: {
            holds: ['foot_hanging', 'skin_taut'],
            tools: { brush: 'soft_slicker', reason: 'softest_that_reaches', small: 'corner', fineComb: true },
            direction: 'with_the_lay',
            lookFirst: ['harness'],
            matChance: null,
          },
        },
      }),
      mount(KeysDialog, { attachTo: document.body }),
    ].map((view) => view.text() || document.body.textContent!);
    await speak('en', []);

    expect(shown.join(' ')).toMatch(/[àéîöû]/);
    // A language stands in the choice by its own name.
    expect(shown.join(' ').replace(/English|Deutsch/g, '')).not.toMatch(/[a-z]{3}/);
  });
});
