#!/usr/bin/env node
/**
 * Runs Amber Ladle on a machine that has nothing but Node: installs what the lock file asks for, builds what is
 * stale, finds or installs a Chromium for the tests, says what it does and how long that usually takes.
 * Plain Node without packages, since it runs before there are any.
 */
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { checkNode } from './checks.mjs';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const stamps = join(root, 'node_modules', '.amber-ladle');

/** Ends with one plain sentence. */
function fail(sentence, code = 1) {
  process.stderr.write(`\n${sentence}\n`);
  process.exit(code);
}
const say = (sentence) => process.stdout.write(`${sentence}\n`);

/** Runs a program to its end; what it prints goes through. Returns its exit code. */
function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    shell: process.platform === 'win32' && command === 'npm',
    ...options,
  });
  return error ? 1 : (status ?? 1);
}
/** A program of an installed package. */
const tool = (name, args, options) =>
  run(process.execPath, [join(root, 'node_modules', ...name.split('/')), ...args], options);

function hashOf(paths) {
  const hash = createHash('sha256');
  const add = (path) => {
    if (!existsSync(path)) return;
    if (statSync(path).isDirectory()) {
      for (const name of readdirSync(path).sort())
        if (name !== 'node_modules' && name !== 'dist') add(join(path, name));
    } else hash.update(path.slice(root.length)).update(readFileSync(path));
  };
  for (const path of paths) add(join(root, path));
  return hash.digest('hex');
}
const isFresh = (stamp, hash) => {
  const file = join(stamps, stamp);
  return existsSync(file) && readFileSync(file, 'utf8') === hash;
};
function mark(stamp, hash) {
  mkdirSync(stamps, { recursive: true });
  writeFileSync(join(stamps, stamp), hash);
}

