import { isAbsolute, relative } from 'node:path';

/** More files than this failing at once is no chance. */
const AT_MOST = 4;

/**
 * Which files of the browser tests are worth running once more by themselves: a browser that shares two cores with everything else can be
 * late for what a test waits for. A fault fails again, and what fails elsewhere is never run twice.
 * @param {{ testResults: { name: string, status: string }[] }} report what Vitest's JSON reporter wrote
 * @param {string} root the project's folder
 * @returns {string[]} paths from the root, none where running them again could not make all well
 */
export function worthASecondLook({ testResults }, root) {
  const failed = testResults
    .filter(({ status }) => status === 'failed')
    .map(({ name }) => (isAbsolute(name) ? relative(root, name) : name).replaceAll('\\', '/'));
  const isChance = failed.length <= AT_MOST && failed.every((file) => file.startsWith('e2e/'));
  return isChance ? failed : [];
}
