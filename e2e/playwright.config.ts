import { defineConfig } from '@playwright/test';
import { urls } from './urls.js';

export default defineConfig({
  testDir: './stories',
  testMatch: '*.spec.ts',
  timeout: 600_000,
  // The machine may be busy: what is slow is not wrong.
  expect: { timeout: 60_000 },
  // Each has a server and a database of its own: stories do not meet.
  workers: urls.length,
  fullyParallel: false,
  reporter: process.env['PLAYWRIGHT_JSON_OUTPUT_NAME'] ? [['line'], ['json']] : 'line',
  use: {
    baseURL: urls[0],
    actionTimeout: 60_000,
    viewport: { width: 1280, height: 800 },
    // What fades is waited for by nobody.
    contextOptions: { reducedMotion: 'reduce' },
    // Stories see the server as it answers; the one of an offline reload lets the kept files serve.
    serviceWorkers: 'block',
    launchOptions: {
      executablePath: '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
});
