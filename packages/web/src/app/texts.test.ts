import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import * as words from '@amber-ladle/words';
import { expect, it } from 'vitest';

const PAGES = join(import.meta.dirname, '..');
const source = readdirSync(PAGES, { recursive: true, encoding: 'utf8' })
  .filter((name) => /\.(vue|ts)$/.test(name) && !name.endsWith('.test.ts'))
  .map((name) => readFileSync(join(PAGES, name), 'utf8'))
  .join('\n');
const used = new Set(source.match(/\b[a-z]+Text\.\w+/g));

it.each(Object.entries(words).filter(([name]) => name.endsWith('Text')))(
  'says nothing in %s that stands on no page',
  (name, texts) => {
    expect(Object.keys(texts).filter((key) => !used.has(`${name}.${key}`))).toEqual([]);
  },
);
