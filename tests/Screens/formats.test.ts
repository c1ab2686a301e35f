import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { Ajv2020 } from 'ajv/dist/2020.js';
import formats from 'ajv-formats';
import { describe, expect, it } from 'vitest';

const FOLDER = 'docs/formats';
const files = readdirSync(FOLDER).filter((file) => file.endsWith('.schema.json'));
const read = (file: string) => JSON.parse(readFileSync(join(FOLDER, file), 'utf8'));

describe('the open formats', () => {
  it('are all there', () => expect(files.length).toBeGreaterThanOrEqual(4));

  it.each(files)('can be read by others, strictly and without another file: %s', (file) => {
    const ajv = new Ajv2020({ strict: true });
    formats.default(ajv);
    const holds = ajv.compile(read(file));
    expect(holds({ format: 'something else' })).toBe(false);
  });

  it('name the same thirty sections', () => {
    const sections = files.map((file) => read(file).$defs?.section?.enum).filter((names) => names !== undefined);
    expect(sections.length).toBeGreaterThanOrEqual(2);
    sections.forEach((names) => expect(names).toEqual(read('coat-case.schema.json').$defs.section.enum));
    expect(sections[0]).toHaveLength(30);
  });
});
