import { defineConfig } from 'vite';

// One file that Node runs; packages from the registry stay outside it.
export default defineConfig({
  build: { ssr: 'src/main.ts', outDir: 'dist', target: 'node20', emptyOutDir: true },
  ssr: { noExternal: ['@lupin/core'], external: ['valibot'] },
});
