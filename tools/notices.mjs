#!/usr/bin/env node
/**
 * Writes NOTICES.md: every package that is shipped with the pages or runs in the server, its licence, and the licence's
 * text as its package brings it. Packages for one machine only are named without a text, so that the file is the same
 * wherever it is made. `--check` says whether the file is as it would be written.
 */
import { existsSync, readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const SHIPPED = ['packages/web', 'packages/server', 'packages/words', 'packages/contract', 'packages/core'];

/** Where a package finds another: in its own folder, or in one above. */
export function placeOf(locked, from, name) {
  for (let folder = from; ; folder = folder.slice(0, Math.max(0, folder.lastIndexOf('/')))) {
    const place = `${folder}${folder && '/'}node_modules/${name}`;
    if (locked[place]) return place;
    if (folder === '') return undefined;
  }
}

/** Every package that these need to run, by its place in the lock file. */
export function shippedBy(locked, folders) {
  const found = new Set();
  const open = [...folders];
  for (let from = open.pop(); from !== undefined; from = open.pop()) {
    const { dependencies = {}, optionalDependencies = {} } = locked[from];
    for (const name of Object.keys({ ...dependencies, ...optionalDependencies })) {
      const place = placeOf(locked, from, name);
      if (place === undefined || found.has(place) || locked[place].link) continue;
      found.add(place);
      open.push(place);
    }
  }
  return [...found].sort();
}

const nameOf = (place) => place.slice(place.lastIndexOf('node_modules/') + 'node_modules/'.length);

function textOf(place) {
  const folder = join(root, place);
  if (!existsSync(folder)) return undefined;
  const file = readdirSync(folder).find((name) => /^(licen[cs]e|copying)(\.(md|txt))?$/i.test(name));
  return file && readFileSync(join(folder, file), 'utf8').replaceAll('\r\n', '\n').trim();
}

/** The whole file as it should be. */
export function notices() {
  const { packages } = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
  const rows = [];
  const texts = new Map();
  for (const place of shippedBy(packages, SHIPPED)) {
    const { version, license = 'as its text says', optional = false } = packages[place];
    rows.push(`| ${nameOf(place)} | ${version} | ${license} |`);
    const text = optional ? undefined : textOf(place);
    if (text) texts.set(text, [...(texts.get(text) ?? []), `${nameOf(place)} ${version}`]);
  }
  const written = [...texts].map(([text, names]) => `### ${names.join(', ')}\n\n${text.replace(/^/gm, '    ')}\n`);
  return `# What Amber Ladle is made with

Packages that are shipped with its pages or run in its server. Written by \`node tools/notices.mjs\` from what is installed.

| Package | Version | Licence |
| --- | --- | --- |
${rows.join('\n')}

## Texts

${written.join('\n')}`;
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const file = join(root, 'NOTICES.md');
  const text = notices();
  if (process.argv.includes('--check')) {
    const isCurrent = existsSync(file) && readFileSync(file, 'utf8') === text;
    if (!isCurrent) process.stderr.write('NOTICES.md is not as it would be written: run node tools/notices.mjs.\n');
    process.exitCode = isCurrent ? 0 : 1;
  } else writeFileSync(file, text);
}
