import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { inkSheet } from './src/app/tokens.ts';

/** The colours stand in the page itself. */
const inks: Plugin = {
  name: 'lupin-inks',
  transformIndexHtml: (html) => html.replace('<!-- inks -->', `<style>${inkSheet()}</style>`),
};

export default defineConfig({
  plugins: [react(), inks],
  worker: { format: 'es' },
  server: { port: 4401, proxy: { '/api': 'http://127.0.0.1:4400' } },
  build: { target: 'es2022', emptyOutDir: true, chunkSizeWarningLimit: 900 },
});
