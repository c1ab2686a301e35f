// The JavaScript that the first screens load, gzipped, against its limit of 150 kB.
import { readFileSync } from 'node:fs';
import { gzipSync } from 'node:zlib';

const LIMIT = 150_000;
const folder = 'public/build/';
const manifest = JSON.parse(readFileSync(`${folder}manifest.json`, 'utf8'));

function files(entry, found = new Set()) {
  const chunk = manifest[entry];
  if (chunk && !found.has(chunk.file)) {
    found.add(chunk.file);
    (chunk.imports ?? []).forEach((other) => files(other, found));
  }
  return found;
}

let tooLarge = false;
for (const view of ['door/SignInView', 'day/DayView', 'inspection/InspectionView']) {
  const loaded = new Set([...files('resources/js/main.ts'), ...files(`resources/js/${view}.vue`)]);
  const bytes = [...loaded].reduce((sum, file) => sum + gzipSync(readFileSync(folder + file)).length, 0);
  tooLarge ||= bytes > LIMIT;
  console.log(`${view}: ${(bytes / 1000).toFixed(1)} kB of ${LIMIT / 1000} kB gzipped, ${loaded.size} files`);
}
process.exit(tooLarge ? 1 : 0);
