import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { build } from 'vite';
import type { TestProject } from 'vitest/node';

declare module 'vitest' {
  export interface ProvidedContext {
    /** The program of the threads beside a server, as a file that Node runs by itself. */
    besideProgram: string;
  }
}

/** Tests run what is written; a thread runs what Node reads: it is built once for all of them. */
export default async function setup(project: TestProject): Promise<void> {
  const here = join(dirname(fileURLToPath(import.meta.url)), '..');
  const outDir = join(here, 'node_modules', '.beside');
  await build({
    root: here,
    logLevel: 'error',
    build: { outDir, emptyOutDir: true, rolldownOptions: { input: { beside: join(here, 'src', 'beside.ts') } } },
  });
  project.provide('besideProgram', join(outDir, 'beside.js'));
}
