import { defineConfig } from '@playwright/test';
import { availableParallelism } from 'node:os';
import { ARGS, chromiumPath } from './scripts/chromium.mjs';

export default defineConfig({
  testDir: 'tests/e2e',
  // A test waits for a page, its server or its worker about as long as it works: one worker more than there are processors.
  workers: availableParallelism() + 1,
  fullyParallel: true,
  timeout: 120_000,
  // Waits, not measurements: a busy machine may be slow; speed is shown by npm run bench.
  expect: { timeout: 20_000 },
  reporter: 'list',
  use: {
    viewport: { width: 1280, height: 800 },
    // A service worker would answer from its cache instead of the server; tests of offline work allow it.
    serviceWorkers: 'block',
    launchOptions: { executablePath: chromiumPath(), args: ARGS },
  },
});
