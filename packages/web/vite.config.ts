import react from '@vitejs/plugin-react';
import { defineConfig } from 'vite';

export default defineConfig({
  plugins: [react()],
  worker: { format: 'es' },
  server: { port: 4401, proxy: { '/api': 'http://127.0.0.1:4400' } },
  build: { target: 'es2022', emptyOutDir: true, chunkSizeWarningLimit: 900 },
});
