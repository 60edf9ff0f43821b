import { brotliCompressSync, constants, gzipSync } from 'node:zlib';
import react from '@vitejs/plugin-react';
import { defineConfig, type Plugin } from 'vite';
import { inkSheet } from './src/app/tokens.ts';

/** The colours stand in the page itself. */
const inks: Plugin = {
  name: 'lupin-inks',
  transformIndexHtml: (html) => html.replace('<!-- inks -->', `<style>${inkSheet()}</style>`),
};

/** Below so many bytes packing gains nothing. */
const leastPacked = 1024;

/** Whatever is text lies there packed as well, so that it need not be packed anew for each visit; phones in the house ask for gzip. */
const packed: Plugin = {
  name: 'lupin-packed',
  apply: 'build',
  generateBundle: {
    order: 'post',
    handler(_options, bundle) {
      for (const [name, file] of Object.entries(bundle)) {
        const text = file.type === 'chunk' ? file.code : file.source;
        if (text.length < leastPacked || !/\.(js|css|html|svg|json)$/.test(name)) continue;
        const quality = { params: { [constants.BROTLI_PARAM_QUALITY]: 9 } };
        this.emitFile({ type: 'asset', fileName: `${name}.br`, source: brotliCompressSync(text, quality) });
        this.emitFile({ type: 'asset', fileName: `${name}.gz`, source: gzipSync(text, { level: 9 }) });
      }
    },
  },
};

export default defineConfig({
  plugins: [react(), inks, packed],
  worker: { format: 'es' },
  server: { port: 4401, proxy: { '/api': 'http://127.0.0.1:4400' } },
  build: { target: 'es2022', emptyOutDir: true, chunkSizeWarningLimit: 900 },
});
