import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { ESLint } from 'eslint';
import { describe, expect, it } from 'vitest';
import { everywhere } from '@/messages/words';
import { routes } from '@/router';

const ROOT = resolve('resources/js');
const words: object = Object.assign({}, ...readdirSync('lang/en').map((file) => JSON.parse(readFileSync(join('lang/en', file), 'utf8'))));

/** What looks like the name of a sentence or a group of them, and is one. */
function isSpoken(path: string): boolean {
  return path.split('.').reduce<unknown>((at, name) => (at as Record<string, unknown> | undefined)?.[name], words) !== undefined;
}

function imported(file: string): string[] {
  return [...readFileSync(file, 'utf8').matchAll(/(?:(?:^|\n)\s*(?:import|export)\s(?!type )[^;]*?from\s+|import\()'(@\/|\.)([^']*)'/g)]
    .map(([, start, rest]) => (start === '.' ? resolve(dirname(file), `.${rest}`) : join(ROOT, rest!)))
    .flatMap((path) => [path, `${path}.ts`, `${path}.vue`].filter((one) => /\.(ts|vue)$/.test(one) && readable(one)).slice(0, 1));
}

function readable(file: string): boolean {
  try {
    return readFileSync(file, 'utf8') !== '';
  } catch {
    return false;
  }
}

/** Chapters that a file and all it imports speak from. */
function spokenFrom(file: string, seen = new Set<string>()): Set<string> {
  const found = new Set<string>();
  if (!seen.has(file)) {
    seen.add(file);
    [...readFileSync(file, 'utf8').matchAll(/['`]([a-z]+(?:\.\w+)+)/g)]
      .filter(([, path]) => isSpoken(path!))
      .forEach(([, path]) => found.add(path!.split('.')[0]!));
    imported(file).forEach((other) => spokenFrom(other, seen).forEach((chapter) => found.add(chapter)));
  }
  return found;
}

describe('a screen', () => {
  const app = spokenFrom(join(ROOT, 'App.vue'));

  it.each(routes.map((route) => [String(route.name), route] as const))('%s has the words it speaks from, and no more', (_, route) => {
    const view = /import\('@\/([^']+)'\)/.exec(String(route.component))?.[1] ?? /@\/([\w/]+\.vue)/.exec(String(route.component))?.[1];
    const spoken = new Set([...app, ...spokenFrom(join(ROOT, view ?? viewOf(String(route.name))))]);
    everywhere.forEach((chapter) => spoken.delete(chapter));
    expect([...route.meta!.words].sort()).toEqual([...spoken].sort());
  });
});

/** A built route no longer shows the address of its view: the router's source does. */
function viewOf(name: string): string {
  const source = readFileSync(join(ROOT, 'router.ts'), 'utf8');
  return /'@\/([^']+\.vue)'/.exec(source.slice(source.indexOf(`name: '${name}'`)))![1]!;
}

describe('a bare sentence', () => {
  const template = (inside: string): string =>
    `<script setup lang="ts">\nconst some = 1;\n</script>\n\n<template>\n  ${inside}\n</template>\n`;

  it.each([
    ['ui/Any.vue', template('<p>Saved</p>')],
    ['ui/Any.vue', template("<p :class=\"`a`\">{{ some === 1 ? 'dog' : 'dogs' }}</p>")],
    ['ui/Any.vue', template('<TextField label="Weight" />')],
    ['ui/Any.vue', template('<p :title="t(`x`)"><b>About {{ some }} minutes</b></p>')],
    ['ui/any.ts', "export const says = 'Give the weight.';\n"],
    ['ui/any.ts', 'export const says = (count: number): string => `${count} of them passed`;\n'],
  ])('is refused in %s: %s', async (file, code) => {
    const [linted] = await new ESLint().lintText(code, { filePath: join(ROOT, file) });
    expect(linted!.messages.map(({ ruleId }) => ruleId)).toContain(
      file.endsWith('.ts') ? 'no-restricted-syntax' : '@intlify/vue-i18n/no-raw-text',
    );
  });
});
