import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { ESLint } from 'eslint';
import { describe, expect, it } from 'vitest';

const ROOT = resolve('resources/js');

function filesIn(folder: string): string[] {
  return readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? filesIn(join(folder, entry.name)) : /\.(ts|vue)$/.test(entry.name) ? [join(folder, entry.name)] : [],
  );
}

const files = filesIn(ROOT);
/** What a file imports of ours when it is loaded; a room opened later by the router is no need of its own. */
const imports = new Map(
  files.map((file) => [
    file,
    [...readFileSync(file, 'utf8').matchAll(/(?:^|\n)\s*(?:import|export)\s[^;]*?from\s+'(@\/|\.)([^']*)'/g)]
      .map(([, start, rest]) => (start === '.' ? resolve(dirname(file), `.${rest}`) : join(ROOT, rest!)))
      .flatMap((path) => [path, `${path}.ts`, `${path}.vue`].filter((one) => files.includes(one)).slice(0, 1)),
  ]),
);

describe('the rooms of the screens', () => {
  it('have their doors told, each of them', async () => {
    const rooms = readdirSync(ROOT, { withFileTypes: true }).filter((entry) => entry.isDirectory());
    const eslint = new ESLint();
    const rules = await Promise.all(rooms.map(({ name }) => eslint.calculateConfigForFile(join(ROOT, name, 'any.ts'))));
    expect(rooms.filter((_, index) => !rules[index].rules['no-restricted-imports']).map(({ name }) => name)).toEqual([]);
  });

  it('begin nothing when a file is loaded: what listens has an owner', async () => {
    const [linted] = await new ESLint().lintText("window.addEventListener('online', () => undefined);\nexport default 1;\n", {
      filePath: join(ROOT, 'device', 'any.ts'),
    });
    expect(linted!.errorCount).toBe(1);
  });

  it('keep what comes later shut: the plan knows nothing of the table', async () => {
    const said = async (room: string, other: string): Promise<number> => {
      const [linted] = await new ESLint().lintText(`import { x } from '@/${other}/x';\nexport default x;\n`, {
        filePath: join(ROOT, room, 'any.ts'),
      });
      return linted!.errorCount;
    };
    expect([await said('plan', 'table'), await said('table', 'plan'), await said('ui', 'visit'), await said('day', 'house')]).toEqual([
      1, 0, 1, 1,
    ]);
  });

  it('hold no file that leads back to itself', () => {
    const done = new Set<string>();
    const circles: string[] = [];
    const walk = (file: string, way: string[]): void => {
      if (way.includes(file)) {
        circles.push([...way.slice(way.indexOf(file)), file].map((one) => one.slice(ROOT.length + 1)).join(' → '));
      } else if (!done.has(file)) {
        imports.get(file)?.forEach((other) => walk(other, [...way, file]));
        done.add(file);
      }
    };
    files.forEach((file) => walk(file, []));
    expect(circles).toEqual([]);
    expect([...imports.values()].flat().length).toBeGreaterThan(300);
  });
});
