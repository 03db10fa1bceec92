import { createHash } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

/** A number from 0 up to 1, the same for the same line in every run, and for no reason of its own. */
const lotOf = (file, line) => createHash('sha256').update(`${file}:${line}`).digest().readUInt32BE(0) / 2 ** 32;

/**
 * What is to be changed, as the mutation run takes it: whole files, or lines drawn by lot. A folder of three thousand changes takes
 * hours, and three hundred of them tell its score to five in a hundred; what is not drawn also runs as quickly as it was written.
 * @param {string} root
 * @param {readonly string[]} folders of the core
 * @param {number} oneIn every so manieth line; 1 for all of them. A change that goes over several lines is drawn with all of them only
 * @returns {string[]} patterns of files, with lines where some were drawn
 */
export function toChange(root, folders, oneIn) {
  const within = folders.map((folder) => `packages/core/src/${folder}`);
  if (oneIn <= 1) return [...within.map((folder) => `${folder}/**/*.ts`), '!packages/core/src/**/*.test.ts'];
  const files = within
    .flatMap((folder) => readdirSync(join(root, folder), { recursive: true }).map((name) => `${folder}/${name}`))
    .filter((file) => file.endsWith('.ts') && !file.endsWith('.test.ts'));
  return files.sort().flatMap((file) =>
    readFileSync(join(root, file), 'utf8')
      .split('\n')
      .flatMap((text, i) =>
        text.trim() !== '' && lotOf(file, i + 1) * oneIn < 1 ? [`${file}:${i + 1}:0-${i + 1}:${text.length}`] : [],
      ),
  );
}
