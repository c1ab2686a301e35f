import { readFileSync } from 'node:fs';
import { relative } from 'node:path';
import { fileURLToPath } from 'node:url';
import MessageFormat from '@messageformat/core';
import compileModule from '@messageformat/core/compile-module';
import type { Plugin } from 'vite';

interface Tree {
  [name: string]: string | Tree;
}

/** The sentences of a language that say something of what they are given, by their path. */
function spoken(tree: Tree, path: string[] = []): [string, string][] {
  return Object.entries(tree).flatMap(([name, word]) =>
    typeof word === 'string'
      ? word.includes('{')
        ? [[[...path, name].join('.'), word] as [string, string]]
        : []
      : spoken(word, [...path, name]),
  );
}

/** Sentences as ICU message format, compiled when the application is built: nothing reads a format in the browser. */
export function words(): Plugin {
  const mark = '\0words:';
  const root = fileURLToPath(new URL('./lang/', import.meta.url));
  return {
    name: 'words',
    enforce: 'pre',
    async resolveId(source, importer) {
      if (!/\/lang\/[\w-]+\/\w+\.json$/.test(source) || !importer?.endsWith('/messages/words.ts')) {
        return null;
      }
      const found = await this.resolve(source, importer, { skipSelf: true });
      return found === null ? null : mark + relative(root, found.id).replace(/\.json$/, '');
    },
    load(id) {
      if (!id.startsWith(mark)) {
        return null;
      }
      const file = `${root}${id.slice(mark.length)}.json`;
      this.addWatchFile(file);
      const tree = JSON.parse(readFileSync(file, 'utf8')) as Tree;
      const language = file.split('/').at(-2)!;
      const filled = Object.fromEntries(spoken(tree));
      const compiled = compileModule(new MessageFormat(language), filled).replace('export default', 'const filled =');
      const code = (node: Tree, path: string[] = []): string =>
        `{${Object.entries(node)
          .map(([name, word]) => {
            const at = [...path, name].join('.');
            const value =
              typeof word !== 'string'
                ? code(word, [...path, name])
                : at in filled
                  ? `filled[${JSON.stringify(at)}]`
                  : JSON.stringify(word);
            return `${JSON.stringify(name)}:${value}`;
          })
          .join(',')}}`;
      return `${compiled}\nexport default ${code(tree)};`;
    },
  };
}
