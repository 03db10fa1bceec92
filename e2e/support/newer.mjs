import { cp, mkdir, readdir, readFile, rename, rm, symlink, writeFile } from 'node:fs/promises';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), '..', '..');

/**
 * A newer Amber Ladle as a household would install it over this one: the same program, its pages built from something else, so that
 * their beginning has another name and the worker that keeps them another list.
 * @param {string} folder an empty one
 * @returns {Promise<string>} its main file
 */
export async function newerBuild(folder) {
  for (const part of ['server', 'web']) {
    await mkdir(join(folder, 'packages', part), { recursive: true });
    await cp(join(root, 'packages', part, 'dist'), join(folder, 'packages', part, 'dist'), { recursive: true });
  }
  await cp(join(root, 'packages', 'server', 'package.json'), join(folder, 'packages', 'server', 'package.json'));
  await symlink(join(root, 'node_modules'), join(folder, 'node_modules'));
  const pages = join(folder, 'packages', 'web', 'dist');
  const html = await readFile(join(pages, 'index.html'), 'utf8');
  const beginning = /\/assets\/(index-[\w-]+)\.js"/.exec(html)?.[1];
  if (!beginning) throw new Error('The built page has no beginning.');
  const newer = `${beginning.slice(0, -1)}${beginning.endsWith('0') ? '1' : '0'}`;
  await rename(join(pages, 'assets', `${beginning}.js`), join(pages, 'assets', `${newer}.js`));
  await rm(join(pages, 'assets', `${beginning}.js.br`), { force: true });
  const files = [
    ...['index.html', 'sw.js'].map((name) => join(pages, name)),
    ...(await readdir(join(pages, 'assets')))
      .filter((name) => name.endsWith('.js'))
      .map((name) => join(pages, 'assets', name)),
  ];
  for (const file of files) {
    const text = await readFile(file, 'utf8');
    // What has no hash in its name is told apart by its revision.
    const built = text.replaceAll(beginning, newer).replace(/(url:"index\.html",revision:")\w+/, '$1newer');
    if (built === text) continue;
    await writeFile(file, built);
    // What lies packed beside it is still of before.
    await rm(`${file}.br`, { force: true });
  }
  return join(folder, 'packages', 'server', 'dist', 'main.js');
}
