/** Types, style and the direction of arrows: everything that is checked without running. */
export function check(tool, fail, say) {
  say('Checking types, style and the direction of dependencies: about two minutes.');
  for (const name of ['core', 'words', 'contract', 'server'])
    if (tool('typescript/bin/tsc', ['-p', `packages/${name}`]) !== 0) fail(`The types of ${name} do not hold.`);
  if (tool('vue-tsc/bin/vue-tsc.js', ['--noEmit', '-p', 'packages/web']) !== 0)
    fail('The types of the pages do not hold.');
  if (tool('typescript/bin/tsc', ['-p', 'e2e']) !== 0) fail('The types of the browser tests do not hold.');
  if (tool('typescript/bin/tsc', ['-p', 'bench']) !== 0) fail('The types of the benchmarks do not hold.');
  if (tool('eslint/bin/eslint.js', ['.', '--max-warnings', '0']) !== 0) fail('ESLint has something to say.');
  if (tool('prettier/bin/prettier.cjs', ['--check', '--log-level', 'warn', '.']) !== 0)
    fail('Some files are not formatted; `npm run format` does it.');
  if (
    tool('dependency-cruiser/bin/dependency-cruise.mjs', [
      'packages',
      '--config',
      '.dependency-cruiser.cjs',
      '--output-type',
      'err',
    ]) !== 0
  )
    fail('An arrow points the wrong way.');
}
