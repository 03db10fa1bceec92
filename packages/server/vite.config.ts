import { defineConfig } from 'vite';

/** Bundles the server with core and contract into one file; packages from the registry stay outside. */
export default defineConfig({
  build: {
    ssr: 'src/main.ts',
    outDir: 'dist',
    target: 'node20',
    sourcemap: true,
    // Checks are fetched where a page wants them; here everything is wanted.
    rolldownOptions: { output: { codeSplitting: false } },
  },
  ssr: { noExternal: [/^@amber-ladle\//] },
});
