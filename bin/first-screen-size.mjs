// The JavaScript that the first screens load with their words, gzipped, against a limit of 135 kB: a first load
// stays under 150 kB, and 15 kB of that are free for what is still to come; in each language.
import { readdirSync, readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const LIMIT = 135_000;
const folder = 'public/build/';
const manifest = JSON.parse(readFileSync(`${folder}manifest.json`, 'utf8'));
const router = readFileSync('resources/js/router.ts', 'utf8');
const everywhere = /everywhere[^[]*\[\]?[^=]*= \[([^\]]*)\]/.exec(readFileSync('resources/js/messages/words.ts', 'utf8'))[1];
const listed = (words) => [...words.matchAll(/'([\w-]+)'/g)].map(([, word]) => word);

function files(entry, found = new Set()) {
  const chunk = manifest[entry];
  if (chunk && !found.has(chunk.file)) {
    found.add(chunk.file);
    (chunk.imports ?? []).forEach((other) => files(other, found));
  }
  return found;
}

/** Chapters of words that the router fetches for a view. */
function chapters(view) {
  const route = router.slice(router.indexOf(`'@/${view}.vue'`));
  return [...new Set([...listed(everywhere), ...listed(/words: \[([^\]]*)\]/.exec(route)[1])])];
}

/** As `vite.config.ts` puts them together. */
function together(language, chapter) {
  const name = `words-${language}${listed(everywhere).includes(chapter) ? '' : '-dog'}`;
  return Object.keys(manifest).find((entry) => manifest[entry].name === name);
}

function words(language, chapter) {
  const entry = Object.keys(manifest).find((name) => name.endsWith(`words:${language}/${chapter}`)) ?? together(language, chapter);
  if (!entry) {
    throw new Error(`No words were built for ${language}/${chapter}.`);
  }
  return [...files(entry)];
}

let tooLarge = false;
for (const language of readdirSync('lang', { withFileTypes: true }).filter((entry) => entry.isDirectory())) {
  for (const view of ['door/SignInView', 'day/DayView', 'inspection/InspectionView']) {
    const loaded = new Set([
      ...files('resources/js/main.ts'),
      ...files(`resources/js/${view}.vue`),
      ...chapters(view).flatMap((chapter) => words(language.name, chapter)),
    ]);
    const bytes = [...loaded].reduce((sum, file) => sum + gzipSync(readFileSync(folder + file)).length, 0);
    tooLarge ||= bytes > LIMIT;
    console.log(`${language.name} ${view}: ${(bytes / 1000).toFixed(1)} kB of ${LIMIT / 1000} kB gzipped, ${loaded.size} files`);
  }
}
process.exit(tooLarge ? 1 : 0);