function install() {
  const hash = hashOf(['package-lock.json']) + process.version;
  if (isFresh('installed', hash)) return;
  say('Installing packages: about a minute the first time.');
  if (run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']) !== 0)
    fail('Installing the packages failed; the lines above say why. Is the npm registry within reach?');
  mark('installed', hash);
}

function build() {
  const shared = ['packages/core/src', 'packages/words/src', 'packages/contract/src', 'package-lock.json'];
  for (const [name, extra, seconds] of [
    ['web', ['packages/web/index.html', 'packages/web/vite.config.ts', 'packages/web/public'], 20],
    ['server', ['packages/server/vite.config.ts'], 5],
  ]) {
    const hash = hashOf([...shared, `packages/${name}/src`, ...extra]);
    if (isFresh(`built-${name}`, hash) && existsSync(join(root, 'packages', name, 'dist'))) continue;
    say(`Building the ${name === 'web' ? 'pages' : 'server'}: about ${seconds} seconds.`);
    if (tool('vite/bin/vite.js', ['build', '--logLevel', 'warn'], { cwd: join(root, 'packages', name) }) !== 0)
      fail('Building failed; the lines above say where.');
    mark(`built-${name}`, hash);
  }
}

async function chromium() {
  const { findChromium, findShell } = await import('../e2e/support/chromium.mjs');
  // Where there is no quicker one to be had it is not asked for at every run.
  if (findChromium() && (findShell() || process.env.CHROMIUM_PATH || isFresh('chromium', process.version))) return;
  if (process.platform === 'linux' && existsSync('/usr/bin/apt-get') && process.getuid?.() === 0) {
    say('Installing Chromium for the browser tests, and one without a window, which is quicker: about a minute.');
    const quiet = {
      stdio: ['ignore', 'ignore', 'inherit'],
      env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
    };
    run('apt-get', ['update'], quiet);
    if (!findChromium()) run('apt-get', ['install', '-y', '--no-install-recommends', 'chromium'], quiet);
    // Without it the tests run as well, and longer.
    run('apt-get', ['install', '-y', '--no-install-recommends', 'chromium-headless-shell'], quiet);
    mark('chromium', process.version);
  }
  if (!findChromium()) fail('The browser tests need a Chromium; install one and name it in CHROMIUM_PATH.');
}

/** True when nothing listens on the port. */
function isFree(port, host) {
  return new Promise((resolve) => {
    const probe = createServer()
      .once('error', () => resolve(false))
      .once('listening', () => probe.close(() => resolve(true)));
    probe.listen(port, host);
  });
}

async function serve(demo) {
  const port = Number(process.env.AMBER_LADLE_PORT ?? (demo ? 4320 : 4310));
  if (port !== 0 && !(await isFree(port, process.env.AMBER_LADLE_HOST ?? '127.0.0.1')))
    fail(`Port ${port} is taken by another program; set AMBER_LADLE_PORT to a free one.`);
  install();
  build();
  if (demo) say('Demo: an invented household in a file of its own; your own data is not touched.');
  say('Starting. Stop with Ctrl+C.');
  const env = {
    ...process.env,
    AMBER_LADLE_DEMO: demo ? '1' : '0',
    AMBER_LADLE_LOG: process.env.AMBER_LADLE_LOG ?? 'warn',
    ...(demo && !process.env.AMBER_LADLE_DATA ? { AMBER_LADLE_DATA: join(root, '.amber-ladle') } : {}),
  };
  process.on('SIGINT', () => undefined);
  process.exit(run(process.execPath, [join(root, 'packages/server/dist/main.js')], { env }));
}

async function test() {
  install();
  await import('./check.mjs').then(({ check }) => check(fail, say));
  build();
  await chromium();
  say('Tests: core, contract, server, web and the real interface in Chromium. About twenty minutes on two cores.');
  const report = join(stamps, 'report.json');
  rmSync(report, { force: true });
  const reporters = ['--reporter=default', '--reporter=json', `--outputFile.json=${report}`];
  const code = tool('vitest/vitest.mjs', ['run', ...reporters, ...process.argv.slice(3)]);
  if (code === 0) return;
  const { worthASecondLook } = await import('./secondLook.mjs');
  const files = existsSync(report) ? worthASecondLook(JSON.parse(readFileSync(report, 'utf8')), root) : [];
  if (files.length === 0) fail('Some tests failed.', code);
  say(`Once more, with nothing beside it: ${files.join(', ')}.`);
  const second = tool('vitest/vitest.mjs', ['run', '--project', 'e2e', '--maxWorkers=1', ...files]);
  if (second !== 0) fail('Some tests failed, and failed again by themselves.', second);
  say(`Passed by itself: ${files.join(', ')}. What failed before comes and goes; the lines above say where to look.`);
}

checkNode(fail);
const [, , what] = process.argv;
if (what === 'demo') await serve(true);
else if (what === 'start') await serve(false);
else if (what === 'test') await test();
else if (what === 'lint') {
  install();
  await import('./check.mjs').then(({ check }) => check(fail, say));
} else if (what === 'bench') {
  install();
  build();
  await chromium();
  process.exit(
    tool('vite/bin/vite.js', ['build', '--logLevel', 'warn'], { cwd: join(root, 'bench') }) ||
      run(process.execPath, [join(root, 'bench/dist/bench.js'), ...process.argv.slice(3)]),
  );
} else if (what === 'mutate') {
  install();
  const words = process.argv.slice(3);
  const oneIn = Number(words.find((word) => /^--one-in=\d+$/.test(word))?.slice('--one-in='.length) ?? 1);
  const named = words.filter((word) => !word.startsWith('--'));
  const folders = named.length > 0 ? named : ['judge', 'shelf', 'recipe', 'batch', 'learn', 'washday'];
  const byAll = words.includes('--by-all');
  say(
    `Changing ${folders.join(', ')} line by line${oneIn > 1 ? `, one line in ${oneIn}` : ''}, ${byAll ? 'for all tests: about an hour' : 'for the tests beside it: some minutes'} a folder.`,
  );
  const { toChange } = await import('./mutate/draw.mjs');
  process.exit(
    tool(
      '@stryker-mutator/core/bin/stryker.js',
      ['run', 'tools/mutate/stryker.config.mjs', '--mutate', toChange(root, folders, oneIn).join(',')],
      { env: { ...process.env, AMBER_LADLE_TESTED_BY: byAll ? '**' : folders.join(',') } },
    ),
  );
} else if (what === 'screenshots') {
  install();
  build();
  await chromium();
  process.exit(run(process.execPath, [join(root, 'tools/screenshots.mjs')]));
} else fail('Say what to run: demo, start, test, bench, mutate, screenshots or lint.');
