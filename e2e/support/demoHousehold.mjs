import { startApp, temporaryFolder } from './app.mjs';

/**
 * The demo's household as its first start leaves it, filled once for all files of the browser tests.
 * @param {import('vitest/node').TestProject} project
 */
export default async function setup(project) {
  const { folder, remove } = await temporaryFolder();
  const app = await startApp({ dataFolder: folder });
  await app.stop();
  project.provide('demoFolder', folder);
  return remove;
}
