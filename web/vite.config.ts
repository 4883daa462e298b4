import react from '@vitejs/plugin-react';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';

const source = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

export default defineConfig({
  plugins: [react()],
  resolve: {
    alias: {
      '@mardle/core': source('../core/src/index.ts'),
      '@mardle/contract': source('../contract/src/index.ts'),
    },
  },
  build: { outDir: 'dist', target: 'es2022', chunkSizeWarningLimit: 700 },
  worker: { format: 'es' },
  server: { proxy: { '/api': `http://127.0.0.1:${process.env['MARDLE_PORT'] ?? 4870}` } },
});
