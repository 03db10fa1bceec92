import { spawnSync } from 'node:child_process';

/** True for the Node versions this project runs on. @param {string} version such as `20.20.2` */
export function nodeFits(version) {
  const [major = 0, minor = 0] = version.split('.').map(Number);
  return (major === 20 && minor >= 19) || (major === 22 && minor >= 12) || major > 22;
}

/** Ends with a sentence on a Node that is too old. */
export function checkNode(fail) {
  if (!nodeFits(process.versions.node))
    fail(`Amber Ladle needs Node 20.19 or newer (22.12 in the 22 line); this is ${process.versions.node}.`);
}

/** A sentence when the database could not be compiled here, else undefined. */
export function missingCompiler(
  find = (command) => spawnSync(command, ['--version'], { stdio: 'ignore' }).status === 0,
) {
  if (process.platform === 'win32') return undefined;
  const missing = [
    ['make', find('make')],
    ['a C++ compiler (g++ or clang++)', find('c++') || find('g++') || find('clang++')],
    ['python3', find('python3')],
  ]
    .filter(([, isThere]) => !isThere)
    .map(([name]) => name);
  return missing.length === 0
    ? undefined
    : `The database is compiled at install and needs ${missing.join(' and ')}; on Debian: apt-get install build-essential python3.`;
}
