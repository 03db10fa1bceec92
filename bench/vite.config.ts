import { defineConfig } from 'vite';

export default defineConfig({
  build: { ssr: 'src/bench.ts', outDir: 'dist', target: 'node20' },
  ssr: { noExternal: [/^@amber-ladle\//] },
});
