import react from '@vitejs/plugin-react';
import { fileURLToPath } from 'node:url';
import { defineConfig } from 'vite';
import { VitePWA } from 'vite-plugin-pwa';

const source = (path: string): string => fileURLToPath(new URL(path, import.meta.url));

/** No file of the application is larger. */
const LARGEST_FILE_BYTES = 6_000_000;
/** So long a page waits for the server before it comes from the browser's own store, s. */
const SERVER_ANSWERS_WITHIN_S = 3;

/**
 * The application's own files are kept in the browser, so that the clocks of the ovens are there when a page is loaded again
 * while the server is away. The page itself is asked of the server first: a newer Mardle is seen at once.
 */
const keptFiles = VitePWA({
  registerType: 'autoUpdate',
  injectRegister: null,
  manifest: false,
  workbox: {
    globPatterns: ['index.html', 'assets/**/*.{js,css,woff2,woff}'],
    maximumFileSizeToCacheInBytes: LARGEST_FILE_BYTES,
    directoryIndex: null,
    cleanupOutdatedCaches: true,
    runtimeCaching: [
      {
        urlPattern: ({ request, url }) => request.mode === 'navigate' && !url.pathname.startsWith('/api'),
        handler: 'NetworkFirst',
        options: {
          cacheName: 'pages',
          networkTimeoutSeconds: SERVER_ANSWERS_WITHIN_S,
          precacheFallback: { fallbackURL: 'index.html' },
        },
      },
    ],
  },
});

export default defineConfig({
  plugins: [react(), keptFiles],
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
