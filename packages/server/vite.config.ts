import { defineConfig } from 'vite';

/** These bring a program of the machine's own kind, which no bundle takes in. */
const NATIVE = ['@node-rs/argon2', '@photostructure/sqlite', 'sharp'];

/**
 * Bundles the server, and the program of the threads beside it, with all they need but what is native: a start reads a dozen
 * files and not the thousands of small ones of the packages, which is half of its time.
 */
export default defineConfig({
  build: {
    ssr: true,
    outDir: 'dist',
    target: 'node20',
    sourcemap: true,
    rolldownOptions: { input: { main: 'src/main.ts', beside: 'src/beside.ts' } },
  },
  ssr: { noExternal: true, external: NATIVE },
});
