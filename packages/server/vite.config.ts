import { defineConfig } from 'vite';

/** Bundles the server, and the program of the threads beside it, with core and contract; packages from the registry stay outside. */
export default defineConfig({
  build: {
    ssr: true,
    outDir: 'dist',
    target: 'node20',
    sourcemap: true,
    rolldownOptions: { input: { main: 'src/main.ts', beside: 'src/beside.ts' } },
  },
  ssr: { noExternal: [/^@amber-ladle\//] },
});
