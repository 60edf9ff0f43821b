import { existsSync } from 'node:fs';
import { defineConfig } from '@playwright/test';

const chromium = [
  process.env['LUPIN_CHROMIUM'],
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
].find((path) => path && existsSync(path));

export default defineConfig({
  testDir: '.',
  outputDir: '../test-results/browser',
  workers: 2,
  timeout: 120_000,
  expect: { timeout: 30_000 },
  reporter: [['list'], ['json', { outputFile: '../test-results/e2e.json' }]],
  use: {
    viewport: { width: 1280, height: 800 },
    // What moves costs much time here; with movement, `asking.spec.ts` is run.
    contextOptions: { reducedMotion: 'reduce' },
    // Each window would fetch and keep the whole shell: only where a device goes offline is that asked for.
    serviceWorkers: 'block',
    // A trace of every step costs nearly as much as the tests themselves: it is asked for where one fails.
    trace: process.env['LUPIN_TRACE'] ? 'retain-on-failure' : 'off',
    screenshot: 'only-on-failure',
    launchOptions: {
      ...(chromium ? { executablePath: chromium } : {}),
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
