import { defineConfig } from '@playwright/test';

const port = Number(process.env.BROWSER_TEST_PORT ?? 8191);
/** Two halves that take as long, side by side in bin/test, each with a salon of its own; without a half all of them run. */
const half = process.env.BROWSER_TEST_HALF;
const second = ['everybody', 'next', 'pace', 'screens', 'setup', 'shifts', 'slice', 'split', 'table', 'tablets'].map(
  (name) => `**/${name}.spec.ts`,
);

export default defineConfig({
  testDir: 'tests/Browser',
  ...(half === 'second' ? { testMatch: second } : {}),
  ...(half === 'first' ? { testIgnore: second } : {}),
  outputDir: `.cache/test-results-${port}`,
  // One salon, one server: the tests share its database and each brings its own dog.
  workers: 1,
  fullyParallel: false,
  forbidOnly: true,
  retries: 0,
  // Machines that run this are shared: waiting longer for the same thing is not a weaker check.
  timeout: 120_000,
  expect: { timeout: 15_000 },
  reporter: [['list'], ['./tests/Browser/failures.ts']],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    launchOptions: { executablePath: '/usr/bin/chromium-headless-shell' },
    // What was seen and asked for, without a copy of the page at every step: that took a sixth of the time.
    trace: { mode: 'retain-on-failure', snapshots: false, screenshots: true, sources: false },
  },
  webServer: {
    command: `bash tests/Browser/serve.sh ${port}`,
    url: `http://127.0.0.1:${port}/api/session`,
    timeout: 60_000,
    gracefulShutdown: { signal: 'SIGTERM', timeout: 5000 },
  },
});
