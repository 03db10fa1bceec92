import { spawn } from 'node:child_process';
import { availableParallelism } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');

const LINT = ['eslint/bin/eslint.js', '--max-warnings', '0'];
/** What is checked without running, the longest first: a program of a package, its arguments, and what it means when it fails. */
const CHECKS = [
  [[...LINT, 'packages/web'], 'ESLint has something to say of the pages.'],
  [[...LINT, 'packages/core'], 'ESLint has something to say of the core.'],
  [
    [
      ...LINT,
      'packages/server',
      'packages/contract',
      'packages/words',
      'e2e',
      'bench',
      'tools',
      'eslint.config.mjs',
      'vitest.config.ts',
      '.dependency-cruiser.cjs',
    ],
    'ESLint has something to say of the server, the contract, the words, or of tests and tools.',
  ],
  [['vue-tsc/bin/vue-tsc.js', '--noEmit', '-p', 'packages/web'], 'The types of the pages do not hold.'],
  ...['core', 'words', 'contract', 'server'].map((name) => [
    ['typescript/bin/tsc', '-p', `packages/${name}`],
    `The types of ${name} do not hold.`,
  ]),
  [['typescript/bin/tsc', '-p', 'e2e'], 'The types of the browser tests do not hold.'],
  [['typescript/bin/tsc', '-p', '.'], 'The types of the settings of the tests do not hold.'],
  [['typescript/bin/tsc', '-p', 'bench'], 'The types of the benchmarks do not hold.'],
  [
    ['prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.'],
    'Some files are not formatted; `npm run format` does it.',
  ],
  [
    [
      'dependency-cruiser/bin/dependency-cruise.mjs',
      'packages',
      '--config',
      '.dependency-cruiser.cjs',
      '--output-type',
      'err',
    ],
    'An arrow points the wrong way.',
  ],
];

/** Runs one to its end. @returns what it printed, and whether all was well */
function outcomeOf([program, ...args]) {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [join(root, 'node_modules', ...program.split('/')), ...args], { cwd: root });
    let printed = '';
    child.stdout.on('data', (text) => (printed += text));
    child.stderr.on('data', (text) => (printed += text));
    child.once('close', (code) => resolve({ printed, isWell: code === 0 }));
  });
}

/**
 * Types, style and the direction of arrows: everything that is checked without running, as many at once as there are cores.
 * @param {(sentence: string) => void} fail ends with a sentence
 * @param {(sentence: string) => void} say
 */
export async function check(fail, say) {
  say('Checking types, style and the direction of dependencies: about five minutes on two cores.');
  const waiting = [...CHECKS];
  const faults = [];
  const one = async () => {
    for (let next = waiting.shift(); next; next = waiting.shift()) {
      const [command, sentence] = next;
      const { printed, isWell } = await outcomeOf(command);
      if (isWell) continue;
      process.stdout.write(printed);
      faults.push(sentence);
    }
  };
  await Promise.all(Array.from({ length: Math.max(1, availableParallelism()) }, one));
  if (faults.length > 0) fail(faults.join('\n'));
}
